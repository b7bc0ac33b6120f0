import { checkProgram, programBytes } from '../../program/checkProgram';
import { CLEAN } from '../../program/fixtures/clean.case';
import { FAULTY, lineOf } from '../../program/fixtures/faulty.case';
import { PLATE } from '../../program/fixtures/plate.case';
import { programComparisonRows, envelopeWords } from './programComparison';
import { programFindingWords, linesWords } from './finding';
import { zeroPlaceWords } from './finding/phrases';

const checked = (text: string, set = PLATE) => checkProgram(programBytes(text), set);

test.each(FAULTY)('$name: said with a remedy, in mm and in inches, with nothing left blank', (faulty) => {
  const { findings } = checked(lineOf(faulty).text, faulty.set);
  expect(findings.length).toBeGreaterThan(0);
  for (const finding of findings)
    for (const unit of ['mm', 'in'] as const) {
      const { said, remedy } = programFindingWords(finding, unit);
      for (const sentence of [said, remedy]) {
        expect(sentence).toMatch(/[.!]$/);
        expect(sentence).not.toMatch(/undefined|NaN|null|\[object/);
        expect(sentence.length).toBeLessThan(180);
      }
      if (unit === 'in') expect(said).not.toMatch(/\d mm\b/);
    }
});

test('an H of another tool, word for word', () => {
  const faulty = FAULTY.find(({ code }) => code === 'length-other');
  if (!faulty) throw new Error('there is none');
  const found = checked(lineOf(faulty).text, faulty.set).findings.find(({ code }) => code === 'length-other');
  expect(found && programFindingWords(found, 'mm')).toEqual({
    said: 'Tool 5 runs by the length of row 2.',
    remedy: 'Change H2 to H5.',
  });
  expect(found && linesWords(found)).toBe('line 11');
});

test('where a finding stands: one line, several, or the whole', () => {
  expect(linesWords({ line: 7, count: 1 })).toBe('line 7');
  expect(linesWords({ line: 7, count: 4 })).toBe('line 7 and 3 more');
  expect(linesWords({ line: 0, count: 1 })).toBe('the whole program');
});

test('places of an outline', () => {
  expect(zeroPlaceWords({ x: 'left', y: 'front' })).toBe('the front left corner');
  expect(zeroPlaceWords({ x: 'middle', y: 'middle' })).toBe('the middle of the part');
  expect(zeroPlaceWords({ x: 'middle', y: 'back' })).toBe('the middle of the back');
});

describe('what a program believes beside what is set', () => {
  const [clean] = CLEAN;
  if (!clean) throw new Error('there is no clean program');
  const { told } = checked(clean.text, clean.set);
  const rows = programComparisonRows(told, clean.set);
  const row = (what: string) => rows.find((one) => one.what === what);

  test('all alike on a clean one', () => {
    expect(rows.filter(({ agrees }) => agrees === false)).toEqual([]);
    expect(row('Unit')).toMatchObject({ program: 'millimetres', set: 'millimetres', agrees: true });
    expect(row('Work offset')).toMatchObject({ program: 'G54', set: 'G54', agrees: true });
    expect(row('Tool 3')).toMatchObject({ program: 'H3', set: 'Drill 4.2, −3.218 mm', agrees: true });
    expect(row('Tool 3, lowest')).toMatchObject({ program: '−11.262 mm', agrees: true });
    expect(row('Holes')).toMatchObject({ program: '10', set: '10 positions, 10 agree', agrees: true });
  });

  test('what differs is told so', () => {
    const set = { ...clean.set, workOffset: 'G55', unset: ['Z' as const] };
    const other = programComparisonRows(told, set);
    expect(other.filter(({ agrees }) => agrees === false).map(({ what }) => what)).toEqual(['Work offset', 'Zero']);
  });

  test('the room it takes: tools, what is in the way, travel left each way', () => {
    expect(envelopeWords(told, clean.set)).toEqual([
      'Longest tool: 3, −3.218 mm.',
      'Widest tool: 2, ⌀ 6.000 mm.',
      'Highest in the way: Clamp, 12.000 mm from Z zero.',
      'Travel left along X: 205.500 mm toward −, 236.500 mm toward +.',
      'Travel left along Y: 99.800 mm toward −, 210.200 mm toward +.',
    ]);
  });
});
