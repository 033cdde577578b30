export { scentReading } from './load';
export type { ScentReading } from './load';
