export {
  DANGEROUS,
  dangerousMeant,
  dangerousNamed,
  dangerousNear,
  dangersIn,
  isStop,
  type FoundDanger,
} from './find';
export type { DangerousSubstance } from './types';
