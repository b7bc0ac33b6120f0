import { DIALECT_NAMES } from '../../records/values/dialects';
import { checkProgram, programBytes } from '../checkProgram';
import { PLATE_MILLED } from '../fixtures/plate.case';
import { RAPID } from '../motion/path';
import { stateAt } from './stateHistory';
import type { CheckContext } from '../checkContext';

/** A program behind a plain head, as it goes: `r` at a rapid, `f` fed, and where to; `?` where nobody knows. */
function goes(
  text: string,
  set: Partial<CheckContext> = {},
  head = 'G21 G90 G17 G54\nT5 M6\nS2000 M3\nF300\n',
): string[] {
  const { path } = checkProgram(programBytes(`${head}${text}`), { ...PLATE_MILLED, ...set });
  const figure = (value: number | undefined) =>
    value === undefined || Number.isNaN(value) ? '?' : String(Number(value.toFixed(3)) + 0);
  return Array.from(
    { length: path.count },
    (_, i) => `${path.kind[i] === RAPID ? 'r' : 'f'} ${figure(path.x[i])} ${figure(path.y[i])} ${figure(path.z[i])}`,
  );
}

const codesOf = (text: string, set: Partial<CheckContext> = {}) =>
  checkProgram(programBytes(text), { ...PLATE_MILLED, ...set }).findings.map(({ code, line }) => `${code} ${line}`);

describe('what stays in force', () => {
  test('motion, places and units go on from block to block', () => {
    expect(goes('G0 X1 Y2\nG43 H5 Z3\nG1 Z-1\nX4')).toEqual(['r 1 2 ?', 'r 1 2 3', 'f 1 2 -1', 'f 4 2 -1']);
  });

  test('inches are brought to millimetres, feeds too', () => {
    const text = 'G20 G90 G54\nT5 M6\nS900 M3\nG0 X1 Y.5\nG43 H5 Z1\nG1 Z-.1 F10\nM30\n';
    const { path, states } = checkProgram(programBytes(text), PLATE_MILLED);
    expect([path.x[0], path.y[0]].map((value) => Number(value?.toFixed(3)))).toEqual([25.4, 12.7]);
    expect(stateAt(states, path.count - 1)?.feed).toBeCloseTo(254, 9);
  });

  test('incremental places count from where the tool stands, until G90', () => {
    expect(goes('G0 X10 Y10\nG43 H5 Z5\nG91 X2\nY-3 Z1\nG90 X0')).toEqual([
      'r 10 10 ?',
      'r 10 10 5',
      'r 12 10 5',
      'r 12 7 6',
      'r 0 7 6',
    ]);
  });

  test('a tool change and another length leave nobody knowing where the tip is', () => {
    expect(goes('G0 X1 Y1\nG43 H5 Z5\nT2 M6\nG0 X2\nG43 H2 Z5')).toEqual(['r 1 1 ?', 'r 1 1 5', 'r 2 1 ?', 'r 2 1 5']);
  });

  test('home and machine places are the machine’s own: what comes after knows only what it says', () => {
    expect(goes('G0 X1 Y1\nG43 H5 Z5\nG91 G28 Z0\nG90\nG0 X3')).toEqual(['r 1 1 ?', 'r 1 1 5', 'r 3 1 ?']);
    expect(goes('G0 X1 Y1\nG43 H5 Z5\nG53 G0 Z0\nG0 X3')).toEqual(['r 1 1 ?', 'r 1 1 5', 'r 3 1 ?']);
    // By way of a place: that stretch is gone, and looked at.
    expect(goes('G0 X1 Y1\nG43 H5 Z5\nG90 G28 Z9\nX3')).toEqual(['r 1 1 ?', 'r 1 1 5', 'r 1 1 9', 'r 3 1 ?']);
  });

  test('after G80 no motion is in force: said, and looked at as a rapid', () => {
    const text = 'G21 G90 G54\nT5 M6\nG80\nX5 Y5\nM30\n';
    expect(codesOf(text)).toContain('no-motion 4');
    expect(goes('G80\nX5 Y5')).toEqual(['r 5 5 ?']);
  });
});

