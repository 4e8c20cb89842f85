/** The standard normal distribution. */

/** Half the central 95 % interval in standard deviations; the normal table's 1.959964, rounded as everywhere in the trade. */
export const Z95 = 1.96;

/** Distribution function, Abramowitz and Stegun 7.1.26, absolute error below 1.5e-7. */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const erf = 1 - ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-x * x);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/** Quantile for 0 < p < 1, Abramowitz and Stegun 26.2.23, absolute error below 4.5e-4. */
export function normalQuantile(p: number): number {
  if (p < 0.5) return -normalQuantile(1 - p);
  if (p === 0.5) return 0;
  const t = Math.sqrt(-2 * Math.log(1 - p));
  return t - (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t * t * t);
}
