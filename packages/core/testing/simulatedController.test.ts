import fc from 'fast-check';
import { parseStringSync } from 'gcode-parser';
import { DIALECT_NAMES } from '../src/records/values/dialects';
import type { ProgramSection } from '../src/holes/programSection';
import { holesProgram, type HolesProgramJob } from '../src/formats/holes/holesProgram';
import { toolTableProgram } from '../src/formats/toolTable';
import { lengthIn, workOffsetZ, type LengthMethod } from '../src/zAndTools/schools';
import { TOOL_LENGTH_METHODS } from '../src/records/shop/machine';
import { DEFAULT_DECIMALS, millimetresPer } from '../src/units/unit';
import { MachineAlarm, runProgram, type HiddenMachine, type ProgramLine, type TipMove } from './simulatedController';

const read = (text: string): ProgramLine[] => parseStringSync(text).map(({ words }) => words);

/** What only the machine knows: tools of these lengths, the part's top here. */
interface Truth {
  lengths: Record<number, number>;
  partTop: number;
  top: number;
}

/** A machine whose table and work offset were set rightly in a school. */
function machineOf(
  school: LengthMethod,
  dialect: HolesProgramJob['dialect'],
  { lengths, partTop, top }: Truth,
): HiddenMachine {
  const gauge = 20;
  const z = (tool: number) => partTop + (lengths[tool] ?? NaN) + gauge;
  const frame = { reference: z(1), gauge, surface: top, trigger: partTop + gauge };
  const rows = Object.keys(lengths).map(Number);
  return {
    dialect,
    lengths,
    partTop,
    table:
      school === 'touch-every-change'
        ? {}
        : Object.fromEntries(rows.map((tool) => [tool, lengthIn(school, z(tool), frame)])),
    workOffsetZ: workOffsetZ(school, frame),
    start: { z: partTop + 400, tool: school === 'touch-every-change' ? 2 : 1 },
    // Touched again: Z zero is where this tool's tip stands on it.
    onStop: (tool, machine) => {
      machine.workOffsetZ = partTop - top + (lengths[tool] ?? NaN);
    },
  };
}

