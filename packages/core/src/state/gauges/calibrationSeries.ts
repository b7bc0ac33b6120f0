import type { Calibration, CalibrationFound, VoidedBy } from '../../records/shop/calibration';

/** One result of a thing kept in time. mm. */
export interface KeptResult {
  id: string;
  at: string;
  value: number;
  U: number;
  reference: string | undefined;
}

/** Results of one sort, and what broke them off. */
export interface KeptSeries {
  key: string;
  title: string;
  results: KeptResult[];
  /** Results since it was last renewed: the ones that can be held against each other. */
  current: KeptResult[];
}

/** When it was voided, and by what. */
export interface KeptVoid {
  id: string;
  at: string;
  why: VoidedBy;
}

type Figure = { key: string; title: string; value: number; U?: number | undefined };

interface Single {
  what: string;
  value: number;
  U?: number | undefined;
}

const named = ({ what, value, U }: Single, title: string): Figure[] => [{ key: what, title, value, U }];

/** The figures of a result that are followed in time. */
function figuresOf(found: CalibrationFound, across: readonly [string, string]): Figure[] {
  switch (found.what) {
    case 'size':
      return named(found, 'Size');
    case 'touch':
      // A scatter told without its own U came of few approaches: it is known to about half of itself.
      return [{ key: 'touch', title: 'Scatter of a touch', value: found.value, U: found.U ?? found.value / 2 }];
    case 'run-out':
      return named(found, 'Run-out');
    case 'width':
      return named(found, 'Width of its plate');
    case 'length':
      return named(found, 'Length');
    case 'arm':
      return named(found, 'Offset on its arm');
    case 'backlash':
      return named(found, 'Backlash');
    case 'trigger':
      return [{ key: `trigger ${found.machineId}`, title: 'Z where it answers', value: found.value, U: found.U }];
    case 'offsets':
      return (['x', 'y', 'z'] as const).map((axis) => ({
        key: `offsets ${axis}`,
        title: `Adds on ${axis.toUpperCase()}`,
        value: found[axis],
        U: found.U,
      }));
    case 'errors': {
      const worst = found.errors.reduce((most, one) => (Math.abs(one.error) > Math.abs(most.error) ? one : most));
      return [{ key: 'errors', title: 'Largest it reads over', value: worst.error, U: worst.U }];
    }
    case 'centre':
      // What a paper says is no result of this machine's own.
      if (found.by === 'maker') return [];
      return ([0, 1] as const).map((i) => ({
        key: `centre ${i}`,
        title: `Centre, ${across[i]}`,
        value: found.at[i],
        U: found.U[i],
      }));
    case 'radii':
    case 'spring':
    case 'sense':
    case 'void':
      return [];
  }
}

/**
 * What was found of a thing, sort by sort, in the order it was found.
 *
 * @param usualU U where none was told, mm: as its kind has it
 * @param across names of the two coordinates of a centre
 */
export function seriesOf(
  calibrations: readonly Calibration[],
  usualU: number,
  across: readonly [string, string] = ['X', 'Y'],
): KeptSeries[] {
  const all = new Map<string, KeptSeries>();
  const renewed = voidsOf(calibrations).findLast(({ why }) => why === 'new-stylus' || why === 'repaired')?.at ?? '';
  for (const { id, at, found, reference } of calibrations) {
    for (const { key, title, value, U } of figuresOf(found, across)) {
      const series = all.get(key) ?? { key, title, results: [], current: [] };
      const result = { id, at, value, U: U ?? usualU, reference };
      series.results.push(result);
      if (at > renewed) series.current.push(result);
      all.set(key, series);
    }
  }
  return [...all.values()];
}

/** When a thing was voided, in the order it happened. */
export const voidsOf = (calibrations: readonly Calibration[]): KeptVoid[] =>
  calibrations.flatMap(({ id, at, found }) => (found.what === 'void' ? [{ id, at, why: found.why }] : []));
