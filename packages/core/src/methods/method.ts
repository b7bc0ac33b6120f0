import type { Method } from '../metrology/gauges/gaugeKindFacts';
import { GAUGE_FACTS, type GaugeKind } from '../metrology/gauges/gaugeKinds';
import { ALIGNMENT_CAUTIONS, EDGE_CAUTIONS, METHOD_CAUTIONS, type Caution } from '../cautions/caution';

/** What a method can find; a corner and a middle are found face by face. */
export type Reach = 'faces' | 'rounds';

/** How a method is worked. */
export interface MethodFacts {
  name: string;
  /** What it touches with stands in the spindle itself, or is a cutter held there beside this gauge. */
  contact: 'gauge' | 'cutter' | 'centre';
  finds: readonly Reach[];
  /** One thing to do after another. */
  steps: readonly string[];
  /** What is taken from the face to the spindle's axis, in words. */
  radius: string;
  /** How fast, where a speed is to be kept. */
  speed: string | null;
  cautions: readonly Caution[];
  /** Seconds to get ready, and for one touch with its reading; a practised hand's, for ranking only. */
  seconds: { ready: number; touch: number };
}

/** Facts by method, in the order they are offered where nothing else tells them apart. */
export const METHOD_FACTS: Readonly<Record<Method, MethodFacts>> = {
  probe: {
    name: 'Probe',
    contact: 'gauge',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle stopped. Bring the ball to within a few millimetres of the wall, below its edge.',
      'Approach slowly until the probe triggers. Back off, and touch again more slowly.',
      'Log what the scale shows at that second touch.',
    ],
    radius: 'half the ball, as calibrated',
    speed: 'Slow: at most 100 mm/min, or 4 in/min, for the touch itself.',
    cautions: [METHOD_CAUTIONS.probeSlow, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 60, touch: 10 },
  },
  'spring-finder': {
    name: 'Edge finder',
    contact: 'gauge',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle stopped: push the tip off centre. Hand away. Then start the spindle.',
      'Approach the face: the tip steadies, then kicks aside. That kick is the touch.',
      'Log what the scale shows. Back off, and come again from the same side.',
    ],
    radius: 'half the tip',
    speed: 'Start at 1000 rpm; never above its maker’s figure.',
    cautions: [EDGE_CAUTIONS.turningFinder, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 60, touch: 20 },
  },
  'contact-light': {
    name: 'Electronic edge finder',
    contact: 'gauge',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle stopped. Try the light: bridge tip and part with a bare piece of metal.',
      'Approach the face until the lamp lights; back off until it goes out, and in again by the smallest step.',
      'Log what the scale shows when it lights.',
    ],
    radius: 'half the ball or tip',
    speed: null,
    cautions: [METHOD_CAUTIONS.contactLight, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 60, touch: 20 },
  },
  'bearing-finder': {
    name: 'Bearing edge finder',
    contact: 'gauge',
    finds: ['faces', 'rounds'],
    steps: [
      'Run it slowly, start at 60 rpm. The ring spins with it.',
      'Approach the face until the ring just stops. That is the touch.',
      'Log what the scale shows. Back off until it spins, and come again from the same side.',
    ],
    radius: 'half the ring, and half its run-out',
    speed: 'Slowly: from 60 rpm, in steps up to 150 at most.',
    cautions: [EDGE_CAUTIONS.ringFinder, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 60, touch: 25 },
  },
  'pin-feeler': {
    name: 'Pin and feeler',
    contact: 'gauge',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle stopped, the pin in a collet, below the edge of the face.',
      'Hold the feeler against the face and approach until it drags between pin and face.',
      'Log what the scale shows. Back off, and come again from the same side.',
    ],
    radius: 'half the pin, and the feeler',
    speed: null,
    cautions: [METHOD_CAUTIONS.pinInCollet, EDGE_CAUTIONS.standingFinder, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 45, touch: 35 },
  },
  'touch-plate': {
    name: 'Touch plate',
    contact: 'cutter',
    finds: ['faces'],
    steps: [
      'Set the plate against the corner or face, clip on the cutter. Turn a tooth square to the plate, or use a plain pin of known diameter. Touch plate and clip together by hand: it must trigger.',
      'Approach slowly until it triggers. Back off, and touch again more slowly.',
      'Log what the scale shows. Take clip and plate off before anything turns.',
    ],
    radius: 'half the cutter, and the plate’s wall on that axis',
    speed: 'Slow: at most 100 mm/min, or 4 in/min, for the touch itself.',
    cautions: [METHOD_CAUTIONS.plateClip, EDGE_CAUTIONS.standingFinder, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 45, touch: 15 },
  },
  'cutter-paper': {
    name: 'Cutter and paper',
    contact: 'cutter',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle off. Turn the cutter by its shank until a tooth points at the face. Then lock it.',
      'Hold a long dry strip between cutter and face. Keep it moving. Approach by the smallest step until it just drags.',
      'Log what the scale shows. Back off, and come again from the same side.',
    ],
    radius: 'half the cutter, and the paper',
    speed: null,
    cautions: [METHOD_CAUTIONS.cutterStill, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 20, touch: 30 },
  },
  'cutter-feeler': {
    name: 'Cutter or drill, and feeler',
    contact: 'cutter',
    finds: ['faces', 'rounds'],
    steps: [
      'Spindle off, below the edge of the face. Turn the cutter by its shank until a tooth points at the face; a drill touches with its shank. Then lock it.',
      'Hold the feeler against the face. Approach by the smallest step until it drags between cutter and face.',
      'Log what the scale shows. Back off, and come again from the same side.',
    ],
    radius: 'half the cutter as it measures, and the feeler',
    speed: null,
    cautions: [METHOD_CAUTIONS.cutterStill, EDGE_CAUTIONS.raiseFirst],
    seconds: { ready: 25, touch: 35 },
  },
  indicator: {
    name: 'Indicator sweep',
    contact: 'centre',
    finds: ['rounds'],
    steps: [
      'Spindle stopped. Swing the indicator round the wall by hand and set its dial to zero to the right (0°).',
      'Read it at 0°, 90°, 180° and 270°, counter-clockwise seen from above; pressed counts plus.',
      'Log the four. The answer is how far the spindle is from the centre.',
    ],
    radius: 'it gives the centre directly',
    speed: null,
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
    seconds: { ready: 180, touch: 15 },
  },
  plug: {
    name: 'Centring plug',
    contact: 'centre',
    finds: ['rounds'],
    steps: [
      'Spindle stopped, X and Y free. Lower the plug by hand, and move X and Y by hand until it enters without force. Never push it.',
      'Lock the table and log what X and Y show.',
      'Confirm by an indicator sweep, or accept it without one.',
    ],
    radius: 'it sits on the centre',
    speed: null,
    cautions: [ALIGNMENT_CAUTIONS.plugStopped, ALIGNMENT_CAUTIONS.plugInCollet],
    seconds: { ready: 40, touch: 15 },
  },
};

/** The method a kind of gauge is worked by sideways; undefined for those that find heights or measure only. */
export const methodOf = (kind: GaugeKind): Method | undefined => GAUGE_FACTS[kind].method ?? undefined;
