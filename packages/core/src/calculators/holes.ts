import { REGISTRY } from '../registry/registry';
import { formatAngle, formatLength } from '../units/formatLength';
import { dialPosition } from '../messages/holes/dialPosition';
import { choiceField, lengthField, lengthLine, numberField, optionalLengthField, typedLengthText } from './fields';
import { calculate, type Calculator } from './form';

/** Most holes whose places are all told. */
const LISTED = 40;

/** Holes on a circle. */
export const BOLT_CIRCLE: Calculator = {
  name: 'bolt-circle',
  title: 'A bolt circle',
  about: 'each hole’s X and Y, from centre, diameter and first angle',
  fields: ({ arc = 'full', told = 'diameter' }) => [
    choiceField('told', 'The drawing gives its', [
      { value: 'diameter', label: 'Diameter' },
      { value: 'radius', label: 'Radius' },
    ]),
    lengthField('size', told === 'radius' ? 'Radius of the circle' : 'Diameter of the circle'),
    { key: 'holes', label: 'Holes', kind: 'count', start: { mm: '6', in: '6' } },
    numberField('first', 'First hole at, counter-clockwise from +X', '0', '°'),
    choiceField('direction', 'Counted', [
      { value: 'counter-clockwise', label: 'Counter-clockwise' },
      { value: 'clockwise', label: 'Clockwise' },
    ]),
    choiceField('arc', 'Round', [
      { value: 'full', label: 'All the way' },
      { value: 'part', label: 'Part of the way' },
    ]),
    ...(arc === 'part' ? [numberField('span', 'From first to last hole', '90', '°')] : []),
    lengthField('x', 'Centre X', '0'),
    lengthField('y', 'Centre Y', '0'),
  ],
  before: () => ({ kind: 'holes', holes: [], diameter: 48, centre: { x: 0, y: 0 } }),
  reckon: (read) => {
    const told = read.length('size');
    const diameter = read.text('told') === 'radius' ? 2 * told : told;
    const centre = { x: read.length('x'), y: read.length('y') };
    const circle = REGISTRY['bolt-circle'];
    const input = {
      centre,
      diameter,
      holes: read.number('holes'),
      firstAngle: read.number('first'),
      direction: read.text('direction') === 'clockwise' ? ('clockwise' as const) : ('counter-clockwise' as const),
      ...(read.text('arc') === 'part' && { arc: read.number('span') }),
    };
    const found = calculate(circle, input);
    const figure = (mm: number) => formatLength(mm, { unit: read.unit });
    return {
      lines: found.positions.slice(0, LISTED).map(({ hole, x, y, angle }) => ({
        say: `Hole ${hole}, at ${formatAngle(angle)}`,
        figure: `X ${figure(x)}  Y ${figure(y)}`,
        unit: read.unit,
      })),
      uncertainty: null,
      exact: circle.exact ?? '',
      tape: found.tape,
      cautions: found.cautions,
      notes: [
        `${formatAngle(Math.abs(found.step))} from hole to hole${found.chord === null ? '' : `, ${typedLengthText(found.chord, read)} straight across between neighbours: prove it with a rule`}.`,
      ],
      drawing: { kind: 'holes', holes: found.positions, diameter, centre },
      carry: { to: 'positions', circle: input },
    };
  },
};

/** A length in turns and lines of a handwheel. */
export const TURNS: Calculator = {
  name: 'turns',
  title: 'Turns and lines',
  about: 'how far to turn a handwheel, with backlash',
  fields: () => [
    lengthField('from', 'Starts at', '0'),
    lengthField('to', 'Go to'),
    lengthField('perTurn', 'Travel of one turn', '3', '0.1'),
    { key: 'lines', label: 'Lines of the dial', kind: 'count', start: { mm: '120', in: '100' } },
    optionalLengthField('backlash', 'Backlash', '0.2', '0.008'),
    choiceField('approach', 'Arrive going', [
      { value: 'plus', label: 'toward +' },
      { value: 'minus', label: 'toward −' },
    ]),
  ],
  before: () => ({ kind: 'wheel', lines: 100, line: 0, turns: 0 }),
  reckon: (read) => {
    const dial = { perTurn: read.length('perTurn'), lines: read.number('lines') };
    const move = REGISTRY['dial-move'];
    const found = calculate(move, {
      from: read.length('from'),
      to: read.length('to'),
      taken: true,
      dial,
      backlash: read.optionalLength('backlash') ?? 0,
      approach: read.text('approach') === 'minus' ? -1 : 1,
    });
    return {
      lines: [
        { say: 'The dial then shows line', figure: `${found.at.line}`, unit: dialPosition(found.lines, dial).far },
        lengthLine('Left over between two lines', found.left, read, undefined, true),
      ],
      uncertainty: null,
      exact: move.exact ?? '',
      tape: found.tape,
      cautions: found.cautions,
      notes: found.words.map((words, i) => `${i + 1}. ${words.charAt(0).toUpperCase()}${words.slice(1)}.`),
      drawing: { kind: 'wheel', lines: dial.lines, line: found.at.line, turns: found.at.turns },
    };
  },
};
