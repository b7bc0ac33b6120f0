import { holesProgram, type HolesProgramJob } from '../src/formats/holes/holesProgram';
import type { Chance } from '../src/metrology/chance';
import type { ProgramSection } from '../src/holes/programSection';
import type { FindingCode } from '../src/program/finding';
import type { Box, SetTool, CheckContext } from '../src/program/checkContext';
import { DIALECT_NAMES } from '../src/records/values/dialects';

/** A program as it was written for a setup, and that setup. */
export interface SimulatedProgram {
  text: string;
  set: CheckContext;
}

/** The same with one fault, and how it shows: at a line, or of the whole (0). Any of the codes will do. */
export interface PlantedFault extends SimulatedProgram {
  kind: string;
  codes: readonly FindingCode[];
  line: number;
}

const between = (chance: Chance, low: number, high: number): number => chance.between(low, high);
const whole = (chance: Chance, low: number, high: number): number => Math.floor(between(chance, low, high + 1));
const oneOf = <T>(chance: Chance, of: readonly T[]): T => of[whole(chance, 0, of.length - 1)] as T;

/** A part with holes in a machine that was set rightly for it, and the program of the holes. */
export function simulatedProgram(chance: Chance): SimulatedProgram {
  const keepsTable = chance.next() < 0.8;
  const size = { x: between(chance, 60, 300), y: between(chance, 40, 200), z: between(chance, 4, 30) };
  const zero = { x: oneOf(chance, [0, 0.5, 1]), y: oneOf(chance, [0, 0.5, 1]) };
  const [left, front] = [-zero.x * size.x, -zero.y * size.y];
  const top = oneOf(chance, [0, 0, size.z]);
  const drill = between(chance, 2, 10);
  const through = chance.next() < 0.6;
  const tip = through ? size.z + 0.3 * drill + 0.5 : between(chance, 0.3, 0.8) * size.z;
  const places = Array.from({ length: whole(chance, 2, 14) }, (_, i) => ({
    // Apart from one another, as holes are.
    x: left + size.x * between(chance, 0.1, 0.9),
    y: front + (size.y * (i + 0.5 + between(chance, -0.2, 0.2))) / 15,
  }));
  const tools: SetTool[] = [1, 2, 3, 4].map((number) => ({
    number,
    name: ['Reference', 'Spot drill', 'Drill', 'Reamer'][number - 1] ?? '',
    diameter: number === 2 ? 10 : drill,
    pointed: number === 2,
    length: number === 1 ? 0 : -between(chance, 1, 60),
    stale: null,
  }));
  const section = (step: ProgramSection['step'], number: number, depth: number): ProgramSection => ({
    step,
    tool: { number, name: tools[number - 1]?.name ?? '', diameter: tools[number - 1]?.diameter ?? 1 },
    holes: places.map(({ x, y }) => ({ x, y, tip: depth })),
    rpm: whole(chance, 300, 5000),
    feed: whole(chance, 30, 400),
  });
  const sections = keepsTable
    ? [
        ...(chance.next() < 0.5 ? [section('spot', 2, Math.min(1, tip / 2))] : []),
        section('drill', 3, tip),
        ...(chance.next() < 0.3 ? [section('ream', 4, Math.min(tip, size.z * 0.9))] : []),
      ]
    : [section('drill', 3, tip)];
  const job: HolesProgramJob = {
    title: 'Plate',
    sections,
    unit: oneOf(chance, ['mm', 'in']),
    dialect: oneOf(chance, DIALECT_NAMES),
    school: keepsTable ? 'reference-tool' : 'touch-every-change',
    workOffset: oneOf(chance, ['G54', 'G55', 'G57']),
    distance: oneOf(chance, ['absolute', 'incremental']),
    clear: between(chance, 8, 40),
    feedFrom: between(chance, 1, 3),
    top,
  };
  const offset = { x: -between(chance, 350, 500), y: -between(chance, 250, 350), z: -between(chance, 200, 300) };
  return {
    text: holesProgram(job),
    set: {
      unit: job.unit,
      dialect: job.dialect,
      workOffset: job.workOffset,
      unset: [],
      inDoubt: false,
      lift: 0,
      keepsTable,
      referenceTool: 1,
      tools,
      limits: { leastRpm: 100, mostRpm: 8000, mostFeed: 1000 },
      stock: {
        name: 'Plate',
        x: [left, left + size.x],
        y: [front, front + size.y],
        z: [top - size.z, top],
      },
      turn: 0,
      room: 8,
      clear: job.clear,
      boxes: [],
      holes: places.map((place) => ({ ...place, diameter: drill, tip })),
      offset,
      travel: { x: 900, y: 700, z: 500 },
    },
  };
}

