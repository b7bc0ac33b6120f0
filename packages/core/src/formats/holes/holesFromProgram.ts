import { Refusal } from '../../problem/problem';
import { MAX_HOLES } from '../../records/values/maxHoles';
import { millimetresPer, type LengthUnit } from '../../units/unit';
import { askUnit, checked, countedHoles, type FileHole, type ReadHoles } from '../../holes/fileHole';

interface Word {
  letter: string;
  value: number;
}

/** More signs than any figure of a program has. */
const MOST_SIGNS = 24;

const refuse = (line: number, code: string, why: string): Refusal =>
  new Refusal({ code, field: `line ${line}`, message: `Line ${line} ${why}. Nothing was taken over.` });

/** One line as words (ISO 6983-1): comments, block numbers and skipped blocks taken out. */
function wordsOf(line: string, number: number): Word[] {
  const [said = ''] = line.replace(/\([^)]*\)?/g, '').split(';', 1);
  const plain = said.replace(/\s+/g, '').toUpperCase();
  if (plain === '' || plain === '%' || plain.startsWith('/') || /^[O:]\d+$/.test(plain)) return [];
  const words = plain.match(/[A-Z][+-]?(?:\d+\.?\d*|\.\d+)/g) ?? [];
  if (words.join('') !== plain)
    throw new Refusal({
      code: 'bad-program',
      field: `line ${number}`,
      message: `Line ${number} cannot be read: “${line.trim().slice(0, 40)}”. Plain words such as G81 X10 Y20 are read; sums, variables and other languages are not.`,
    });
  const long = words.find((word) => word.length > MOST_SIGNS);
  if (long !== undefined)
    throw refuse(number, 'bad-figure', `has a figure of ${long.length - 1} signs. See whether the file is whole`);
  const letters = words.map((word) => word[0] ?? '').filter((letter) => letter !== 'G' && letter !== 'M');
  const twice = letters.find((letter, i) => letters.indexOf(letter) !== i);
  if (twice !== undefined)
    throw refuse(
      number,
      'word-twice',
      `has the word ${twice} twice, and controls differ in which counts. Write it once`,
    );
  return words
    .map((word) => ({ letter: word[0] ?? '', value: Number(word.slice(1)) }))
    .filter(({ letter }) => letter !== 'N');
}

/** Drilling and boring cycles. */
const CYCLES = new Set([73, 74, 76, 81, 82, 83, 84, 85, 86, 87, 88, 89]);

/** What changes where part zero is in the middle of a program: its places would be wrong. */
const SHIFTS = new Set([10, 51, 52, 68, 92]);

/** Words that only put an end to such a change. */
const ENDS = new Set([92.1, 92.2]);

/** Words that leave the plain plane, or go somewhere else to read on. */
const ELSEWHERE: Readonly<Record<string, string>> = {
  G16: 'tells places by angle and radius (G16)',
  G18: 'drills along Y (G18)',
  G19: 'drills along X (G19)',
  G65: 'calls another program (G65)',
  G66: 'calls another program (G66)',
  M97: 'calls another part of the program (M97)',
  M98: 'calls another program (M98)',
};

/**
 * Hole positions read back from a program: each place of a drilling cycle, and each place where Z alone feeds down. The
 * tool in use is the group, how deep it goes the depth. Milled moves and arcs are named and counted.
 *
 * @param unit of a program that has neither G20 nor G21; undefined where it is not known either
 * @throws Refusal naming the line; with the code `unit-unknown` where nobody says the unit
 * @example holesFromProgram('G21\nG90 G81 X10 Y20 Z-5 R2 F80\nX30\nG80', undefined).holes.length // 2
 */
export function holesFromProgram(text: string, unit: LengthUnit | undefined): ReadHoles {
  const run = startReading(unit);
  text.split(/\r\n|\n|\r/).forEach((line, i) => readLine(run, wordsOf(line, i + 1), i + 1));
  const { holes, skipped } = run;
  return checked({
    holes,
    unit: run.unit ?? unit ?? (holes.length > 0 ? askUnit() : 'mm'),
    skipped: countedHoles(skipped),
  });
}

/** What stays in force from line to line, and what was found so far. */
interface ReaderState {
  /** Unit of a program that has neither G20 nor G21; undefined where it is not known either. */
  readonly asked: LengthUnit | undefined;
  readonly at: { x: number; y: number; z: number };
  unit: LengthUnit | undefined;
  motion: number;
  incremental: boolean;
  cycleZ: number;
  cycleR: number;
  tool: number | undefined;
  workOffset: string;
  ended: boolean;
  readonly holes: FileHole[];
  readonly skipped: string[];
}

/** The value of a word of the line; undefined where it is not in it. */
type WordValue = (letter: string) => number | undefined;

const startReading = (asked: LengthUnit | undefined): ReaderState => ({
  asked,
  at: { x: 0, y: 0, z: 0 },
  unit: undefined,
  motion: 0,
  incremental: false,
  cycleZ: 0,
  cycleR: 0,
  tool: undefined,
  // Holes before any is named stand on the first.
  workOffset: 'G54',
  ended: false,
  holes: [],
  skipped: [],
});

const perUnit = ({ unit, asked }: ReaderState): number => millimetresPer(unit ?? asked ?? askUnit());

function go({ at, incremental }: ReaderState, axis: 'x' | 'y', to: number | undefined): void {
  if (to !== undefined) at[axis] = incremental ? at[axis] + to : to;
}

