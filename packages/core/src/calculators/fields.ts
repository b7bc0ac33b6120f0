import { GAUGE_FACTS, isRound, type GaugeKind } from '../metrology/gauges/gaugeKinds';
import { formatLength, formatLengthUnit } from '../units/formatLength';
import { plusMinus } from '../messages/basis/verdict';
import type { CalculatorField, CalculatorLine, CalculatorReader, CalculatorValues } from './form';

/** The same start in both units, or one for each. */
const starts = (mm: string, inch = mm) => ({ mm, in: inch });

export const lengthField = (key: string, label: string, mm = '', inch = mm): CalculatorField => ({
  key,
  label,
  kind: 'length',
  start: starts(mm, inch),
});

export const optionalLengthField = (key: string, label: string, mm = '', inch = mm): CalculatorField => ({
  ...lengthField(key, label, mm, inch),
  optional: true,
});

export const choiceField = (
  key: string,
  label: string,
  options: CalculatorField['options'] & object,
): CalculatorField => ({
  key,
  label,
  kind: 'choice',
  options,
  start: starts(options[0]?.value ?? ''),
});

export const numberField = (key: string, label: string, start: string, unit: string): CalculatorField => ({
  key,
  label,
  kind: 'number',
  unit,
  start: starts(start),
});

/** Finder: its kind says how well it repeats. */
const FINDERS = [
  'spring-finder',
  'bearing-finder',
  'pin',
  'probe',
  'contact-light',
  'paper',
] as const satisfies GaugeKind[];

const FINDER_NAMES: Readonly<Record<(typeof FINDERS)[number], string>> = {
  'spring-finder': 'Edge finder',
  'bearing-finder': 'Bearing edge finder',
  pin: 'Pin',
  probe: 'Probe',
  'contact-light': 'Electronic edge finder',
  paper: 'Cutter, paper',
};

type Finder = (typeof FINDERS)[number];

const finderNamed = (name: string | undefined): Finder => FINDERS.find((one) => one === name) ?? 'spring-finder';

/** What is between contact and face, where something is: typed always, since nothing there is a figure too. */
/** What may be between the finder, or the cutter in its place, and the face. */
const between = (finder: Finder): string | undefined =>
  GAUGE_FACTS[finder].withFeeler
    ? 'Feeler gauge between, 0 for none'
    : isRound(finder)
      ? undefined
      : 'Thickness of the paper';

const isTurning = (finder: Finder): boolean => GAUGE_FACTS[finder].spin !== 'standing';

/** Finder, and what must be known of it: no more than its kind has. */
export const finderFields = ({ finder: name }: CalculatorValues): CalculatorField[] => {
  const finder = finderNamed(name);
  const thickness = between(finder);
  return [
    choiceField(
      'finder',
      'With',
      FINDERS.map((value) => ({ value, label: FINDER_NAMES[value] })),
    ),
    lengthField('diameter', isRound(finder) ? 'Contact diameter' : 'Cutter diameter', '10', '0.375'),
    ...(thickness === undefined ? [] : [lengthField('feeler', thickness)]),
    ...(isTurning(finder) ? [optionalLengthField('tir', 'Its run-out')] : []),
  ];
};

/** The display step that is taken until a setup says another, mm. */
const STEP = { mm: 0.005, in: 0.00254 } as const;

/** What is known of a touch by what touched. */
export function touchOf(read: CalculatorReader) {
  const kind = finderNamed(read.text('finder'));
  const { uTouch, uSize, spin } = GAUGE_FACTS[kind];
  return {
    contact: {
      diameter: read.length('diameter'),
      feeler: between(kind) === undefined ? 0 : read.length('feeler'),
      tir: isTurning(kind) ? (read.optionalLength('tir') ?? 0) : 0,
      spin,
    },
    method: { resolution: STEP[read.unit], methodSd: uTouch },
    uTouch,
    uSize,
  };
}

/** Readings of one touch: the first, and those taken again. */
export const readingFields = (label: string): CalculatorField[] => [
  lengthField('r1', label),
  optionalLengthField('r2', 'Touched again'),
  optionalLengthField('r3', 'And again'),
];

export const typedReadings = (read: CalculatorReader): number[] => [
  read.length('r1'),
  ...['r2', 'r3'].flatMap((key) => read.optionalLength(key) ?? []),
];

/** A length of the answer. */
export const lengthLine = (
  say: string,
  mm: number,
  read: CalculatorReader,
  U?: number,
  plus = false,
): CalculatorLine => ({
  say,
  figure: formatLength(mm, { unit: read.unit, plus }),
  unit: read.unit,
  ...(U !== undefined && { plusMinus: plusMinus(U, read.unit) }),
});

export const typedLengthText = (mm: number, read: CalculatorReader): string =>
  formatLengthUnit(mm, { unit: read.unit });
