/** Who speaks of two sides, and which of them wins a tie. */
export interface Voice {
  /** The other side, after “in”. */
  readonly other: string;
  /** The side that loses a tie, as a version of it is named. */
  readonly loser: string;
  readonly hereWins: boolean;
}

/** A field that both sides changed, and what the side that lost made of it. */
export interface Clash {
  readonly field: string;
  readonly theirs: unknown;
}

const MOST_SHOWN = 60;

export function sayClashes(
  name: string,
  clashes: readonly Clash[],
  voice: Voice,
): readonly string[] {
  return clashes.map(({ field, theirs }) => {
    const text = typeof theirs === 'string' ? theirs : (JSON.stringify(theirs) ?? 'nothing');
    const shown = text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text;
    return `${name} was changed here and in ${voice.other}: ${field} ${
      voice.hereWins
        ? `stays as it is here; there it is ${shown}`
        : `is now as it is there; here it was ${shown}`
    }.`;
  });
}

export function sayVersion(name: string, { other, loser, hereWins }: Voice): string {
  return `${name} was changed here and in ${other}: what ${hereWins ? 'stands there' : 'stood here'} is kept as its version “${loser}”.`;
}

/** A record that was removed here while it changed elsewhere, or the other way round, stays. */
export function sayKept(name: string, other: string, wasRemovedHere: boolean): string {
  return wasRemovedHere
    ? `${name} was removed here and changed in ${other}: it stays.`
    : `${name} was removed in ${other} and changed here: it stays.`;
}
