import { checkProgram, programBytes } from './checkProgram';
import { PLATE_MILLED } from './fixtures/plate.case';

const told = (text: string, bom = false) => {
  const bytes = programBytes(text);
  const file = bom ? new Uint8Array([0xef, 0xbb, 0xbf, ...bytes]) : bytes;
  return checkProgram(file, PLATE_MILLED).findings.map(({ code, line }) => `${code} ${line}`);
};

const HEAD = 'G21 G90 G94 G54\nT5 M6\nS2000 M3\n';
const NEXT = PLATE_MILLED.tools.find(({ number, length }) => number !== 5 && length !== null)?.number ?? NaN;

describe('a length that is another tool’s', () => {
  const two = (H: string) =>
    `${HEAD}G0 X20. Y20.\nG43 H5 Z20.\nG0 Z20.\nT${NEXT} M6\nS2000 M3\nG0 X30. Y20.\nG0 ${H}Z20.\nG0 Z15.\nM30\n`;
  test('there is another tool with a length', () => expect(NEXT).toBeGreaterThan(0));
  test('tool change, then down with the old length still in force', () =>
    expect(told(two(''))).toContain('length-other 10'));
  test('its own length called: nothing', () => {
    expect(told(two(`G43 H${NEXT} `)).filter((one) => one.startsWith('length'))).toEqual([]);
  });
});

describe('two words of one group in a line', () => {
  test.each([
    ['G0 G1 X30. F200', 'G0 and G1'],
    ['G90 G91 G0 X30.', 'G90 and G91'],
    ['G94 G95 G0 X30.', 'G94 and G95'],
  ])('%s', (line, words) => {
    const { findings } = checkProgram(programBytes(`${HEAD}${line}\nM30\n`), PLATE_MILLED);
    expect(findings.find(({ code }) => code === 'modes-clash')).toMatchObject({ line: 4, figures: { words } });
  });
  test('words of different groups go together', () => {
    expect(told(`${HEAD}G90 G17 G0 X30.\nM30\n`).filter((one) => one.startsWith('modes'))).toEqual([]);
  });
});

test('G54 P12 is another offset than G54', () => {
  expect(told('G21 G90 G54 P12\nG0 X20.\nM30\n')).toContain('offset-other 1');
});

test('a power of ten is never read as two words', () => {
  expect(told(`${HEAD}G0 X6.1e-17 Y20.\nM30\n`)).toContain('unreadable 4');
  expect(told(`${HEAD}G0 X6.1E5\nM30\n`)).toContain('unreadable 4');
});

describe('feed', () => {
  const feeds = (line: string) =>
    told(`${HEAD}G0 X20. Y20.\nG43 H5 Z20.\n${line}\nM30\n`).filter((one) => one.startsWith('feed'));
  test('a feed per turn under G94', () => expect(feeds('G1 X30. F0.2')).toEqual(['feed-mode 6']));
  test('a feed per minute under G95', () => expect(feeds('G95 G1 X30. F800')).toEqual(['feed-mode 6']));
  test('none after the way of counting changed', () =>
    expect(feeds('G1 X30. F200\nG95\nG1 X40.')).toEqual(['feed-missing 8']));
  test('as it should be', () => expect(feeds('G1 X30. F200\nG95 G1 X40. F0.1')).toEqual([]));
});

describe('cycles, planes and rows', () => {
  const drill = (line: string) => `${HEAD}G0 X20. Y20.\nG43 H5 Z20.\nG99 ${line}\nG80\nG0 Z20.\nM30\n`;
  const of = (text: string, code: string) => told(text).filter((one) => one.startsWith(code));
  test('a count under G90 drills at one place', () =>
    expect(of(drill('G81 R2. Z-5. F100 L3'), 'repeats')).toEqual(['repeats-in-place 6']));
  test('I, J and K of a peck are no count', () =>
    expect(of(drill('G83 R2. Z-5. I2. J.5 K1. F100'), 'repeats')).toEqual([]));
  test('and need no Q', () => expect(of(drill('G83 R2. Z-5. I2. J.5 K1. F100'), 'cycle-word')).toEqual([]));
  test('G18 left on', () => expect(of(`${HEAD}G18\nG0 X20.\nM30\n`, 'plane')).toEqual(['plane-left 6']));
  test('D of another tool', () => {
    expect(of(`${HEAD}G41 D7 G1 X20. F100\nG40\nM30\n`, 'radius-other')).toEqual(['radius-other 4']);
    expect(of(`${HEAD}G41 D5 G1 X20. F100\nG40\nM30\n`, 'radius-other')).toEqual([]);
  });
  test.each(['/G43 H5 Z20.', '/G55', '/G0 Z5.', '/G91'])('a slash before %s', (line) =>
    expect(of(`${HEAD}${line}\nM30\n`, 'optional-grave')).toEqual(['optional-grave 4']),
  );
  test('a slash before coolant is a note', () => {
    expect(of(`${HEAD}/M8\nM30\n`, 'optional')).toEqual(['optional-blocks 4']);
  });
});

