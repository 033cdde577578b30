/** Shapes Crank's series is summed for. `sizeMm` is the radius of a sphere or cylinder, half the thickness of a slab. */
export type DryingShape = 'sphere' | 'cylinder' | 'slab';

/** Zeros of the Bessel function J0; from the fifth on McMahon's expansion is exact to 1e-6. Source: Abramowitz and Stegun 9.5, not looked up. */
const J0_ZEROS = [2.404825557695773, 5.520078110286311, 8.653727912911013, 11.791534439014281];
const TERMS = 400;

/**
 * Share of the water that can go that has gone, after a time, from a body of even wetness whose
 * surface is at once as dry as the room: Crank's series.
 * Source: Crank, The Mathematics of Diffusion, 2nd ed., equations 4.18, 5.23, 6.20.
 * @param reducedTime D t / a^2, 0 or more, without unit
 * @returns 0 to 1
 * @throws RangeError when reducedTime is below 0 or not finite
 */
export function lossFraction(shape: DryingShape, reducedTime: number): number {
  if (!(reducedTime >= 0 && reducedTime < Infinity))
    throw new RangeError(`reducedTime must be 0 or more, got ${reducedTime}`);
  if (reducedTime === 0) return 0;
  let left = 0;
  for (let n = 1; n <= TERMS; n++) {
    const { weight, rate } = term(shape, n);
    const decay = Math.exp(-rate * reducedTime);
    left += weight * decay;
    if (decay < 1e-15) break;
  }
  return Math.min(1, Math.max(0, 1 - left));
}

function term(shape: DryingShape, n: number): { weight: number; rate: number } {
  if (shape === 'sphere') {
    const root = n * Math.PI;
    return { weight: 6 / root ** 2, rate: root ** 2 };
  }
  if (shape === 'slab') {
    const root = ((2 * n - 1) * Math.PI) / 2;
    return { weight: 2 / root ** 2, rate: root ** 2 };
  }
  const root = J0_ZEROS[n - 1] ?? mcMahon(n);
  return { weight: 4 / root ** 2, rate: root ** 2 };
}

function mcMahon(n: number): number {
  const b = (n - 0.25) * Math.PI;
  return b + 1 / (8 * b) - 124 / (3 * (8 * b) ** 3);
}
