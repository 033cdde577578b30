export { claimsIn } from './claimsIn';
export type { Claim } from './claimsIn';
export type { ClaimVerdict } from './lexicon';
