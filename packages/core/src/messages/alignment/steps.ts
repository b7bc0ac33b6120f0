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
  'Move by what the answer says, and sweep again until it is in line.',
  'Bolt it down, by halves in turn. Then sweep once more: bolting moves things.',
];

const PLUG = [
  'The plug in a collet, its run-out read by an indicator. What has to come under it free on its bolts, spindle stopped.',
  'Lower the plug by hand into the bore. Move X and Y by hand until it enters without force. Never push it. (Loose work: the plug may draw it.)',
  'Bolt it down with the plug still seated, by halves in turn. Log what X and Y show.',
  'Draw the plug out, and sweep the bore: bolting moves things.',
];

const OFF_THE_FACE = 'Part off the chuck’s face by parallels, so that the jaws hold it and not their steps.';
const HALF = 'Move half the difference, set the dial to zero again where it moved, and read again.';
const TIGHTEN = 'Tighten little by little, and read again until it stays.';

/** The table still: parallels may stay in until it is to turn. */
const CHUCK_STILL = [
  `${OFF_THE_FACE} Jaws snug. The table stays still.`,
  `Swing the indicator from face to face. ${HALF}`,
  TIGHTEN,
  'Parallels and spacers out before the table first turns.',
];

/** The table turned: nothing may fall out or be caught as it does. */
const CHUCK_TURNED = [
  `${OFF_THE_FACE} Jaws tight enough to hold it.`,
  'Parallels and spacers out. Look that the part clears everything all round. Then turn.',
  `Read mark against mark. ${HALF}`,
  TIGHTEN,
];

/** How a plug is made, and how large. */
export const MAKING_PLUG =
  'No plug yet? Turn shank and taper in one setting, so that they run true together: a taper of 1:20, its small end a little under the bore and its big end a little over, so that it seats half-way up.';

const STEPS: Readonly<Record<Exclude<Alignment['task'], 'centre' | 'chuck'>, readonly string[]>> = {
  head: [
    'Table or a flat plate wiped and stoned. Indicator on an arm in the spindle, drive off.',
    'Swing it by hand to the left, right, front and back, at the same reach.',
    'Turn or nod the head as the answer says, its bolts snug, and swing again.',
    'Tighten by halves in turn, and swing once more: tightening moves it.',
  ],
  vise: [
    'The head square to the table first. No chip under the vise or on its jaw.',
    'One bolt snug: the vise turns about it. Stylus on the fixed jaw.',
    'Read both ends, tap the loose end as the answer says, and read again.',
    'Tighten by halves, one bolt and the other in turn. Then read from end to end once more: tightening moves it.',
  ],
  level: [
    'The head square to the table first. Rotary brake off, spindle stopped.',
    'Read the two places of the flat, turn the axis as the answer says, and read again.',
    'Level: make the axis read zero. Half a turn proves it.',
    'Brake on before anything is cut.',
  ],
  skew: [
    'Touch along one face, at places far apart, always from the same side.',
    'On clamps, snug, tap it straight as the answer says. In a vise, clean it and seat it again against the fixed jaw. Touch again; or carry its angle on.',
    'Tighten, and touch once more: tightening moves it.',
  ],
};
