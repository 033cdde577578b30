export { guardSpare } from './guard';
export { restoreSpare, type Restored } from './restore';
export { sayRestored } from './words';
export { sparePlace } from './place';
