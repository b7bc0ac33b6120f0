import type { Holding, HoldingStep } from '../records/shop/workholdingList';

const step = (id: string, text: string, more: Partial<HoldingStep> = {}): HoldingStep => ({
  id,
  text,
  hurts: false,
  ...more,
});

const CLEAN = step('clean', 'Brush and wipe the table and whatever the part sits on. No chip, no oil puddle.');
const DEBURR = step('deburr', 'Deburr every edge. Check by drawing a flat stone across it, never a finger along it.');
const KEYS_OUT = step('keys-out', 'Remove handles, keys, spanners and setting pieces before the spindle can turn.', {
  hurts: true,
});
const GUARD = step(
  'guards',
  'Guards closed, eye protection on. No gloves, rings or loose sleeves. Long hair tied back.',
  { hurts: true },
);
const COLLET = step(
  'collet',
  'Wipe collet and taper, keyway to its key, the cutter held in a cloth. Spindle isolated and locked: tighten the drawbar. Take the spanner off at once. Finger-tight, a cutter pulls down.',
  { hurts: true, machines: ['dials', 'readout'] },
);
const COLLET_NUT = step(
  'collet-nut',
  'Power to the spindle off: wipe the collet, click it into its nut first, tighten with both spanners and take them away.',
  { hurts: true, machines: ['router'] },
);
const HOLDER = step('holder', 'Wipe the holder’s taper, load it, and see that it is gripped before letting go.', {
  hurts: true,
  machines: ['machining-centre'],
});
const HOMED = step('homed', 'Switched on and homed, with everything clear of its way.', {
  machines: ['router', 'machining-centre'],
});
const DUST_SHOE = step('dust-shoe', 'Dust shoe off while you touch; on again before the spindle cuts.', {
  machines: ['router'],
});
const TOOL = [HOMED, COLLET, COLLET_NUT, HOLDER, DUST_SHOE];

/** The short lists a shop starts with; each can be changed to the shop's own. */
export const DEFAULT_WORKHOLDING: Holding[] = [
  {
    id: 'vise',
    name: 'Vise with parallels',
    steps: [
      CLEAN,
      DEBURR,
      step(
        'parallels',
        'Place a matched pair of parallels clear of every hole and cut. More than half the part must be between the jaws.',
      ),
      step('seat', 'Seat the part on the parallels against the fixed jaw and close the vise.'),
      step('clamp', 'Tighten the vise fully.'),
      step(
        'tap-down',
        'Now, after the last tightening, tap the part down with a soft hammer until neither parallel moves by hand.',
      ),
      step(
        'parallels-out',
        'See that no cutter can reach a parallel: if one can, unclamp and set it elsewhere. Take away everything loose.',
        { hurts: true },
      ),
      ...TOOL,
      KEYS_OUT,
      GUARD,
    ],
  },
  {
    id: 'clamps',
    name: 'Clamps on the table',
    steps: [
      CLEAN,
      DEBURR,
      step('under', 'Pack directly under each clamp, and keep packing clear of every drill and cutter.'),
      step('near', 'Set each bolt nearer the part than the heel block, and the heel a little higher than the part.'),
      step('clamp', 'Tighten the clamps in turn, crosswise, little by little.'),
      step(
        'recheck',
        'Tap the part: it must sound solid and not move. See that every clamp is below the cutter’s way.',
        {
          hurts: true,
        },
      ),
      ...TOOL,
      KEYS_OUT,
      GUARD,
    ],
  },
  {
    id: 'rotary-chuck',
    name: 'Chuck on a rotary table',
    steps: [
      CLEAN,
      DEBURR,
      step('table-bolts', 'Bolt the rotary table down and try it by hand.'),
      step('seat', 'Seat the part on jaw steps or parallels and close the jaws.'),
      step('clamp', 'Tighten at every chuck-key socket, tap the part down, and check that it still seats.'),
      step('key-out', 'Take the chuck key out at once.', { hurts: true }),
      step('spacers-out', 'Parallels and spacers behind the part out before the first turn: they fall, or jam.', {
        hurts: true,
      }),
      step(
        'clearance',
        'Turn it once round by hand, clear of everything: no jaw, bolt or clamp meets spindle or column.',
        { hurts: true },
      ),
      step('lock', 'Then lock it and try the lock.'),
      ...TOOL,
      KEYS_OUT,
      GUARD,
    ],
  },
  {
    id: 'tilting-table',
    name: 'Tilting table',
    steps: [
      CLEAN,
      DEBURR,
      step('level-first', 'Bring the table to level and zero before the part goes on.'),
      step('clamp', 'Clamp the part, tighten crosswise, tap and tighten again.'),
      step('brake', 'Clamp the tilt, or see that its brake holds. A heavy part can swing it down.', { hurts: true }),
      step('clearance', 'Tilt through the angles of this job with the spindle stopped and high: nothing meets.', {
        hurts: true,
      }),
      ...TOOL,
      KEYS_OUT,
      GUARD,
    ],
  },
  {
    id: 'spoil-board',
    name: 'Tape or screws on a spoil board',
    steps: [
      step('clean', 'Brush and vacuum the spoil board and the part. Dust under tape lets go.'),
      DEBURR,
      step(
        'tape',
        'With tape: press the part down all over and leave it a minute. With screws: keep them out of every cutter’s way.',
        {
          hurts: true,
        },
      ),
      step('flat', 'See that the stock lies flat: press each corner, nothing rocks.'),
      step('recheck', 'Push the part hard sideways at each corner. It must not creep.'),
      step('through', 'Know how deep the job goes: into the spoil board, not through it.'),
      ...TOOL,
      KEYS_OUT,
      GUARD,
    ],
  },
];
