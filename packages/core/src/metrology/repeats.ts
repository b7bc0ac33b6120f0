/** What repeated readings of one touch say, all in mm. */
export interface Repeats {
  n: number;
  mean: number;
  /** Sample standard deviation (n - 1); 0 for a single reading. */
  sd: number;
  /** Largest less smallest. */
  range: number;
  /** Indexes of readings too far from the median to be believed unexamined. Never left out of the mean here. */
  wild: number[];
}

/** What the wild-reading test needs to know of the method. */
export interface RepeatScatter {
  /** The method's own standard deviation, mm. */
  methodSd: number;
  /** The display step of the scale, mm. */
  resolution: number;
}

/**
 * Mean, sample standard deviation, range and wild readings of repeats of one touch.
 *
 * A reading is wild when it lies further from the median than the larger of four times the method's
 * own standard deviation and three display steps. The program only flags; people strike out.
 *
 * @param readings mm, at least one
 * @example repeats([-5.012, -5.008, -5.01], { methodSd: 0.006, resolution: 0.005 }).mean // -5.01
 */
export function repeats(readings: readonly number[], scatter: RepeatScatter): Repeats {
  const n = readings.length;
  const first = readings[0];
  if (first === undefined) throw new RangeError('repeats needs at least one reading');
  // Differences from the first reading keep the sums small, so 600.005 and 600.010 lose no digits.
  let shifts = 0;
  for (const reading of readings) shifts += reading - first;
  const meanShift = shifts / n;
  let squares = 0;
  for (const reading of readings) squares += (reading - first - meanShift) ** 2;
  const sd = n > 1 ? Math.sqrt(squares / (n - 1)) : 0;
  const { middle, least, most } = spreadOf(readings);
  const limit = Math.max(4 * scatter.methodSd, 3 * scatter.resolution);
  const slack = 1e-9;
  const wild: number[] = [];
  // Only where the ends lie too far out can one between them.
  if (Math.max(most - middle, middle - least) > limit + slack) {
    readings.forEach((reading, i) => {
      if (Math.abs(reading - middle) > limit + slack) wild.push(i);
    });
  }
  return { n, mean: first + meanShift, sd, range: most - least, wild };
}

function spreadOf(values: readonly number[]): { middle: number; least: number; most: number } {
  // Typed arrays sort as numbers, and fast.
  const sorted = new Float64Array(values).sort();
  const n = sorted.length;
  const high = sorted[Math.floor(n / 2)] ?? NaN;
  const low = sorted[Math.floor((n - 1) / 2)] ?? NaN;
  return { middle: (low + high) / 2, least: sorted[0] ?? NaN, most: sorted[n - 1] ?? NaN };
}
