export { waterFor } from './waterFor';
export { USUAL_SETTINGS } from './settings';
export { settingsSchema } from './settingsSchema';
export type { Settings } from './settingsSchema';
export { smallMeasuresOf, squirtG } from './smallMeasures';
export { scaleFor } from './scaleFor';
