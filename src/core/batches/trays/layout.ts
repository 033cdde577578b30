/** Where pieces lie on trays, seen from above. */
export interface TrayLayout {
  readonly trays: number;
  readonly rows: number;
  readonly columns: number;
  /** Pieces on each tray, in turn. */
  readonly perTray: readonly number[];
}

/** More pieces than this are one picture too many: the tray stands for all of them. */
const MOST_DRAWN = 60;

/**
 * Pieces in rows on as many trays as they need, each tray as square as its picture.
 * @param pieces 0 or more @param places on one tray, 1 or more
 * @param aspect width over height of a tray's picture, over 0
 */
export function trayLayout(pieces: number, places: number, aspect: number): TrayLayout {
  if (!(pieces >= 0 && places >= 1 && aspect > 0))
    throw new RangeError(
      `pieces, places and aspect must be positive, got ${pieces}, ${places}, ${aspect}`,
    );
  const onOne = Math.min(places, MOST_DRAWN, Math.max(1, pieces));
  const columns = Math.max(1, Math.round(Math.sqrt(onOne * aspect)));
  const trays = Math.max(1, Math.ceil(pieces / Math.min(places, MOST_DRAWN)));
  return {
    trays,
    columns,
    rows: Math.ceil(onOne / columns),
    perTray: Array.from({ length: trays }, (_, i) =>
      Math.min(onOne, Math.max(0, pieces - i * Math.min(places, MOST_DRAWN))),
    ),
  };
}
