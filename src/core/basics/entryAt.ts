/** The entry of a list at a place that is known to be there; not for inner loops, where one function that every list goes through is four times slower than the list itself. @throws RangeError where it is not */
export function entryAt<T>(list: ArrayLike<T>, i: number): T {
  const entry = list[i];
  if (entry === undefined) throw new RangeError(`a list of ${list.length} has no entry ${i}`);
  return entry;
}
