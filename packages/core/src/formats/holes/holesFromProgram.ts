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
  const reader = createReader(unit);
  text.split(/\r\n|\n|\r/).forEach((line, i) => reader.line(wordsOf(line, i + 1), i + 1));
  return checked(reader.result());
}

function createReader(asked: LengthUnit | undefined) {
  const at = { x: 0, y: 0, z: 0 };
  let unit: LengthUnit | undefined;
  let motion = 0;
  let incremental = false;
  let cycleZ = 0;
  let cycleR = 0;
  let tool: number | undefined;
  /** Holes before any is named stand on the first. */
  let workOffset = 'G54';
  let ended = false;
  const holes: FileHole[] = [];
  const skipped: string[] = [];
  const per = (): number => millimetresPer(unit ?? asked ?? askUnit());

  function drill(bottom: number): void {
    const last = holes.at(-1);
    const group = tool === undefined ? undefined : `T${tool}`;
    const depth = -bottom * per();
    // Pecks at one place are one hole.
    if (last && last.x === at.x * per() && last.y === at.y * per() && last.group === group) {
      if (depth > (last.depth ?? 0)) last.depth = depth;
      return;
    }
    holes.push({
      x: at.x * per(),
      y: at.y * per(),
      ...(depth > 0 && { depth }),
      ...(group !== undefined && { group }),
    });
  }

  function modes(codes: readonly number[], number: number): void {
    for (const code of codes) {
      // Whatever stands behind the point: 51.1 mirrors as 51 does, 68.2 turns as 68 does.
      if (SHIFTS.has(Math.floor(code)) && !ENDS.has(code))
        throw new Refusal({
          code: 'shifted-zero',
          field: `line ${number}`,
          message: `Line ${number} moves, turns or mirrors the zero (G${code}), so places after it would be wrong. Take it out, or read the program without it.`,
        });
      if (code === 20 || code === 21) {
        if (unit !== undefined && unit !== (code === 20 ? 'in' : 'mm') && holes.length > 0)
          throw new Refusal({
            code: 'unit-changes',
            field: `line ${number}`,
            message: `Line ${number} changes the unit in the middle of the program. Write it in one unit throughout.`,
          });
        unit = code === 20 ? 'in' : 'mm';
      }
      if (code === 90 || code === 91) incremental = code === 91;
      if (code <= 3 || code === 80 || CYCLES.has(code)) motion = code;
    }
  }

  /** The work offset in force: of the long list (G54.1) by its P. */
  function offsets(words: readonly Word[], number: number): void {
    const word = words.find(({ letter, value }) => letter === 'G' && value >= 54 && value < 60);
    if (!word) return;
    const place = words.find(({ letter }) => letter === 'P');
    const named = `G${word.value}${word.value === 54.1 && place ? ` P${place.value}` : ''}`;
    if (named !== workOffset && holes.length > 0)
      throw refuse(
        number,
        'second-offset',
        `goes on in another work offset (${named}), whose zero is elsewhere. Read each part of the program by itself`,
      );
    workOffset = named;
  }

  /** Words that would put holes somewhere else than they are read. */
  function plainWords(words: readonly Word[], number: number): void {
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
    if (ended && moves) throw refuse(number, 'after-end', 'moves behind the program’s end, which no control runs');
    ended ||= words.some(({ letter, value }) => letter === 'M' && (value === 2 || value === 30));
  }

  return {
    line: (words: readonly Word[], number: number): void => {
      if (words.length === 0) return;
      const value = (letter: string) => words.find((word) => word.letter === letter)?.value;
      const codes = words.filter(({ letter }) => letter === 'G').map((word) => word.value);
      plainWords(words, number);
      offsets(words, number);
      modes(codes, number);
      tool = value('T') ?? tool;
      if (codes.includes(28) || codes.includes(53)) return;
      const [x, y, z, r] = [value('X'), value('Y'), value('Z'), value('R')];
      const go = (axis: 'x' | 'y', to: number | undefined) => {
        if (to !== undefined) at[axis] = incremental ? at[axis] + to : to;
      };
      if (CYCLES.has(motion)) {
        if (r !== undefined) cycleR = incremental ? at.z + r : r;
        if (z !== undefined) cycleZ = incremental ? cycleR + z : z;
        const placed = x !== undefined || y !== undefined || codes.some((code) => CYCLES.has(code));
        const times = value('L') ?? value('K') ?? 1;
        if (!Number.isInteger(times) || times < 0 || times > MAX_HOLES)
          throw refuse(number, 'repeats', `repeats ${times} times, which cannot be meant`);
        for (let i = 0; placed && i < times; i += 1) {
          go('x', x);
          go('y', y);
          drill(cycleZ);
        }
        return;
      }
      go('x', x);
      go('y', y);
      if (motion === 2 || motion === 3) skipped.push('arc');
      const below = z === undefined ? at.z : incremental ? at.z + z : z;
      const feeds = motion === 1 && below < at.z;
      at.z = below;
      if (motion !== 1) return;
      if (x === undefined && y === undefined) {
        if (feeds) drill(below);
      } else skipped.push('milled move');
    },
    result: (): ReadHoles => ({
      holes,
      unit: unit ?? asked ?? (holes.length > 0 ? askUnit() : 'mm'),
      skipped: countedHoles(skipped),
    }),
  };
}
