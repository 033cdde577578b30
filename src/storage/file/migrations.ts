/** Turns a file of one format version into the next; pure, on plain JSON. */
export interface Migration {
  /** The version it starts from; its result is `from + 1`. */
  readonly from: number;
  readonly name: string;
  readonly upgrade: (file: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

/** In order. Version 1 is the first, so there is none yet. */
export const MIGRATIONS: readonly Migration[] = [];

/** Runs every migration from the file's version up, each once. */
export function migrate(
  file: Readonly<Record<string, unknown>>,
  fromVersion: number,
  migrations: readonly Migration[] = MIGRATIONS,
): Record<string, unknown> {
  return migrations
    .filter((migration) => migration.from >= fromVersion)
    .reduce<Record<string, unknown>>(
      (current, { from, upgrade }) => ({ ...upgrade(current), formatVersion: from + 1 }),
      { ...file },
    );
}
