/** How often each device has written a record, by device: which of two states came of the other, whatever the clocks say. */
export type VersionVector = Readonly<Record<string, number>>;

/** `mine` against `theirs`: the same, older, newer, or each with something that the other has not seen. */
export type Order = 'same' | 'before' | 'after' | 'apart';

/** @see Parker et al., Detection of Mutual Inconsistency in Distributed Systems, 1983 (not looked up) */
export function compareVectors(mine: VersionVector, theirs: VersionVector): Order {
  const devices = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  let isBehind = false;
  let isAhead = false;
  for (const device of devices) {
    const [here, there] = [mine[device] ?? 0, theirs[device] ?? 0];
    if (here < there) isBehind = true;
    if (here > there) isAhead = true;
  }
  if (isBehind && isAhead) return 'apart';
  return isBehind ? 'before' : isAhead ? 'after' : 'same';
}

/** What has seen both. */
export function joined(mine: VersionVector, theirs: VersionVector): VersionVector {
  const both: Record<string, number> = { ...mine };
  for (const [device, count] of Object.entries(theirs))
    both[device] = Math.max(both[device] ?? 0, count);
  return both;
}
