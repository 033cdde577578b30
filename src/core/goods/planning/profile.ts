/** How much of something is in use over time: sorted moments, and the use from each to the next. Changed in place. */
export interface Profile {
  readonly times: number[];
  readonly uses: number[];
}

export const emptyProfile = (): Profile => ({ times: [0], uses: [0] });

export function copyOf({ times, uses }: Profile): Profile {
  return { times: times.slice(), uses: uses.slice() };
}

/** So much more is in use between two moments. */
export function addUse({ times, uses }: Profile, from: number, to: number, use: number): void {
  if (!(to > from) || use === 0) return;
  const first = splitAt(times, uses, from);
  const last = splitAt(times, uses, to);
  for (let i = first; i < last; i++) uses[i] = (uses[i] ?? 0) + use;
  // Where nothing changes any more is no moment: what is taken back leaves no trace.
  for (const at of [last, first])
    if (at > 0 && uses[at] === uses[at - 1]) {
      takeOut(times, at);
      takeOut(uses, at);
    }
}

/** Makes a moment a place of its own; answers where it stands. */
function splitAt(times: number[], uses: number[], moment: number): number {
  const at = indexAt(times, moment);
  if (times[at] === moment) return at;
  if ((times[at] ?? Infinity) > moment) {
    putIn(times, at, moment);
    putIn(uses, at, 0);
    return at;
  }
  putIn(times, at + 1, moment);
  putIn(uses, at + 1, uses[at] ?? 0);
  return at + 1;
}

// By hand, for speed: splice makes a list of what it took out, and this is done some million times.
function putIn(values: number[], at: number, value: number): void {
  values.push(value);
  for (let i = values.length - 1; i > at; i--) values[i] = values[i - 1] as number;
  values[at] = value;
}
function takeOut(values: number[], at: number): void {
  for (let i = at + 1; i < values.length; i++) values[i - 1] = values[i] as number;
  values.pop();
}

/** How much is in use at a moment. */
export function useAt({ times, uses }: Profile, moment: number): number {
  return uses[indexAt(times, moment)] ?? 0;
}

/** Earliest moment, not before `from`, at which so much more is free for so long. Endless when it never is. */
export function earliestFree(
  { times, uses }: Profile,
  from: number,
  minutes: number,
  use: number,
  capacity: number,
): number {
  if (use > capacity) return Infinity;
  let start = from;
  for (let i = indexAt(times, from); i < times.length; i++) {
    const begins = times[i] ?? 0;
    if (begins >= start + Math.max(minutes, 1e-9)) return start;
    if ((uses[i] ?? 0) + use > capacity + 1e-9) start = Math.max(from, times[i + 1] ?? Infinity);
  }
  return start;
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
