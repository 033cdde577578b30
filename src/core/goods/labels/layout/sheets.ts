import type { LabelDesign } from '../designSchema';

/** Where one label lies on a sheet. */
export interface Seat {
  readonly page: number;
  readonly xMm: number;
  readonly yMm: number;
}

/**
 * Places of so many labels, row by row, on a sheet of which some places may be used already.
 * @param from place to begin at on the first sheet, from 1
 * @throws RangeError for a place that the sheet does not have
 */
export function seatsFor(design: LabelDesign, count: number, from: number): readonly Seat[] {
  const { sheet, widthMm, shape } = design;
  const heightMm = shape === 'round' ? widthMm : design.heightMm;
  const perSheet = sheet.columns * sheet.rows;
  if (!(Number.isInteger(from) && from >= 1 && from <= perSheet))
    throw new RangeError(`from must be 1 to ${perSheet}, got ${from}`);
  return Array.from({ length: count }, (_, i) => {
    const at = from - 1 + i;
    const place = at % perSheet;
    return {
      page: Math.floor(at / perSheet),
      xMm: sheet.leftMm + (place % sheet.columns) * (widthMm + sheet.gapXMm),
      yMm: sheet.topMm + Math.floor(place / sheet.columns) * (heightMm + sheet.gapYMm),
    };
  });
}
