/** Where a value comes from. `checked` is false where the source was not looked up: see docs/science.md. */
export const SOURCES = {
  handbook: { title: 'CRC Handbook of Chemistry and Physics. Not looked up', checked: false },
  usda: { title: 'USDA FoodData Central portion. Not looked up', checked: false },
  supplier: { title: 'Typical supplier data sheet. Not looked up', checked: false },
  labelStrength: { title: 'Strength on the label, taken by mass', checked: true },
  alcoholByVolume: {
    title: 'Strength on the label by volume, densities of the CRC Handbook. Not looked up',
    checked: true,
  },
  formula: { title: 'The chemical formula, IUPAC 2021 weights', checked: true },
  regulation: {
    title: 'US 21 CFR 73, 74, 82 and EU annex IV. Not checked against the current rule',
    checked: false,
  },
  maker: { title: 'Weighed or read by you', checked: true },
  practice: { title: 'Common practice', checked: true },
  model: { title: 'Rovack estimate', checked: true },
} as const;

export type SourceId = keyof typeof SOURCES;

/** A value and who says so. */
export interface Sourced<T> {
  readonly value: T;
  readonly source: SourceId;
}

/** Makes the short words the catalog is written in: `const usda = from('usda'); usda(4.6)`. */
export function from(source: SourceId): <const T>(value: T) => Sourced<T> {
  return (value) => ({ value, source });
}
