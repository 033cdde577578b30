/** What must not be in a fizzing product, by the names people write, and what it does there. */
export interface DangerousSubstance {
  readonly id: string;
  /** What it is, inside a sentence. */
  readonly name: string;
  readonly why: string;
  readonly names: readonly string[];
  /** Left out for a stop. */
  readonly level?: 'warning';
  /** Barred in what touches skin; in a cleaning piece it is a warning. */
  readonly notOnSkin?: true;
}

/** Names of a list as it is written: parted by semicolons, over lines. */
export function namesIn(text: string): readonly string[] {
  return text
    .split(';')
    .map((name) => name.trim())
    .filter((name) => name !== '');
}
