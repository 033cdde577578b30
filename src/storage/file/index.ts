export { folderSchema, workshopFileSchema } from './schema';
export { STORED_VERSION } from '../upgrades';
export type { FolderMarks, WorkshopFile } from './schema';
export { FORMAT_NAME } from './format';
export {
  MAX_FILE_BYTES,
  MAX_STREAM_BYTES,
  cutOff,
  failed,
  fileUpgraded,
  noJson,
  notOurs,
  readWorkshopFile,
  tooBig,
} from './read';
export type { FileProblemResult, FileResult } from './read';
export {
  CLOSED_LIST,
  closeFile,
  openFile,
  openList,
  recordLines,
  workshopFileName,
  writeWorkshopFile,
} from './write';
export type { WorkshopContents } from './write';
export { countRecords, previewImport } from './merge';
export { COLLECTION_NAMES, NO_RECORDS } from '../collections';
export type { CollectionName, Records } from '../collections';
export type { ImportPreview } from './merge';
export { sampleFrom } from './sample';
export { moveInTime } from './moveTimes';
