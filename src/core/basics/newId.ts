const BYTES = 16;
/** Random bytes are asked for by the hundred ids: one by one takes longer than a page takes to read. */
const pool = new Uint8Array(BYTES * 128);
let next = pool.length;

/** A fresh UUID (version 4), from the random source that Node, workers and pages share. */
export function newId(): string {
  // randomUUID needs a secure context; getRandomValues does not, and a workshop may serve over plain http.
  if (next + BYTES > pool.length) {
    globalThis.crypto.getRandomValues(pool);
    next = 0;
  }
  const bytes = pool.slice(next, next + BYTES);
  next += BYTES;
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return [0, 8, 12, 16, 20]
    .map((start, i, starts) => hex.slice(start, starts[i + 1] ?? 32))
    .join('-');
}
