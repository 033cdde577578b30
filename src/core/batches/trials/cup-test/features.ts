/**
 * What a line, or a bow, asks of a place: 1, each factor, and where it bends each square and each pair.
 * @param place each factor from -1 at its lowest to 1 at its highest
 */
export function featuresOf(place: readonly number[], bends: boolean): readonly number[] {
  const squares = bends ? place.flatMap((x, i) => place.slice(i).map((y) => x * y)) : [];
  return [1, ...place, ...squares];
}

/** Places of an even grid over all factors. @param levels of each, 2 or more */
export function gridOf(factors: number, levels: number): readonly (readonly number[])[] {
  const axis = Array.from({ length: levels }, (_, i) => -1 + (2 * i) / (levels - 1));
  return Array.from({ length: factors }).reduce<readonly (readonly number[])[]>(
    (places) => places.flatMap((place) => axis.map((x) => [...place, x])),
    [[]],
  );
}
