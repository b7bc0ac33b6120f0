import { checkProgram, programBytes } from './checkProgram';
import { PLATE_MILLED } from './fixtures/plate.case';
import type { CheckContext } from './checkContext';

const all = (text: string, set: CheckContext = PLATE_MILLED) =>
  checkProgram(programBytes(text), set)
    .findings.filter(({ level }) => level !== 'note')
    .map(({ code, line }) => `${code} ${line}`);

const HEAD = 'G21 G90 G94 G54\nT5 M6\nS2000 M3\nG0 X20. Y20.\nG43 H5 Z20.\n';
const TAIL = 'G0 Z20.\nG91 G28 Z0\nG90\nM30\n';
const program = (middle: string) => `${HEAD}${middle}\n${TAIL}`;

describe('a height in machine coordinates', () => {
  // Part zero stands at -340.100 with the reference tool, tool 5 is 20.050 shorter: Z -300 is 60.150 above the part.
  test('over the part it is calculated where the offset is known', () => {
    expect(all(program('G53 G0 Z-300.\nG0 Z20.'))).toEqual([]);
    expect(all(program('G53 G0 Z-362.\nG0 Z20.'))).toEqual(['rapid-in-stock 6']);
  });
  test('where it is not known, low ones are said, and home is not', () => {
    const set = { ...PLATE_MILLED, offset: {} };
    expect(all(program('G53 G0 Z-420.\nG0 Z20.'), set)).toEqual(['machine-height 6']);
    expect(all(program('G53 G0 Z0\nG0 Z20.'), set)).toEqual([]);
  });
});

describe('figures of another unit', () => {
  const outline = (figure: (mm: number) => string) =>
    program(
      `G1 Z-2. F200\nG1 X${figure(10)} Y${figure(20)} F400\nG1 X${figure(174)}\nG1 Y${figure(106)}\nG1 X${figure(10)}\nG1 Y${figure(20)}`,
    );
  test('inches under G21: the outline is the part’s by 25.4', () => {
    const inches = outline((mm) => (mm / 25.4).toFixed(4))
      .replace('X20. Y20.', 'X.7874 Y.7874')
      .replace('Z-2.', 'Z-.08');
    expect(all(inches)).toContain('inch-figures 0');
  });
  test('as it is meant: nothing', () => expect(all(outline((mm) => mm.toFixed(3)))).toEqual([]));
  test('a small job in a corner is no inch', () =>
    expect(all(program('G1 Z-2. F200\nG1 X24. F400\nG1 Y23.\nG1 X20.\nG1 Y20.'))).toEqual([]));
});

describe('a figure without a point', () => {
  test('where the others have theirs, whole ones too', () =>
    expect(all(program('G1 Z-2. F200\nX24. F400\nX50 Y23.\nX20. Y20.'))).toEqual(['no-point 8']));
  test('where whole figures never have one: nothing', () =>
    expect(
      all('G21 G90 G94 G54\nT5 M6\nS2000 M3\nG0 X20 Y20\nG43 H5 Z20\nG1 Z-2 F200\nX24.5 F400\nX50 Y23\nG0 Z20\nM30\n'),
    ).toEqual([]));
  test('nought is nought either way', () =>
    expect(all(program('G1 Z-2. F200\nX24. F400\nX0 Y23.\nX20. Y20.'))).toEqual([]));
});

describe('what cannot be followed', () => {
  test('polar coordinates', () => {
    expect(all(program('G16\nG81 X50. Y30. Z-5. R2. F100\nG80\nG15'))).toEqual(['polar 6']);
    // Behind it nobody knows where it is until X and Y are named again.
    expect(all(program('G16\nG15\nG0 Z-5.'))).toEqual(['polar 6', 'place-unknown 8']);
  });
  test('F is asked of every line under inverse time', () =>
    expect(all(program('G93\nG1 Z-2. F2.\nX30. F2.\nX40.\nG94'))).toEqual(['feed-missing 9']));
  test('with F in each: nothing', () => expect(all(program('G93\nG1 Z-2. F2.\nX30. F2.\nX40. F3.\nG94'))).toEqual([]));
});

