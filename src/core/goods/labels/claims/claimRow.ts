export type ClaimVerdict = 'look' | 'drug' | 'pesticide';

export interface ClaimRow {
  readonly verdict: ClaimVerdict;
  /** Whose rules it falls under where the verdict does not say. */
  readonly topic?: 'green';
  /** Words that make the claim. */
  readonly words: RegExp;
  /** The same words in a harmless turn of speech. */
  readonly but?: RegExp;
  readonly why: string;
  readonly instead: string;
}
