/** Molds that only water measures. */
export const MOLD_FIGURES = ['heart', 'detail mold', 'jar', 'sachet', 'pack'] as const;
export type MoldFigure = (typeof MOLD_FIGURES)[number];
