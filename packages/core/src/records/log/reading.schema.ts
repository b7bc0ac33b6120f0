import { z } from 'zod';
import { approach, axis, id, length, moment, nonNegativeLength } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { epoch, place } from '../values/place.schema';
import { source, typedText } from '../values/source.schema';
import { dialSubject, sizeSubject, touchedSubject } from '../values/subject.schema';

const common = {
  id,
  gaugeId: id,
  /** What it says, mm. */
  value: length,
  source,
  /** Cautions ticked by hand before it was taken. */
  ticked: z.array(z.string().max(60)).max(20),
  takenAt: moment,
};

/** One touch on a scale of the machine. */
export const touchReading = z.object({
  on: z.literal('scale'),
  subject: touchedSubject,
  ...common,
  axis,
  approach,
  /** Where it holds, and which zero the scale had. */
  place,
  epoch,
  /** Feeler or paper between contact and face, mm. */
  feeler: nonNegativeLength,
  /** Where the other axis stood, for touches that make a line or a circle: as typed, in the same unit, and mm. */
  across: z.object({ text: typedText, value: length }).optional(),
  /** The tool in the spindle, where that is what touched: paper or plate between it and the part. */
  tool: toolNumber.optional(),
  /** Which cutter that number stood for then. */
  cutterId: id.optional(),
});

/** What an indicator's dial shows at one place. */
export const dialReading = z.object({ on: z.literal('dial'), subject: dialSubject, ...common });

/** What a gauge that measures sizes shows. */
export const sizeReading = z.object({ on: z.literal('gauge'), subject: sizeSubject, ...common });

/** One number at one touch, as the client sends it. */
export const newReading = z
  .discriminatedUnion('on', [touchReading, dialReading, sizeReading])
  .meta({ id: 'NewReading' });

/** What the log adds: its place in it, and the strike in force, if any. */
const kept = {
  seq: z.number().int(),
  receivedAt: moment,
  struckBy: id.nullable(),
  struckReason: z.string().nullable(),
};

export const reading = z
  .discriminatedUnion('on', [touchReading.extend(kept), dialReading.extend(kept), sizeReading.extend(kept)])
  .meta({ id: 'Reading' });

export type NewReading = z.output<typeof newReading>;
export type Reading = z.output<typeof reading>;
