/** What a supplier's document says of one scent; null where it says nothing. */
export interface ScentDocument {
  readonly materialId: string;
  /** Most of this scent in a rinse-off product, % by mass, over 0 to 100. */
  readonly maxPct: number | null;
  /** Vanillin in the scent, % by mass, 0 to 100. */
  readonly vanillinPct: number | null;
  /** Closed-cup flash point, °C. */
  readonly flashPointC: number | null;
  /** Day of the document, ISO 8601. */
  readonly dated: string;
}