type Plant = (of: SimulatedProgram, chance: Chance) => Omit<PlantedFault, 'kind'> | undefined;

/** Changes one line that a pattern finds; one of those it finds, by chance. */
function changing(
  pattern: RegExp,
  into: (line: string, chance: Chance, set: CheckContext) => string,
  codes: readonly FindingCode[],
  which: 'any' | 'first' | ((lines: readonly string[], at: number) => boolean) = 'any',
): Plant {
  return ({ text, set }, chance) => {
    const lines = text.split('\n');
    const places = lines.flatMap((line, i) =>
      !line.startsWith('(') && pattern.test(line) && (typeof which === 'string' || which(lines, i)) ? i : [],
    );
    if (places.length === 0) return undefined;
    const at = which === 'first' ? (places[0] ?? 0) : oneOf(chance, places);
    const before = lines[at] ?? '';
    lines[at] = into(before, chance, set);
    return lines[at] === before ? undefined : { text: lines.join('\n'), set, codes, line: at + 1 };
  };
}

/** Something of the setup that is not as the program takes it. */
const setOtherwise =
  (change: (set: CheckContext, chance: Chance) => Partial<CheckContext>, codes: readonly FindingCode[]): Plant =>
  ({ text, set }, chance) => ({ text, set: { ...set, ...change(set, chance) }, codes, line: 0 });

/** The first way down at a place: a rapid after one across, with a feed behind it; where Z is a height, not a distance. */
const goesDown = (lines: readonly string[], at: number): boolean =>
  !lines.includes('G91') && /^G0 .*X/.test(lines[at - 1] ?? '') && /^G1 Z/.test(lines[at + 1] ?? '');

/** The last feed of a hole: no peck comes after it. */
const isBottom = (lines: readonly string[], at: number): boolean =>
  lines[at]?.startsWith('G1') !== true || !/^G0 Z/.test(lines[at + 2] ?? '') || !/^G1 Z/.test(lines[at + 3] ?? '');

const figureOf = (word: string): number => Number(word.slice(1));

