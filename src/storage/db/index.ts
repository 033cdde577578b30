export { openWorkshopDb } from './open';
export type { StoreName, WorkshopDb } from './open';
export { changeWorkshop, loadWorkshop } from './repository';
export type { StoredWorkshop } from './repository';
