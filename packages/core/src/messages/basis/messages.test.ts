import { MISTAKES } from '../../mistakes/explain.schema';
import { explain } from '../../mistakes/explain';
import { toolTableCheck } from '../../zAndTools/toolTableCheck';
import { note } from '../../schema/note';
import { noteWords } from './note';
import { askWords, capitalize } from './grammar';
import { MISTAKE_NAMES, mistakeText } from '../checks/mistakes';
import { toolTableFindingWords } from '../zAndTools/toolTableFinding';

describe('notes', () => {
  const figures = { of: 'touches', arc: 60.4, weakest: 89.6, fewest: 1, step: 0.05 };
  const codes = note.options.map(({ shape }) => shape.code.value);

  test.each(codes)('%s is said as a sentence with its remedy', (code) => {
    expect(noteWords(note.parse({ code, ...figures }), 'mm')).toMatch(/^[A-Z].{30,}\.$/);
  });

  test('figures are said as they are', () => {
    expect(noteWords({ code: 'short-arc', of: 'touches', arc: 60.4, weakest: 89.6 }, 'mm')).toMatch(
      /touches span only 60° of the circle, so along 90°/,
    );
    expect(noteWords({ code: 'short-arc', of: 'readings', arc: 90 }, 'mm')).toMatch(
      /readings span only 90°.*one direction/,
    );
    expect(noteWords({ code: 'few-from-one-side', fewest: 1 }, 'mm')).toMatch(/^Only 1 from one side/);
  });
});

describe('slips', () => {
  test.each(MISTAKES)('%s says what it was and what to do', (slip) => {
    const { what, remedy } = mistakeText({ slip, size: 1, turns: 2 }, 'mm');
    expect(what).toMatch(/^[A-Z].*\.$/);
    expect(remedy).toMatch(/^[A-Z].{15,}\.$/);
    expect(MISTAKE_NAMES[slip]).toMatch(/^[a-z]/);
  });

  test.each([
    ['mm', { measured: 11, known: 1 }, 'it is off by 10 mm.'],
    ['in', { measured: 100 + 0.254, known: 100 }, 'it is off by 0.01 in.'],
  ] as const)('a misread figure is said in %s', (unit, figures, said) => {
    const misread = explain({ ...figures, U: 0.02, unit }).likely.find(({ slip }) => slip === 'misread-figure');
    expect(misread && mistakeText(misread, unit).what).toContain(said);
  });

  test('turns are counted', () => {
    const [first] = explain({ measured: 106, known: 100, U: 0.02, perTurn: 2 }).likely;
    expect(first && mistakeText(first, 'mm').what).toBe('It is off by 3 turns of the handwheel.');
    expect(mistakeText({ slip: 'turns', size: 2, turns: 1 }, 'mm').what).toBe(
      'It is off by one turn of the handwheel.',
    );
  });
});

describe('what cannot be right in a table', () => {
  const said = (change: object, school: 'true-length' | 'touch-part' | 'reference-tool' = 'reference-tool') =>
    toolTableCheck({ school, reference: 1, U: 0.03, rows: [], ...change }).findings.map((finding) =>
      Object.values(toolTableFindingWords(finding, { school, units: 'mm' })).join(' '),
    );

  test('each is said by its tools', () => {
    expect(said({ gauge: 10, rows: [{ number: 2, length: -2.31, known: -12.31 }] })).toEqual([
      expect.stringMatching(/gauge’s thickness, once.*once for all tools/),
    ]);
    expect(said({ rows: [{ number: 2, length: 5, known: 1.7 }] })).toEqual([
      expect.stringMatching(/^No common mistake/),
    ]);
    expect(said({ needed: [4, 5] })).toEqual([expect.stringMatching(/^Tools 4, 5 have no length\./)]);
    expect(said({ rows: [{ number: 3, length: 500 }], travel: 300 })).toEqual([
      expect.stringMatching(/^Tool 3 is further off.*Do not run it/),
    ]);
    expect(said({ otherGauge: [3] })).toEqual([expect.stringMatching(/another gauge than the reference tool/)]);
    expect(
      said({
        rows: [
          { number: 3, length: 5 },
          { number: 3, length: 5 },
        ],
      }),
    ).toEqual([expect.stringMatching(/^Tool 3 is in the table twice/)]);
  });

  test('a sign is told by the school', () => {
    expect(said({ rows: [{ number: 2, length: -80 }] }, 'true-length')).toEqual([
      expect.stringMatching(/has a minus, but a true length has none/),
    ]);
    expect(said({ rows: [{ number: 2, length: 80 }] }, 'touch-part')).toEqual([
      expect.stringMatching(/has no minus, but lengths from machine zero have one/),
    ]);
  });
});

test('an asking is said alone, after a lead, and again', () => {
  const ask = { act: 'touch the left face', way: 'coming from the left' };
  expect(askWords(ask)).toBe('Touch the left face, coming from the left.');
  expect(askWords(ask, { lead: 'Point 2:' })).toBe('Point 2: touch the left face, coming from the left.');
  expect(askWords(ask, { lead: 'To check it,', again: true })).toBe(
    'To check it, touch the left face again, coming from the left.',
  );
  expect(askWords({ act: 'read the dial', more: 'Pressed counts plus.' })).toBe('Read the dial. Pressed counts plus.');
  expect(capitalize('')).toBe('');
});
