import type { TouchedSubject } from '@zero-point/core/records/values/subject';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { bookOf, plateBook, presetDone, caseReading, withTools } from '@zero-point/core/state/basis/snapshot.case';
import { useOutbox } from '../../stores/outbox';
import { logToolTouch, logZForm } from './commands';
import { heightsView } from './view';

const shop: SetupState = bookOf({
  ...plateBook,
  ...withTools([
    { id: 't1', number: 1, name: 'End mill', diameter: 10 },
    { id: 't2', number: 2, name: 'Drill', diameter: 4.2 },
    { id: 't3', number: 3, name: 'Spot drill', diameter: 6 },
  ]),
});

const setupId = shop.setup.id;
const ZERO: TouchedSubject = { kind: 'z-zero', tool: 1 };
const DRILL: TouchedSubject = { kind: 'tool-length', tool: 2 };

const touched = (book: SetupState, subject: TouchedSubject, value: number, epoch = 'first'): SetupState =>
  bookOf(book, [{ kind: 'reading', setupId, body: caseReading(subject, value, { epoch }) }]);

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('the reference tool', () => {
  test('is asked for first, by its gauge, raised onto', () => {
    const view = heightsView(shop, 1);
    expect(view.isReference).toBe(true);
    expect(view.sentence).toBe(
      '10.000 mm gauge block beside tool 1, the reference. Lower beside it to below its height, then raise until it just slides under. Then type what Z shows.',
    );
    expect(view.tools.map(({ shown }) => shown)).toEqual(['reference', 'not yet', 'not yet']);
  });

  test('sets Z to the gauge, or gives the work offset, the habit first', () => {
    const seen = touched(shop, ZERO, 37.42);
    expect(heightsView(seen, 1).forms.map(({ form, figure }) => [form, figure])).toEqual([
      ['preset', '10.000'],
      ['work-offset', '27.420'],
    ]);
    const habits = { ...seen.machine.habits, answerFirst: 'work-offset' as const };
    expect(heightsView({ ...seen, machine: { ...seen.machine, habits } }, 1).forms[0]?.form).toBe('work-offset');
  });

  test('where a control calls the next tool, the jog step it may bring back is said', () => {
    const control = { ...shop, machine: { ...shop.machine, kind: 'router' as const, jogSteps: [1, 0.01] } };
    expect(heightsView(control, 2).where).toContain('can reset the jog step to coarse');
    expect(heightsView(control, 1).where).not.toContain('coarse again');
    expect(heightsView(shop, 2).where).not.toContain('coarse again');
  });

  test('once set leads on to the first tool without a length', () => {
    const seen = touched(shop, ZERO, 37.42);
    const view = heightsView(seen, 1);
    const [preset] = view.forms;
    if (!preset) throw new Error('no answer');
    expect(view.next).toBe(2);
    logZForm(seen, view, preset);
    expect(logged).toMatchObject([{ kind: 'zeroing', body: { axis: 'z', began: 'first', form: 'preset', value: 10 } }]);
  });

  test('that the shop has not yet still hangs in the drawing', () => {
    expect(heightsView({ ...shop, tools: [] }, 1).tools.map(({ number }) => number)).toEqual([1]);
  });
});

describe('another tool', () => {
  const set = bookOf(touched(shop, ZERO, 37.42), [
    { kind: 'zeroing', setupId, body: presetDone(ZERO, 'z', 10, 'z-2') },
  ]);

  test('leaves the reference’s old figures behind once Z is set', () => {
    expect(heightsView(set, 1).forms).toEqual([]);
  });

  test('waits for the reference', () => {
    expect(heightsView(shop, 2).blocked).toBe('Touch the gauge with tool 1, the reference, first.');
    expect(heightsView(set, 2).blocked).toBeUndefined();
  });

  test.each([
    [-2.31, 'Tool 2 is shorter: offset', '−12.310'],
    [14.5, 'Tool 2 is longer: offset', '+4.500'],
    [10, 'Tool 2 is as long as tool 1: offset', '0.000'],
  ])('at %d', (z, say, figure) => {
    const [form] = heightsView(touched(set, DRILL, z, 'z-2'), 2).forms;
    expect(form).toMatchObject({ form: 'offset', say, figure, done: 'Go to tool 3' });
  });

  test('the last one ends the round', () => {
    const two = touched(set, DRILL, -2.31, 'z-2');
    const all = touched(two, { kind: 'tool-length', tool: 3 }, 1, 'z-2');
    const view = heightsView(all, 3);
    expect(view.forms[0]?.done).toBe('Finish: all tools measured');
    expect(view.next).toBeUndefined();
    if (view.forms[0]) logZForm(all, view, view.forms[0]);
    expect(logged).toEqual([]);
  });

  test('readings carry the ticked caution with them', () => {
    logToolTouch(set, heightsView(set, 2), '-2.31', ['raise-onto-gauge']);
    expect(logged).toMatchObject([
      { kind: 'reading', body: { subject: DRILL, ticked: ['raise-onto-gauge'], epoch: 'z-2', axis: 'z' } },
    ]);
  });
});

test('a machine that keeps its lengths another way gets its own number beside the one against the reference', () => {
  const other = (toolLengthSchool: 'touch-part' | 'reference-tool') => ({
    ...shop,
    machine: { ...shop.machine, habits: { ...shop.machine.habits, toolLengthSchool } },
  });
  const then = (book: SetupState) => {
    const zeroed = bookOf(touched(book, ZERO, 37.42), [
      { kind: 'zeroing', setupId, body: presetDone(ZERO, 'z', 10, 'z-2') },
    ]);
    logToolTouch(zeroed, heightsView(zeroed, 2), '-2.31', []);
    const [entry] = logged.splice(0);
    return entry && heightsView(bookOf(zeroed, [entry]), 2).forms[0]?.then;
  };
  expect(then(other('reference-tool'))).toBe('the length offset of tool 2 against tool 1');
  // Z is set to 10 on the block, so from that zero the tip is on part zero at -2.31 - 10.
  expect(then(other('touch-part'))).toMatch(/touched off the part: −12\.310 mm/);
});