const PLANTS: Readonly<Record<string, Plant>> = {
  'other unit': changing(
    /G2[01]/,
    (line) => (/G21/.test(line) ? line.replace('G21', 'G20') : line.replace('G20', 'G21')),
    ['unit-other'],
  ),
  'no unit': changing(/G2[01]/, (line) => line.replace(/G2[01] /, ''), ['unit-unsaid']),
  'other work offset': changing(/G5[457]/, (line) => line.replace(/G5[457]/, 'G58'), ['offset-other']),
  'no work offset': changing(/G5[457]/, (line) => line.replace(/ G5[457]/, ''), ['offset-unsaid']),
  'other H': changing(/ H\d/, (line) => line.replace(/H\d/, 'H1'), ['length-other']),
  'no compensation': changing(/G43 H\d /, (line) => line.replace(/G43 H\d /, ''), ['no-compensation'], 'first'),
  'tool without a cutter': changing(/^T\d/, (line) => line.replace(/T\d/, 'T8'), ['tool-unknown']),
  'spindle too fast': changing(/^S/, (line) => line.replace(/S\d+/, 'S12000'), ['speed-over']),
  'spindle standing': changing(/ M3/, (line) => line.replace(' M3', ''), ['spindle-stopped']),
  'spindle backwards': changing(/ M3/, (line) => line.replace('M3', 'M4'), ['spindle-reversed']),
  'no feed': changing(/ F[\d.]+/, (line) => line.replace(/ F[\d.]+/, ''), ['feed-missing'], 'first'),
  'feed too fast': changing(/ F[\d.]+/, (line) => line.replace(/ F[\d.]+/, ' F9000'), ['feed-over']),
  'one hole off': changing(
    /X-?[\d.]+/,
    (line, chance) => line.replace(/X-?[\d.]+/, (word) => `X${(figureOf(word) + between(chance, 0.02, 2)).toFixed(4)}`),
    ['hole-off', 'hole-extra', 'holes-changed'],
  ),
  'too deep': changing(
    /(G1|G8[135]).* Z|^G1 Z/,
    (line, chance) => line.replace(/Z-?[\d.]+/, (word) => `Z${(figureOf(word) - between(chance, 10, 30)).toFixed(4)}`),
    ['under-part', 'hole-depth', 'cycle-order'],
    isBottom,
  ),
  'rapid into the stock': changing(
    /^G0 Z/,
    (line, chance, { stock, unit }) =>
      line.replace(
        /Z-?[\d.]+/,
        `Z${(((stock?.z[1] ?? 0) - between(chance, 0.5, 3)) / (unit === 'mm' ? 1 : 25.4)).toFixed(4)}`,
      ),
    ['rapid-in-stock', 'under-part'],
    goesDown,
  ),
  'cut off': ({ text, set }) => ({
    text: text.replace('M30\n%\n', ''),
    set,
    codes: ['no-end'],
    line: text.split('\n').indexOf('M30'),
  }),
  'a variable': changing(/X-?[\d.]+/, (line) => line.replace(/X-?[\d.]+/, 'X[#1+2]'), ['macro']),
  'a word nobody knows': changing(/^M5/, () => 'M5 M66', ['unknown-word']),
  'a word twice': changing(/X-?[\d.]+/, (line) => `${line} X5.0`, ['word-twice']),
  'zero moved': changing(/^S/, (line) => `G52 X1 Y1 ${line}`, ['zero-moved']),
  'Y never set': setOtherwise(() => ({ unset: ['Y'] }), ['zero-not-set']),
  'zero in doubt': setOtherwise(() => ({ inDoubt: true }), ['zero-in-doubt']),
  'Z by a tool that was ground since': setOtherwise(() => ({ zToolChanged: 2 }), ['z-tool-changed']),
  'air cut in force': setOtherwise(() => ({ lift: 10 }), ['air-pass']),
  'no room under the part': (of, chance) =>
    (of.set.holes[0]?.tip ?? 0) > thickness(of.set) + 0.2
      ? setOtherwise(() => ({ room: 0.1 }), ['under-part'])(of, chance)
      : undefined,
  'a clamp in the way': setOtherwise(
    ({ holes, stock }) => ({ boxes: [clampAt(holes[0] ?? { x: 0, y: 0 }, stock?.z[1] ?? 0)] }),
    ['into-box'],
  ),
  'beyond the travel': setOtherwise(
    ({ offset }) => ({ offset: { ...offset, x: -895 }, travel: { x: 900 - 800 } }),
    ['travel'],
  ),
};

const thickness = ({ stock }: CheckContext): number => (stock ? stock.z[1] - stock.z[0] : Infinity);

const clampAt = ({ x, y }: { x: number; y: number }, top: number): Box => ({
  name: 'Clamp',
  x: [x - 5, x + 5],
  y: [y - 5, y + 5],
  z: [top, top + 10],
});

const anywhere = new Set<FindingCode>([
  'spindle-stopped',
  'no-compensation',
  'unit-other',
  'unit-unsaid',
  'offset-unsaid',
  'under-part',
  'into-box',
  'travel',
  'hole-off',
  'hole-extra',
  'holes-changed',
  'hole-depth',
  'rapid-in-stock',
  'feed-missing',
]);

/** Whether a fault that is planted at a line may show further on, where it comes to bear. */
export const showsFurtherOn = (code: FindingCode): boolean => anywhere.has(code);

/** A program with one fault of any kind that it can have. */
export function plantFault(of: SimulatedProgram, chance: Chance): PlantedFault {
  const kinds = Object.keys(PLANTS);
  for (;;) {
    const kind = oneOf(chance, kinds);
    const planted = PLANTS[kind]?.(of, chance);
    if (planted) return { kind, ...planted };
  }
}
