import type { ExplainOutput, Mistake } from '../../mistakes/explain.schema';
import { millimetresPer, type LengthUnit } from '../../units/unit';

/** What is said of a slip: what it would have been, and what to do. */
export interface MistakeText {
  what: string;
  remedy: string;
}

type Likely = Pick<ExplainOutput['likely'][number], 'slip' | 'size' | 'turns'>;

/** What each slip is called where its mend is offered. */
export const MISTAKE_NAMES: Readonly<Record<Mistake, string>> = {
  'radius-once': 'radius left out',
  'radius-twice': 'wrong side, or diameter for radius',
  feeler: 'feeler forgotten',
  'feeler-twice': 'feeler forgotten at both faces',
  plate: 'plate not as marked',
  'gauge-once': 'gauge not taken off, or twice',
  'gauge-twice': 'gauge taken off the wrong way',
  turns: 'turns miscounted',
  backlash: 'approached from the other side',
  'inch-for-mm': 'inches for millimetres',
  sign: 'minus left out',
  'diameter-for-radius': 'diameter for radius',
  'decimal-place': 'decimal point wrong',
  sixteenth: 'sixteenth misread',
  'neighbouring-64th': 'neighbouring 64th',
  'half-64th': 'half of a 64th',
  'inch-of-25': 'inch taken as 25 mm',
  'misread-figure': 'one figure misread',
};

const SAID: Readonly<Record<Exclude<Mistake, 'turns' | 'misread-figure'>, MistakeText>> = {
  'radius-once': {
    what: 'It is off by half the finder.',
    remedy: 'At one face the radius was left out or had the wrong sign. Check the side of each touch.',
  },
  'radius-twice': {
    what: 'It is off by the finder’s whole diameter.',
    remedy: 'Both faces lack the radius, one was touched from the wrong side, or the diameter was used for the radius.',
  },
  feeler: {
    what: 'It is off by the feeler’s thickness.',
    remedy:
      'The feeler was forgotten at one touch, or was not there when it was counted. Strike that touch out and log it again.',
  },
  'feeler-twice': {
    what: 'It is off by the feeler’s thickness at both faces.',
    remedy: 'The feeler was left out of both touches, or added to both by mistake. Check each touch.',
  },
  plate: {
    what: 'It is off by as much as the plate differs from its marking.',
    remedy: 'Enter the plate’s measured thickness in Shop.',
  },
  'gauge-once': {
    what: 'It is off by the gauge’s thickness, once.',
    remedy: 'The gauge was not subtracted, or subtracted twice. Subtract it once for all tools.',
  },
  'gauge-twice': {
    what: 'It is off by twice the gauge’s thickness.',
    remedy: 'The gauge was subtracted instead of added. Check its sign.',
  },
  backlash: {
    what: 'It is off by this axis’s backlash.',
    remedy: 'One touch was approached from the other side. Back off half a turn and approach the usual way.',
  },
  'inch-for-mm': {
    what: 'One of the two is in inches, the other in millimetres.',
    remedy: 'Check the unit of each number.',
  },
  'diameter-for-radius': {
    what: 'One of the two is twice the other.',
    remedy: 'A diameter was used for a radius, or the other way round.',
  },
  'decimal-place': { what: 'One of the two is ten times the other.', remedy: 'Look at the decimal point.' },
  sign: {
    what: 'It is the same number with the other sign.',
    remedy: 'A minus was left out, or the axis counts the other way.',
  },
  sixteenth: {
    what: 'It is off by a sixteenth of an inch.',
    remedy: 'Neighbouring fractions were mixed up, as 1/16 and 1/8. Read the marking again.',
  },
  'neighbouring-64th': {
    what: 'It is off by a 64th of an inch.',
    remedy: 'A fraction was converted to its neighbour. Work it out again.',
  },
  'half-64th': {
    what: 'It is off by half of a 64th of an inch.',
    remedy: 'A fraction of an inch was converted to its neighbour before it was halved. Work it out again.',
  },
  'inch-of-25': {
    what: 'It is off by what an inch is more than 25 mm, at the contact’s radius.',
    remedy: 'A fraction of an inch was converted with 25 instead of 25.4. Work it out again.',
  },
};

/** A likely slip as a person reads it; a misread figure is said in the unit it was read in. */
export function mistakeText({ slip, size, turns = 1 }: Likely, unit: LengthUnit): MistakeText {
  if (slip === 'turns') {
    return {
      what: `It is off by ${turns === 1 ? 'one turn' : `${turns} turns`} of the handwheel.`,
      remedy: 'A turn was lost or counted twice. Count them again from the first face.',
    };
  }
  if (slip === 'misread-figure') {
    const figure = Number((Math.abs(size) / millimetresPer(unit)).toPrecision(3));
    return {
      what: `One figure may be misread: it is off by ${figure} ${unit}.`,
      remedy: 'Check the readings, and touch again.',
    };
  }
  return SAID[slip];
}
