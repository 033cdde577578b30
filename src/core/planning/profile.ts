/** How much of something is in use over time: sorted moments, and the use from each to the next. */
export interface Profile {
  readonly times: readonly number[];
  readonly uses: readonly number[];
}

export const EMPTY_PROFILE: Profile = { times: [0], uses: [0] };

/** A profile with so much more in use between two moments. */
export function withUse(profile: Profile, from: number, to: number, use: number): Profile {
  if (!(to > from) || use === 0) return profile;
  const times = [...profile.times];
  const uses = [...profile.uses];
  const first = splitAt(times, uses, from);
  const last = splitAt(times, uses, to);
  for (let i = first; i < last; i++) uses[i] = (uses[i] ?? 0) + use;
  return { times, uses };
}

/** Makes a moment a place of its own; answers where it stands. */
function splitAt(times: number[], uses: number[], moment: number): number {
  const at = indexAt(times, moment);
  if (times[at] === moment) return at;
  if ((times[at] ?? Infinity) > moment) {
    times.splice(at, 0, moment);
    uses.splice(at, 0, 0);
    return at;
  }
  times.splice(at + 1, 0, moment);
  uses.splice(at + 1, 0, uses[at] ?? 0);
  return at + 1;
}

/** Earliest moment, not before `from`, at which so much more is free for so long. Endless when it never is. */
export function earliestFree(
  { times, uses }: Profile,
  from: number,
  minutes: number,
  use: number,
  capacity: number,
  /** Later than this is of no use: endless then. */
  until = Infinity,
): number {
  if (use > capacity) return Infinity;
  let start = from;
  for (let i = indexAt(times, from); i < times.length; i++) {
    if (start + minutes > until + 1e-9) return Infinity;
    const begins = times[i] ?? 0;
    if (begins >= start + Math.max(minutes, 1e-9)) return start;
    if ((uses[i] ?? 0) + use > capacity + 1e-9) start = Math.max(from, times[i + 1] ?? Infinity);
  }
  return start + minutes > until + 1e-9 ? Infinity : start;
}

/** The place that a moment falls into. */
function indexAt(times: readonly number[], moment: number): number {
  let low = 0;
  let high = times.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((times[middle] ?? 0) <= moment) low = middle;
    else high = middle - 1;
  }
  return low;
}
