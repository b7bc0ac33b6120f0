import type { Alignment } from '../../records/setup/alignment';

/** One thing to do after another, from before the first reading to what proves it. */
export function alignmentSteps(alignment: Alignment): readonly string[] {
  if (alignment.task === 'centre') return alignment.school === 'plug' ? PLUG : SWEEP;
  if (alignment.task === 'chuck') return alignment.standing === true ? CHUCK_STILL : CHUCK_TURNED;
  return STEPS[alignment.task];
}

const SWEEP = [
  'What has to come under the spindle: its bolts snug, free to be tapped.',
  'Spindle stopped. Swing the indicator round by hand: dial to zero at the first angle, then read each of them.',
  'Move as shown, and sweep again until it is centred.',
  'Tighten the bolts in turn, little by little. Then sweep again: bolting moves it.',
];

const PLUG = [
  'Plug in a collet, run-out read with an indicator. Spindle stopped, work loose on its bolts.',
  'Lower the plug by hand into the bore. Move X and Y by hand until it enters without force. Never push it. (Loose work: the plug may draw it.)',
  'Plug still seated: tighten the bolts in turn. Log what X and Y show.',
  'Take the plug out and sweep the bore: bolting moves it.',
];

const OFF_THE_FACE = 'Seat the part on parallels, off the chuck’s face: the jaws hold it, not their steps.';
const HALF = 'Move half the difference, set the dial to zero again where it moved, and read again.';
const TIGHTEN = 'Tighten little by little, and read again until it stays.';

/** The table locked: parallels may stay in until it is to turn. */
const CHUCK_STILL = [
  `${OFF_THE_FACE} Jaws snug. Lock the table.`,
  `Swing the indicator from face to face. ${HALF}`,
  TIGHTEN,
  'Parallels and spacers out before the table first turns.',
];

/** The table turned: nothing may fall out or be caught as it does. */
const CHUCK_TURNED = [
  `${OFF_THE_FACE} Jaws tight enough to hold it.`,
  'Parallels and spacers out. Check that the part clears everything all round. Then turn.',
  `Read mark against mark. ${HALF}`,
  TIGHTEN,
];

/** How a plug is made, and how large. */
export const MAKING_PLUG =
  'No plug yet? Turn shank and taper in one setting. Taper some hundredths over its length. It seats by hand, without pressing.';

const STEPS: Readonly<Record<Exclude<Alignment['task'], 'centre' | 'chuck'>, readonly string[]>> = {
  head: [
    'Wipe and stone the table or a flat plate. Indicator on an arm in the spindle, motor isolated.',
    'Swing it by hand to the left, right, front and back. Lift the stylus over T-slots, or swing on a flat plate.',
    'Bolts snug: tram or nod the head as shown, and swing again.',
    'Tighten the bolts in turn, and swing again: tightening moves it.',
  ],
  vise: [
    'The head square to the table first. No chip under the vise or on its jaw.',
    'One bolt snug: the vise turns about it. Stylus on the fixed jaw.',
    'Read both ends, tap the loose end as shown, and read again.',
    'Tighten the bolts in turn, little by little. Then read from end to end again: tightening moves it.',
  ],
  level: [
    'The head square to the table first. Rotary brake off, spindle stopped.',
    'Read the two places of the flat, turn the axis as shown, and read again.',
    'Level: zero the axis. Lock the brake and read both places again.',
    'Brake on before anything is cut.',
  ],
  skew: [
    'Touch along one face, at places far apart, always from the same side.',
    'On clamps, snug, tap it straight as shown. In a vise, clean it and seat it again against the fixed jaw. Touch again, or rotate the coordinates.',
    'Tighten, and touch once more: tightening moves it.',
  ],
};
