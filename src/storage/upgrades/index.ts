export { formulaTo2, settingsTo2 } from './toFormat2';
