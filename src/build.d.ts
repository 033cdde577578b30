/** What a whole record is in this build: a mark that changes with the schema and its rules. */
declare const __BUILD__: string;
