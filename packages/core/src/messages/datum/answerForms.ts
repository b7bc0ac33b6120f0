import type { AnswerForm } from '../../records/shop/machine';
import type { SetupState } from '../../state/basis/setupState';
import { faceAnswer } from '../../state/datum/face';
import type { FeatureAnswer } from '../../state/datum/featureAnswer';
import { backlashAtTouch } from '../../state/gauges/contactSize';
import { scaleOf } from '../../state/basis/activeRecords';
import { dialSetting, dialTravel, type Dial } from '../../units/dial';
import { formatLength, formatLengthUnit, type LengthFormat } from '../../units/formatLength';
import { dialPositionWords } from '../holes/dialPosition';
import type { FormView } from './formView';
import { offsetWords } from './offsetLabel';

type AxisName = 'x' | 'y';

const AXES = ['x', 'y'] as const;

const isZero = (mm: number): boolean => Math.abs(mm) < 1e-9;

/** The machine's habit first, the others behind it; no work offset where there is nothing that keeps one. */
function habitFirst(book: SetupState, all: FormView[]): FormView[] {
  const first: AnswerForm = book.machine.habits.answerFirst;
  const forms = scaleOf(book) === 'dial' ? all.filter(({ form }) => form !== 'work-offset') : all;
  return [...forms.filter(({ form }) => form === first), ...forms.filter(({ form }) => form !== first)];
}

/** The dial of an axis where its scale is one. */
function dialOf(book: SetupState, axis: AxisName): Dial | undefined {
  return scaleOf(book) === 'dial' ? book.machine.axes[axis].dial : undefined;
}

const lines = (count: number): string => (count === 1 ? '1 line' : `${count} lines`);
const turns = (count: number): string => (count === 1 ? '1 turn' : `${count} turns`);

/** What rounding to a line leaves, where it leaves anything. */
const leftOver = (left: number, format: LengthFormat): string =>
  Math.abs(left) < 5e-4 ? '' : `, ${formatLength(left, { ...format, plus: true })} ${format.unit} left over`;

/** A way to go, as turns and lines of the handwheel. */
function turned(travel: number, dial: Dial, format: LengthFormat): string {
  const { turns: whole, line, left } = dialTravel(travel, dial);
  return `${turns(whole)} ${lines(line)}${leftOver(left, format)}`;
}

/** A coordinate, as it is on the dial: the line, and how far past or before zero that is. */
function onDial(coordinate: number, dial: Dial, format: LengthFormat): string {
  const { turns: whole, line, left } = dialSetting(coordinate, dial);
  return `${dialPositionWords(whole * dial.lines + line, dial)}${leftOver(left, format)}`;
}

/** The ways to use an answer, whatever feature it is of; the machine's habit first. */
export function formsOf(book: SetupState, answer: FeatureAnswer): FormView[] {
  if (answer.feature.kind === 'face') return faceForms(book, answer);
  return answer.off ? sweptForms(book, answer) : placeForms(book, answer);
}

/** The three answers at one face. */
function faceForms(book: SetupState, answer: FeatureAnswer): FormView[] {
  const { feature } = answer;
  const found = feature.kind === 'face' ? faceAnswer(book, feature.face, feature.of) : undefined;
  if (!found) return [];
  const { result } = found;
  const axis: AxisName = answer.x ? 'x' : 'y';
  const name = axis.toUpperCase();
  const format: LengthFormat = { unit: book.setup.units };
  const dial = dialOf(book, axis);
  // After a cycle of the control nothing touches any more: only its figure is left to enter.
  const [last] = found.readings.slice(-1);
  if (last?.source.by === 'control') return [offsetForm(book, name, result.workOffset)];
  const there = isZero(result.moveTo) ? `zero ${name}` : `set ${name} to ${formatLengthUnit(result.moveTo, format)}`;
  return habitFirst(book, [
    {
      form: 'preset',
      say: `Set ${name} to`,
      figure: formatLength(result.preset, format),
      then: dial
        ? `set the collar, the wheel held still: ${onDial(result.preset, dial, format)}; while it still touches`
        : 'while the finder still touches',
      done: `Log ${name} set to ${formatLength(result.preset, format)}`,
      value: result.preset,
    },
    {
      form: 'move',
      say: `Raise the tool, then move ${name}`,
      figure: formatLength(result.move, { ...format, plus: true }),
      then: dial ? `${turned(result.move, dial, format)} further the same way; then ${there}` : `then ${there}`,
      done: `Log ${name} set to ${formatLength(result.moveTo, format)}`,
      value: result.moveTo,
    },
    offsetForm(book, name, result.workOffset),
  ]);
}

const offsetForm = (book: SetupState, name: string, value: number): FormView => ({
  form: 'work-offset',
  say: `${offsetWords(book)} ${name}`,
  figure: formatLength(value, { unit: book.setup.units }),
  then: 'part zero on the current scale',
  done: `Log ${name} offset ${formatLength(value, { unit: book.setup.units })}`,
  value,
});

/** A coordinate that is driven to; going there toward minus on a dial takes the backlash first. */
function arrival(book: SetupState, axis: AxisName, format: LengthFormat): string {
  const lost = backlashAtTouch(book, axis, new Date().toISOString());
  return lost
    ? ` Arrive going toward +: coming from the other side, go past by ${formatLengthUnit(lost.value, format)} and half a turn, and come back.`
    : '';
}

