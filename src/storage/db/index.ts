export { openWorkshopDb } from './open';
export type { StoreName, WorkshopDb } from './open';
export { changeWorkshop, loadWorkshop } from './repository';
export type { StoredWorkshop, WorkshopChange } from './repository';
export { COLLECTION_NAMES, NO_RECORDS } from '../collections';
export type { CollectionName, Records } from '../collections';
