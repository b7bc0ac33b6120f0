import { formatLength } from '../units/formatLength';
import type { LengthUnit } from '../units/unit';
import type { ThingMark } from './marking/thingMark';
import { dialShows } from './mill/indicator';
import type { Mill } from './mill/mill';

/** What each is called, how it is, and what is said where nothing was found of it; `below` in place of `is` and a minus. */
const THINGS: Readonly<
  Record<ThingMark['thing'], { name: string; is: string; missing: string; signed?: true; below?: string }>
> = {
  head: { name: 'The head', is: 'is out over its swing by', missing: 'was not read on all four sides' },
  vise: { name: 'The jaw', is: 'is out by', missing: 'was not read at both ends' },
  centre: { name: 'The spindle', is: 'is off the middle by', missing: 'was not swept all round' },
  chuck: { name: 'The part', is: 'is off the table’s middle by', missing: 'was not read on all four sides' },
  skew: {
    name: 'The part',
    is: 'lies turned, over its length by',
    missing: 'was not found turned: its front face needs two places',
    signed: true,
  },
  'run-out': { name: 'The tool', is: 'runs out', missing: 'was not read all round' },
  ball: { name: 'The ball', is: 'works as wide as', missing: 'was not kept' },
  trigger: { name: 'The setter', is: 'answers a tool of no length at Z', missing: 'was not kept', signed: true },
  'rotary-centre': { name: 'The axis', is: 'lies at', missing: 'was not kept', signed: true },
  bore: { name: 'The bore', is: 'is', missing: 'was not measured' },
  height: { name: 'The face', is: 'is too high by', below: 'is too low by', missing: 'was not cut' },
  'second-zero': { name: 'The second zero', is: 'is off the bore’s middle by', missing: 'was not set in X and Y' },
  holes: { name: 'The worst place', is: 'is off by', missing: 'was not marked' },
};

/** How something became, in a sentence or two; as it truly is, then what was said of it. */
export function thingWords({ thing, along, is, said, U, good }: ThingMark, unit: LengthUnit): string {
  const { name, is: above, below, missing, signed } = THINGS[thing];
  const stands = below !== undefined && is < 0 ? below : above;
  if (said === undefined) return `✗ ${name} ${missing}.`;
  const mm = (value: number, plus?: true) => `${formatLength(value, { unit, ...(plus && { plus }) })} ${unit}`;
  const where = along === undefined ? stands : `${stands} ${along.toUpperCase()}`;
  const shown = below === undefined ? mm(is, signed) : mm(Math.abs(is));
  const head = Number.isFinite(is) ? `${name} ${where} ${shown}.` : `${name} ${missing}.`;
  if (U === undefined) return `${good ? '✓' : '✗'} ${head}`;
  const kept = Math.abs(said - is) <= U ? 'within it' : 'outside it';
  return `${good ? '✓' : '✗'} ${head} Your result: ${mm(said, signed ?? (below === undefined ? undefined : true))} ±${formatLength(U, { unit })} ${unit}: ${kept}.`;
}

/** What an indicator's dial says, in a few words; undefined where there is none. */
export function dialWords(mill: Mill, unit: LengthUnit): string | undefined {
  const shows = dialShows(mill);
  if (shows === undefined) return undefined;
  if (shows === 'free') return 'The stylus is off the metal.';
  if (shows === 'end') return 'The pointer is against its stop.';
  return `The dial shows ${formatLength(shows.mm, { unit, plus: true, decimals: unit === 'mm' ? 3 : 4 })} ${unit}.`;
}
