export { formulaTo2, settingsTo2 } from './toFormat2';
export { batchTo3, settingsTo3, toolsOf2 } from './toFormat3';
