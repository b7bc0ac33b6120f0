import { checkProgram, programBytes } from './checkProgram';
import { CLEAN } from './fixtures/clean.case';
import { FAULTY, lineOf } from './fixtures/faulty.case';

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
