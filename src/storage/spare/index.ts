export { guardSpare } from './guard';
export { restoreSpare } from './restore';
export { sayRestored } from './words';
export { sparePlace } from './place';
