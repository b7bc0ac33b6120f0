import type { Bore, CutPlan } from '@zero-point/core/records/setup/cutPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isoFit } from '@zero-point/core/boreAndFace/isoFit';
import { boreAnswer, measuringU } from '@zero-point/core/state/boreAndFace/bore';
import { parseLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { calibrate } from '../../commands/calibrate';
import { logMeasured } from '../../commands/logTouch';
import { logCut } from '../holes/view';

/** Kinds of gauge that measure a bore, the surest first: a micrometer spans what lies between its anvils, not a bore. */
const MEASURES_BORES = ['bore-gauge', 'caliper'] as const;

/** The shop's own gauges that measure a bore; with the one that this bore was measured with until now. */
export const boreGauges = ({ gauges }: SetupState, until?: string) =>
  gauges.filter(
    ({ id, kind, retiredOn }) =>
      id === until || (retiredOn === undefined && MEASURES_BORES.some((one) => one === kind)),
  );

/** What the Bore screen shows of the bore in hand. */
export interface BoreView extends ReturnType<typeof boreAnswer> {
  bores: CutPlan['bores'];
  bore: Bore | undefined;
  /** U of one measured size, mm at 95 %; null where no gauge is chosen. */
  measureU: number | null;
}

export function boreView(book: SetupState, boreId: string | undefined): BoreView {
  const { bores } = book.cutPlan;
  const bore = bores.find(({ id }) => id === boreId) ?? bores[0];
  const gauge = book.gauges.find(({ id }) => id === bore?.gaugeId);
  return {
    bores,
    bore,
    measureU: gauge ? 2 * measuringU(gauge) : null,
    ...(bore ? boreAnswer(book, bore) : { log: { start: undefined, passes: [], readings: [] } }),
  };
}

/** How near a drawn hole's diameter is to a bore's limits where it is that bore, mm. */
const DRAWN_AS = 0.1;

/** The drawn hole that a bore is, where only one of the part's holes is of its size: a bore's plan has no place. */
export function drawnBore({ part }: SetupState, { low, high }: Bore): SetupState['part']['holes'][number] | undefined {
  const [hole, another] = part.holes.filter(
    ({ diameter }) => diameter >= low - DRAWN_AS && diameter <= high + DRAWN_AS,
  );
  return another ? undefined : hole;
}

/** Keeps a bore in place of the one with its id, or beside the others. */
export function keepBore(book: SetupState, bore: Bore): void {
  const { bores } = book.cutPlan;
  const known = bores.some(({ id }) => id === bore.id);
  logCut(book, { bores: known ? bores.map((one) => (one.id === bore.id ? bore : one)) : [...bores, bore] });
}

/** Keeps what a bar was seen to spring by, for the next bore with it sticking out as far in the same material. */
export function keepSpring(book: SetupState, { bar, stickOut }: Bore, { k, c }: { k: number; c: number }): void {
  if (bar === undefined || stickOut === undefined) return;
  calibrate(
    { kind: 'cutter', cutterId: bar },
    { what: 'spring', k, c, stickOut, material: book.part.material },
    { shownIn: book.setup.id },
  );
}

/** A new bore to be changed: the largest drawn hole of the part, to H7. */
export function startBore(book: SetupState, gaugeId: string): Bore {
  const nominal = book.part.holes.reduce((most, { diameter }) => Math.max(most, diameter), 0) || 20;
  const { low, high, text } = isoFit(`${nominal} H7`);
  return {
    id: uuidv7(),
    name: `Bore ${book.cutPlan.bores.length + 1}`,
    low,
    high,
    fit: text,
    counts: 'radius',
    step: 0.01,
    gaugeId,
  };
}

/** Logs a measured size, after a pass set to `set` where one was; says what is wrong instead. */
export function logSize(
  book: SetupState,
  bore: Bore,
  text: string,
  set: string | undefined,
  ticked: readonly string[],
): string | undefined {
  const unit = book.setup.units;
  const read = set === undefined ? undefined : parseLength(set, unit);
  if (read && !read.ok) return `The setting: ${read.message}`;
  return logMeasured(
    book,
    {
      subject: {
        kind: 'bore-size',
        of: bore.id,
        ...(read?.ok && set !== undefined && { set: read.mm, setText: set.trim() }),
      },
      gaugeId: bore.gaugeId,
      ticked: [...ticked],
    },
    text,
  );
}
