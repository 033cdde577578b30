export { unitedOf, type Sides } from './unitedOf';
export type { Voice } from './words';
