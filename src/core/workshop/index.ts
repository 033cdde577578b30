export { waterFor } from './waterFor';
export { USUAL_SETTINGS, settingsSchema } from './settings';
export type { Settings } from './settings';
export { smallMeasuresOf, squirtG } from './smallMeasures';
