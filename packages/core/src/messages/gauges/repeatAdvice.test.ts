import { featureAnswer } from '../../state/datum/featureAnswer';
import { bookOf, plateSnapshot, caseReading } from '../../state/basis/snapshot.case';
import type { Feature } from '../../records/setup/datumPlan';
import { repeatWords } from './repeatAdvice';

const LEFT: Feature = { kind: 'face', face: 'left' };

function said(tolerance: number, ...values: number[]): string {
  const book = bookOf(
    plateSnapshot,
    values.map((value) => ({
      kind: 'reading' as const,
      setupId: plateSnapshot.setup.id,
      body: caseReading({ kind: 'face', face: 'left' }, value),
    })),
  );
  const answer = featureAnswer(book, LEFT);
  if (!answer) throw new Error('it was touched');
  return repeatWords(answer, tolerance, 'mm');
}

test('good enough is said, and no more touches are asked', () => {
  expect(said(0.2, -5.01, -5.008, -5.012)).toBe('No more touches are needed.');
});

test('a finder that is too coarse is not made finer by touching more', () => {
  expect(said(0.01, -5.01, -5.008, -5.012)).toMatch(
    /^More touches would not help: the [a-z ]+ alone leaves about ±0\.\d{3} mm\. A better finder makes the ± smaller\.$/,
  );
});

test('with one reading far from the others that one comes first, and nobody is sent for a better finder', () => {
  const words = said(0.01, -5.01, -5.008, -5.012, -4.01);
  expect(words).toBe('One reading is far from the others. Touch again, then strike out the wrong one.');
});

test('half a bore is not called enough: its other axis is still to be found', () => {
  const part = {
    ...plateSnapshot.part,
    shapes: [{ kind: 'bore' as const, id: 'bearing', name: 'bearing bore', at: { x: 62, y: 58 }, diameter: 26 }],
  };
  const walls = [
    ['x', 1, 70.003],
    ['x', -1, 54.001],
    ['y', 1, 66.001],
    ['y', -1, 50.002],
  ] as const;
  const after = (count: number) => {
    const book = bookOf(
      { ...plateSnapshot, part },
      walls.slice(0, count).map(([axis, approach, value]) => ({
        kind: 'reading' as const,
        setupId: plateSnapshot.setup.id,
        body: caseReading({ kind: 'round', of: 'bearing' }, value, { axis, approach, gaugeId: 'spring' }),
      })),
    );
    const answer = featureAnswer(book, { kind: 'round', of: 'bearing' });
    if (!answer) throw new Error('it was touched');
    return repeatWords(answer, 0.2, 'mm');
  };
  expect(after(2)).toBe('X is good enough. Y is not found yet.');
  expect(after(4)).toBe('No more touches are needed.');
});
