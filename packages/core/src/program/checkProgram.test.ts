import { checkProgram, LARGEST_PROGRAM, programBytes } from './checkProgram';
import { CLEAN } from './fixtures/clean.case';
import { FAULTY, lineOf } from './fixtures/faulty.case';
import { PLATE, PLATE_MILLED } from './fixtures/plate.case';

const inShort = ({ code, line, level }: { code: string; line: number; level: string }) => `${level} ${code} ${line}`;

describe('programs with nothing the matter', () => {
  test.each(CLEAN)('$name: nothing is found', ({ text, set }) => {
    const { findings } = checkProgram(programBytes(text), set);
    expect(findings.filter(({ level }) => level !== 'note').map(inShort)).toEqual([]);
  });
});

describe('programs with one fault each', () => {
  test.each(FAULTY)('$name', (faulty) => {
    const { text, line } = lineOf(faulty);
    const { findings } = checkProgram(programBytes(text), faulty.set);
    const told = findings.filter(({ level }) => level !== 'note').map(({ code, line: at }) => `${code} ${at}`);
    expect(told).toContain(`${faulty.code} ${faulty.whole === true ? 0 : line}`);
    const codes = [faulty.code, ...(faulty.also ?? [])];
    // Nothing is told besides but what follows from it.
    expect(told.filter((one) => !codes.some((code) => one.startsWith(`${code} `)))).toEqual([]);
  });

  test('there are forty of them, in all three hands', () => {
    expect(FAULTY.length).toBeGreaterThanOrEqual(40);
    expect(new Set(FAULTY.map(({ name }) => name)).size).toBe(FAULTY.length);
  });
});

test('a rotary axis at zero says nothing of another that is not: the part is not checked until all are back', () => {
  const turned = (back: string) =>
    `G21 G90 G54\nT5 M6\nS2000 M3\nB90.\nA0.\n${back}\nG0 X20. Y20.\nG43 H5 Z20.\nG0 Z-5.\nM30\n`;
  const codes = (back: string) =>
    checkProgram(programBytes(turned(back)), PLATE_MILLED).findings.map(({ code }) => code);
  expect(codes('')).not.toContain('rapid-in-stock');
  expect(codes('B0.')).toContain('rapid-in-stock');
});

test('without a table the tool that Z was set with may run, and any other must be touched first', () => {
  const text = 'G21 G90 G54\nT5 M6\nS2000 M3\nG0 X20. Y20.\nG0 Z20.\nM30\n';
  const codes = (zSetWith: number | undefined) =>
    checkProgram(programBytes(text), { ...PLATE_MILLED, keepsTable: false, zSetWith }).findings.map(({ code }) => code);
  expect(codes(5)).not.toContain('no-stop');
  expect(codes(undefined)).not.toContain('no-stop');
  expect(codes(3)).toContain('no-stop');
});

describe('bad input is refused in words, or read as far as it goes', () => {
  test.each([
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3, 0, 0]), /This is no program: a picture/],
    ['an empty file', programBytes(' \n\n'), /The file is empty/],
    ['more than 20 MB', new Uint8Array(LARGEST_PROGRAM + 1).fill(71), /larger than 20 MB/],
  ])('%s', (_name, bytes, why) => {
    expect(() => checkProgram(bytes, PLATE)).toThrow(why);
  });

  test('one line without end: the reading stops there and says so', () => {
    const { findings, told } = checkProgram(programBytes(`G21\n${'X1.0 '.repeat(4000)}\nG0 X1\n`), PLATE);
    expect(findings.some(({ code, line }) => code === 'long-block' && line === 2)).toBe(true);
    expect(told).toMatchObject({ lines: 3, checkedTo: 2 });
  });

  test('nine thousand tools are told apart, and stay quick', () => {
    const calls = Array.from({ length: 9000 }, (_, i) => `T${i + 1} M6\nS1000 M3\nG43 H${i + 1} Z20.\nG0 X1. Y1.`);
    const { told } = checkProgram(programBytes(`G21 G90 G54\n${calls.join('\n')}\nM30\n`), PLATE);
    expect(told.tools).toHaveLength(9000);
  });

  test('line ends of every kind count alike', () => {
    const lines = ['G21 G90 G54', 'T5 M6', 'G99999', 'M30'];
    const unknown = (end: string) =>
      checkProgram(programBytes(lines.join(end)), PLATE).findings.find(({ code }) => code === 'unknown-word')?.line;
    expect([unknown('\n'), unknown('\r\n'), unknown('\r')]).toEqual([3, 3, 3]);
  });

  test('a part that lies turned: a clamp is met where it is on the part, not where it would be unturned', () => {
    const text = 'G21 G90 G54\nT5 M6\nS2000 M3\nG0 X-50. Y100.\nG43 H5 Z-2.\nM30\n';
    const box = { name: 'Clamp', x: [95, 105] as const, y: [45, 55] as const, z: [-9, 5] as const };
    const meets = (turn: number) =>
      checkProgram(programBytes(text), { ...PLATE_MILLED, boxes: [box], turn }).findings.some(
        ({ code }) => code === 'into-box',
      );
    // (100, 50) turned by 90° is (-50, 100).
    expect([meets(90), meets(0)]).toEqual([true, false]);
  });
});
