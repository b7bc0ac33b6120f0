import type { Bore } from '@zero-point/core/records/setup/cutPlan.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveCutPlan } from '../../commands/saveCutPlan';
import { calibrate } from '../../commands/calibrate';
import { isoFit } from '@zero-point/core/boreAndFace/isoFit';
import { uuidv7 } from 'uuidv7';
import { parseLength } from '@zero-point/core/units/parseLength';
import { logMeasured } from '../../commands/logTouch';

/** Keeps a bore in place of the one with its id, or beside the others. */
export function saveBore(book: SetupState, bore: Bore): void {
  const { bores } = book.cutPlan;
  const known = bores.some(({ id }) => id === bore.id);
  saveCutPlan(book, { bores: known ? bores.map((one) => (one.id === bore.id ? bore : one)) : [...bores, bore] });
}

/** Keeps what a bar was seen to spring by, for the next bore with it sticking out as far in the same material. */
export function saveBarSpring(book: SetupState, { bar, stickOut }: Bore, { k, c }: { k: number; c: number }): void {
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
export function logBoreSize(
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
