import { agreements } from '../../state/checks/agreements';
import type { SetupState } from '../../state/basis/setupState';
import { mendsOf } from '../../state/verify/corrections';
import { bookOf, plateSnapshot, caseReading } from '../../state/basis/snapshot.case';
import type { Face } from '../../records/values/subject';
import { agreementWords, mendWords } from './agreement';

const setupId = plateSnapshot.setup.id;
const touched = (units: 'mm' | 'in', ...touches: readonly (readonly [Face, number])[]): SetupState =>
  bookOf(
    { ...plateSnapshot, setup: { ...plateSnapshot.setup, units } },
    touches.map(([face, value]) => ({
      kind: 'reading' as const,
      setupId,
      body: caseReading({ kind: 'face', face }, value),
    })),
  );

const width = (book: SetupState) => {
  const found = agreements(book).find(({ of }) => of === 'width');
  if (!found) throw new Error('both faces were touched');
  return found;
};

const said = (book: SetupState) => {
  const check = width(book);
  const { said: measured, but } = agreementWords(book, check, book.setup.units);
  return `${measured}, ${check.explanation.agrees ? but.agrees : but.differs}.`;
};

test('faces as far apart as the part is long', () => {
  expect(said(touched('mm', ['left', -5], ['right', 189.01]))).toMatch(
    /^Left and right are 184\.010 mm apart ±0\.\d{3} mm, which agrees with the part’s 184\.000 mm within ±0\.0\d{2} mm\.$/,
  );
});

test('a misread millimetre is said with what was measured, its ±, and what the part is', () => {
  expect(said(touched('mm', ['left', -5], ['right', 190.01]))).toMatch(
    /^Left and right are 185\.010 mm apart ±0\.\d{3} mm, but the part is 184\.000 mm\.$/,
  );
});

test('in inches every figure is in inches', () => {
  expect(said(touched('in', ['left', -5], ['right', 190.01]))).toMatch(
    /^Left and right are 7\.2839 in apart ±0\.\d{4} in, but the part is 7\.2441 in\.$/,
  );
});

test('front and back are named as they are', () => {
  expect(said(touched('mm', ['front', -5], ['back', 121]))).toMatch(/^Front and back are 116\.000 mm apart/);
});

test('a mend says which face, what is struck, and what is written instead', () => {
  const book = touched('mm', ['left', -5], ['right', 190.01]);
  const words = mendsOf(book, width(book)).map((mend) => mendWords(book, mend));
  expect(words.length).toBeGreaterThan(0);
  expect(words).toContain('Right face: strike out 190.010, log 189.010 mm');
  for (const one of words) expect(one).toMatch(/^(Left|Right) face: strike out /);
});

test('what is further off than both are known does not agree, though no slip is named', () => {
  const near = touched('mm', ['left', -5], ['right', 189.07]);
  const { U, explanation } = width(near);
  expect(Math.abs(explanation.difference)).toBeGreaterThan(U);
  expect(explanation.agrees).toBe(true);
  expect(said(near)).toMatch(
    /, 0\.070 mm from the part’s 184\.000 mm\. That is more than ±0\.0\d{2} mm, but too little to name a cause: touch again\.$/,
  );
});
