/** Stands in the built page where the server puts a nonce of its own into each answer. */
export const NONCE = 'rovack-nonce';
