/** A screen one can go to. Only screens that work are listed. */
export interface Place {
  readonly route: string;
  readonly label: string;
  /** What it is for, in one line under its name. */
  readonly purpose: string;
}

/** In the order of the work. */
export const STATIONS: readonly Place[] = [
  { route: 'design', label: 'Design', purpose: 'Build and check a formula' },
  { route: 'scale', label: 'Scale', purpose: 'How many, and what to weigh' },
  { route: 'make', label: 'Make', purpose: 'Weigh, mix and press, step by step' },
  { route: 'dry', label: 'Dry', purpose: 'Follow the pieces on the trays' },
  { route: 'try', label: 'Try', purpose: 'Test pieces in water and learn from them' },
  { route: 'pack', label: 'Pack', purpose: 'Label, wrap and sell' },
];

export const ROOMS: readonly Place[] = [
  { route: 'shelf', label: 'Shelf', purpose: 'Materials, lots, molds, tools and packaging' },
  { route: 'calendar', label: 'Calendar', purpose: 'Orders, and the plan to make them on time' },
  { route: 'almanac', label: 'Almanac', purpose: 'Batch log and what it taught' },
  { route: 'workshop', label: 'Workshop', purpose: 'Files, units, people and devices' },
];

/** Pages inside a place light up its entry. */
const WITHIN: Readonly<Record<string, string>> = {
  formulas: 'design',
  formula: 'design',
  step: 'make',
  test: 'try',
  batch: 'almanac',
  sheet: 'almanac',
};

/** The place that a route is in. */
export function placeOf(routeName: string): Place | undefined {
  const name = WITHIN[routeName] ?? routeName;
  return [...STATIONS, ...ROOMS].find(({ route }) => route === name);
}
