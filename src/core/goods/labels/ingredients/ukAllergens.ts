/**
 * Allergens that a cosmetic’s label names in the UK, which has not taken over the longer list of the EU.
 * Source: UK Cosmetics Regulation (1223/2009 as kept), annex III. Not checked against the current rule.
 */
export const IN_THE_UK: ReadonlySet<string> = new Set([
  'Amyl Cinnamal',
  'Amylcinnamyl Alcohol',
  'Anise Alcohol',
  'Benzyl Alcohol',
  'Benzyl Benzoate',
  'Benzyl Cinnamate',
  'Benzyl Salicylate',
  'Cinnamal',
  'Cinnamyl Alcohol',
  'Citral',
  'Citronellol',
  'Coumarin',
  'Eugenol',
  'Evernia Furfuracea Extract',
  'Evernia Prunastri Extract',
  'Farnesol',
  'Geraniol',
  'Hexyl Cinnamal',
  'Hydroxycitronellal',
  'Isoeugenol',
  'Limonene',
  'Linalool',
  'Methyl 2-Octynoate',
  'Alpha-Isomethyl Ionone',
]);
