export { counted, formatCount, formatFixed, formatGrams, sayGrams, sayPercent } from './numbers';
export { capital, inSentence, listed } from './names';
