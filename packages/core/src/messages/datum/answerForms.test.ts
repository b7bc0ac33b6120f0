import type { Feature } from '../../records/setup/datumPlan';
import type { AnswerForm, Machine } from '../../records/shop/machine';
import type { Face, TouchedSubject } from '../../records/values/subject';
import type { SetupState } from '../../state/basis/setupState';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { bookOf, plateSnapshot, caseReading } from '../../state/basis/snapshot.case';
import { formsOf } from './answerForms';
import type { FormView } from './formView';

const setupId = plateSnapshot.setup.id;
const faceOf = (face: Face): TouchedSubject => ({ kind: 'face', face });
const LEFT: Feature = { kind: 'face', face: 'left' };
const DIAL = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };

function shop(machine: Partial<Machine>, setup: Partial<SetupState['setup']> = {}): typeof plateSnapshot {
  return {
    ...plateSnapshot,
    machine: { ...plateSnapshot.machine, ...machine },
    setup: { ...plateSnapshot.setup, ...setup },
  };
}

const touched = (snapshot: typeof plateSnapshot, touches: readonly (readonly [Face, number])[]): SetupState =>
  bookOf(
    snapshot,
    touches.map(([face, value]) => ({
      kind: 'reading' as const,
      setupId,
      body: caseReading(faceOf(face), value, { scale: snapshot.machine.scale }),
    })),
  );

function forms(book: SetupState, feature: Feature): FormView[] {
  const answer = featureAnswer(book, feature);
  if (!answer) throw new Error('it was touched');
  return formsOf(book, answer);
}

const said = (all: readonly FormView[]) => all.map(({ say, figure, then }) => [say, figure, then]);

describe('a face touched from the left by a 10 mm finder', () => {
  const at = (machine: Partial<Machine>, setup: Partial<SetupState['setup']> = {}) =>
    forms(touched(shop(machine, setup), [['left', -5.01]]), LEFT);

  test('is preset while touching, or moved from, or entered as an offset: all three, with their signs', () => {
    expect(said(at({}))).toEqual([
      ['Set X to', '−5.000', 'while the finder still touches'],
      ['Raise the tool, then move X', '+5.000', 'then zero X'],
      ['Work offset X', '−0.010', 'part zero on the current scale'],
    ]);
  });

  test.each<[AnswerForm, string]>([
    ['preset', 'Set X to'],
    ['move', 'Raise the tool, then move X'],
    ['work-offset', 'Work offset X'],
  ])('the habit of the machine comes first: %s', (answerFirst, first) => {
    const habits = { answerFirst, toolLengthSchool: 'reference-tool' as const };
    expect(at({ habits })[0]?.say).toBe(first);
    expect(at({ habits })).toHaveLength(3);
  });

  test('on dials in turns and lines, with what a line leaves over', () => {
    const axis = { ...plateSnapshot.machine.axes.x, dial: DIAL };
    const dials = at({ scale: 'dial', axes: { x: axis, y: axis, z: axis } });
    expect(dials[0]?.then).toBe(
      'set the collar, the wheel held still: line 40, 1 turn 80 lines before zero; while it still touches',
    );
    // A dial keeps no offset
    expect(dials.map(({ form }) => form)).toEqual(['preset', 'move']);
    expect(dials[1]?.then).toBe('1 turn 80 lines further the same way; then zero X');
  });

  test('in inches', () => {
    expect(at({}, { units: 'in' })[1]).toMatchObject({ figure: '+0.1969', then: 'then zero X' });
  });

  test('the figure is what the axis is made to read: the log keeps the same', () => {
    const [preset, move, offset] = at({});
    expect(preset?.value).toBeCloseTo(-5, 12);
    expect(move?.value).toBeCloseTo(0, 12);
    expect(offset?.value).toBeCloseTo(-0.01, 12);
  });
});

describe('the same from the right', () => {
  test('the tool stands beyond the part: preset is more than its length, and it moves toward minus', () => {
    const right = forms(touched(shop({}), [['right', 189.01]]), { kind: 'face', face: 'right' });
    expect(said(right).slice(0, 2)).toEqual([
      ['Set X to', '189.000', 'while the finder still touches'],
      ['Raise the tool, then move X', '−5.000', 'then set X to 184.000 mm'],
    ]);
  });
});

describe('the middle of two faces', () => {
  const middle: Feature = { kind: 'middle', axis: 'x' };
  const both = touched(shop({}, { partZero: 'centre' }), [
    ['left', -5],
    ['right', 189.04],
  ]);

  test('is driven to with tool raised before it is zeroed, and only then preset where it is', () => {
    expect(said(forms(both, middle))).toEqual([
      ['Raise the tool, move X to', '92.020', 'then zero X'],
      ['Work offset X', '92.020', 'part zero on the current scale'],
      ['Not moved since the touch: set X to', '97.020', 'do not move first'],
    ]);
  });

  test('a machine that keeps offsets has the offset first', () => {
    const habits = { answerFirst: 'work-offset' as const, toolLengthSchool: 'reference-tool' as const };
    const offsets = touched(shop({ habits }, { partZero: 'centre' }), [
      ['left', -5],
      ['right', 189.04],
    ]);
    expect(forms(offsets, middle).map(({ form }) => form)).toEqual(['work-offset', 'move', 'preset']);
  });
});
