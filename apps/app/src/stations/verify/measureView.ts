import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { gaugesOfKinds } from '@zero-point/core/routines/routine';
import { gaugeKindsWith, isInstrument } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import { patternHoles, patternsInHand, type Hole } from '@zero-point/core/state/holes/holes';
import type { Face } from '@zero-point/core/records/values/subject';
import type { HoleOf, MeasuredThing } from '@zero-point/core/records/log/measurement';

export type MeasureKind = MeasuredThing['kind'];

/** What is measured next, as far as it was said. */
export interface MeasureDraft {
  kind: MeasureKind;
  from: HoleOf | undefined;
  to: HoleOf | undefined;
  face: Face;
  axis: 'x' | 'y';
  pin: number;
  pinTo: number;
  name: string;
  should: number | undefined;
  tool: number | undefined;
  counts: 'thickness' | 'depth';
  gaugeId: string | undefined;
}

/** Where a thing is measured from: a hole's size from inside, everything else from outside. */
const sideOf = (kind: MeasureKind) => (kind === 'size' ? 'inside' : 'outside');

/** The shop's own gauges that measure such a thing: instruments before what stands in the spindle. */
export function measuringGauges({ gauges }: SetupState, what: MeasureKind): KnownGauge[] {
  const kinds = gaugeKindsWith(({ measures }) => measures.includes(sideOf(what)));
  return gaugesOfKinds(gauges, [...kinds.filter(isInstrument), ...kinds.filter((kind) => !isInstrument(kind))]);
}

/** Every hole in hand that can be picked on the drawing. */
export const allHoles = (book: SetupState): Hole[] =>
  patternsInHand(book).flatMap((pattern) => patternHoles(book, pattern));

export function startDraft(book: SetupState): MeasureDraft {
  const [first] = allHoles(book);
  const size = first?.diameter ?? 6;
  const untold = book.part.untold?.includes('z') === true;
  const kind = first ? 'size' : 'height';
  return {
    kind,
    from: first && { pattern: first.pattern.id, hole: first.hole },
    to: undefined,
    face: 'left',
    axis: 'x',
    pin: size,
    pinTo: size,
    name: 'Thickness',
    should: untold ? undefined : book.part.size.z,
    tool: undefined,
    counts: 'thickness',
    gaugeId: measuringGauges(book, kind)[0]?.id,
  };
}

/** What another kind of measuring begins with: over pins both holes are pressed again; the same gauge, if it can. */
export const kindChanged = (book: SetupState, { gaugeId }: MeasureDraft, kind: MeasureKind): Partial<MeasureDraft> => ({
  kind,
  gaugeId: (measuringGauges(book, kind).find(({ id }) => id === gaugeId) ?? measuringGauges(book, kind)[0])?.id,
  ...(kind === 'chord' && { from: undefined, to: undefined }),
  ...(kind === 'wall' && { name: 'Wall', should: undefined }),
});

/** What is still to be said before a figure can be logged; undefined once nothing is. */
export function lacking({ kind, from, to, should, name }: MeasureDraft): string | undefined {
  if ((kind === 'size' || kind === 'edge' || kind === 'place' || kind === 'chord') && !from)
    return kind === 'chord' ? 'Choose the first hole on the drawing.' : 'Choose the hole on the drawing.';
  if (kind === 'chord' && !to) return 'Choose the other hole on the drawing.';
  if (kind === 'chord' && from && to && from.pattern === to.pattern && from.hole === to.hole)
    return 'Choose another hole: these are the same one.';
  if ((kind === 'height' || kind === 'wall') && name.trim() === '') return 'Enter what it is.';
  if ((kind === 'height' || kind === 'wall') && should === undefined) return 'Enter the nominal size.';
  return undefined;
}

export function thingOf(draft: MeasureDraft): MeasuredThing | undefined {
  const { kind, from, to, face, axis, pin, pinTo, name, should, tool, counts } = draft;
  if (lacking(draft) !== undefined) return undefined;
  switch (kind) {
    case 'size':
      return from && { kind, of: from };
    case 'chord':
      return from && to && { kind, from, to, pins: [pin, pinTo] };
    case 'edge':
      return from && { kind, of: from, face, pin };
    case 'place':
      return from && { kind, of: from, axis };
    case 'height':
      return should === undefined
        ? undefined
        : { kind, name: name.trim(), should, counts, ...(tool !== undefined && { tool }) };
    case 'wall':
      return should === undefined ? undefined : { kind, name: name.trim(), should };
  }
}

/** How many times a difference is drawn larger, so that the largest is as long as `most` on the part, mm; a round figure. */
export function exaggeration(largest: number, most: number): number {
  if (largest <= 0) return 1;
  const plain = most / largest;
  const power = 10 ** Math.floor(Math.log10(plain));
  return Math.max(1, [5, 2, 1].map((times) => times * power).find((times) => times <= plain) ?? 1);
}