const TOOLS = [2, 3, 4];
const someSection = (school: LengthMethod): fc.Arbitrary<ProgramSection> =>
  fc.record({
    step: fc.constantFrom('spot', 'drill', 'ream', 'bore'),
    tool: fc.record({
      number: fc.constantFrom(...(school === 'touch-every-change' ? [2] : TOOLS)),
      name: fc.constantFrom('Drill 4.2', 'Reamer 3 H7'),
      diameter: fc.double({ min: 0.5, max: 20, noNaN: true }),
    }),
    holes: fc.array(
      fc.record({
        x: fc.double({ min: -300, max: 300, noNaN: true }),
        y: fc.double({ min: -300, max: 300, noNaN: true }),
        tip: fc.double({ min: 0.05, max: 60, noNaN: true }),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    rpm: fc.double({ min: 60, max: 20_000, noNaN: true }),
    feed: fc.double({ min: 5, max: 900, noNaN: true }),
  });

const someJob = (school: LengthMethod) =>
  fc.record({
    title: fc.string({ maxLength: 30 }),
    sections: fc.array(someSection(school), { minLength: 1, maxLength: school === 'touch-every-change' ? 1 : 3 }),
    unit: fc.constantFrom('mm', 'in'),
    dialect: fc.constantFrom(...DIALECT_NAMES),
    school: fc.constant(school),
    workOffset: fc.constantFrom('G54', 'G56', 'G59'),
    distance: fc.constantFrom('absolute', 'incremental'),
    clear: fc.double({ min: 5, max: 60, noNaN: true }),
    feedFrom: fc.double({ min: 0.5, max: 5, noNaN: true }),
    top: fc.double({ min: -20, max: 20, noNaN: true }),
  }) as fc.Arbitrary<HolesProgramJob>;

const someTruth = fc.record({
  lengths: fc.record({
    1: fc.double({ min: 40, max: 200, noNaN: true }),
    2: fc.double({ min: 40, max: 200, noNaN: true }),
    3: fc.double({ min: 40, max: 200, noNaN: true }),
    4: fc.double({ min: 40, max: 200, noNaN: true }),
  }),
  partTop: fc.double({ min: -400, max: -200, noNaN: true }),
});

/** What a machinist would shout stop at, of the moves a program made. */
function faults(moves: readonly TipMove[], job: HolesProgramJob): string[] {
  const step = millimetresPer(job.unit) / 10 ** DEFAULT_DECIMALS[job.unit];
  const slack = 1.01 * step;
  const wanted = job.sections.flatMap((section) =>
    section.holes.map((hole) => ({ ...hole, tool: section.tool.number ?? 0 })),
  );
  const near = (at: { x: number; y: number }, tool: number, within = 2 * step) =>
    wanted.filter((hole) => hole.tool === tool && Math.hypot(hole.x - at.x, hole.y - at.y) <= within);
  const found: string[] = [];
  const cutTo = new Map<string, number>();
  for (const { kind, from, to, tool, rpm, line } of moves) {
    const across = from.x !== to.x || from.y !== to.y;
    const lowest = Math.min(from.z, to.z);
    if (across && lowest < job.clear - slack) found.push(`line ${line}: across at ${lowest}`);
    if (to.z < job.clear - slack && near(to, tool).length === 0) found.push(`line ${line}: down beside every hole`);
    const here = near(to, tool);
    const deepest = Math.max(...here.map(({ tip }) => tip));
    if (here.length > 0 && to.z < -deepest - slack) found.push(`line ${line}: ${to.z} is beyond ${-deepest}`);
    // A rapid goes down only where it was fed to before, with the same tool.
    const key = `${tool} ${to.x.toFixed(3)} ${to.y.toFixed(3)}`;
    const cut = cutTo.get(key) ?? 0;
    if (kind === 'rapid' && to.z < from.z && to.z < cut - slack) found.push(`line ${line}: rapid into the part`);
    if (kind === 'feed') cutTo.set(key, Math.min(cut, to.z));
    if (to.z < 0 && rpm === 0) found.push(`line ${line}: in the part with the spindle standing`);
  }
  for (const hole of wanted) {
    const bottom = Math.min(
      ...moves
        .filter(({ to, tool }) => tool === hole.tool && Math.hypot(hole.x - to.x, hole.y - to.y) <= 2 * step)
        .map(({ to }) => to.z),
    );
    if (Math.abs(bottom + hole.tip) > slack && near(hole, hole.tool, 10 * step).length === 1)
      found.push(`a hole of ${hole.tip} went to ${bottom}`);
  }
  return found;
}

describe.each(TOOL_LENGTH_METHODS)('programs for a machine whose lengths are %s', (school) => {
  test('go to depth and no deeper, across at the clear height only, in 2500 random jobs', () => {
    fc.assert(
      fc.property(someJob(school), someTruth, (job, truth) => {
        const machine = machineOf(school, job.dialect, { ...truth, top: job.top });
        const moves = runProgram(read(holesProgram(job)), machine);
        expect(faults(moves, job)).toEqual([]);
        const compensated = moves.filter(({ compensation, tool }) => compensation === tool).length;
        expect(compensated).toBe(school === 'touch-every-change' ? 0 : moves.length);
      }),
      { numRuns: 2500 },
    );
  });
});

describe('the machine notices', () => {
  const job: HolesProgramJob = {
    title: 'Base plate',
    sections: [
      {
        step: 'drill',
        tool: { number: 2, name: 'Drill 4.2', diameter: 4.2 },
        holes: [{ x: 85.1822, y: 64.2117, tip: 11.2618 }],
        rpm: 1200,
        feed: 60,
      },
    ],
    unit: 'mm',
    dialect: 'reference-height',
    school: 'reference-tool',
    workOffset: 'G54',
    distance: 'absolute',
    clear: 25,
    feedFrom: 2,
    top: 0,
  };
  const truth: Truth = { lengths: { 1: 80, 2: 96, 3: 70, 4: 55 }, partTop: -300, top: 0 };
  const run = (text: string) => runProgram(read(text), machineOf('reference-tool', 'reference-height', truth));

  test('a program without its length word: the longer tool goes 16 too deep', () => {
    const moves = run(holesProgram(job).replace(' G43 H2', ''));
    expect(faults(moves, job)).toContainEqual(expect.stringMatching(/is beyond -11\.26/));
  });

  test('the length of another tool', () => {
    expect(faults(run(holesProgram(job).replace('H2', 'H4')), job)).not.toEqual([]);
  });

  test('across before it is up', () => {
    const [up = ''] = /G0 G43 H2 Z25\.000/.exec(holesProgram(job)) ?? [];
    expect(faults(run(holesProgram(job).replace(up, 'G0 G43 H2 Z1.')), job)).not.toEqual([]);
  });

  test('rows of the table set by a program, in its own words only', () => {
    const machine = machineOf('true-length', 'reference-height', truth);
    const lengths = { ...machine.table };
    machine.table = {};
    const rows = Object.entries(lengths).map(([number, length]) => ({ number: Number(number), name: 'x', length }));
    const table = { school: 'true-length', unit: 'mm', rows } as const;
    expect(() => runProgram(read(toolTableProgram(table, 'reference-distance')), machine)).toThrow(MachineAlarm);
    runProgram(read(toolTableProgram(table, 'reference-height')), machine);
    expect(machine.table).toEqual(lengths);
  });

  test('words of another dialect', () => {
    expect(() => run(holesProgram({ ...job, dialect: 'reference-distance' }))).not.toThrow();
    expect(faults(run(holesProgram({ ...job, dialect: 'reference-distance' })), job)).not.toEqual([]);
    expect(() => runProgram(read('G21 G90\nG68 X0 Y0'), machineOf('reference-tool', 'plain-moves', truth))).toThrow(
      MachineAlarm,
    );
  });
});
