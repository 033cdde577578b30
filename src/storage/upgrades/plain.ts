/** A stored record of any release: nothing is known of it but that it is one. */
export type Plain = Readonly<Record<string, unknown>>;

/** Everything stored in one format, by collection; the settings are a list of at most one. */
export type PlainRecords = Readonly<Record<string, readonly Plain[]>>;

export function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** What is no record becomes an empty one, which its schema then names. */
export function plainOf(value: unknown): Plain {
  return isPlain(value) ? value : {};
}

export function plainsOf(value: unknown): readonly Plain[] {
  return Array.isArray(value) ? value.map(plainOf) : [];
}
