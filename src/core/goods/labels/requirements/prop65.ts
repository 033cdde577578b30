/**
 * Ingredients by which California may ask for a warning, by label name, with what is in them.
 * Source: California Health and Safety Code 25249.6, its list of substances; common practice. Not looked up.
 */
const LISTED: Readonly<Record<string, string>> = {
  'CI 77891': 'titanium dioxide dust',
  Talc: 'dust with traces of asbestos',
  Silica: 'crystalline silica dust',
  Kaolin: 'crystalline silica dust',
  Bentonite: 'crystalline silica dust',
  'Rosmarinus Officinalis Leaf Oil': 'myrcene',
  'Cymbopogon Flexuosus Oil': 'myrcene',
  'Juniperus Communis Fruit Oil': 'myrcene',
  'Mentha Pulegium Oil': 'pulegone',
  'Ocimum Basilicum Oil': 'methyl eugenol',
  'Rosa Damascena Flower Oil': 'methyl eugenol',
  'Pimenta Acris Leaf Oil': 'methyl eugenol, myrcene',
  'Myristica Fragrans Kernel Oil': 'methyl eugenol, safrole',
};

/** What of an ingredient California lists; null for nothing known. */
export function californiaLists(name: string): string | null {
  return LISTED[name] ?? null;
}