describe('drilling cycles', () => {
  const start = 'G0 X0 Y0\nG43 H5 Z10\n';
  const there = ['r 0 0 ?', 'r 0 0 10'];

  test('G81: across, down to R, fed to Z, and back to where it began or to R', () => {
    expect(goes(`${start}G98 G81 X5 Y6 Z-3 R2`, { dialect: 'reference-height' })).toEqual([
      ...there,
      'r 5 6 10',
      'r 5 6 2',
      'f 5 6 -3',
      'r 5 6 10',
    ]);
    expect(goes(`${start}G99 G81 X5 Y6 Z-3 R2\nX8`, { dialect: 'reference-height' }).slice(-4)).toEqual([
      'r 5 6 2',
      'r 8 6 2',
      'f 8 6 -3',
      'r 8 6 2',
    ]);
  });

  test('R and Z as distances come to the same heights', () => {
    const heights = goes(`${start}G98 G81 X5 Y6 Z-3 R2`, { dialect: 'reference-height' });
    expect(goes(`${start}G98 G81 X5 Y6 Z-5 R-8`, { dialect: 'reference-distance' })).toEqual(heights);
    expect(goes(`${start}G91 G98 G81 X5 Y6 Z-5 R-8`, { dialect: 'reference-height' })).toEqual(heights);
  });

  test('G83 comes out to R between pecks, G73 does not', () => {
    expect(goes(`${start}G99 G83 X0 Y0 Z-4 R1 Q2`, { dialect: 'reference-height' })).toEqual([
      ...there,
      'r 0 0 1',
      'f 0 0 -1',
      'r 0 0 1',
      'r 0 0 -1',
      'f 0 0 -3',
      'r 0 0 1',
      'r 0 0 -3',
      'f 0 0 -4',
      'r 0 0 1',
    ]);
    expect(goes(`${start}G99 G73 X0 Y0 Z-4 R1 Q2`, { dialect: 'reference-height' })).toEqual([
      ...there,
      'r 0 0 1',
      'f 0 0 -1',
      'f 0 0 -3',
      'f 0 0 -4',
      'r 0 0 1',
    ]);
  });

  test('reamed and bored holes are fed out of', () => {
    expect(goes(`${start}G99 G85 X0 Y0 Z-4 R1`, { dialect: 'reference-height' }).slice(-2)).toEqual([
      'f 0 0 -4',
      'f 0 0 1',
    ]);
  });

  test('repeats go on by the same distance; none drills nothing', () => {
    const row = goes(`${start}G91 G99 G81 X5 Y0 Z-3 R-9 L3\nG90`, { dialect: 'reference-height' });
    expect(row.filter((one) => one.startsWith('f'))).toEqual(['f 5 0 -2', 'f 10 0 -2', 'f 15 0 -2']);
    const none = goes(`${start}G99 G81 X5 Y0 Z-3 R1 L0`, { dialect: 'reference-height' });
    expect(none.filter((one) => one.startsWith('f'))).toEqual([]);
  });

  test.each(DIALECT_NAMES)('%s: only where nobody chose words a cycle is asked about', (dialect) => {
    const text = `G21 G90 G54\nT5 M6\nS900 M3\n${start}G81 X5 Y6 Z-3 R-8 F90\nG80\nG0 Z10\nM30\n`;
    expect(codesOf(text, { dialect }).some((code) => code.startsWith('cycles-not-kept'))).toBe(
      dialect === 'plain-moves',
    );
  });

  test('a hole by a cycle and one by plain moves are the same hole', () => {
    const holes = (text: string) =>
      checkProgram(programBytes(`G21 G90 G54\nT3 M6\nS900 M3\n${start.replace('H5', 'H3')}${text}\nM30\n`), {
        ...PLATE_MILLED,
        holes: [{ x: 5, y: 6, diameter: 4.2, tip: 3 }],
      }).told.holes;
    const one = { program: 1, positions: 1, agree: 1 };
    expect(holes('G98 G81 X5 Y6 Z-3 R2 F90\nG80')).toEqual(one);
    expect(holes('G0 X5 Y6\nZ2\nG1 Z-3 F90\nG0 Z10')).toEqual(one);
    expect(holes('G0 X5 Y6\nZ2\nG1 Z-1 F90\nG0 Z2\nZ-1\nG1 Z-3\nG0 Z10')).toEqual(one);
    // Milled on from there, it is none.
    expect(holes('G0 X5 Y6\nZ2\nG1 Z-3 F90\nX20\nG0 Z10')).toEqual({ ...one, program: 0, agree: 0 });
  });
});

