/** The entry of a list at a place that is known to be there; not for inner loops. @throws RangeError where it is not */
export function entryAt<T>(list: ArrayLike<T>, i: number): T {
  const entry = list[i];
  if (entry === undefined) throw new RangeError(`a list of ${list.length} has no entry ${i}`);
  return entry;
}

/** The entry at a place that a loop has just counted to. It is not looked for again: for inner loops alone. */
export function inLoop<T>(list: ArrayLike<T>, i: number): T {
  return list[i] as T;
}