describe('a tap', () => {
  const taps = PLATE_MILLED.tools.map((tool) => (tool.number === 5 ? { ...tool, pitch: 0.5 } : tool));
  const feed = (line: string) =>
    checkProgram(programBytes(`${HEAD}G0 X20. Y20.\nG43 H5 Z20.\n${line}\nG80\nM30\n`), {
      ...PLATE_MILLED,
      tools: taps,
    }).findings.filter(({ code }) => code === 'tap-feed');
  test('G94: pitch times S, and nothing else', () => {
    expect(feed('G84 R2. Z-5. F1000')).toEqual([]);
    expect(feed('G84 R2. Z-5. F900')).toMatchObject([{ figures: { feed: 900, wanted: 1000, mode: 94 } }]);
  });
  test('G95: the pitch itself', () => {
    expect(feed('G95 G84 R2. Z-5. F0.5')).toEqual([]);
    expect(feed('G95 G84 R2. Z-5. F0.4')).toMatchObject([{ figures: { wanted: 0.5, mode: 95 } }]);
  });
});

describe('a rapid past a clamp', () => {
  // The clamp of the plate: X 120 to 150, Y -20 to 12, up to 12. The line passes it in front of its corner.
  const past = `${HEAD}G0 X60. Y-40.\nG43 H5 Z5.\nG0 X125. Y40.\nM30\n`;
  const codes = (rapidsStraight: boolean | undefined, text = past) =>
    checkProgram(programBytes(text), { ...PLATE_MILLED, stock: undefined, rapidsStraight }).findings.flatMap(
      ({ code, line }) => (['into-box', 'sweeps-box'].includes(code) ? [`${code} ${line}`] : []),
    );
  test('each axis at full speed: it may be met', () => expect(codes(undefined)).toEqual(['sweeps-box 6']));
  test('known to go straight: it is not', () => expect(codes(true)).toEqual([]));
  test('above it, or along one axis: nothing', () => {
    expect(codes(undefined, past.replace('Z5.', 'Z15.'))).toEqual([]);
    expect(codes(undefined, past.replace('X125. Y40.', 'X125.'))).toEqual([]);
  });
  test('through it in a straight line it is met on any machine', () =>
    expect(codes(true, past.replace('X60. Y-40.', 'X60. Y0.').replace('X125. Y40.', 'X170. Y1.'))).toEqual([
      'into-box 6',
    ]));
});

describe('what is not known is not safe', () => {
  const unknown = (text: string) => told(text).filter((one) => one.startsWith('place-unknown'));
  test('down before X and Y were named', () =>
    expect(unknown(`${HEAD}G43 H5 Z-5.\nG0 X20. Y20.\nM30\n`)).toContain('place-unknown 4'));
  test('a rapid across low from where nobody knows', () =>
    expect(unknown(`${HEAD}G43 H5\nG0 X20. Y20. Z-5.\nM30\n`)).toEqual(['place-unknown 5']));
  test.each(['G91 G28 X0 Y0', 'G53 X0 Y0'])('home in X and Y from inside the stock: %s', (home) =>
    expect(unknown(`${HEAD}G0 X20. Y20.\nG43 H5 Z20.\nG1 Z-5. F100\n${home}\nG90\nM30\n`)).toEqual(['place-unknown 7']),
  );
  test('Z home first, then X and Y: nothing', () =>
    expect(
      unknown(`${HEAD}G0 X20. Y20.\nG43 H5 Z20.\nG1 Z-5. F100\nG0 Z20.\nG91 G28 Z0\nG28 X0 Y0\nG90\nM30\n`),
    ).toEqual([]));
  test('high above everything: nothing', () =>
    expect(unknown(`${HEAD}G43 H5 Z50.\nG0 X20. Y20.\nG28 X20. Y20.\nM30\n`)).toEqual([]));
});

describe('no fault is told of what is none', () => {
  const plain = `${HEAD}G0 X20. Y20.\nG43 H5 Z20.\nM30\n`;
  test('a byte-order mark', () => expect(told(plain, true)).toEqual(told(plain)));
  test('figures of seventeen digits, read as they are', () => {
    const long = plain.replace('X20.', 'X20.000000000000004');
    expect(told(long)).toEqual(told(plain));
  });
  test('rigid tapping called by M29', () => {
    expect(told(plain.replace('M30', 'M29 S200\nM30'))).toEqual(told(plain));
  });
});
