import type { Feature } from '../../record/datumPlan';
import type { Lesson } from './lesson';
import { benchMill, BETWEENS, BORE, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

const LEFT: Feature = { kind: 'face', face: 'left' };
const FRONT: Feature = { kind: 'face', face: 'front' };
const ACROSS: Feature = { kind: 'middle', axis: 'x' };

const { springFinder, pin, cutter, drill, ringFinder } = TRAY;
const { feeler, paper, block } = BETWEENS;

/** Lessons in the order people work. Each is done on a part that lies somewhere else every time. */
export const LESSONS: readonly Lesson[] = [
  {
    id: 'left-edge',
    title: 'The left edge, by a spring finder',
    job: 'J2',
    does: 'Find the left face three times, then have the readout show minus half the finder while it still touches.',
    par: { minutes: 6, acts: 90 },
    mill: kneeMill([springFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'The left edge'),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'The finder must turn, about 1000 rev/min, or it cannot jump.',
      'Lower it beside the part, come in from the left by smaller and smaller steps, and stop at the jump.',
      'Read X at the jump, back off half a millimetre, come again: three times. Then drive to the mean, set X to −5.000, and read it back.',
    ],
  },
  {
    id: 'two-zeros',
    title: 'Two zeros, left and front',
    job: 'J2',
    does: 'Set X from the left face, raise, and set Y from the front face. The spindle must never cross the part while it is low.',
    par: { minutes: 9, acts: 160 },
    mill: kneeMill([springFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'Two zeros'),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [
      { axis: 'x', by: LEFT },
      { axis: 'y', by: FRONT },
    ],
    hints: [
      'Raise Z above the part before you go from one face to the next.',
      'Each face has its own setting: −5.000 in X at the left one, −5.000 in Y at the front one, both while it touches.',
      'Left face: three touches, set X, read it back. Raise 20, go before the front face, lower, three touches, set Y, read it back.',
    ],
  },
  {
    id: 'pin-feeler',
    title: 'A pin and a feeler',
    job: 'J1',
    does: 'Find the left face with a 6 mm pin and a 0.05 feeler, spindle stopped. The feeler is part of the sum.',
    par: { minutes: 7, acts: 90 },
    mill: kneeMill([pin, springFinder], [feeler]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A pin and a feeler', { plan: { finderId: pin.id, feeler: feeler.thickness } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'The spindle stands. Hold the feeler between pin and face before you come near.',
      'It drags just before it is stuck. Stuck is too far: back off and come again.',
      'Three touches where it drags; then, at the mean, X shows −3.050: half the pin and the whole feeler.',
    ],
  },
  {
    id: 'middle',
    title: 'The middle of two faces',
    job: 'J5',
    does: 'Touch the left and the right face, same finder, same speed, and set X nothing in the middle between them.',
    par: { minutes: 9, acts: 170 },
    mill: kneeMill([springFinder, ringFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'The middle', { plan: { partZero: 'centre' } }),
    begins: { station: 'datum', query: 'f=middle.x' },
    aims: [{ axis: 'x', by: ACROSS }],
    hints: [
      'What is alike at both faces cancels: the finder’s size does not matter in the middle.',
      'Raise before you cross the part. The right face is touched coming from the right.',
      'Twice at each face. The page says where the middle is; drive there with Z raised, and set X to 0.000.',
    ],
  },
  {
    id: 'bore',
    title: 'The middle of a bore',
    job: 'J5',
    does: 'Inside the 26 mm bore touch left and right, then front and back, and set X to 30 and Y to 20 in its middle.',
    par: { minutes: 11, acts: 200 },
    mill: { ...kneeMill([springFinder]), bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter } },
    snapshot: (id, at) => practiceSnapshot(id, at, 'The middle of a bore', { bored: true }),
    begins: { station: 'datum', query: `f=round.${BORE.id}` },
    aims: [
      { axis: 'x', by: { kind: 'round', of: BORE.id } },
      { axis: 'y', by: { kind: 'round', of: BORE.id } },
    ],
    hints: [
      'Lower the finder into the bore by eye, near its middle. It must clear the wall all round as it swings.',
      'Opposite walls cancel the finder’s size. Set X in the middle before you touch front and back, so that those are across the middle.',
      'Left wall, right wall, twice each; drive X to the middle the page says, set it to 30. Then front and back, drive Y to their middle, set it to 20. Read both back.',
    ],
  },
  {
    id: 'dials',
    title: 'An edge by the collars',
    job: 'J18',
    does: 'No readout: find the left face with pin and feeler, and set the collar. The play in the screw is yours to mind.',
    par: { minutes: 8, acts: 100 },
    mill: benchMill([pin], [feeler]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'An edge by the collars', {
        machine: 'bench',
        plan: { finderId: pin.id, feeler: feeler.thickness },
      }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'A collar tells where the screw is. The table follows only once the play is used up.',
      'Come in from the left in one go. Gone too far? Back half a turn, then come again.',
      'Three touches, each come at from the left; at the last, still touching, set the collar to −3.050.',
    ],
  },
  {
    id: 'paper',
    title: 'A corner with paper and the cutter',
    job: 'J9',
    does: 'Find the left and the front face with the cutter itself and a slip of paper between, spindle stopped.',
    par: { minutes: 9, acts: 160 },
    mill: kneeMill([cutter], [paper]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A corner with paper', {
        plan: { finderId: paper.id, feeler: 0, cutter: 1, heightGaugeId: paper.id, tolerance: 0.2 },
      }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [
      { axis: 'x', by: LEFT },
      { axis: 'y', by: FRONT },
    ],
    hints: [
      'Paper is a tenth of a millimetre: it counts at each face, in full.',
      'Keep it moving between cutter and face; it drags, then it is grabbed. Where it drags is the reading.',
      'X shows −5.100 at the left face and Y −5.100 at the front one: half the cutter and the paper. Raise between them.',
    ],
  },
  {
    id: 'block',
    title: 'Z on a block that is slipped under',
    job: 'J10',
    does: 'Set Z by a 10 mm block: the tool stands low, and is raised past it until it just slides under.',
    par: { minutes: 6, acts: 60 },
    mill: kneeMill([cutter], [block]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Z on a block', {
        heights: { surface: 0, lift: 0, step: 0.02 },
      }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    hints: [
      'Never lower a tool onto a block. Block away, lower beside its height, then try it as you raise.',
      'Raise by 0.02 steps, trying the block each time. The first step at which it passes is the reading.',
      'Lower to 8 above the part with the block away; take the block, raise by 0.02 until it passes; log Z, set it to what the page says, read it back.',
    ],
  },
  {
    id: 'second-tool',
    title: 'A second tool’s length',
    job: 'J13',
    does: 'Set Z with the end mill on a 10 mm block, change to the drill, and find how much longer it is on the same block.',
    par: { minutes: 10, acts: 120 },
    mill: kneeMill([cutter, drill], [block]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'A second tool', { heights: { surface: 0, lift: 0, step: 0.02 } }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    tools: [{ tool: 2, contact: drill.id }],
    hints: [
      'The end mill is the reference. Its block and its place are the drill’s too, or the two do not compare.',
      'Z is set once, with the reference. With the drill nothing is set: what Z shows at the block is logged, and the page tells its length.',
      'End mill: block, raise by 0.02 until it passes, log, set Z, read back. Raise 40, change to the drill, the same again beneath it, log it as tool 2. Longer is plus.',
    ],
  },
];

export const lessonById = (id: string): Lesson | undefined => LESSONS.find((lesson) => lesson.id === id);
