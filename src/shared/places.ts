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
  { route: 'practice', label: 'Practice', purpose: 'Made-up bowls to learn the bench on' },
  { route: 'workshop', label: 'Workshop', purpose: 'Files, units, people and devices' },
];

/** The sides of the screens that have several, by the route that bears them; the first is open where an address names none. */
export const SIDES = {
  formula: [
    { value: 'piece', word: 'Piece' },
    { value: 'steps', word: 'Steps' },
    { value: 'scent', word: 'Scent' },
    { value: 'color', word: 'Color' },
    { value: 'tub', word: 'Tub' },
    { value: 'rebalance', word: 'Rebalance' },
    { value: 'versions', word: 'Versions' },
  ],
  scale: [
    { value: 'weights', word: 'Weights' },
    { value: 'spread', word: 'Why weigh' },
    { value: 'cost', word: 'Cost' },
    { value: 'sheet', word: 'Bench sheet' },
    { value: 'class', word: 'Class sheet' },
    { value: 'together', word: 'Several formulas' },
  ],
  try: [
    { value: 'now', word: 'New test' },
    { value: 'cup', word: 'Cup test' },
    { value: 'retained', word: 'Retained samples' },
    { value: 'all', word: 'All tests' },
  ],
  pack: [
    { value: 'label', word: 'Label' },
    { value: 'product', word: 'Product' },
    { value: 'stock', word: 'Stock' },
    { value: 'papers', word: 'Papers' },
    { value: 'books', word: 'Books' },
  ],
  calendar: [
    { value: 'tide', word: 'Tide table' },
    { value: 'orders', word: 'Orders' },
    { value: 'today', word: 'Today' },
    { value: 'week', word: 'Week' },
    { value: 'to-buy', word: 'To buy' },
  ],
  almanac: [
    { value: 'batches', word: 'Batches' },
    { value: 'map', word: 'Weather map' },
    { value: 'taught', word: 'What it taught' },
    { value: 'season', word: 'Season card' },
    { value: 'compare', word: 'Compare' },
  ],
  shelf: [
    { value: 'lots', word: 'Lots' },
    { value: 'materials', word: 'Materials' },
    { value: 'packaging', word: 'Packaging' },
    { value: 'molds', word: 'Molds' },
    { value: 'tools', word: 'Tools' },
    { value: 'log', word: 'Checks and cleaning' },
    { value: 'to-buy', word: 'To buy' },
  ],
} as const;

/** Values of the sides of a screen, as they stand in its address. */
export const valuesOf = <T extends string>(sides: readonly { readonly value: T }[]): readonly T[] =>
  sides.map(({ value }) => value);

/** Pages inside a place light up its entry. */
const WITHIN: Readonly<Record<string, string>> = {
  formulas: 'design',
  formula: 'design',
  step: 'make',
  test: 'try',
  batch: 'almanac',
  taught: 'almanac',
  sheet: 'almanac',
};

/** The place that a route is in. */
export function placeOf(routeName: string): Place | undefined {
  const name = WITHIN[routeName] ?? routeName;
  return [...STATIONS, ...ROOMS].find(({ route }) => route === name);
}
