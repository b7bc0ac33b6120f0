import { DEGREES } from '../../units/degrees';

/** An ellipse about a point: half axes, mm, and the direction of the longer one, degrees from X. */
export interface Ellipse {
  long: number;
  short: number;
  angle: number;
}

/** Root of the chi-square of two degrees of freedom at 95 %. */
const JOINT = Math.sqrt(5.991464547);

/**
 * The ellipse that holds a point of the plane in 95 of 100 cases, from its covariance
 * (JCGM 102:2011, 6.5.2, coverage region for a bivariate quantity). mm.
 *
 * @example ellipse({ xx: 1, xy: 0, yy: 4 }) // { long: 4.896, short: 2.448, angle: 90 }
 */
export function ellipse({ xx, xy, yy }: { xx: number; xy: number; yy: number }): Ellipse {
  const middle = (xx + yy) / 2;
  const swing = Math.hypot((xx - yy) / 2, xy);
  const angle = (Math.atan2(2 * xy, xx - yy) / 2) * DEGREES;
  return {
    long: JOINT * Math.sqrt(Math.max(0, middle + swing)),
    short: JOINT * Math.sqrt(Math.max(0, middle - swing)),
    angle: ((angle % 180) + 180) % 180,
  };
}
