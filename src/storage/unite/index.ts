export { decided, sayOtherValue } from './decided';
export { editedOver, type Held } from './editedOver';
export { isPlain, type Sides } from './plain';
export { unitedOf } from './unitedOf';
export type { Voice } from './words';
