import { feedFigure } from '../units/cuttingFigures';
import { CUT_MATERIALS, type CutMaterialName } from '../boreAndFace/materials';
import { REGISTRY } from '../registry/registry';
import { formatLength } from '../units/formatLength';
import { choiceField, lengthField, lengthLine, numberField, optionalLengthField, typedLengthText } from './fields';
import { calculate, type Calculator, type CalculatorReader } from './form';

const MATERIALS = Object.keys(CUT_MATERIALS) as CutMaterialName[];

/** Standard uncertainty of a measured bore until a gauge says better, mm. */
const U_MEASURED = 0.005;

function boreAdvice(advice: string, now: number, read: CalculatorReader): string {
  switch (advice) {
    case 'in-size':
      return `In size at ${typedLengthText(now, read)}. Stop here.`;
    case 'over':
      return `Oversize: ${typedLengthText(now, read)}. Measure again, clean and cold, before you decide.`;
    case 'stop-and-measure':
      return 'What is left is less than this gauge can measure. Use a better gauge.';
    case 'last-cut':
      return 'Last pass. Set, lock, read the locked slide again; indicator off before the spindle turns.';
    default:
      return 'Set, lock, read the locked slide again; indicator off before the spindle turns.';
  }
}

/** The next setting of a boring head. */
export const NEXT_BORE: Calculator = {
  name: 'next-bore-setting',
  title: 'The next bore setting',
  about: 'from the setting and the result, with the bar’s spring',
  fields: () => [
    lengthField('low', 'Lower limit'),
    lengthField('high', 'Upper limit'),
    lengthField('start', 'Diameter before the first pass'),
    optionalLengthField('set1', 'First pass was set to'),
    optionalLengthField('got1', 'and measured'),
    optionalLengthField('set2', 'Second pass was set to'),
    optionalLengthField('got2', 'and measured'),
    choiceField('counts', 'The head’s dial counts', [
      { value: 'diameter', label: 'Diameter' },
      { value: 'radius', label: 'Radius' },
    ]),
  ],
  reckon: (read) => {
    const passes = ['1', '2'].flatMap((i) => {
      const set = read.optionalLength(`set${i}`);
      return set === undefined ? [] : { set, measured: read.length(`got${i}`) };
    });
    const [low, high] = [read.length('low'), read.length('high')];
    const { bore } = REGISTRY;
    const counts = read.text('counts') === 'radius' ? 'radius' : 'diameter';
    const found = calculate(bore, {
      low,
      high,
      start: read.length('start'),
      passes,
      counts,
      step: read.unit === 'mm' ? 0.01 : 0.0127,
      uMeasured: U_MEASURED,
    });
    const { next, now, k, learned } = found;
    return {
      lines: [
        ...(next
          ? [
              lengthLine('Set the diameter to', next.set, read),
              lengthLine(`Turn the head, on the ${counts}`, next.turn, read, undefined, true),
              lengthLine('Expect then', next.expected, read, found.uncertainty.U),
            ]
          : [lengthLine('It measures', now, read, found.uncertainty.U)]),
      ],
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions: found.cautions,
      notes: [
        boreAdvice(found.advice, now, read),
        ...(learned === 'not-yet' ? [] : [`The bar cuts ${(100 * k).toFixed(1)} % of what is set.`]),
      ],
      drawing: { kind: 'limits', low, high, at: now },
    };
  },
};

/** The limits of a fit. */
export const FIT: Calculator = {
  name: 'fit',
  title: 'A fit',
  about: 'limits of a hole such as 26 H7, and whether a size is within',
  fields: () => [
    { key: 'fit', label: 'Fit, as on the drawing', kind: 'text', start: { mm: '26 H7', in: '1 in H7' } },
    optionalLengthField('measured', 'Measured'),
  ],
  reckon: (read) => {
    const { fit } = REGISTRY;
    const measured = read.optionalLength('measured');
    const found = calculate(fit, { fit: read.text('fit'), ...(measured !== undefined && { measured }) });
    const lies = {
      under: `Under: ${typedLengthText(found.low - (measured ?? 0), read)} to the lower limit.`,
      within: 'Within the limits.',
      over: `Over the upper limit by ${typedLengthText((measured ?? 0) - found.high, read)}.`,
    };
    return {
      lines: [
        lengthLine('Lower limit', found.low, read),
        lengthLine('Upper limit', found.high, read),
        lengthLine('Middle', found.middle, read),
      ],
      uncertainty: null,
      exact: fit.exact ?? '',
      tape: found.tape,
      cautions: found.cautions,
      notes: found.lies === null ? [] : [lies[found.lies]],
      drawing: { kind: 'limits', low: found.low, high: found.high, at: measured ?? null },
    };
  },
};

