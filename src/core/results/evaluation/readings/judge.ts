import type { Spread } from '@/core/basics/units/spread';
import type { Examined, JudgedReading, Window } from '../types';

export type Judge = (examined: Examined) => JudgedReading;

/** No side of it is judged. */
export const OPEN: Window = { low: null, high: null };

/** An interval only where there is one. */
export function certain(spread: Spread | null): Spread | null {
  return spread && spread.high > spread.low ? spread : null;
}
