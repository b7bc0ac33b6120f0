import { keepsTable, type LengthMethod } from '../../zAndTools/schools';
import { Refusal } from '../../problem/problem';
import type { ProgramSection } from '../../holes/programSection';
import type { Machine } from '../../records/shop/machine';
import { roundToCount } from '../../units/round';
import { millimetresPer, type LengthUnit } from '../../units/unit';
import { DIALECTS } from '../dialect';
import type { DialectName } from '../../records/values/dialects';
import { plainFigure } from '../plainFigure';
import { commented, isOffsetWord } from '../programText';
import { createScribe, type Scribe } from '../programWords';

/** Holes that are written as a program: steps in the order they are done. Lengths in mm. */
export interface HolesProgramJob {
  title: string;
  sections: readonly ProgramSection[];
  unit: LengthUnit;
  dialect: DialectName;
  /** How the machine knows its tools' lengths. */
  school: LengthMethod;
  workOffset: string;
  distance: 'absolute' | 'incremental';
  /** Above the part's top: where the tool moves across, clear of every clamp and jaw; and where feeding begins. */
  clear: number;
  feedFrom: number;
  /** The part's top above Z zero. */
  top: number;
  limits?: Machine['limits'];
}

/** Deeper than this many diameters, a drilled hole is pecked. */
const PECK_BEYOND = 3;

/** Back into the hole a peck stops this far above where it was, mm. */
const PECK_SHORT = 0.5;

const refuse = (code: string, field: string, message: string): Refusal => new Refusal({ code, field, message });

/**
 * Holes as a program (ISO 6983-1): tool length compensation is in force, by the H word of the tool in the spindle, before
 * Z goes down; the tool moves across only at the height that clears the clamps. Where the machine keeps no table of
 * lengths there is one tool a program, and a stop at its start that says which, and that Z is set with it.
 *
 * @throws Refusal naming the field: no tool number, heights the wrong way round, speed or feed beyond the machine's
 * limits, a work offset that is no word of a program, tapping, several tools without a table
 */
export function holesProgram(job: HolesProgramJob): string {
  check(job);
  const { title, sections, unit, workOffset, school } = job;
  const scribe = createScribe(unit);
  return [
    '%',
    commented(title),
    commented(
      job.top === 0
        ? 'Z zero: the top of the part'
        : `Z zero: ${scribe.length(Math.abs(job.top))} ${unit} ${job.top > 0 ? 'below' : 'above'} the top of the part`,
    ),
    commented(unit === 'mm' ? 'Millimetres' : 'Inches'),
    commented('First run: above the part, single block, rapids low,'),
    commented('hand on feed hold, emergency stop within reach'),
    `${unit === 'mm' ? 'G21' : 'G20'} G17 G90 G94 G40 G80 ${workOffset}`,
    ...sections.flatMap((section) => [
      ...(keepsTable(school) ? withTable(job, section, scribe) : touchedAgain(job, section, scribe)),
      ...drilled(job, section, scribe),
    ]),
    'M30',
    '%',
    '',
  ].join('\n');
}

function withTable({ top, clear }: HolesProgramJob, section: ProgramSection, scribe: Scribe): string[] {
  const { number = 0 } = section.tool;
  return [
    headline(section, scribe),
    `T${number} M6`,
    `S${Math.round(section.rpm)} M3`,
    `G0 G43 H${number} ${scribe.to({ Z: top + clear })}`,
  ];
}

function touchedAgain({ top, clear }: HolesProgramJob, section: ProgramSection, scribe: Scribe): string[] {
  return [
    headline(section, scribe),
    commented(`In the spindle: ${section.tool.name}`),
    commented('Set Z with this tool. Gauge and clip off,'),
    commented('tool raised, hands clear. Then cycle start'),
    'M0',
    `S${Math.round(section.rpm)} M3`,
    `G0 ${scribe.to({ Z: top + clear })}`,
  ];
}

const headline = ({ step, tool, holes }: ProgramSection, scribe: Scribe): string =>
  commented(
    `${step}: ${tool.name}, ${holes.length} ${holes.length === 1 ? 'hole' : 'holes'}, point ${scribe.length(Math.max(...holes.map(({ tip }) => tip)))} below the top`,
  );

/** Across first, at the clear height; then down, and out again before the next. */
function drilled(job: HolesProgramJob, section: ProgramSection, scribe: Scribe): string[] {
  const { top, clear, distance, dialect } = job;
  const [first] = section.holes;
  if (!first) return [];
  const across = `G0 ${scribe.to({ X: first.x, Y: first.y })}`;
  scribe.incremental(distance === 'incremental');
  const body =
    DIALECTS[dialect].cycles === 'none'
      ? section.holes.flatMap((hole, i) => plainMoves(job, section, hole, i === 0, scribe))
      : cycles(job, section, scribe);
  scribe.incremental(false);
  return [
    across,
    ...(distance === 'incremental' ? ['G91'] : []),
    ...body,
    'G90',
    `G0 ${scribe.to({ Z: top + clear })}`,
    'M5',
  ];
}

type Hole = ProgramSection['holes'][number];

const isPecked = ({ step, tool }: ProgramSection, { tip }: Hole): boolean =>
  step === 'drill' && tip > PECK_BEYOND * tool.diameter;

