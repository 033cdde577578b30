export { openSession } from './session';
export type { Change, SaveStatus, Session, SessionEvents } from './session';
export { COLLECTION_NAMES, NO_RECORDS, isCollection } from '../collections';
export type { CollectionName, RecordOf, Records } from '../collections';
