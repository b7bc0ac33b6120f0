import type { ChuckFlipOutput } from '../../alignment/chuckFlip.schema';
import { noteWords } from '../basis/note';
import type { InLine } from '../../alignment/inLine';
import type { AlignmentResult } from '../../state/alignment/taskAnswer';
import type { SetupState } from '../../state/basis/setupState';
import type { Uncertainty } from '../../metrology/uncertainty';
import type { Working } from '../../working/working';
import { FACE_TOUCH } from '../../datum/partFrame';
import { formatAngle, formatLength, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';

const AXES = ['x', 'y'] as const;

/** What to do with a part that is off in its chuck, by the jaws it is held in. */
function chuckSentence({ jaws, shim, toward, off }: ChuckFlipOutput): string {
  if (jaws === 'two') {
    const [along] = off;
    const jaw = (along?.off ?? 0) >= 0 ? 0 : 180;
    if (shim === null) return 'Tap across the jaws by half the difference, without shims. Then read again.';
    return `Shim under the jaw at mark ${jaw}°: along the jaws only a shim moves it. Across them tap half the difference. Then read again.`;
  }
  if (jaws === 'four')
    return 'Turn the jaws’ screws by half the difference, one out and the other in. Then read again.';
  return shim === null
    ? 'Move half the difference, zero the dial, and read again.'
    : `Shim under the jaw nearest mark ${Math.round(toward) % 360}°. Then read again.`;
}

/** One figure of the advice: what it is, and the number with its unit. */
export interface AdviceFigure {
  say: string;
  figure: string;
  unit: string;
}

/** What to do about a pass. */
export interface Advice {
  state: InLine;
  sentence: string;
  figures: AdviceFigure[];
  notes: string[];
  /** How far out, against what is allowed: for the chart and the verdict. */
  error: number;
  uncertainty: Uncertainty;
  tape: Working;
}

/** Turns an answer into what a person does next, in the setup's unit. */
export function advise(book: SetupState, answer: AlignmentResult): Advice {
  const figures = figuresIn(book.setup.units);
  switch (answer.task) {
    case 'vise':
      return viseAdvice(answer, figures);
    case 'head':
      return headAdvice(answer, figures);
    case 'centre':
      return answer.school === 'plug' ? plugAdvice(answer.result, figures) : sweepAdvice(answer, figures);
    case 'chuck':
      return chuckAdvice(answer, figures);
    case 'level':
      return levelAdvice(answer, figures);
    case 'skew':
      return skewAdvice(answer, figures);
  }
}

type ResultOf<T extends AlignmentResult['task']> = Extract<AlignmentResult, { task: T }>;

/** Figures in the setup's unit. */
interface Figures {
  unit: LengthUnit;
  show: (mm: number, plus?: boolean) => string;
  figure: (say: string, mm: number, plus?: boolean) => AdviceFigure;
}

function figuresIn(unit: LengthUnit): Figures {
  const show = (mm: number, plus = false) => formatLength(mm, { unit, plus });
  return { unit, show, figure: (say, mm, plus = true) => ({ say, figure: show(mm, plus), unit }) };
}

/** Which end of the jaw to tap, and which way. */
function viseAdvice(answer: ResultOf<'vise'>, { unit, figure }: Figures): Advice {
  const { result } = answer;
  const { sentence, end } = tapWords(answer.alignment, result.tap);
  return {
    ...common(result),
    sentence: bySentence(result.state, 'The jaw runs true.', sentence),
    figures: [
      figure(tapBy(result.state, end), Math.abs(result.tap), false),
      figure('Reading there now', result.reads),
      figure('Reading there when right', result.shouldRead),
    ],
    notes: [
      ...result.notes.map((note) => noteWords(note, unit)),
      `The jaw’s direction: ${angleWords(result.angle)} from its axis.`,
    ],
  };
}

/** Which way to tram the head and to nod it. */
function headAdvice(answer: ResultOf<'head'>, { unit, show, figure }: Figures): Advice {
  const worse = Math.abs(answer.result.error) >= Math.abs(answer.other.error) ? answer.result : answer.other;
  const { result: side, other: nod } = answer;
  const done = side.state === 'within' && nod.state === 'within';
  const state = done ? 'within' : side.state === 'off' || nod.state === 'off' ? 'off' : 'unsure';
  const turn = side.lean > 0 ? 'counter-clockwise' : 'clockwise';
  const lines = [
    side.state === 'within' ? 'Left to right it is square.' : `Seen from the front, tram the head ${turn}.`,
    nod.state === 'within'
      ? 'Front to back it is square.'
      : `Nod the top of the head ${nod.lean > 0 ? 'toward you' : 'away from you'}.`,
  ];
  return {
    ...common(worse),
    state,
    tape: { sections: [...side.tape.sections, ...nod.tape.sections] },
    sentence: bySentence(state, 'The head is square to the table.', lines.join(' ')),
    figures: [
      { say: 'Tilt to the right', figure: signedAngle(side.lean), unit: '' },
      figure('per 100 mm', side.per100),
      { say: 'Tilt away from you', figure: signedAngle(nod.lean), unit: '' },
      figure('per 100 mm', nod.per100),
    ],
    notes: [
      `Per 6 in: ${show(side.per6in, true)} and ${show(nod.per6in, true)} ${unit}. Turned right-handed about Y ${signedAngle(side.turn)}, about X ${signedAngle(nod.turn)}.`,
      `When right, both sides read the same: the right ${show(Math.abs(side.error))} ${unit} ${side.error > 0 ? 'less' : 'more'} against the left, the back ${show(Math.abs(nod.error))} ${unit} ${nod.error > 0 ? 'less' : 'more'} against the front.`,
    ],
  };
}

/** By what to move to the centre of a bore or boss. */
function sweepAdvice(
  { result }: Exclude<ResultOf<'centre'>, { school: 'plug' }>,
  { unit, show, figure }: Figures,
): Advice {
  return {
    ...common(result),
    sentence: bySentence(
      result.state,
      'The spindle is over the centre. Zero X and Y here.',
      'Move by these, then sweep again.',
    ),
    figures: [
      ...AXES.map((axis) =>
        result.state === 'off'
          ? figure(`Move ${axis.toUpperCase()} by`, result.move[axis])
          : figure(`The spindle is off in ${axis.toUpperCase()} by`, -result.move[axis]),
      ),
      figure('Reading all round when right', result.shouldRead),
    ],
    notes: [
      ...result.notes.map((note) => noteWords(note, unit)),
      `Total run-out ${show(result.tir)} ${unit}${result.form === null ? '' : `, of which ${show(result.form)} ${unit} is form and will remain`}.`,
      `± of each axis: X ${plusMinus(result.U.x, unit)}, Y ${plusMinus(result.U.y, unit)}.`,
    ],
  };
}

/** What to push or shim in a chuck. */
function chuckAdvice(answer: ResultOf<'chuck'>, { unit, show, figure }: Figures): Advice {
  const { result } = answer;
  const pushes = result.off.map(({ mark, off }) => {
    const high = off >= 0 ? mark : mark + 180;
    const say = result.state === 'off' ? `Mark ${high}° at the indicator: push away` : `Off toward mark ${high}° by`;
    return figure(say, Math.abs(off), false);
  });
  return {
    ...common(result),
    sentence:
      result.state === 'unsure' && result.off.length < 2
        ? 'One way is read. Read marks 90° and 270° too: only then do you know if the part runs true.'
        : bySentence(result.state, 'The part runs true.', chuckSentence(result)),
    figures: [
      // Along two jaws only a shim moves it; across them it is tapped.
      ...(result.shim === null || result.state !== 'off'
        ? pushes.slice(result.jaws === 'two' && result.state === 'off' && result.off.length > 1 ? 1 : 0)
        : [figure('Shim', result.shim, false), ...(result.jaws === 'two' ? pushes.slice(1) : [])]),
      ...result.shouldRead.map(({ mark, reading }) => figure(`Dial at mark ${mark}° when right`, reading)),
    ],
    notes: [
      `Off the axis by ${show(result.error)} ${unit}, toward mark ${Math.round(result.toward) % 360}°.`,
      ...(result.chuckOut
        ? [
            'The chuck itself is out by more than this job allows. True the chuck on its table first. A shim only helps this one part.',
          ]
        : []),
    ],
  };
}

/** By what to turn the rotary axis until the flat is level. */
function levelAdvice(answer: ResultOf<'level'>, { figure }: Figures): Advice {
  const { result } = answer;
  return {
    ...common(result),
    sentence: bySentence(
      result.state,
      'The flat is level. Zero the rotary axis now.',
      'Turn the rotary axis by this, and read again.',
    ),
    figures: [
      {
        say: result.state === 'off' ? 'Turn the axis by' : 'Left to turn',
        figure: signedAngle(result.turn),
        unit: '',
      },
      figure('Second place is higher by', result.error),
    ],
    notes: ['Once it is level, make the rotary axis read zero.'],
  };
}

/** Which end of the part to tap, or the angle to rotate the coordinates by. */
function skewAdvice(answer: ResultOf<'skew'>, { figure }: Figures): Advice {
  const { result } = answer;
  const { sentence, end } = tapWords(
    {
      ...answer.alignment,
      along: FACE_TOUCH[answer.alignment.face].axis === 'x' ? 'y' : 'x',
    },
    result.tap,
  );
  return {
    ...common(result),
    sentence: bySentence(result.state, 'The part is straight.', `${sentence} Or rotate the coordinates.`),
    figures: [
      { say: 'The part is rotated', figure: signedAngle(result.angle), unit: `±${formatAngle(result.angleU)}` },
      figure(tapBy(result.state, end), Math.abs(result.tap), false),
    ],
    notes: ['Counter-clockwise is plus, seen from above.'],
  };
}

const common = (result: { state: InLine; error: number; uncertainty: Uncertainty; tape: Working }) => ({
  state: result.state,
  error: result.error,
  uncertainty: result.uncertainty,
  tape: result.tape,
});

function bySentence(state: InLine, within: string, off: string): string {
  if (state === 'within') return within;
  if (state === 'off') return off;
  return 'The readings cannot show whether it is straight. Read each place again, or more places.';
}

/** What the figure at the loose end is: something to do only where it is known to be out. */
const tapBy = (state: InLine, end: string): string =>
  state === 'off' ? `Tap the ${end} end by` : `The ${end} end is out by`;

const signedAngle = (degrees: number): string => `${degrees > 0 ? '+' : ''}${formatAngle(degrees)}`;

const angleWords = (degrees: number): string =>
  degrees === 0 ? '0.000°' : `${formatAngle(Math.abs(degrees))} ${degrees > 0 ? 'counter-clockwise' : 'clockwise'}`;

/** Which end to tap and which way. */
function tapWords(
  { along, pivot, loose }: { along: 'x' | 'y'; pivot: number; loose: number },
  tap: number,
): { sentence: string; end: string } {
  const plus = loose >= pivot;
  const end = along === 'x' ? (plus ? 'right' : 'left') : plus ? 'back' : 'front';
  const way =
    along === 'x' ? (tap > 0 ? 'back, away from you' : 'toward you') : tap > 0 ? 'to the right' : 'to the left';
  return { sentence: `Tap the ${end} end ${way}.`, end };
}

type Plug = Extract<AlignmentResult, { school: 'plug' }>['result'];

function plugAdvice(result: Plug, { unit, figure }: Figures): Advice {
  return {
    state: result.verdict === 'poor' ? 'unsure' : 'within',
    error: 0,
    uncertainty: result.uncertainty,
    tape: result.tape,
    sentence: 'The plug is on the centre. Leave it seated: zero X and Y, or enter this.',
    figures: [figure('Centre X', result.centre.x), figure('Centre Y', result.centre.y)],
    notes: [
      result.confirmed === 'sweep' ? 'Confirmed by a sweep.' : 'Accepted without a check sweep.',
      ...result.notes.map((note) => noteWords(note, unit)),
      `Good to ${formatLengthUnit(result.uncertainty.U, { unit })} either way in each axis.`,
    ],
  };
}
