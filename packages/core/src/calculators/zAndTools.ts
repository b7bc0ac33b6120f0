import { heightMethod } from '../zAndTools/heightMethod';
import { GAUGE_FACTS } from '../metrology/gauges/gaugeKinds';
import { REGISTRY } from '../registry/registry';
import {
  choiceField,
  lengthField,
  lengthLine,
  optionalLengthField,
  readingFields,
  typedReadings,
  typedLengthText,
} from './fields';
import { calculate, type Calculator, type CalculatorField, type CalculatorReader } from './form';

const GAUGES = ['block', 'feeler', 'paper', 'touch-plate', 'setter'] as const;

const GAUGE_FIELD = choiceField('gauge', 'On', [
  { value: 'block', label: 'Block' },
  { value: 'feeler', label: 'Feeler' },
  { value: 'paper', label: 'Paper' },
  { value: 'touch-plate', label: 'Touch plate' },
  { value: 'setter', label: 'Setter' },
]);

type HeightGauge = (typeof GAUGES)[number];

const STEP = { mm: 0.005, in: 0.00254 } as const;

const gaugeNamed = (name: string | undefined): HeightGauge => GAUGES.find((one) => one === name) ?? 'block';

/** Each gauge has a thickness of its own: what was typed of a block is none of the paper's. */
const thicknessKey = (kind: HeightGauge): string => (kind === 'block' ? 'thickness' : `${kind}-thickness`);

const thicknessField = (kind: HeightGauge): CalculatorField => {
  const label = `Thickness of the ${heightMethod(kind).words}`;
  return kind === 'block' ? lengthField('thickness', label, '10', '0.5') : lengthField(thicknessKey(kind), label);
};

/** What is known of a touch by what it is on. */
function touchOf(read: CalculatorReader) {
  const { uTouch, uSize } = GAUGE_FACTS[gaugeNamed(read.text('gauge'))];
  return { method: { resolution: STEP[read.unit], methodSd: uTouch }, uTouch, uSize };
}

/** Z on a gauge of known thickness. */
export const Z_ON_GAUGE: Calculator = {
  name: 'z-on-gauge',
  title: 'Z on a gauge',
  about: 'what to set Z to at a block, plate or paper',
  fields: ({ gauge }) => {
    const kind = gaugeNamed(gauge);
    return [
      GAUGE_FIELD,
      ...readingFields('Z reads, touching'),
      thicknessField(kind),
      optionalLengthField('surface', 'Height of the surface under it', '0'),
      ...(heightMethod(kind).arrives === 'raised'
        ? [optionalLengthField('step', 'Raised in steps of, until it was under')]
        : []),
    ];
  },
  before: () => ({ kind: 'block', thickness: 10 }),
  reckon: (read) => {
    const kind = gaugeNamed(read.text('gauge'));
    const { approach, arrives, cautions } = heightMethod(kind);
    const thickness = read.length(thicknessKey(kind));
    const step = arrives === 'raised' ? read.optionalLength('step') : undefined;
    const zZero = REGISTRY['z-zero'];
    const found = calculate(zZero, {
      readings: typedReadings(read),
      gaugeThickness: thickness,
      surfaceHeight: read.optionalLength('surface') ?? 0,
      ...(step !== undefined && step > 0 && { search: { step, takeHalf: true } }),
      ...touchOf(read),
    });
    return {
      lines: [
        lengthLine('Still on the gauge: set Z to', found.setZ, read, found.uncertainty.U),
        lengthLine('Or work offset Z', found.workOffset, read, found.uncertainty.U),
      ],
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions,
      notes: [approach, 'Set it, do not move to it: moving there pushes the tool through the gauge.'],
      drawing: { kind: 'block', thickness },
      carry: { to: 'heights', typed: read.text('r1') },
    };
  },
};

/** A tool's length against a reference tool on one gauge. */
export const TOOL_LENGTH: Calculator = {
  name: 'tool-length',
  title: 'A tool’s length',
  about: 'offset against a reference tool on the same gauge',
  fields: () => [
    GAUGE_FIELD,
    lengthField('reference', 'Z of the reference tool on it'),
    ...readingFields('Z of the other tool on it'),
  ],
  before: () => ({ kind: 'tools', reference: 0, other: 0, gauge: 10 }),
  reckon: (read) => {
    const toolLength = REGISTRY['tool-length'];
    const reference = read.length('reference');
    const { method, uTouch } = touchOf(read);
    const { approach, cautions } = heightMethod(gaugeNamed(read.text('gauge')));
    const found = calculate(toolLength, {
      reference: { tool: 1, z: { readings: [reference] } },
      tool: 2,
      readings: typedReadings(read),
      method,
      uTouch,
    });
    const words = {
      shorter: 'shorter than the reference: minus',
      longer: 'longer than the reference: plus',
      same: 'as long as the reference',
    }[found.comparison];
    return {
      lines: [lengthLine('Tool length offset', found.offset, read, found.uncertainty.U, true)],
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions,
      notes: [
        `${typedLengthText(Math.abs(found.offset), read)} ${words}. The same gauge at the same place, or it does not cancel.`,
        approach,
      ],
      drawing: { kind: 'tools', reference: 0, other: found.offset, gauge: 10 },
    };
  },
};
