/** What a premix is to be made of, and how much of it. */
export interface PremixWish {
  readonly materialId: string;
  readonly carrierId: string;
  /** Of the mass of the premix, 0 to 100. */
  readonly strengthPct: number;
  readonly makeG: number;
}
