/**
 * Quantile of Student's t. Source: Hill 1970, algorithm 396, CACM 13, not looked up; error under 1e-3 from
 * two degrees of freedom up (see the test against table values).
 * @param p 0.5 to 1, ends excluded
 * @param degrees of freedom, over 0
 */
export function studentQuantile(p: number, degrees: number): number {
  const tail = 2 * (1 - p);
  if (degrees < 1.5) return Math.tan((Math.PI * (1 - tail)) / 2);
  if (Math.abs(degrees - 2) < 1e-9) return Math.sqrt(2 / (tail * (2 - tail)) - 2);
  const a = 1 / (degrees - 0.5);
  const b = (48 / a) * (1 / a);
  const c0 = ((20700 * a) / b - 98) * a - 16;
  const c = c0 * a + 96.36;
  const d = ((94.5 / (b + c) - 3) / b + 1) * Math.sqrt((a * Math.PI) / 2) * degrees;
  let y = (d * tail) ** (2 / degrees);
  if (y > 0.05 + a) {
    const x = normalQuantile(tail / 2);
    y = x * x;
    const c1 = degrees < 5 ? c + 0.3 * (degrees - 4.5) * (x + 0.6) : c;
    const c2 = (((0.05 * d * x - 5) * x - 7) * x - 2) * x + b + c1;
    y = (((((0.4 * y + 6.3) * y + 36) * y + 94.5) / c2 - y - 3) / b + 1) * x;
    y = Math.expm1(a * y * y);
  } else {
    y =
      ((1 / (((degrees + 6) / (degrees * y) - 0.089 * d - 0.822) * (degrees + 2) * 3) +
        0.5 / (degrees + 4)) *
        y -
        1) *
        ((degrees + 1) / (degrees + 2)) +
      1 / y;
  }
  return Math.sqrt(degrees * y);
}

/** Lower quantile of the standard normal. Source: Acklam's rational fit, not looked up; relative error 1.2e-9. */
function normalQuantile(p: number): number {
  const q = Math.sqrt(-2 * Math.log(p));
  if (p < 0.02425)
    return (
      (((((-7.784894002430293e-3 * q - 0.3223964580411365) * q - 2.400758277161838) * q -
        2.549732539343734) *
        q +
        4.374664141464968) *
        q +
        2.938163982698783) /
      ((((7.784695709041462e-3 * q + 0.3224671290700398) * q + 2.445134137142996) * q +
        3.754408661907416) *
        q +
        1)
    );
  const r = (p - 0.5) ** 2;
  return (
    ((((((-39.69683028665376 * r + 220.9460984245205) * r - 275.9285104469687) * r +
      138.357751867269) *
      r -
      30.66479806614716) *
      r +
      2.506628277459239) *
      (p - 0.5)) /
    (((((-54.47609879822406 * r + 161.5858368580409) * r - 155.6989798598866) * r +
      66.80131188771972) *
      r -
      13.28068155288572) *
      r +
      1)
  );
}