/** Equal passes, speed and feed. */
export const PASSES: Calculator = {
  name: 'passes',
  title: 'Passes and speed',
  about: 'equal passes to height, with starting speed and feed',
  fields: () => [
    lengthField('remove', 'To come off in all'),
    lengthField('mostDepth', 'Most in one pass', '0.35', '0.015'),
    lengthField('finish', 'Last pass', '0.15', '0.006'),
    lengthField('diameter', 'Cutter diameter', '50', '2'),
    { key: 'teeth', label: 'Teeth', kind: 'count', start: { mm: '4', in: '4' } },
    choiceField('madeOf', 'Cutter of', [
      { value: 'carbide', label: 'Carbide' },
      { value: 'hss', label: 'HSS' },
    ]),
    choiceField(
      'material',
      'Material',
      Object.entries(CUT_MATERIALS).map(([value, { name }]) => ({ value, label: name })),
    ),
    lengthField('length', 'Length of the face', '100', '4'),
    lengthField('width', 'Width of the face', '40', '1.5'),
    numberField('mostRpm', 'Fastest the spindle turns', '2800', 'rpm'),
  ],
  reckon: (read) => {
    const { facing } = REGISTRY;
    const found = calculate(facing, {
      remove: read.length('remove'),
      mostDepth: read.length('mostDepth'),
      finish: read.length('finish'),
      length: read.length('length'),
      width: read.length('width'),
      cutter: {
        diameter: read.length('diameter'),
        teeth: read.number('teeth'),
        madeOf: read.text('madeOf') === 'hss' ? 'hss' : 'carbide',
      },
      material: MATERIALS.find((one) => one === read.text('material')) ?? 'mild-steel',
      stepOver: 0.7,
      machine: { mostRpm: read.number('mostRpm') },
    });
    const depths = found.passes.map(({ depth }) => formatLength(depth, { unit: read.unit }));
    return {
      lines: [
        { say: 'Passes', figure: String(found.passes.length), unit: found.passes.length === 1 ? 'pass' : 'passes' },
        { say: 'Speed', figure: found.rpm.toFixed(0), unit: 'rpm' },
        { say: 'Feed', ...feedFigure(found.feed, read.unit) },
        { say: 'Time', figure: found.minutes.toFixed(1), unit: 'min' },
      ],
      uncertainty: null,
      exact: facing.exact ?? '',
      tape: found.tape,
      cautions: found.cautions,
      notes: [
        `Depths: ${depths.join(', ')} ${read.unit}.`,
        found.coolant,
        'Values to start from: the cutter’s maker and your machine’s manual come first.',
      ],
      drawing: { kind: 'passes', passes: found.passes },
    };
  },
};

/** A fraction or a unit turned into another. */
export const TURN_LENGTH: Calculator = {
  name: 'fraction',
  title: 'A fraction or unit turned',
  about: '1 3/8 in, 5 thou, 12.7 mm: in millimetres, inches and the nearest fraction',
  fields: () => [{ key: 'text', label: 'Length, as you have it', kind: 'length', start: { mm: '', in: '' } }],
  before: () => ({ kind: 'rule', mm: 0 }),
  reckon: (read) => {
    // Refused by its own field where it is no length.
    read.length('text');
    const turn = REGISTRY['turn-length'];
    const found = calculate(turn, { text: read.text('text'), unit: read.unit });
    const { whole, over, under } = found.fraction;
    const fraction =
      over === 0 ? String(whole) : whole === 0 ? `${over}/${under}` : `${whole} ${Math.abs(over)}/${under}`;
    return {
      lines: [
        { say: 'Millimetres', figure: formatLength(found.mm, { unit: 'mm', decimals: 4 }), unit: 'mm' },
        { say: 'Inches', figure: formatLength(found.mm, { unit: 'in', decimals: 5 }), unit: 'in' },
        { say: 'Nearest fraction', figure: fraction.replace('-', '−'), unit: 'in' },
      ],
      uncertainty: null,
      exact: turn.exact ?? '',
      tape: found.tape,
      cautions: found.cautions,
      notes:
        Math.abs(found.left) < 5e-5
          ? ['The fraction is exact.']
          : [`The fraction leaves ${formatLength(found.left, { unit: 'mm', decimals: 4, plus: true })} mm over.`],
      drawing: { kind: 'rule', mm: found.mm },
    };
  },
};
