import { HEIGHT_CAUTIONS, type Caution } from '../cautions/caution';
import type { ToolKind } from '../records/values/toolKinds';
import type { HeightMethodName } from '../metrology/gauges/gaugeKindFacts';
import { GAUGE_FACTS, type GaugeKind } from '../metrology/gauges/gaugeKinds';

/** How a kind of gauge finds a height: what it is called, what is done with it, and what to mind. */
export interface HeightMethod {
  words: string;
  /** Whether the tool comes down onto it, or is raised past it from below. */
  arrives: 'lowered' | 'raised';
  /** What to do with it under a tool, up to the touch, as a sentence. */
  approach: string;
  /** The finer way of it, once it is near. */
  fine: string;
  cautions: readonly [Caution, ...Caution[]];
}

const STILL: HeightMethod = {
  words: 'gauge block',
  arrives: 'raised',
  approach: 'Lower beside it to below its height, then raise until it just slides under.',
  fine: 'From below its height raise by the coarse step, trying it each time, until it goes under. Slide it out, lower one coarse step, then raise by the fine step, trying it each time.',
  cautions: [HEIGHT_CAUTIONS.raiseOnto, HEIGHT_CAUTIONS.gaugeOff],
};

const SPRUNG: HeightMethod = {
  words: 'tool setter',
  arrives: 'lowered',
  approach: 'Lower onto it slowly until it triggers.',
  fine: 'Coarse steps until near, then the finest step until it triggers. Raise, and touch again.',
  cautions: [HEIGHT_CAUTIONS.comeSlowly, HEIGHT_CAUTIONS.gaugeOff],
};

const HEIGHT_METHOD_FACTS: Readonly<Record<HeightMethodName, HeightMethod>> = {
  block: STILL,
  feeler: { ...STILL, words: 'feeler' },
  paper: {
    words: 'paper strip',
    arrives: 'lowered',
    approach: 'Lower by the finest step while you move the strip, until it just drags.',
    fine: 'Coarse steps until it is near, then the finest step; one step too many tears it: raise, and take a new strip.',
    cautions: [HEIGHT_CAUTIONS.paperStill, HEIGHT_CAUTIONS.gaugeOff],
  },
  'touch-plate': {
    ...SPRUNG,
    words: 'touch plate',
    cautions: [HEIGHT_CAUTIONS.plateTried, HEIGHT_CAUTIONS.clipOff],
  },
  setter: SPRUNG,
  'contact-light': {
    ...SPRUNG,
    words: 'contact ball',
    cautions: [HEIGHT_CAUTIONS.comeSlowly, HEIGHT_CAUTIONS.gaugeOff],
  },
  probe: {
    ...SPRUNG,
    words: 'probe',
    approach: 'Lower slowly until it triggers.',
    cautions: [HEIGHT_CAUTIONS.comeSlowly, HEIGHT_CAUTIONS.gaugeOff],
  },
};

/** What to take away before the spindle turns, by where the gauge sits. */
const AWAY = {
  under: HEIGHT_CAUTIONS.gaugeOff,
  arm: HEIGHT_CAUTIONS.armAway,
  spindle: HEIGHT_CAUTIONS.outOfSpindle,
} as const;

/** What to mind of a way to find heights: what stands in the spindle or on an arm is taken away from there. */
export const cautionsWhere = ({ cautions }: HeightMethod, sits: keyof typeof AWAY): readonly Caution[] =>
  cautions.map((one) => (one === HEIGHT_CAUTIONS.gaugeOff ? AWAY[sits] : one));

/** How a gauge finds heights; what is not known is taken as a block, the most careful way. */
export const heightMethod = (kind: GaugeKind | undefined): HeightMethod =>
  HEIGHT_METHOD_FACTS[(kind && GAUGE_FACTS[kind].heightMethod) ?? 'block'];

/** Where on a tool to touch, so that no cutting edge is chipped and the right length is found. */
export function touchPlaceOnTool(kind: ToolKind | undefined, teeth: number | undefined): string {
  switch (kind) {
    case 'drill':
    case 'spot-drill':
    case 'tap':
      return 'Touch with its point, over the middle of the gauge.';
    case 'ball-mill':
      return 'Touch with the lowest of the ball.';
    case 'reamer':
      return 'Touch with its end face. Its lead (Shop) does not cut full size.';
    case 'boring-bar':
      return 'Touch with the insert’s lowest point, turned away from the gauge’s edge.';
    case 'face-mill':
      return 'The lowest insert touches. Turn the cutter by hand to find it. Slide a block in from behind it, never against it.';
    default:
      return teeth !== undefined && teeth >= 2
        ? 'The lowest cutting edge touches. Slide a block in from behind it, never against it.'
        : 'Touch with its end.';
  }
}

/** Which way Z goes as the tool touches: +1 where it is raised past the gauge, -1 where it comes down onto it (ISO 841). */
export const heightApproach = ({ arrives }: Pick<HeightMethod, 'arrives'>): 1 | -1 => (arrives === 'raised' ? 1 : -1);

/** What to do with a gauge that finds a height, up to the tool: "Gauge block beside", "Put the touch plate under". */
export function putWords({ arrives, words }: Pick<HeightMethod, 'arrives' | 'words'>, size = ''): string {
  const gauge = size === '' ? words : `${size} ${words}`;
  return arrives === 'raised' ? `${gauge.charAt(0).toUpperCase()}${gauge.slice(1)} beside` : `Put the ${gauge} under`;
}
