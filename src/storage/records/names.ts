/** Every list of records a workshop keeps, by its name in the database and in the file. What each is made of: `registry`. */
export const COLLECTION_NAMES = [
  'materials',
  'formulas',
  'batches',
  'lots',
  'molds',
  'tools',
  'rooms',
  'photos',
  'trials',
  'ladders',
  'packaging',
  'units',
  'goods',
  'orders',
  'documents',
  'documentFiles',
  'logbook',
  'stabilityPlans',
] as const;

export type CollectionName = (typeof COLLECTION_NAMES)[number];
export function isCollection(name: string): name is CollectionName {
  return (COLLECTION_NAMES as readonly string[]).includes(name);
}
