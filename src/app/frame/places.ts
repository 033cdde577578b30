/** A place one can walk to. Only places that work are listed. */
export interface Place {
  readonly route: string;
  readonly label: string;
}

/** In the order of the work. */
export const STATIONS: readonly Place[] = [
  { route: 'design', label: 'Design' },
  { route: 'scale', label: 'Scale' },
  { route: 'make', label: 'Make' },
  { route: 'dry', label: 'Dry' },
  { route: 'try', label: 'Try' },
  { route: 'pack', label: 'Pack' },
];

export const ROOMS: readonly Place[] = [
  { route: 'shelf', label: 'Shelf' },
  { route: 'calendar', label: 'Calendar' },
  { route: 'almanac', label: 'Almanac' },
  { route: 'workshop', label: 'Workshop' },
];

/** Pages inside a place light up its entry. */
const WITHIN: Readonly<Record<string, string>> = {
  formulas: 'design',
  batch: 'almanac',
  sheet: 'almanac',
};

export function placeOf(routeName: string): string {
  return WITHIN[routeName] ?? routeName;
}
