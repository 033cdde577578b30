export { COLORANTS } from './colorants';
export { powderHex } from './powder';
export { waterHex } from './water';
export { mostColorG } from './rate';
