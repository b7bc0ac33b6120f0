/** The two units a length is shown in. Everything inside core is float64 millimetres. */
export type LengthUnit = 'mm' | 'in';

/** One inch in millimetres, exact since the international yard and pound agreement of 1959. */
export const INCH = 25.4;

/** Longest length taken as meant, mm. Ten metres is beyond any mill this is for. */
export const MAX_LENGTH = 10_000;

/** Decimals shown by default: 0.001 mm, 0.0001 in. */
export const DEFAULT_DECIMALS: Readonly<Record<LengthUnit, number>> = { mm: 3, in: 4 };

/** Millimetres in one `unit`. */
export const millimetresPer = (unit: LengthUnit): number => (unit === 'in' ? INCH : 1);
