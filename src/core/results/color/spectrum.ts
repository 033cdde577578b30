/** Wavelengths the color of water is computed at, nm. */
export const FIRST_NM = 380;
export const STEP_NM = 10;

/** Relative power of daylight D65 from 380 to 780 nm every 10. Source: CIE 15 (ISO 11664-2), not looked up. */
const D65 = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35,
  107.8, 104.79, 107.69, 104.41, 104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7,
  80.03, 80.21, 82.28, 78.28, 69.72, 71.61, 74.35, 61.6, 69.89, 75.09, 63.59, 46.42, 66.81, 63.38,
] as const;

/** Where light is computed at, nm. */
export const WAVELENGTHS_NM: readonly number[] = D65.map((_, i) => FIRST_NM + i * STEP_NM);

export type Triple = readonly [number, number, number];

/**
 * CIE XYZ of daylight after a transmittance, unscaled.
 * Source: CIE 1931 observer by the multi-lobe fit of Wyman, Sloan and Shirley (JCGT 2013), not looked up; D65.
 * @param absorbance at each of {@link WAVELENGTHS_NM}, 0 or more: a tenth comes through for each 1
 */
export function daylightXyz(absorbance: Float64Array): Triple {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < DAYLIGHT_SEEN.length; i++) {
    const seen = DAYLIGHT_SEEN[i] ?? BLIND;
    const share = Math.exp(-Math.LN10 * (absorbance[i] ?? 0));
    x += seen[0] * share;
    y += seen[1] * share;
    z += seen[2] * share;
  }
  return [x, y, z];
}

function lobe(nm: number, peak: number, widthBelow: number, widthAbove: number): number {
  const t = (nm - peak) / (nm < peak ? widthBelow : widthAbove);
  return Math.exp(-0.5 * t * t);
}

const BLIND: Triple = [0, 0, 0];
/** Daylight as the observer weighs it, at each wavelength. */
const DAYLIGHT_SEEN: readonly Triple[] = D65.map((power, i) => {
  const nm = WAVELENGTHS_NM[i] ?? 0;
  return [
    power *
      (1.056 * lobe(nm, 599.8, 37.9, 31) +
        0.362 * lobe(nm, 442, 16, 26.7) -
        0.065 * lobe(nm, 501.1, 20.4, 26.2)),
    power * (0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1)),
    power * (1.217 * lobe(nm, 437, 11.8, 36) + 0.681 * lobe(nm, 459, 26, 13.8)),
  ];
});
