/** A plain-words warning shown where it applies. */
export interface Caution {
  id: string;
  text: string;
  /** True where missing it hurts: it must be ticked by hand before the reading is used. */
  mustTick: boolean;
}

/** Cautions of touching an edge sideways. */
export const EDGE_CAUTIONS = {
  turningFinder: {
    id: 'finder-speed',
    text: 'Start the finder at 1000 rpm, never above its maker’s limit. Use the same speed at every face. Keep hands and rag clear of the turning spindle.',
    mustTick: false,
  },
  ringFinder: {
    id: 'ring-finder-speed',
    text: 'Run a bearing edge finder slowly: start at 60 rpm, 150 at most. Faster, the ring can fly off. Keep hands and rag clear of the turning spindle.',
    mustTick: false,
  },
  standingFinder: {
    id: 'spindle-stopped',
    text: 'Stop the spindle, and lock it while your hands are near it.',
    mustTick: false,
  },
  raiseFirst: {
    id: 'raise-z-first',
    text: 'Raise the tool clear of the part before any move across it. Knee mill: wind the knee down.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** What to mind of the spindle while a contact touches, by how it turns. */
export const spinCaution = (spin: 'turning' | 'slow' | 'standing'): Caution =>
  spin === 'turning'
    ? EDGE_CAUTIONS.turningFinder
    : spin === 'slow'
      ? EDGE_CAUTIONS.ringFinder
      : EDGE_CAUTIONS.standingFinder;

/** Cautions of one way of touching or another. */
export const METHOD_CAUTIONS = {
  probeSlow: {
    id: 'probe-slow',
    text: 'Spindle stopped, motor isolated. Check that the whole path of stylus, body and cable is clear of clamps. Then probe slowly. Out of the spindle, unplugged, before it can turn or coolant starts.',
    mustTick: false,
  },
  contactLight: {
    id: 'contact-light-tried',
    text: 'Test its lamp by hand first. Spindle stopped. Clip and wires off before the spindle runs.',
    mustTick: false,
  },
  plateClip: {
    id: 'plate-clip',
    text: 'Test the plate by hand before you probe. Clip and plate off before the spindle turns.',
    mustTick: true,
  },
  pinInCollet: {
    id: 'pin-in-collet',
    text: 'Hold the pin in a collet, never in a drill chuck: half the chuck’s run-out goes into the face.',
    mustTick: false,
  },
  cutterInHand: {
    id: 'cutter-in-hand',
    text: 'Spindle stopped and locked, or the cutter out of it. Its edges cut: hold it by the shank, in a cloth.',
    mustTick: false,
  },
  cutterStill: {
    id: 'cutter-still',
    text: 'Spindle off. Turn the cutter by its shank, backwards, until a tooth points at the face. Then lock it. Fingers off the edges.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of setting heights. */
export const HEIGHT_CAUTIONS = {
  raiseOnto: {
    id: 'raise-onto-gauge',
    text: 'Spindle stopped. Go below the gauge’s height beside it, then raise until it just slides under. Never lower a tool onto a gauge.',
    mustTick: true,
  },
  comeSlowly: {
    id: 'come-slowly',
    text: 'Spindle stopped. Come down slowly, at most 100 mm/min or 4 in/min, by the finest step at the end. It gives only a little.',
    mustTick: true,
  },
  paperStill: {
    id: 'paper-still',
    text: 'Spindle stopped and locked. Hold a long paper strip by its end. Keep fingers out from under the tool. Come down by the finest step only.',
    mustTick: true,
  },
  plateTried: {
    id: 'plate-tried',
    text: 'Spindle stopped. Touch plate and clip together by hand first: it must trigger. Then lower slowly.',
    mustTick: true,
  },
  clipOff: {
    id: 'clip-off',
    text: 'Clip off the tool and plate off the part before the spindle turns.',
    mustTick: false,
  },
  armAway: {
    id: 'arm-away',
    text: 'Sensor and its arm out of the way before the spindle turns or anything is jogged there.',
    mustTick: false,
  },
  outOfSpindle: {
    id: 'out-of-spindle',
    text: 'Out of the spindle, unplugged, before it can turn or coolant starts.',
    mustTick: false,
  },
  gaugeOff: {
    id: 'gauge-off',
    text: 'Take the gauge off before the spindle turns.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of lining things up. */
export const ALIGNMENT_CAUTIONS = {
  spindleStopped: {
    id: 'indicator-spindle-stopped',
    text: 'Spindle stopped, motor isolated. Turn it by hand only, and take the indicator away before it runs.',
    mustTick: false,
  },
  softTap: {
    id: 'soft-tap',
    text: 'Tap with a soft hammer, one bolt snug. Tighten little by little and read again: tightening moves it.',
    mustTick: false,
  },
  softTapChuck: {
    id: 'soft-tap-chuck',
    text: 'Jaws snug, not tight; tap with a soft hammer. Tighten little by little and read again: tightening moves it.',
    mustTick: false,
  },
  beforeTurning: {
    id: 'before-turning-chuck',
    text: 'Before the table turns: parallels and spacers out, jaws tight enough to hold the part, and room all round for it to turn.',
    mustTick: true,
  },
  softTapPart: {
    id: 'soft-tap-part',
    text: 'Clamps snug, not tight; tap with a soft hammer. Tighten little by little and touch again: tightening moves it.',
    mustTick: false,
  },
  headHeavy: {
    id: 'head-heavy',
    text: 'The head is heavy. Keep its bolts snug, never all loose at once, and keep your hands from under it.',
    mustTick: true,
  },
  plugInCollet: {
    id: 'plug-in-collet',
    text: 'Hold the plug in a collet, never in a drill chuck: half the chuck’s run-out goes into the centre.',
    mustTick: false,
  },
  plugStopped: {
    id: 'plug-stopped',
    text: 'Lower the plug by hand with the spindle stopped. Take it out before the spindle turns.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of driving to positions. */
export const POSITION_CAUTIONS = {
  raiseFirst: EDGE_CAUTIONS.raiseFirst,
  locks: {
    id: 'axis-locks',
    text: 'Lock X and Y, read the scale again, drill. Unlock before you move.',
    mustTick: false,
  },
  grabs: {
    id: 'drill-grabs',
    text: 'Any drill can grab as it breaks through. Clamp every part, ease the feed, never hold it by hand.',
    mustTick: false,
  },
  woodDust: {
    id: 'wood-dust',
    text: 'Dust shoe on and extraction running. A dull bit burns wood: embers in the bag catch fire later.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of boring to size. */
export const BORE_CAUTIONS = {
  indicatorOff: {
    id: 'boring-indicator-off',
    text: 'Lock the slide and read the indicator again. Then indicator and keys off the head: they are thrown when the spindle turns.',
    mustTick: true,
  },
  headStopped: {
    id: 'boring-head-stopped',
    text: 'Spindle stopped before you touch the boring head. Start an offset boring head at the lowest speed. Never exceed its maker’s limit.',
    mustTick: false,
  },
  wrongWay: {
    id: 'boring-wrong-way',
    text: 'Wrong way or too far: back off past the slack, then come to the setting again.',
    mustTick: false,
  },
  measureStopped: {
    id: 'measure-stopped',
    text: 'Measure with the spindle stopped, the bar raised out of the bore and chips brushed out. Edges of a bored hole are sharp.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of facing. */
export const FACING_CAUTIONS = {
  inserts: {
    id: 'inserts-together',
    text: 'Index all inserts together: pockets clean, fully seated, tightened to the maker’s torque.',
    mustTick: true,
  },
  starting: {
    id: 'starting-values',
    text: 'These are values to start from. The cutter maker’s figures and your machine’s manual come first.',
    mustTick: false,
  },
  chips: {
    id: 'chips-by-brush',
    text: 'Eye protection on. Chips by brush, never by hand or air, and only with the spindle stopped.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** What to mind of what is kept in time. */
export const CALIBRATION_CAUTIONS = {
  cleanAndEven: {
    id: 'clean-and-even',
    text: 'Faces wiped clean, and all of it as warm as the room: a hand’s warmth lengthens 100 mm of steel by 0.01 mm.',
    mustTick: false,
  },
  knocksVoid: {
    id: 'knocks-void',
    text: 'A crash, a fall or a new stylus makes its calibration invalid at once.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Cautions of turning a rotary axis. */
export const ROTARY_CAUTIONS = {
  lockedAndClear: {
    id: 'rotary-clear',
    text: 'Raise the tool clear of everything the part will sweep before an axis turns; hands away. Parallels and spacers out before the first turn, its brake on before the cut.',
    mustTick: true,
  },
  trial: {
    id: 'rotary-trial',
    text: 'Tool fully raised, rapid override low, hand on feed hold, emergency stop within reach. Turn by a few degrees only, and look.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;

/** Shown on every bench and in the README: what comes before anything this program says. */
export const STANDING_CAUTION = 'Your machine’s manual, local rules and a competent instructor come first.';

/** Cautions of measuring a part in the machine. */
export const MEASURE_CAUTIONS = {
  stopped: {
    id: 'measure-stopped',
    text: 'Spindle stopped and the tool clear before a hand or a gauge goes to the part. Chips by brush, edges deburred.',
    mustTick: false,
  },
} as const satisfies Record<string, Caution>;