describe('arcs', () => {
  const at = 'G0 X10 Y0\nG43 H5 Z5\nG1 Z0\n';
  const last = (text: string) => goes(`${at}${text}`).at(-1);

  test('by I and J, by R, and absolute centres end where they should', () => {
    expect(last('G3 X0 Y10 I-10 J0')).toBe('f 0 10 0');
    expect(last('G3 X0 Y10 R10')).toBe('f 0 10 0');
    expect(last('G90.1 G3 X0 Y10 I0 J0')).toBe('f 0 10 0');
  });

  test('a helix in the front plane climbs along Y', () => {
    const helix = goes('G0 X0 Y0\nG43 H5 Z10\nG18 G2 X10 Z0 Y4 I0 K-10');
    expect(helix.at(-1)).toBe('f 10 4 0');
    const rises = helix.slice(2).map((one) => Number(one.split(' ')[2]));
    expect(rises.every((y, i) => i === 0 || y >= (rises[i - 1] ?? 0))).toBe(true);
  });

  test('several turns go round several times', () => {
    const turns = (count: number) => goes(`${at}G3 X10 Y0 I-10 J0 P${count}`).length;
    expect(turns(3) - turns(1)).toBeGreaterThan(60);
  });
});

describe('words', () => {
  test.each([
    ['lower case and blanks', 'g0 x 1 y - 2'],
    ['block numbers and comments', 'N10 G0 (over here) X1 Y-2 ; and so on'],
    ['a slash', '/G0 X1 Y-2'],
    ['no noughts before the point', 'G00X1.Y-2.0'],
  ])('%s', (_name, text) => {
    expect(goes(text)).toEqual(['r 1 -2 ?']);
  });

  test('an optional stop is a switch’s: it gives no chance to touch a tool', () => {
    const text = (stop: string) => `G21 G90 G54\nT5 M6\nG0 Z50\nT2 M6\n${stop}\nG0 Z50\nM30\n`;
    const codes = (stop: string) => codesOf(text(stop), { keepsTable: false });
    expect(codes('M0')).not.toContain('no-stop 6');
    expect(codes('M1')).toContain('no-stop 6');
  });

  test('what is behind the end is not run, and said', () => {
    expect(codesOf('G21 G90 G54\nG0 X1 Y1\nM30\nG0 X500\n')).toEqual(expect.arrayContaining(['after-end 4']));
    expect(goes('G0 X1 Y1\nM30\nG0 X500')).toEqual(['r 1 1 ?']);
  });

  test('a finder that touched last must be out before the spindle turns faster than it bears', () => {
    const text = (before: string) => `G21 G90 G54\n${before}\nS2000 M3\nM30\n`;
    const codes = (before: string, mostRpm: number) => codesOf(text(before), { gaugeIn: { name: 'Probe', mostRpm } });
    expect(codes('', 0)).toContain('gauge-in-spindle 3');
    // No speed is said: it turns as fast as before.
    expect(codesOf('G21 G90 G54\nM3\nM30\n', { gaugeIn: { name: 'Probe', mostRpm: 0 } })).toContain(
      'gauge-in-spindle 2',
    );
    expect(codes('', 1000)).toContain('gauge-in-spindle 3');
    expect(codes('', 2500)).not.toContain('gauge-in-spindle 3');
    // A tool was changed for it, or the program stopped so that it can be.
    expect(codes('T5 M6', 0)).not.toContain('gauge-in-spindle 3');
    expect(codes('M0', 0)).not.toContain('gauge-in-spindle 3');
  });

  test('thread cutting to the left may turn backwards, nothing else', () => {
    const text = (motion: string) => `G21 G90 G54\nT5 M6\n${motion}\nS200 M4\nM30\n`;
    expect(codesOf(text('G74'))).not.toContain('spindle-reversed 4');
    expect(codesOf(text('G0'))).toContain('spindle-reversed 4');
  });
});