/** The ways at a place that is driven to: a middle, a corner, a centre. */
function placeForms(book: SetupState, answer: FeatureAnswer): FormView[] {
  const format: LengthFormat = { unit: book.setup.units };
  const known = AXES.filter((axis) => answer[axis] !== undefined);
  const figures = (of: (axis: AxisName) => number, plus = false) => figuresOf(known, of, { ...format, plus });
  const at = (axis: AxisName) => answer[axis] ?? { found: 0, nominal: 0, workOffset: 0, stands: undefined };
  const names = known.map((axis) => axis.toUpperCase()).join(' and ');
  const zeros = known.every((axis) => isZero(at(axis).nominal));
  const settings = known
    .map((axis) => `${axis.toUpperCase()} to ${formatLengthUnit(at(axis).nominal, format)}`)
    .join(' and ');
  const values = (of: (axis: AxisName) => number) => Object.fromEntries(known.map((axis) => [axis, of(axis)]));
  const dials = known.map((axis) => dialOf(book, axis)).every((dial) => dial !== undefined);
  const then = zeros ? `then zero ${names}` : `then set ${settings}`;
  const spot =
    answer.feature.kind === 'middle' ? 'the middle' : answer.feature.kind === 'corner' ? 'the corner' : 'the centre';
  const move: FormView = {
    form: 'move',
    say: known.length === 1 ? `Raise the tool, move ${names} to` : 'Raise the tool, move to',
    ...figures((axis) => at(axis).found),
    then: dials
      ? `${known.map((axis) => `${axis.toUpperCase()} ${onDial(at(axis).found, dialOf(book, axis) ?? { perTurn: 1, lines: 1 }, format)}`).join('; ')}; ${then}.${known[0] ? arrival(book, known[0], format) : ''}`
      : then,
    done: `Log ${names} set at ${spot}`,
    value: at(known[0] ?? 'x').nominal,
    values: values((axis) => at(axis).nominal),
  };
  const offset: FormView = {
    form: 'work-offset',
    say: `${offsetWords(book)} ${names}`,
    ...figures((axis) => at(axis).workOffset),
    then: 'part zero on the current scale',
    done: `Log ${names} ${known.length === 1 ? 'offset' : 'offsets'}`,
    value: at(known[0] ?? 'x').workOffset,
    values: values((axis) => at(axis).workOffset),
  };
  const stands = known.every((axis) => at(axis).stands !== undefined);
  const here = (axis: AxisName) => (at(axis).stands ?? 0) - at(axis).workOffset;
  const preset: FormView = {
    form: 'preset',
    say: `Not moved since the touch: set ${known.length === 1 ? names : ''}`.trim() + ' to',
    ...figures(here),
    then: 'do not move first',
    done: `Log ${names} set`,
    value: here(known[0] ?? 'x'),
    values: values(here),
  };
  // A place is driven to before it is preset: nobody stands there yet.
  const habit = book.machine.habits.answerFirst;
  const ordered = dials ? [move] : habit === 'work-offset' ? [offset, move] : [move, offset];
  return stands ? [...ordered, preset] : ordered;
}

function figuresOf(
  known: readonly AxisName[],
  of: (axis: AxisName) => number,
  format: LengthFormat,
): Pick<FormView, 'figure' | 'pair'> {
  const [first] = known;
  if (known.length === 1 && first) return { figure: formatLength(of(first), format) };
  return {
    figure: known.map((axis) => `${axis.toUpperCase()} ${formatLength(of(axis), format)}`).join(', '),
    pair: { x: formatLength(of('x'), format), y: formatLength(of('y'), format) },
  };
}

/** The ways at a swept centre: the spindle stands beside it, and only how far is known. */
function sweptForms(book: SetupState, answer: FeatureAnswer): FormView[] {
  const format: LengthFormat = { unit: book.setup.units };
  const off = answer.off ?? { x: 0, y: 0 };
  const nominal = { x: answer.x?.nominal ?? 0, y: answer.y?.nominal ?? 0 };
  const zeros = isZero(nominal.x) && isZero(nominal.y);
  const place = zeros
    ? 'then zero X and Y'
    : `then set X to ${formatLengthUnit(nominal.x, format)} and Y to ${formatLengthUnit(nominal.y, format)}`;
  const forms: FormView[] = [
    {
      form: 'move',
      say: 'Move by',
      ...figuresOf(AXES, (axis) => -off[axis], { ...format, plus: true }),
      then: place,
      done: 'Log X and Y set at the centre',
      value: nominal.x,
      values: nominal,
    },
    {
      form: 'preset',
      say: 'Do not move: set to',
      ...figuresOf(AXES, (axis) => nominal[axis] + off[axis], format),
      then: 'without moving',
      done: 'Log X and Y set',
      value: nominal.x + off.x,
      values: { x: nominal.x + off.x, y: nominal.y + off.y },
    },
  ];
  if (answer.x?.stands !== undefined && answer.y?.stands !== undefined) {
    const offsets = { x: answer.x.workOffset, y: answer.y.workOffset };
    forms.push({
      form: 'work-offset',
      say: `${offsetWords(book)} X and Y`,
      ...figuresOf(AXES, (axis) => offsets[axis], format),
      then: 'part zero on the current scale',
      done: 'Log X and Y offsets',
      value: offsets.x,
      values: offsets,
    });
  }
  return habitFirst(book, forms);
}
