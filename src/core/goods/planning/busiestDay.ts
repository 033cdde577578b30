/** More bowls than this by one pair of hands in a day are asked about. Rovack estimate: an hour and a half each. */
const MOST_BOWLS_A_DAY = 5;

export interface BusyDay {
  readonly dayMs: number;
  readonly person: string;
  readonly bowls: number;
}

/** The day on which one person mixes the most bowls; null where no day has too many. @param dayOf a moment’s day, by the workshop’s clock */
export function busiestDay(
  steps: readonly { readonly step: string; readonly person: string; readonly startMs: number }[],
  dayOf: (ms: number) => number,
): BusyDay | null {
  const days = new Map<string, BusyDay>();
  for (const { step, person, startMs } of steps) {
    // The first step of a bowl: a second mixing is the same bowl’s.
    if (step !== 'mix' || person === '') continue;
    const dayMs = dayOf(startMs);
    const key = `${person}/${dayMs}`;
    days.set(key, { dayMs, person, bowls: (days.get(key)?.bowls ?? 0) + 1 });
  }
  const [most] = [...days.values()].sort((a, b) => b.bowls - a.bowls || a.dayMs - b.dayMs);
  return most && most.bowls > MOST_BOWLS_A_DAY ? most : null;
}
