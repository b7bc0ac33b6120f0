import type { Stale } from '../zAndTools/stale';
import type { LengthUnit } from '../units/unit';

/** What a program was found to have, and the figures that go with it. Lengths in mm, speeds in rpm, feeds in mm/min. */
export interface FindingFigures {
  /** Reading. */
  macro: { text: string };
  subprogram: { code: string };
  'long-block': object;
  unreadable: { text: string };
  'unknown-word': { word: string };
  'word-twice': { word: string };
  'modes-clash': { words: string };
  'no-motion': object;
  'no-end': object;
  'after-end': object;
  'optional-blocks': object;
  'rotary-moves': object;
  'zero-moved': { word: string };
  'row-set': { word: string };
  polar: object;
  /** A length without a point, as it was written, where whole lengths of the program have theirs. */
  'no-point': { word: string };
  /** Units and modes. */
  'unit-other': { program: LengthUnit; setup: LengthUnit };
  'unit-unsaid': { taken: LengthUnit };
  'unit-changes': { to: LengthUnit };
  /** Under G21 all it cuts is the stock's outline over 25.4. */
  'inch-figures': object;
  'incremental-left': { where: 'end' | 'change' };
  'incremental-from-nowhere': object;
  'radius-left': { code: string; where: 'end' | 'change' };
  'arc-no-centre': object;
  'arc-off': { by: number };
  'cycle-word': { word: string };
  'cycle-order': object;
  'repeats-in-place': { times: number };
  'plane-left': { plane: string; where: 'end' | 'change' };
  'optional-grave': object;
  'cycles-not-kept': object;
  /** Zero and offsets. */
  'offset-other': { program: string; set: string };
  'offset-unsaid': { set: string };
  'zero-not-set': { axes: string };
  'zero-in-doubt': object;
  'z-tool-changed': { tool: number };
  'air-pass': { lift: number };
  /** Tools. */
  'tool-unknown': { tool: number };
  'tool-no-length': { tool: number; stale: Stale | null };
  'no-compensation': { tool: number };
  'length-other': { tool: number; H: number };
  'length-unnamed': { tool: number };
  'radius-other': { tool: number; D: number };
  'no-table': { H: number };
  'no-stop': { tool: number };
  /** Spindle and feed. */
  'spindle-stopped': { tool: number };
  'speed-over': { rpm: number; most: number };
  'speed-under': { rpm: number; least: number };
  'spindle-reversed': { tool: number };
  'gauge-in-spindle': { name: string; rpm: number; most: number };
  'feed-missing': object;
  /** F as it was written: a feed per turn where it counts per minute, or the other way round. mm. */
  'feed-mode': { feed: number; mode: 94 | 95 };
  'feed-over': { feed: number; most: number };
  /** What a tap's pitch asks for, against F: mm/min under G94, mm under G95. */
  'tap-feed': { tool: number; feed: number; wanted: number; mode: 94 | 95 };
  /** Where it goes. */
  'under-part': { tool: number; below: number; room: number | null };
  'rapid-in-stock': { tool: number; below: number };
  'rapid-low': { tool: number; above: number; clear: number };
  'into-box': { tool: number; box: string };
  /** A rapid whose straight line clears it, on a machine that is not known to go straight. */
  'sweeps-box': { tool: number; box: string };
  /** Low at a rapid, or down, where X and Y are not known: before they were named, from a home place, or to one. */
  'place-unknown': { tool: number; z: number; how: 'down' | 'from' | 'home' };
  /** A height in machine coordinates, where it is not known what that is over the part. mm. */
  'machine-height': { z: number };
  'beside-stock': { side: 'left' | 'right' | 'front' | 'back'; by: number };
  /** Where its zero seems to be instead; null where no place of the part makes it fit. */
  'not-at-part': { zero: ProgramZeroPlace | null };
  'cuts-air': { above: number };
  travel: { axis: 'X' | 'Y' | 'Z'; by: number };
  /** Holes. */
  'hole-off': { dx: number; dy: number };
  'hole-extra': object;
  'hole-missing': { x: number; y: number };
  'hole-depth': { program: number; positions: number };
  'hole-wide': { tool: number; diameter: number; hole: number };
  'holes-changed': { change: HolesChange };
}

/** A place of the part's outline seen from above. */
export interface ProgramZeroPlace {
  x: 'left' | 'middle' | 'right';
  y: 'front' | 'middle' | 'back';
}

/** What would bring a program's holes onto the positions in hand. */
export type HolesChange =
  | { kind: 'scaled'; by: number }
  | { kind: 'mirrored'; axis: 'X' | 'Y' }
  | { kind: 'swapped' }
  | { kind: 'shifted'; dx: number; dy: number };

