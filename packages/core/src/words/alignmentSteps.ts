import type { Alignment } from '../record/alignment';

/** One thing to do after another, from before the first reading to what proves it. */
export function alignmentSteps(alignment: Alignment): readonly string[] {
  if (alignment.task === 'centre') return alignment.school === 'plug' ? PLUG : SWEEP;
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
  'Lower the plug by hand into the bore until it is snug and has drawn the work over.',
  'Bolt it down with the plug still seated, by halves in turn. Log what X and Y show.',
  'Draw the plug out, and sweep the bore: bolting moves things.',
];

/** How a plug is made, and how large. */
export const MAKING_PLUG =
  'No plug yet? Turn shank and taper in one setting, so that they run true together: a taper of 1:20, its small end a little under the bore and its big end a little over, so that it seats half-way up.';

const STEPS: Readonly<Record<Exclude<Alignment['task'], 'centre'>, readonly string[]>> = {
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
  chuck: [
    'Part off the chuck’s face by parallels, so that the jaws hold it and not their steps. Jaws snug.',
    'Read mark against mark. Move half the difference, set the dial to zero again where it moved, and read again.',
    'Tighten little by little, and read again until it stays.',
    'Parallels out before the first index.',
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
