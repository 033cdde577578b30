/** Of the database and of every file that is written: what the last upgrade leads to. */
export const STORED_VERSION = 13;
