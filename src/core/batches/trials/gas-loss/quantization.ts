/**
 * Variance that averaging does not take away from readings rounded to a step: all of a rectangle's without trembling,
 * next to nothing once the trembling is half a step.
 * s^2 = step^2 / 12 x exp(-4 pi^2 (sd / step)^2). Source: Widrow and Kollar, Quantization Noise, not looked up (first
 * harmonic of the rounding error under normal dither, set to the rectangle's variance at none).
 * @param stepG over 0 @param noiseSdG 0 or more
 */
export function quantizationVariance(stepG: number, noiseSdG: number): number {
  return (stepG ** 2 / 12) * Math.exp(-4 * Math.PI ** 2 * (noiseSdG / stepG) ** 2);
}