/** One line: its modes, then where it goes. */
function readLine(run: ReaderState, words: readonly Word[], number: number): void {
  if (words.length === 0) return;
  const value = (letter: string) => words.find((word) => word.letter === letter)?.value;
  const codes = words.filter(({ letter }) => letter === 'G').map((word) => word.value);
  plainWords(run, words, number);
  offsets(run, words, number);
  modes(run, codes, number);
  run.tool = value('T') ?? run.tool;
  if (codes.includes(28) || codes.includes(53)) return;
  if (CYCLES.has(run.motion)) cycleLine(run, value, codes, number);
  else moveLine(run, value);
}

/** A place of a drilling cycle, or several by a count. */
function cycleLine(run: ReaderState, value: WordValue, codes: readonly number[], number: number): void {
  const [x, y, z, r] = [value('X'), value('Y'), value('Z'), value('R')];
  if (r !== undefined) run.cycleR = run.incremental ? run.at.z + r : r;
  if (z !== undefined) run.cycleZ = run.incremental ? run.cycleR + z : z;
  const placed = x !== undefined || y !== undefined || codes.some((code) => CYCLES.has(code));
  const times = value('L') ?? value('K') ?? 1;
  if (!Number.isInteger(times) || times < 0 || times > MAX_HOLES)
    throw refuse(number, 'repeats', `repeats ${times} times, which cannot be meant`);
  for (let i = 0; placed && i < times; i += 1) {
    go(run, 'x', x);
    go(run, 'y', y);
    drill(run, run.cycleZ);
  }
}

/** A plain move: straight down at a feed it is a hole. */
function moveLine(run: ReaderState, value: WordValue): void {
  const [x, y, z] = [value('X'), value('Y'), value('Z')];
  go(run, 'x', x);
  go(run, 'y', y);
  if (run.motion === 2 || run.motion === 3) run.skipped.push('arc');
  const below = z === undefined ? run.at.z : run.incremental ? run.at.z + z : z;
  const feeds = run.motion === 1 && below < run.at.z;
  run.at.z = below;
  if (run.motion !== 1) return;
  if (x === undefined && y === undefined) {
    if (feeds) drill(run, below);
  } else run.skipped.push('milled move');
}

function drill(run: ReaderState, bottom: number): void {
  const last = run.holes.at(-1);
  const group = run.tool === undefined ? undefined : `T${run.tool}`;
  const depth = -bottom * perUnit(run);
  // Pecks at one place are one hole.
  if (last && last.x === run.at.x * perUnit(run) && last.y === run.at.y * perUnit(run) && last.group === group) {
    if (depth > (last.depth ?? 0)) last.depth = depth;
    return;
  }
  run.holes.push({
    x: run.at.x * perUnit(run),
    y: run.at.y * perUnit(run),
    ...(depth > 0 && { depth }),
    ...(group !== undefined && { group }),
  });
}

function modes(run: ReaderState, codes: readonly number[], number: number): void {
  for (const code of codes) {
    // Whatever stands behind the point: 51.1 mirrors as 51 does, 68.2 turns as 68 does.
    if (SHIFTS.has(Math.floor(code)) && !ENDS.has(code))
      throw new Refusal({
        code: 'shifted-zero',
        field: `line ${number}`,
        message: `Line ${number} moves, turns or mirrors the zero (G${code}), so places after it would be wrong. Take it out, or read the program without it.`,
      });
    if (code === 20 || code === 21) {
      if (run.unit !== undefined && run.unit !== (code === 20 ? 'in' : 'mm') && run.holes.length > 0)
        throw new Refusal({
          code: 'unit-changes',
          field: `line ${number}`,
          message: `Line ${number} changes the unit in the middle of the program. Write it in one unit throughout.`,
        });
      run.unit = code === 20 ? 'in' : 'mm';
    }
    if (code === 90 || code === 91) run.incremental = code === 91;
    if (code <= 3 || code === 80 || CYCLES.has(code)) run.motion = code;
  }
}

/** The work offset in force: of the long list (G54.1) by its P. */
function offsets(run: ReaderState, words: readonly Word[], number: number): void {
  const word = words.find(({ letter, value }) => letter === 'G' && value >= 54 && value < 60);
  if (!word) return;
  const place = words.find(({ letter }) => letter === 'P');
  const named = `G${word.value}${word.value === 54.1 && place ? ` P${place.value}` : ''}`;
  if (named !== run.workOffset && run.holes.length > 0)
    throw refuse(
      number,
      'second-offset',
      `goes on in another work offset (${named}), whose zero is elsewhere. Read each part of the program by itself`,
    );
  run.workOffset = named;
}

/** Words that would put holes somewhere else than they are read. */
function plainWords(run: ReaderState, words: readonly Word[], number: number): void {
  const elsewhere = words.find(({ letter, value }) => ELSEWHERE[`${letter}${value}`] !== undefined);
  if (elsewhere)
    throw refuse(
      number,
      'elsewhere',
      `${ELSEWHERE[`${elsewhere.letter}${elsewhere.value}`] ?? ''}, which is not followed here`,
    );
  const rotary = words.find(({ letter, value }) => 'ABC'.includes(letter) && value !== 0);
  if (rotary)
    throw refuse(number, 'rotary', `turns the part (${rotary.letter}), so places after it are on another side`);
  const moves = words.some(({ letter }) => letter === 'X' || letter === 'Y' || letter === 'Z');
  if (run.ended && moves) throw refuse(number, 'after-end', 'moves behind the program’s end, which no control runs');
  run.ended ||= words.some(({ letter, value }) => letter === 'M' && (value === 2 || value === 30));
}
