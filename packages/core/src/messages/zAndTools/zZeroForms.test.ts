import { toolLengthAnswer, zZeroAnswer } from '../../state/zAndTools/zZero';
import type { SetupState } from '../../state/basis/setupState';
import { bookOf, plateSnapshot, presetDone, caseReading, withTools } from '../../state/basis/snapshot.case';
import type { Entry } from '../../records/kinds/entry';
import type { TouchedSubject } from '../../records/values/subject';
import { closingWords } from './closingCheck';
import { offsetForm, zZeroForms } from './zZeroForms';

const setupId = plateSnapshot.setup.id;
const MM = { unit: 'mm' as const };
const tools = [1, 2, 3].map((number) => ({ id: `t${number}`, number, name: `Tool ${number}`, diameter: 6 }));
const REFERENCE: TouchedSubject = { kind: 'z-zero', tool: 1 };

const touch = (subject: TouchedSubject, value: number, epoch?: string): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(subject, value, { axis: 'z', gaugeId: 'block', ...(epoch && { epoch }) }),
});
const tool = (number: number, value: number, epoch?: string) =>
  touch({ kind: 'tool-length', tool: number }, value, epoch);

const shop = (habits = plateSnapshot.machine.habits, ...entries: Entry[]): SetupState =>
  bookOf({ ...plateSnapshot, ...withTools(tools), machine: { ...plateSnapshot.machine, habits } }, entries);

const zForms = (book: SetupState) => {
  const answer = zZeroAnswer(book);
  if (!answer) throw new Error('the reference touched');
  return zZeroForms(book, answer, MM);
};

const lengthForm = (book: SetupState, number: number) => {
  const answer = toolLengthAnswer(book, number);
  if (!answer) throw new Error('it touched');
  return offsetForm(book, answer, number, MM, 'Go to tool 3');
};

describe('Z on a 10 mm block', () => {
  const { habits } = plateSnapshot.machine;

  test('is set to the block’s height while it touches, never moved to', () => {
    expect(zForms(shop(habits, touch(REFERENCE, 37.42)))[0]).toMatchObject({
      say: 'Set Z to',
      figure: '10.000',
      then: 'still on the gauge: set, do not move',
    });
  });

  test('as an offset the block comes off the reading', () => {
    const offsets = { ...habits, answerFirst: 'work-offset' as const };
    expect(zForms(shop(offsets, touch(REFERENCE, 37.42)))[0]).toMatchObject({ form: 'work-offset', figure: '27.420' });
  });
});

describe('a tool against the reference', () => {
  const { habits } = plateSnapshot.machine;

  test.each([
    [25.11, 'Tool 2 is shorter: offset', '−12.310'],
    [40.02, 'Tool 2 is longer: offset', '+2.600'],
    [37.42, 'Tool 2 is as long as tool 1: offset', '0.000'],
  ])('Z %d', (z, say, figure) => {
    expect(lengthForm(shop(habits, touch(REFERENCE, 37.42), tool(2, z)), 2)).toMatchObject({ say, figure });
  });

  test('in another school it says the number its table wants too', () => {
    const offPart = { ...habits, toolLengthSchool: 'touch-part' as const };
    const { then } = lengthForm(shop(offPart, touch(REFERENCE, -40), tool(2, -52.31)), 2);
    expect(then).toBe('against tool 1; in this machine’s table, touched off the part: −62.310 mm');
  });
});

describe('the reference touched again at the end', () => {
  const { habits } = plateSnapshot.machine;
  const round = [touch(REFERENCE, 37.42), tool(2, 25.11)];

  test('nothing is asked before another tool was touched', () => {
    expect(closingWords(shop(habits, touch(REFERENCE, 37.42)), MM)).toBeUndefined();
  });

  test('what it must show', () => {
    expect(closingWords(shop(habits, ...round), MM)).toEqual({
      agrees: null,
      words: expect.stringMatching(
        /^At the end touch the gauge with tool 1 again: Z must come back to 37\.420 mm ±/,
      ) as string,
    });
  });

  test.each([
    [37.425, true, /^Tool 1 came back to 37\.425 mm, as it must/],
    [37.92, false, /^Tool 1 came back to 37\.920 mm, but must show 37\.420 mm .*Something moved/],
  ])('at %d', (z, agrees, words) => {
    const said = closingWords(shop(habits, ...round, touch(REFERENCE, z)), MM);
    expect(said?.agrees).toBe(agrees);
    expect(said?.words).toMatch(words);
  });

  test('with Z set while it touched, what it was set to is what it must show', () => {
    const set: Entry = { kind: 'zeroing', setupId, body: presetDone(REFERENCE, 'z', 10, 'z-2') };
    expect(closingWords(shop(habits, touch(REFERENCE, 37.42), set, tool(2, -2.31, 'z-2')), MM)?.words).toContain(
      'Z must come back to 10.000 mm',
    );
  });
});
