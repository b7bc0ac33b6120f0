import { Refusal } from '../problem/problem';
import { checkProgram } from '../program/checkProgram';
import { PLATE } from '../program/fixtures/plate.case';
import { decodeText } from './decodeText';
import { holesDxf, holesFromDxf } from './holes/holesDxf';
import { holesFromJson, holesJson } from './holes/holesJson';
import { holesFromProgram } from './holes/holesFromProgram';
import { holesFromCsv, positionsCsv } from './holes/holesCsv';
import { readSetupFile } from './setupFile';
import { readShopBackup } from './shopBackup';
import { sweepFromCsv } from './sweepCsv';
import { toolTableCsv, toolTableFromCsv } from './toolTable';

/** One harness for everything that is read from a file: whatever its bytes are, an answer or a refusal in words. */

const HOLES = Array.from({ length: 40 }, (_, i) => ({
  x: i * 3.1,
  y: 20 - i,
  diameter: 4.2,
  group: `Group ${i % 3}`,
}));
const TOOLS = Array.from({ length: 12 }, (_, i) => ({ number: i + 1, name: `Mill ${i}`, length: 50 + i / 7 }));
const PROGRAM = `%\nG21 G90 G54 G17\n${HOLES.map(({ x, y }) => `G81 X${x.toFixed(3)} Y${y} Z-5 R2 F80`).join('\n')}\nG80\nM30\n%\n`;

const json = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    throw new Refusal({ code: 'not-json', field: 'file', message: 'This is no JSON. Choose another file.' });
  }
};

interface Reader {
  sample: string;
  read: (text: string) => unknown;
}

const READERS: Readonly<Record<string, Reader>> = {
  'holes, CSV': { sample: positionsCsv(HOLES, 'mm'), read: (text) => holesFromCsv(text, 'mm') },
  'holes, JSON': { sample: holesJson(HOLES), read: holesFromJson },
  'holes, DXF': { sample: holesDxf(HOLES, 'mm'), read: (text) => holesFromDxf(text, 'mm') },
  'holes, program': { sample: PROGRAM, read: (text) => holesFromProgram(text, 'mm') },
  'tool table': {
    sample: toolTableCsv({ school: 'true-length', unit: 'mm', rows: TOOLS }),
    read: (text) => toolTableFromCsv(text, 'mm'),
  },
  sweep: {
    sample: `angle,reading\n${HOLES.map((_, i) => `${i * 9},${(i % 7) / 100}`).join('\n')}\n`,
    read: (text) => sweepFromCsv(text, 'mm'),
  },
  'program to check': {
    sample: PROGRAM,
    read: (text) => checkProgram(new TextEncoder().encode(text), PLATE),
  },
  'setup file': {
    sample: '{"format":"zero-point-setup","version":1,"kinds":{},"shop":{"setups":[{}]}}',
    read: (text) => readSetupFile(json(text)),
  },
  backup: {
    sample:
      '{"format":"zero-point-shop","version":1,"madeAt":"2026-12-02T10:00:00.000Z","shop":"own","kinds":{},"setups":[],"record":[]}',
    read: (text) => readShopBackup(json(text)),
  },
};

/** How a file ended: it was read, or refused in words. Anything else is thrown on. */
function ending(read: (text: string) => unknown, text: string): string {
  try {
    read(text);
    return 'read';
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    expect(error.message).toMatch(/^[A-Z“0-9].*[.!]$/s);
    expect(error.message.length).toBeLessThan(600);
    return error.code;
  }
}

const flood = jest.fn();
beforeEach(() => {
  flood.mockClear();
  for (const level of ['log', 'info', 'warn', 'error', 'debug'] as const)
    jest.spyOn(console, level).mockImplementation(flood);
});
afterEach(() => jest.restoreAllMocks());

describe.each(Object.entries(READERS))('%s', (_name, { sample, read }) => {
  const quiet = () => expect(flood.mock.calls.length).toBeLessThan(5);

  test('as it was written it is read, or says what it is not', () => {
    ending(read, sample);
    quiet();
  });

  test('cut at every hundredth byte', () => {
    for (let at = 0; at < sample.length; at += 100) ending(read, sample.slice(0, at));
    quiet();
  });

  test('doubled', () => {
    ending(read, sample + sample);
    quiet();
  });

  test.each([
    ['UTF-16', (text: string) => Buffer.from(`\uFEFF${text}`, 'utf16le')],
    ['UTF-16, the other way round', (text: string) => Buffer.from(`\uFEFF${text}`, 'utf16le').swap16()],
    ['UTF-8 with a mark', (text: string) => Buffer.from(`\uFEFF${text}`)],
  ])('in %s it is the same file', (_encoding, bytes) => {
    expect(ending((text) => read(text), decodeText(bytes(sample)))).toBe(ending(read, sample));
  });

  test('in UTF-16 without a mark, or of bytes that are no text: refused in words', () => {
    for (const bytes of [Buffer.from(sample, 'utf16le'), Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 8, 0xff])])
      expect(ending((text) => read(decodeText(bytes)) ?? text, '')).not.toBe('read');
  });

  test('a million blank lines before, within and after', () => {
    const blank = '\n'.repeat(1_000_000);
    const middle = sample.indexOf('\n') + 1;
    for (const text of [blank + sample, sample.slice(0, middle) + blank + sample.slice(middle), sample + blank])
      ending(read, text);
    quiet();
  });

  test('one line of two million signs, and brackets a hundred thousand deep', () => {
    for (const text of [
      'x'.repeat(2_000_000),
      '9'.repeat(2_000_000),
      ','.repeat(2_000_000),
      '['.repeat(100_000),
      '('.repeat(100_000),
    ])
      ending(read, text);
    quiet();
  });
});

describe('a drawing', () => {
  const read = (text: string) => ending((one) => holesFromDxf(one, 'mm'), text);
  const end = '0\nEOF\n';

  test('without entities, or with none in it, says so', () => {
    expect(read(end)).toBe('no-holes');
    expect(read(`0\nSECTION\n2\nHEADER\n0\nENDSEC\n${end}`)).toBe('no-holes');
    expect(read(`0\nSECTION\n2\nENTITIES\n0\nENDSEC\n${end}`)).toBe('no-holes');
  });

  test('sections within sections, blocks within blocks, groups within groups', () => {
    for (const nested of ['0\nSECTION\n2\nENTITIES\n', '0\nBLOCK\n2\nB\n', '102\n{A\n', '0\nPOLYLINE\n8\nL\n66\n1\n'])
      read(`0\nSECTION\n2\nENTITIES\n${nested.repeat(50_000)}0\nENDSEC\n${end}`);
    expect(flood.mock.calls.length).toBeLessThan(5);
  });

  test('a hundred thousand things that nobody knows', () => {
    const text = `0\nSECTION\n2\nENTITIES\n${'0\nWIDGET\n8\nL\n10\n1\n'.repeat(100_000)}0\nENDSEC\n${end}`;
    expect(read(text)).toBe('no-holes');
    expect(flood.mock.calls.length).toBeLessThan(5);
  });
});
