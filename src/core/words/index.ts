export {
  counted,
  formatCount,
  formatFixed,
  formatGrams,
  formatPlain,
  sayGrams,
  sayPercent,
} from './numbers';
export { capital, inSentence, listed, shortened } from './names';
export { isFull, reasonOf } from './reason';
