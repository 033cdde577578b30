export { openWorkshopDb } from './open';
export type { WorkshopDb } from './layout';
export { WRITTEN_STORES, knownDevice, newDeviceId, ownDevice, stampAfter } from './stamps';
export type { Device, OwnDevice, Stamp } from './stamps';
export type { FileMark, FolderState, Peer, Trouble } from './folderState';
export { putRecord } from './put';
export { writeUnited, type Written } from './writeUnited';
export { batchesOf, keepNear, loadWorkshop, photosOf, tellPast } from './repository';
export type { BroughtBatches, StoredWorkshop, ToldPast } from './repository';