export type FindingCode = keyof FindingFigures;

/** Stop: it must not be run so. Mind: look at it first. Note: what the check took as given. */
export type FindingLevel = 'stop' | 'mind' | 'note';

interface Base {
  level: FindingLevel;
  /** The first line it stands in, from 1; 0 where it is of the whole. */
  line: number;
  /** How many lines it stands in, and some of them. */
  count: number;
  lines: number[];
  /** The stretch of the path it was found at; -1 for none. */
  at: number;
}

/** One thing found in a program. */
export type Finding = { [C in FindingCode]: Base & { code: C; figures: FindingFigures[C] } }[FindingCode];

const LEVELS: Readonly<Record<FindingCode, FindingLevel>> = {
  macro: 'stop',
  subprogram: 'stop',
  'long-block': 'stop',
  unreadable: 'stop',
  'unknown-word': 'mind',
  'word-twice': 'stop',
  'modes-clash': 'stop',
  'no-motion': 'mind',
  'no-end': 'mind',
  'after-end': 'note',
  'optional-blocks': 'note',
  'rotary-moves': 'mind',
  'zero-moved': 'stop',
  'row-set': 'mind',
  polar: 'stop',
  'no-point': 'mind',
  'unit-other': 'mind',
  'unit-unsaid': 'mind',
  'unit-changes': 'stop',
  'inch-figures': 'stop',
  'incremental-left': 'mind',
  'incremental-from-nowhere': 'mind',
  'radius-left': 'mind',
  'arc-no-centre': 'stop',
  'arc-off': 'stop',
  'cycle-word': 'stop',
  'cycle-order': 'stop',
  'repeats-in-place': 'mind',
  'plane-left': 'mind',
  'optional-grave': 'mind',
  'cycles-not-kept': 'mind',
  'offset-other': 'stop',
  'offset-unsaid': 'mind',
  'zero-not-set': 'stop',
  'zero-in-doubt': 'stop',
  'z-tool-changed': 'stop',
  'air-pass': 'mind',
  'tool-unknown': 'mind',
  'tool-no-length': 'stop',
  'no-compensation': 'stop',
  'length-other': 'stop',
  'length-unnamed': 'mind',
  'radius-other': 'mind',
  'no-table': 'stop',
  'no-stop': 'stop',
  'spindle-stopped': 'stop',
  'speed-over': 'stop',
  'speed-under': 'mind',
  'spindle-reversed': 'stop',
  'gauge-in-spindle': 'mind',
  'feed-missing': 'stop',
  'feed-mode': 'stop',
  'feed-over': 'mind',
  'tap-feed': 'stop',
  'under-part': 'stop',
  'rapid-in-stock': 'stop',
  'rapid-low': 'mind',
  'into-box': 'stop',
  'sweeps-box': 'mind',
  'place-unknown': 'stop',
  'machine-height': 'mind',
  'beside-stock': 'mind',
  'not-at-part': 'stop',
  'cuts-air': 'mind',
  travel: 'stop',
  'hole-off': 'stop',
  'hole-extra': 'mind',
  'hole-missing': 'note',
  'hole-depth': 'mind',
  'hole-wide': 'stop',
  'holes-changed': 'stop',
};

/** Lines that are kept of one finding. */
const KEPT_LINES = 50;

/** Collects what is found: alike things are one finding, at the line it first stands in. */
export interface Findings {
  /** `key` tells apart what is not alike: a tool's number, a word. */
  add: <C extends FindingCode>(code: C, line: number, figures: FindingFigures[C], key?: string, at?: number) => void;
  /** How many of one code there are. */
  has: (code: FindingCode) => boolean;
  /** Worst first, then as they stand in the program. */
  list: () => Finding[];
}

const WORST: readonly FindingLevel[] = ['stop', 'mind', 'note'];

export function collectFindings(): Findings {
  const found = new Map<string, Finding>();
  const codes = new Set<FindingCode>();
  return {
    add: (code, line, figures, key = '', at = -1) => {
      const name = `${code} ${key}`;
      const known = found.get(name);
      codes.add(code);
      if (!known) {
        const first = { code, level: LEVELS[code], line, count: 1, lines: [line], at, figures };
        // The code and its figures came in as one pair.
        found.set(name, first as unknown as Finding);
      } else if (known.lines.at(-1) !== line) {
        known.count += 1;
        if (known.lines.length < KEPT_LINES) known.lines.push(line);
      }
    },
    has: (code) => codes.has(code),
    list: () => [...found.values()].sort((a, b) => WORST.indexOf(a.level) - WORST.indexOf(b.level) || a.line - b.line),
  };
}
