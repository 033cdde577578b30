export { STORE_NAMES, openWorkshopDb } from './open';
export type { StoreName, WorkshopDb } from './open';
export { loadWorkshop } from './repository';
export type { StoredWorkshop } from './repository';