/** One peck, mm: a diameter of the drill. */
const peckOf = ({ tool }: ProgramSection): number => Math.max(0.1, Math.floor(tool.diameter * 10) / 10);

function plainMoves(
  { top, clear, feedFrom, unit }: HolesProgramJob,
  section: ProgramSection,
  hole: Hole,
  isThere: boolean,
  scribe: Scribe,
): string[] {
  const feed = feedWord(section, unit);
  const across = isThere ? [] : [`G0 ${scribe.to({ X: hole.x, Y: hole.y })}`];
  const bottom = top - hole.tip;
  const lines = [...across, `G0 ${scribe.to({ Z: top + feedFrom })}`];
  if (isPecked(section, hole)) {
    for (let depth = peckOf(section); depth < hole.tip - 1e-9; depth += peckOf(section)) {
      lines.push(`G1 ${scribe.to({ Z: top - depth })} ${feed}`, `G0 ${scribe.to({ Z: top + feedFrom })}`);
      lines.push(`G0 ${scribe.to({ Z: top - depth + PECK_SHORT })}`);
    }
  }
  lines.push(`G1 ${scribe.to({ Z: bottom })} ${feed}`);
  // Reamed and bored holes are fed out of, so that the tool does not score them.
  if (section.step === 'ream' || section.step === 'bore') lines.push(`G1 ${scribe.to({ Z: top + feedFrom })} ${feed}`);
  return [...lines, `G0 ${scribe.to({ Z: top + clear })}`];
}

function cycles(job: HolesProgramJob, section: ProgramSection, scribe: Scribe): string[] {
  const lines = section.holes.map((hole, i) => {
    const before = section.holes[i - 1];
    const there = scribe.to({ X: hole.x, Y: hole.y });
    return before?.tip === hole.tip ? there : `${cycle(job, section, hole, scribe)} ${there}`;
  });
  return [...lines, 'G80'];
}

function cycle(job: HolesProgramJob, section: ProgramSection, hole: Hole, scribe: Scribe): string {
  const { top, clear, feedFrom, unit, distance, dialect } = job;
  const pecked = isPecked(section, hole);
  const code = pecked ? 'G83' : section.step === 'ream' || section.step === 'bore' ? 'G85' : 'G81';
  const heights = [top + clear, top + feedFrom, top - hole.tip];
  const [r, z] =
    distance === 'incremental' || DIALECTS[dialect].cycles === 'distances'
      ? scribe.distances(heights)
      : heights.slice(1).map(scribe.length);
  const peck = pecked ? ` Q${scribe.length(peckOf(section))}` : '';
  return `G98 ${code} Z${z} R${r}${peck} ${feedWord(section, unit)}`;
}

/** Places after the point of a feed: whole millimetres, hundredths of an inch. */
const FEED_PLACES: Readonly<Record<LengthUnit, number>> = { mm: 0, in: 2 };

const feedWord = ({ feed }: ProgramSection, unit: LengthUnit): string =>
  `F${plainFigure(feed / millimetresPer(unit), FEED_PLACES[unit])}`;

function check(job: HolesProgramJob): void {
  const { sections, clear, feedFrom, workOffset, school } = job;
  if (!isOffsetWord(workOffset))
    throw refuse(
      'work-offset',
      'workOffset',
      `“${workOffset}” is no word a program chooses a work offset by. Type it as the control reads it, G54 to G59, or G54.1 with P and its number.`,
    );
  if (!(feedFrom > 0 && feedFrom <= clear))
    throw refuse(
      'heights',
      'feedFrom',
      'Feeding must begin above the part and not above the clear height. Make it over 0 and at most the clear height.',
    );
  if (!keepsTable(school) && sections.length > 1)
    throw refuse(
      'one-tool',
      'sections',
      'This machine keeps no table of tool lengths, so one program can use one tool only. Write one for each.',
    );
  for (const section of sections) checkSection(job, section);
}

function checkSection({ school, limits, unit }: HolesProgramJob, { step, tool, rpm, feed }: ProgramSection): void {
  if (step === 'tap')
    throw refuse(
      'no-tapping',
      'step',
      'Tapping is not written: how the spindle keeps to the thread’s pitch is each machine’s own. Use the machine’s own tapping cycle at these positions.',
    );
  if (keepsTable(school) && tool.number === undefined)
    throw refuse(
      'no-tool',
      'tool',
      `No tool of this machine is known to be ${tool.name}, so its length is not known. Add one to the machine in Shop, with its number.`,
    );
  const { leastRpm = 0, mostRpm = Infinity, mostFeed = Infinity } = limits ?? {};
  if (rpm < leastRpm || rpm > mostRpm)
    throw refuse(
      'speed',
      'rpm',
      `${tool.name}: ${Math.round(rpm)} rpm is beyond what the spindle turns, ${leastRpm} to ${mostRpm}. Change the speed, or the machine’s limits in Shop.`,
    );
  if (feed > mostFeed || roundToCount(feed / millimetresPer(unit), FEED_PLACES[unit]) <= 0)
    throw refuse(
      'feed',
      'feed',
      `${tool.name}: the feed must be something, and at most the machine’s ${Number.isFinite(mostFeed) ? `${mostFeed} mm/min` : 'own'}. Change it, or the machine’s limits in Shop.`,
    );
}
