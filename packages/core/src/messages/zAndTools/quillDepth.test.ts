import { set } from '../../state/zAndTools/lengths.case';
import { bookOf, plateSnapshot } from '../../state/basis/snapshot.case';
import { quillWords } from './quillDepth';

const { datumPlan, cutPlan, machine } = plateSnapshot;
const heights = { surface: 0, lift: 0, moves: 'knee' as const };
const Z_SET = set('z', 10);
const zeroingId = Z_SET.kind === 'zeroing' ? Z_SET.body.id : '';

const knee = (at?: number, quillTravel?: number, of = zeroingId) =>
  bookOf(
    {
      ...plateSnapshot,
      machine: { ...machine, ...(quillTravel !== undefined && { limits: { quillTravel } }) },
      datumPlan: { ...datumPlan, heights },
      cutPlan: { ...cutPlan, ...(at !== undefined && { kneeLocked: { at, zeroingId: of } }) },
    },
    [Z_SET],
  );

test('the quill carries Z itself: nothing is said of a knee', () => {
  expect(quillWords(bookOf(plateSnapshot, [Z_SET]), 3.15)).toBeUndefined();
});

test('the knee’s figure is asked for first, and again after Z was set again', () => {
  expect(quillWords(knee(), 3.15)).toMatchObject({
    said: expect.stringMatching(/lock the knee, then enter what Z shows/),
  });
  expect(quillWords(knee(12.5, undefined, 'an older one'), 3.15)?.said).toMatch(/lock the knee/);
});

test('knee locked at +12.500, full depth at +3.150: the stop at 9.350 down', () => {
  expect(quillWords(knee(12.5), 3.15)?.said).toBe(
    'Quill stop: 9.350 mm down, from where the quill was when Z was set. Valid only while Z shows +12.500 mm.',
  );
});

test('too high, or further than the quill goes: what to do with the knee', () => {
  expect(quillWords(knee(3), 3.15)).toMatchObject({
    trouble: true,
    said: expect.stringMatching(/Wind the knee down until Z shows more than \+3\.150 mm/),
  });
  expect(quillWords(knee(80, 60), 3.15)).toMatchObject({
    trouble: true,
    said: expect.stringMatching(
      /needs 76\.850 mm of quill, 16\.850 mm more than it has\. Raise the knee by that or more/,
    ),
  });
});
