import { REGISTRY } from '../registry/registry';
import type { Approach } from '../schema/quantities';
import {
  choiceField,
  finderFields,
  lengthField,
  lengthLine,
  readingFields,
  typedReadings,
  typedLengthText,
  touchOf,
} from './fields';
import { calculate, type Calculator } from './form';

const FACES = {
  left: { axis: 'X', approach: 1 },
  right: { axis: 'X', approach: -1 },
  front: { axis: 'Y', approach: 1 },
  back: { axis: 'Y', approach: -1 },
} as const satisfies Record<string, { axis: string; approach: Approach }>;

type FaceName = keyof typeof FACES;

const faceNamed = (name: string): FaceName =>
  (Object.keys(FACES) as FaceName[]).find((face) => face === name) ?? 'left';

/** An edge, from one touch or more. */
export const EDGE: Calculator = {
  name: 'edge',
  title: 'An edge',
  about: 'set, move or work offset from one touch of a face',
  fields: (values) => [
    choiceField('face', 'Face touched', [
      { value: 'left', label: 'Left' },
      { value: 'right', label: 'Right' },
      { value: 'front', label: 'Front' },
      { value: 'back', label: 'Back' },
    ]),
    ...readingFields(`${FACES[faceNamed(values.face ?? '')].axis} reads, touching`),
    ...finderFields(values),
    lengthField('nominal', 'The face is at, from part zero', '0'),
  ],
  before: ({ face = 'left' }) => ({ kind: 'edge', face: faceNamed(face), radius: 5 }),
  reckon: (read) => {
    const face = faceNamed(read.text('face'));
    const { axis, approach } = FACES[face];
    const touch = touchOf(read);
    const nominal = read.length('nominal');
    const { edge } = REGISTRY;
    const found = calculate(edge, { ...touch, readings: typedReadings(read), approach, nominal });
    return {
      lines: [
        lengthLine(`Still touching: set ${axis} to`, found.preset, read, found.uncertainty.U),
        lengthLine(`Or raise the tool, then move ${axis} by`, found.move, read, found.uncertainty.U, true),
        lengthLine(`Or work offset ${axis}`, found.workOffset, read, found.uncertainty.U),
      ],
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions: found.cautions,
      notes: [`After moving, set ${axis} to ${typedLengthText(found.moveTo, read)}.`],
      drawing: { kind: 'edge', face, radius: found.radius },
      carry: { to: 'datum', feature: `face.${face}`, typed: read.text('r1') },
    };
  },
};

/** Halfway between two faces. */
export const BETWEEN: Calculator = {
  name: 'halfway',
  title: 'Halfway between two faces',
  about: 'the middle and width of a part or slot',
  fields: (values) => [
    choiceField('axis', 'Along', [
      { value: 'X', label: 'X' },
      { value: 'Y', label: 'Y' },
    ]),
    choiceField('kind', 'Touched from', [
      { value: 'web', label: 'outside, a part' },
      { value: 'slot', label: 'inside, a slot' },
    ]),
    lengthField('first', 'Reads at the first face'),
    lengthField('second', 'Reads at the second face'),
    ...finderFields(values),
  ],
  before: ({ kind }) => ({ kind: 'between', width: 60, radius: 5, slot: kind === 'slot' }),
  reckon: (read) => {
    const [a, b] = [read.length('first'), read.length('second')];
    const slot = read.text('kind') === 'slot';
    const axis = read.text('axis') === 'Y' ? 'Y' : 'X';
    const [low, high] = [Math.min(a, b), Math.max(a, b)];
    const { 'opposite-faces': faces } = REGISTRY;
    const found = calculate(faces, {
      ...touchOf(read),
      first: { readings: [low], approach: slot ? -1 : 1 },
      second: { readings: [high], approach: slot ? 1 : -1 },
      nominal: 0,
    });
    const radius = touchOf(read).contact.diameter / 2 + touchOf(read).contact.feeler;
    return {
      lines: [
        lengthLine(`The middle is at ${axis}`, found.centre, read, found.uncertainty.U),
        lengthLine(slot ? 'The slot is wide' : 'The part is wide', found.width, read, found.widthUncertainty.U),
        lengthLine(
          `By halving: zero at the first, the middle reads`,
          a <= b ? found.halfway : -found.halfway,
          read,
          undefined,
          true,
        ),
      ],
      uncertainty: found.uncertainty,
      tape: found.tape,
      cautions: found.cautions,
      notes: ['The finder’s radius cancels in the middle. The width needs it.'],
      drawing: { kind: 'between', width: found.width, radius, slot },
    };
  },
};

/** The centre of a bore by its four walls. */
export const BORE_CENTRE: Calculator = {
  name: 'bore-centre',
  title: 'A bore’s centre',
  about: 'from its walls left, right, front and back',
  fields: (values) => [
    lengthField('left', 'X at the left wall'),
    lengthField('right', 'X at the right wall'),
    lengthField('front', 'Y at the front wall'),
    lengthField('back', 'Y at the back wall'),
    ...finderFields(values),
  ],
  before: () => ({ kind: 'bore', diameter: 26, radius: 3 }),
  reckon: (read) => {
    const touch = touchOf(read);
    const { 'opposite-faces': faces } = REGISTRY;
    const across = (low: string, high: string) =>
      calculate(faces, {
        ...touch,
        first: { readings: [read.length(low)], approach: -1 },
        second: { readings: [read.length(high)], approach: 1 },
        nominal: 0,
      });
    const [x, y] = [across('left', 'right'), across('front', 'back')];
    return {
      lines: [
        lengthLine('Centre X', x.centre, read, x.uncertainty.U),
        lengthLine('Centre Y', y.centre, read, y.uncertainty.U),
        lengthLine('Diameter, across the second pair', y.width, read, y.widthUncertainty.U),
      ],
      uncertainty: x.uncertainty.U >= y.uncertainty.U ? x.uncertainty : y.uncertainty,
      tape: {
        sections: [
          ...x.tape.sections.map((section) => ({ ...section, title: `X: ${section.title}` })),
          ...y.tape.sections.map((section) => ({ ...section, title: `Y: ${section.title}` })),
        ],
      },
      cautions: x.cautions,
      notes: ['The first pair may be off the middle. Take the second pair through the X found, or it is a chord.'],
      drawing: { kind: 'bore', diameter: y.width, radius: touch.contact.diameter / 2 + touch.contact.feeler },
    };
  },
};
