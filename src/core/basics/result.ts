/** What may fail: its value, or what is wrong, as a sentence where nothing else is said. */
export type Result<T, P = string> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: P };
