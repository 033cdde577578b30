/** Water has to wet the surface first: wear starts from nothing and is under way after so many seconds. Rovack estimate. */
export const WETTING_S = 4;

/** Seconds of full wear that so many seconds in the water amount to. @param seconds 0 or more */
export function wornS(seconds: number): number {
  return seconds - WETTING_S * (1 - Math.exp(-seconds / WETTING_S));
}