describe('no blame for what is none', () => {
  test.each(['G92.1', 'G92.2', 'G52 X0 Y0 Z0', 'G69', 'G50', 'G15'])('%s in a header', (word) =>
    expect(all(`${word}\n${program('G1 Z-2. F200')}`)).toEqual([]),
  );
  test('G52 that shifts is one all the same, and its end behind it', () =>
    expect(all(program('G52 X5.\nG52 X0')).filter((one) => one.startsWith('zero'))).toEqual(['zero-moved 6']));
  test('home by distances', () => {
    expect(all(program('G1 Z-2. F200\nG0 Z20.\nG28 W0\nG28 U0 V0'))).toEqual([]);
    expect(all(program('G1 Z-2. F200\nG28 U0'))).toEqual(['place-unknown 7']);
  });
  test('a tool called ahead is not the tool in the spindle', () =>
    expect(all(program('T3\nG1 Z-2. F200\nX30. F400'))).toEqual([]));

  const POCKET = 'G1 Z-4. F200\nX60. F400\nY32.\nX20.\nY20.\nX60. Y26.\nX20.\n';
  test('a rapid down inside a pocket that was cut before', () => {
    expect(all(program(`${POCKET}G0 Z20.\nG0 X40. Y26.\nG0 Z-3.5\nG1 Z-4.\nX45.`))).toEqual([]);
    // A wall away, or deeper than it was cut, it is in the stock.
    expect(all(program(`${POCKET}G0 Z20.\nG0 X40. Y45.\nG0 Z-3.5\nG1 Z-4.`))).toEqual(['rapid-in-stock 15']);
    expect(all(program(`${POCKET}G0 Z20.\nG0 X40. Y26.\nG0 Z-6.`))).toEqual(['rapid-in-stock 15']);
  });
  test('across at a rapid inside it, and not through its wall', () => {
    expect(all(program(`${POCKET}G0 X50. Y26.\nG0 X30.`))).toEqual([]);
    expect(all(program(`${POCKET}G0 X50. Y26.\nG0 X90.`))).toEqual(['rapid-in-stock 14']);
  });
  test('a wider tool does not fit into it', () => {
    const wide = `${POCKET}G0 Z20.\nM5\nT8 M6\nS2000 M3\nG0 X40. Y26.\nG43 H8 Z20.\nG0 Z-3.5`;
    const set = {
      ...PLATE_MILLED,
      tools: [
        ...PLATE_MILLED.tools,
        { number: 8, name: 'End mill 30', diameter: 30, pointed: false, length: -2, stale: null },
      ],
    };
    expect(all(program(wide), set)).toEqual(['rapid-in-stock 19']);
  });
  test('the cone that a drill leaves is not cut away', () => {
    const tools = [
      ...PLATE_MILLED.tools,
      { number: 8, name: 'Drill 12', diameter: 12, pointed: false, point: 3.6, length: -2, stale: null },
    ];
    const down = (z: string) =>
      all(
        `G21 G90 G94 G54\nT8 M6\nS800 M3\nG0 X62. Y58.\nG43 H8 Z20.\nG1 Z-9. F80\nG0 Z20.\nM5\nT5 M6\nS2000 M3\nG0 X62. Y58.\nG43 H5 Z20.\nG0 Z${z}\n${TAIL}`,
        { ...PLATE_MILLED, tools },
      );
    expect(down('-5.')).toEqual([]);
    // Within 3.6 of the drill's tip only its middle is gone.
    expect(down('-7.')).toEqual(['rapid-in-stock 13']);
  });

  test('R below the top in an earlier counterbore', () => {
    const holes = (first: string) =>
      program(`${first}G0 Z20.\nM5\nT3 M6\nS2400 M3\nG0 X62. Y58.\nG43 H3 Z20.\nG98 G81 Z-9. R-2.5 F100\nG80`);
    expect(all(holes('G0 X62. Y58.\nG1 Z-3. F100\n'))).toEqual([]);
    expect(all(holes(''))).toEqual(['rapid-in-stock 12']);
  });
});
