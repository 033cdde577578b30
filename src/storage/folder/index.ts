export { lookAtFolder } from './look';
export type { Look } from './look';
export type { LookOptions } from './writeOwn';
export { forgetFolder, keepFolder, nameDevice, storedFolder } from './keep';
export { deviceName, sayTrouble } from './words';
export { heavyLock } from '../heavyLock';
