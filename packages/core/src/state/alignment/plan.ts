import { quarterOf } from '../../metrology/judge';
import type { Alignment, AlignmentOf } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import type { SetupState } from '../basis/setupState';
import type { KnownGauge } from '../basis/calibratedGauge';
import type { Gauge } from '../../records/shop/gauge';

/** Jaw, swing and lever of a common small mill, mm. */
const JAW = 120;
const SWING = 200;

export const gaugesOf = ({ gauges }: Pick<SetupState, 'gauges'>, kind: Gauge['kind']): KnownGauge[] =>
  gauges.filter((gauge) => gauge.kind === kind && gauge.retiredOn === undefined);

/**
 * How a task is read until the person says otherwise: sensible places for this part and the shop's first indicator.
 * Undefined where the shop has no indicator and the task needs one.
 */
export function defaultAlignment(book: SetupState, task: AlignmentTask): Alignment | undefined {
  // One alignment is one of several errors.
  const allowed = quarterOf(book.setup.tolerance);
  if (task === 'skew') return defaultSkew(book, allowed);
  const indicatorId = gaugesOf(book, 'indicator')[0]?.id;
  if (indicatorId === undefined) return undefined;
  const read = { indicatorId, sense: 1 as const, allowed };
  switch (task) {
    case 'vise':
      return { task, along: 'x', side: 'low', from: 0, to: JAW, points: 2, pivot: 0, loose: JAW, ...read };
    case 'head':
      return { task, swing: SWING, ...read };
    case 'centre':
      return {
        task,
        school: 'sweep',
        feature: 'bore',
        angles: 4,
        first: 0,
        span: 360,
        plugId: gaugesOf(book, 'plug')[0]?.id ?? null,
        plugTir: gaugesOf(book, 'plug')[0]?.tir ?? 0,
        confirmTir: null,
        ...read,
      };
    case 'chuck':
      // Both faces compared with the table still: nothing turns while the jaws are only snug.
      return { task, jaws: 'free', pairs: 2, chuckTir: null, standing: true, ...read };
    case 'level':
      return { task, distance: 50, rotarySense: levelSense(book), ...read };
  }
}

/** Which way the axis counts that a part is levelled about: as its trial turn showed it, else as it was said. */
function levelSense({ machine: { rotary = [] } }: SetupState): 1 | -1 {
  const axis = rotary.find(({ name }) => name !== 'C') ?? rotary[0];
  return axis?.confirmed ?? axis?.sense ?? 1;
}

function defaultSkew(book: SetupState, allowed: number): AlignmentOf<'skew'> {
  const { x, y } = book.part.size;
  const face = x >= y ? 'front' : 'left';
  const length = Math.max(x, y);
  const inset = Math.min(10, length / 10);
  return {
    task: 'skew',
    face,
    from: inset,
    to: length - inset,
    points: 2,
    pivot: 0,
    loose: length,
    carriedPass: null,
    allowed,
  };
}

/** How a task is read in this setup: as the person has it, else the default. */
export const alignmentOf = (book: SetupState, task: AlignmentTask): Alignment | undefined =>
  book.alignments.find((alignment) => alignment.task === task) ?? defaultAlignment(book, task);
