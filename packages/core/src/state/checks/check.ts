import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { Feature } from '../../records/setup/datumPlan';
import type { TouchReading } from '../../records/log/reading';
import { unitOf } from '../../records/values/source';
import type { ExplainInput, ExplainOutput } from '../../mistakes/explain.schema';
import { explain } from '../../mistakes/explain';
import type { Rectangle } from '../../datum/shapes';
import { backlashAt, type SetupState } from '../basis/setupState';
import type { FaceAnswer } from '../datum/face';
import { contactInUse } from '../gauges/contactSize';

/** U of a length from the drawing, the program or a caliper, mm. */
export const KNOWN_U = 0.05;

/** Something known held against something measured. */
export interface Agreement {
  /** The check's name and the feature's: by it the same check is made again. */
  key: string;
  /** What is compared: the face or shape it is of, and the calibration of it. */
  of: 'width' | 'diameter' | 'caliper' | 'datum' | 'previous' | 'repeat' | 'chord';
  against: 'drawing' | 'caliper' | 'zero' | 'offset' | 'touch';
  feature: Feature;
  measured: number;
  known: number;
  /** U of what was measured, mm: its own, whatever it is held against. */
  measuredU: number;
  /** U of the comparison, mm: that and how well the known one is known, together. Never the other's. */
  U: number;
  explanation: ExplainOutput;
  /** Readings that could be at fault, face by face. */
  suspects: (readonly TouchReading[])[];
}

/** One way of holding what was measured against what is known, feature by feature. */
export interface CrossCheck {
  of: Agreement['of'];
  /** Features it can be made at. */
  features: (book: SetupState) => Feature[];
  /** Makes it at one feature; undefined where nothing can be compared there. */
  at: (book: SetupState, feature: Feature) => Omit<Agreement, 'key' | 'of' | 'feature' | 'explanation'> | undefined;
}

/** A stock needs no name. */
export const isOfShape = ({ id }: Rectangle): { of?: string } => (id === 'stock' ? {} : { of: id });

/** Readings without one that stands apart; with it in the mean nothing else can be said. */
export const calm = ({ result }: FaceAnswer): boolean => result.repeats.wild.length === 0;

/** What explains a difference, of the slips that were possible at a touch. */
export const explained = (
  book: SetupState,
  { measured, known, U, suspects }: Pick<Agreement, 'measured' | 'known' | 'U' | 'suspects'>,
): ExplainOutput => explain({ measured, known, U, ...possible(book, suspects[0]?.[0]) });

/** What was in use at a touch: only slips that were possible are considered. */
function possible(
  book: SetupState,
  reading: TouchReading | undefined,
): Pick<ExplainInput, 'radius' | 'feeler' | 'plate' | 'plateUnmeasured' | 'perTurn' | 'backlash' | 'unit'> {
  const { machine, setup, gauges } = book;
  if (!reading) return { unit: setup.units };
  const axis = reading.axis === 'y' ? 'y' : 'x';
  const use = contactInUse(book, reading, axis);
  const { dial } = machine.axes[axis];
  const backlash = backlashAt(book, axis, reading.takenAt);
  const feeler = Math.max(
    reading.feeler,
    setup.feeler,
    ...gauges
      .filter(({ kind }) => GAUGE_FACTS[kind].goesBetween)
      .map((one) => one.measured ?? one.nominal)
      .slice(0, 1),
  );
  const isPlate = use !== undefined && GAUGE_FACTS[use.gauge.kind].isPlate;
  const plate =
    isPlate && use.gauge.measured !== undefined
      ? { entered: use.gauge.nominal, measured: use.gauge.measured }
      : undefined;
  return {
    unit: unitOf(reading.source) ?? setup.units,
    ...(use && { radius: use.contact.diameter / 2 + use.contact.feeler }),
    ...(feeler > 0 && { feeler }),
    ...(plate && { plate }),
    ...(isPlate && !plate && { plateUnmeasured: true }),
    ...(machine.kind === 'dials' && dial && { perTurn: dial.perTurn }),
    ...(backlash && { backlash: backlash.value }),
  };
}
