import { checkProgram, programBytes } from './checkProgram';
import { HANDS, programText } from './fixtures/hand.case';
import { JOBS } from './fixtures/job.case';
import { PLANTED } from './fixtures/planted.case';

const CLEAN = HANDS.flatMap((hand) => JOBS.map((job) => ({ name: `${job.name}, ${hand.name}`, hand, job })));

describe('sixty programs with nothing the matter, in six hands', () => {
  test.each(CLEAN)('$name', ({ hand, job }) => {
    const { text } = programText(hand, hand.lines(job));
    const { findings } = checkProgram(programBytes(text), hand.set(job.set));
    const told = findings.filter(({ level }) => level !== 'note').map(({ code, line }) => `${code} ${line}`);
    expect({ told, ...(told.length > 0 && { text }) }).toEqual({ told: [] });
  });

  test('they are sixty', () => expect(CLEAN.length).toBeGreaterThanOrEqual(60));
});

const FAULTS = PLANTED.flatMap((fault) =>
  HANDS.flatMap((hand) => {
    const job = JOBS.find(({ name }) => name.includes(fault.job));
    if (!job) return [];
    const lines = hand.lines(job).map((line) => ({ ...line, words: [...line.words] }));
    const at = fault.plant(lines, hand);
    return at === undefined ? [] : [{ name: `${fault.name}, ${hand.name}`, fault, hand, job, lines, at }];
  }),
);

describe('programs with one fault each, in the same hands', () => {
  test.each(FAULTS)('$name', ({ fault, hand, job, lines, at }) => {
    const { text, lineOf } = programText(hand, lines);
    const { findings } = checkProgram(programBytes(text), hand.set(job.set));
    const told = findings.filter(({ level }) => level !== 'note').map(({ code, line }) => `${code} ${line}`);
    const allowed = [fault.code, ...(fault.also ?? [])];
    expect({ told, text }).toEqual({ told: expect.arrayContaining([`${fault.code} ${lineOf(at)}`]), text });
    expect(told.filter((one) => !allowed.some((code) => one.startsWith(`${code} `)))).toEqual([]);
  });

  test('at least a hundred and fifty', () => expect(FAULTS.length).toBeGreaterThanOrEqual(150));
});
