export { sayRefused, soundRecords } from './soundRecords';
export type { Refused, Sound } from './soundRecords';
