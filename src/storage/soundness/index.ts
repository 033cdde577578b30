export { sayRefused } from './refused';
export type { Refused } from './refused';
export { soundRecords } from './soundRecords';
export type { Sound } from './soundRecords';
