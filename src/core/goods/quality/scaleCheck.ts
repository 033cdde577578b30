import type { LogbookOf } from './logbook';

/** A scale of more steps than this is one of the finer class. */
const MEDIUM_CLASS_MOST_STEPS = 10_000;

/**
 * Largest error on initial verification, in steps, up to so many steps of load.
 * Source: OIML R 76-1:2006, table 6, classes II and III; not checked against the current text.
 */
const ERRORS: Readonly<
  Record<'fine' | 'medium', readonly (readonly [toSteps: number, steps: number])[]>
> = {
  fine: [
    [5000, 0.5],
    [20_000, 1],
    [Infinity, 1.5],
  ],
  medium: [
    [500, 0.5],
    [2000, 1],
    [Infinity, 1.5],
  ],
};
/** In use, twice the error of the first verification. Source: OIML R 76-1:2006, 3.5.2. */
const IN_USE = 2;

/** Largest error a scale in use may show, grams. @param weightG the known weight, 0 or more */
export function allowedErrorG({
  stepG,
  capacityG,
  weightG,
}: Pick<LogbookOf<'scale-check'>, 'stepG' | 'capacityG' | 'weightG'>): number {
  // Rounded: 500 g over 0.1 g is not quite 5000.
  const steps = (massG: number) => Math.round((massG / stepG) * 1e6) / 1e6;
  const kind = steps(capacityG) > MEDIUM_CLASS_MOST_STEPS ? 'fine' : 'medium';
  const [, error = 0] = ERRORS[kind].find(([to]) => steps(weightG) <= to) ?? [];
  return IN_USE * error * stepG;
}

/** Does a scale still weigh as it should? */
export function passesCheck(check: LogbookOf<'scale-check'>): boolean {
  // A hair over for the arithmetic of decimals.
  return Math.abs(check.shownG - check.weightG) <= allowedErrorG(check) * (1 + 1e-9) + 1e-9;
}
