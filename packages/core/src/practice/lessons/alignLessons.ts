import type { Alignment } from '../../records/setup/alignment';
import type { Lesson } from './lesson';
import { BETWEENS, BORE, kneeMill, PART, practiceSnapshot, TRAY } from './practiceShop';

const { indicator, plug, chucked, cutter } = TRAY;
const { block } = BETWEENS;

/** How far out of line is still in line, mm. */
const ALLOWED = 0.02;

const read = { indicatorId: indicator.id, sense: 1, allowed: ALLOWED } as const;

/** The vise's own jaw, which is all that is looked at. */
const JAW = { ...PART, id: 'vise-jaw', name: 'Fixed jaw', material: 'steel', size: { x: 120, y: 20, z: 14 } };

/** A square block for the two-jaw chuck. */
const BLOCK = { ...PART, id: 'pillar', name: 'Pillar', size: { x: 40, y: 40, z: 12 } };

const VISE: Alignment = {
  task: 'vise',
  along: 'x',
  side: 'low',
  from: 0,
  to: 120,
  points: 2,
  pivot: 0,
  loose: 120,
  ...read,
  // Bolts move it by half of this.
  allowed: 0.03,
};

const CENTRE: Alignment = {
  task: 'centre',
  school: 'sweep',
  feature: 'bore',
  angles: 4,
  first: 0,
  span: 360,
  plugId: null,
  plugTir: 0,
  confirmTir: null,
  ...read,
};

const CHUCK: Alignment = { task: 'chuck', jaws: 'free', pairs: 2, chuckTir: null, ...read };

const HEAD: Alignment = { task: 'head', swing: 200, ...read, allowed: 0.03 };

/** What is made straight or central before the first edge. */
export const ALIGN_LESSONS: readonly Lesson[] = [
  {
    id: 'head',
    title: 'A head that leans',
    job: 'J1',
    does: 'Swing the indicator over the table by hand, a quarter at a time, and bring the head square to it.',
    par: { minutes: 8, acts: 40 },
    mill: { ...kneeMill([indicator]), axes: [], work: 'head' },
    snapshot: (id, at) => practiceSnapshot(id, at, 'The head', { more: { alignments: [HEAD] } }),
    begins: { station: 'alignment', query: 'task=head' },
    aims: [],
    things: [{ thing: 'head' }],
    hints: [
      'The head first: the vise is lined up beneath it. Pressed is plus, so it leans toward where the dial shows more.',
      'Left and right against each other, front and back against each other. What two sides differ by is how far the swing is out in that plane.',
      'Indicator in, zero it at 180°. Read 180°, 0°, 270°, 90°. Raise the high-reading side until its reading drops by half the difference, in each plane. Then read all four again.',
    ],
  },
  {
    id: 'vise',
    title: 'The vise’s jaw, by an indicator',
    job: 'J1',
    does: 'Run the indicator along the jaw, tap the loose end until both ends read alike, tighten, and read it again.',
    par: { minutes: 8, acts: 60 },
    mill: { ...kneeMill([indicator]), part: JAW.size, work: 'vise' },
    snapshot: (id, at) => practiceSnapshot(id, at, 'The vise', { part: JAW, more: { alignments: [VISE] } }),
    begins: { station: 'alignment', query: 'task=vise' },
    aims: [],
    things: [{ thing: 'vise' }],
    hints: [
      'The left bolt is snug, the right end is free to be tapped. Pressed is plus.',
      'Read the left end, zero the dial there, go {120} along X, read the right end. More there: tap it away from you, by what the page says.',
      'Tip of the stylus below the jaw’s top, Y up to it until the dial lives. Read both ends, tap, read again; then tighten the bolts and read both ends once more.',
    ],
  },
  {
    id: 'parallels',
    title: 'Down onto the parallels',
    job: 'J1',
    does: 'A jaw that is tightened lifts the part. Tap it down until neither parallel moves, then set Z on a block.',
    par: { minutes: 7, acts: 70 },
    mill: { ...kneeMill([cutter], [block]), work: 'seat' },
    snapshot: (id, at) => practiceSnapshot(id, at, 'On parallels', { heights: { surface: 0, lift: 0, step: 0.02 } }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    hints: [
      'Tight first: a part is tapped down in a vise that holds it, not in one that lets it jump up again.',
      'A parallel that slides has nothing on it. The blow goes above that one.',
      'Tighten, try the parallels, a blow on the side that slides, try again, until both are held. Then Z on the block as always.',
    ],
  },
  {
    id: 'plug',
    title: 'A table under the spindle, by a plug',
    job: 'J4',
    does: 'The rotary table lies loose. A centring plug draws its bore under the spindle; bolt it there, take the plug out, and sweep: bolting moves things.',
    par: { minutes: 14, acts: 110 },
    mill: {
      ...kneeMill([plug, chucked, indicator]),
      bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter },
      work: 'table',
    },
    snapshot: (id, at) => practiceSnapshot(id, at, 'By a plug', { bored: true, more: { alignments: [CENTRE] } }),
    begins: { station: 'alignment', query: 'task=centre' },
    aims: [],
    things: [{ thing: 'centre' }],
    hints: [
      'Hold it in a collet, never in the drill chuck: its run-out puts the table off centre.',
      'Plug down until it sits, bolts tight while it sits, then up and out with it. After that nothing is believed before it is swept.',
      'Over the bore by eye, down by small steps until the plug sits; bolts; up; indicator in, {4} into the bore. Zero it at 0°, read all four, move as the page says, and read all four again.',
    ],
  },
  {
    id: 'sweep',
    title: 'A bore under the spindle, swept',
    job: 'J4',
    does: 'The indicator turns with the spindle, by hand. Bring the spindle over the bore’s middle, until every side reads alike.',
    par: { minutes: 9, acts: 70 },
    mill: { ...kneeMill([indicator]), bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter } },
    snapshot: (id, at) => practiceSnapshot(id, at, 'Swept', { bored: true, more: { alignments: [CENTRE] } }),
    begins: { station: 'alignment', query: 'task=centre' },
    aims: [],
    things: [{ thing: 'centre' }],
    hints: [
      'By eye first: the spindle about over the middle, the stylus in the bore.',
      'Turn the spindle by hand, a quarter at a time, and read at each. The page says how far to move X and Y.',
      'Lower {4} into the bore, zero the dial at 0°, read at 0°, 90°, 180° and 270°; move as the page says, and read all four again.',
    ],
  },
  {
    id: 'chuck',
    title: 'A block in a chuck on a rotary table',
    job: 'J3',
    does: 'Bring the block over the table’s middle: opposite faces are compared as the table turns, and half is tapped.',
    par: { minutes: 12, acts: 90 },
    mill: { ...kneeMill([indicator]), part: BLOCK.size, work: 'chuck' },
    snapshot: (id, at) => practiceSnapshot(id, at, 'In a chuck', { part: BLOCK, more: { alignments: [CHUCK] } }),
    begins: { station: 'alignment', query: 'task=chuck' },
    aims: [],
    things: [{ thing: 'chuck' }],
    hints: [
      'Parallels out before the table turns. The indicator is fixed; turn the table to bring each face to it.',
      'Tap half the difference of two opposite faces. The whole puts it as far out on the other side.',
      'Stylus against the front face. Read at 0° and 180°, then at 90° and 270°. The page says what to tap at which mark. Then read all four again.',
    ],
  },
];
