/** Most terms of the series that are summed, and the share below which the rest of it tells nothing. */
const TERMS = 60;
const NOTHING = 1e-4;

/**
 * How alike two readings of one touch are rounded, 0 to 1: alike where they scatter far less than a display step, each by
 * itself where they scatter over a step or more. Correlation of the rounding errors of two normal variates, the place
 * within the step unknown (Fourier series of the rounding error; Widrow and Kollár, quantization noise).
 *
 * @param scatter standard deviation over the display step
 */
export function roundedAlike(scatter: number): number {
  if (scatter === 0) return 1;
  let sum = 0;
  for (let k = 1; k <= TERMS; k += 1) {
    const term = Math.exp(-4 * (Math.PI * k * scatter) ** 2) / k ** 2;
    sum += term;
    if (term < NOTHING) break;
  }
  return (6 / Math.PI ** 2) * sum;
}

/**
 * Standard uncertainty that a display step leaves in the mean of so many readings, in the step's unit: each reading is
 * rounded, not their mean, so several coarse readings that scatter are several roundings (JCGM 100:2008, F.2.2.1).
 *
 * @param sd what one reading scatters by, same unit
 * @example roundingOfMean(0.012, 1, 0.002) // 0.00346…
 */
export function roundingOfMean(step: number, n: number, sd: number): number {
  if (step === 0) return 0;
  const alike = roundedAlike(sd / step);
  return (step / Math.sqrt(12)) * Math.sqrt((1 + (n - 1) * alike) / n);
}
