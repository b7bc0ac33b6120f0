import { FACING_CAUTIONS } from '../../cautions/caution';
import type { SetupState } from '../basis/setupState';
import { voidsOf } from '../gauges/calibrationSeries';

/** What is known of the inserts of a cutter before it faces. */
export interface Inserts {
  /** The tick's name in the log of checks. */
  item: string;
  /** When all of them were last turned, ISO time; undefined where nobody said so. */
  turnedAt: string | undefined;
  /** Looked at since, and ticked: pockets clean, all of them turned, none standing out. */
  ticked: boolean;
}

/** So much of a cutter's id tells it from every other; a check's name holds 64 letters. */
const TAIL = 40;

/** The inserts of a cutter, by its id: when they were turned, and whether they were looked at since. A turn unticks, and so does a crash. */
export function insertsOf(
  { calibrations, index }: Pick<SetupState, 'calibrations' | 'index'>,
  cutterId: string,
): Inserts {
  const own = calibrations.filter(({ of }) => of.kind === 'cutter' && of.cutterId === cutterId);
  const happened = voidsOf(own);
  const turnedAt = happened.findLast(({ why }) => why === 'repaired')?.at;
  const item = `${FACING_CAUTIONS.inserts.id}-${cutterId.slice(-TAIL)}`;
  const last = index.lastCheck.get(item);
  return { item, turnedAt, ticked: last?.action === 'tick' && last.at > (happened.at(-1)?.at ?? '') };
}
