export { lookAtFolder } from './look';
export type { Look, LookOptions } from './look';
export { forgetFolder, keepFolder, nameDevice, storedFolder } from './keep';
export { deviceName, sayTrouble } from './words';
