import type { Lesson } from './lesson';
import { featureKey } from '../../datum/feature';
import { BACK, CORNER, FRONT, LEFT, RIGHT } from './faces';
import { BETWEENS, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

const { springFinder, ringFinder, probe, pin, cutter } = TRAY;
const { feeler, paper } = BETWEENS;

/** Edges and corners. */
export const FACE_LESSONS: readonly Lesson[] = [
  {
    id: 'left-edge',
    title: 'The left edge, by an edge finder',
    job: 'J2',
    does: 'Find the left face three times, then have the DRO show minus half the finder while it still touches.',
    par: { minutes: 6, acts: 90 },
    mill: kneeMill([springFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'The left edge'),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'The finder must turn, about 1000 rpm, or it cannot jump.',
      'Lower it beside the part, come in from the left by smaller and smaller steps, and stop at the jump.',
      'Read X at the jump, back off {0.5 mm}, come again: three times. Then move to the mean, set X to {−5.000}, and read it back.',
    ],
  },
  {
    id: 'ring-edge',
    title: 'The left edge, by a bearing edge finder',
    job: 'J6',
    does: 'The same edge by a finder whose ring stops at a touch. It is wide, and it runs slowly.',
    par: { minutes: 6, acts: 90 },
    mill: kneeMill([ringFinder, springFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'By a bearing edge finder', { plan: { finderId: ringFinder.id } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'About 100 rpm. At an edge finder’s speed its ring would fly.',
      'It is {19.000} wide: half of that is {9.500}, and half of that alone.',
      'Lower it before the left face, come in until the ring stops, three times. Move to the mean, set X to {−9.500}, read it back.',
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
      'Raise the tool above the part before you go from one face to the next.',
      'Each face has its own setting: {−5.000} in X at the left one, {−5.000} in Y at the front one, both while it touches.',
      'Left face: three touches, set X, read it back. Raise {20}, go before the front face, lower, three touches, set Y, read it back.',
    ],
  },
  {
    id: 'right-back',
    title: 'Two zeros, right and back',
    job: 'J2',
    does: 'Part zero is at the back right corner: both faces are come at from the other side, so both figures change their sign.',
    par: { minutes: 9, acts: 160 },
    mill: kneeMill([springFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'Right and back', { plan: { partZero: 'back-right' } }),
    begins: { station: 'datum', query: 'f=face.right' },
    aims: [
      { axis: 'x', by: RIGHT },
      { axis: 'y', by: BACK },
    ],
    hints: [
      'At the right face the spindle is past zero: the figure is plus.',
      'X {+5.000} at the right face, Y {+5.000} at the back one, both while it touches.',
      'Right face from the right: three touches, set X, read it back. Raise {20}, go behind the back face, lower, three touches, set Y, read it back.',
    ],
  },
  {
    id: 'pin-feeler',
    title: 'A pin and a feeler',
    job: 'J1',
    does: 'Find the left face with a pin and a feeler, spindle stopped. The feeler is part of the sum.',
    par: { minutes: 7, acts: 90 },
    mill: kneeMill([pin, springFinder], [feeler]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A pin and a feeler', { plan: { finderId: pin.id, feeler: feeler.thickness } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'Spindle stopped. Hold the feeler between pin and face before you come near.',
      'It drags just before it is stuck. Stuck is too far: back off and come again.',
      'Three touches where it drags; then, at the mean, X shows {−3.050}: half the pin and the whole feeler.',
    ],
  },
  {
    id: 'probe-corner',
    title: 'A corner by the probe',
    job: 'J7',
    does: 'Spindle stopped. The probe’s light shows contact. Left face, then front face.',
    par: { minutes: 7, acts: 140 },
    mill: kneeMill([probe]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'A corner by the probe', { plan: { finderId: probe.id } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [
      { axis: 'x', by: LEFT },
      { axis: 'y', by: FRONT },
    ],
    hints: [
      'A probe never turns. See that the spindle is off before it goes in.',
      'Its ball is {4.000}: its centre is half of that from the face.',
      'Left face by the finest step until the light is on, three times; set X to {−2.000}. Raise, front face the same, Y to {−2.000}. Read both back.',
    ],
  },
  {
    id: 'turned',
    title: 'A part that lies turned',
    job: 'J2',
    does: 'Nobody lined it up. Touch the front face near both its ends and the left face once: the page tells how far it is turned and where its corner is. Set X and Y over that.',
    par: { minutes: 12, acts: 230 },
    mill: { ...kneeMill([springFinder]), turned: true },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'It lies turned', { datum: { ways: { [featureKey(CORNER)]: 'square' } } }),
    begins: { station: 'datum', query: `f=${featureKey(CORNER)}` },
    aims: [
      { axis: 'x', by: CORNER },
      { axis: 'y', by: CORNER },
    ],
    things: [{ thing: 'skew', at: CORNER }],
    hints: [
      'Two places of one face tell how it lies; the further apart, the better. Where along the face each was belongs to the touch.',
      'The corner is taken as square, so the left face needs one place. Half the finder is square to each face, not along X and Y.',
      'Front face near its left end, X written down with it; near its right end, the same; left face, Y with it. Raise, move X and Y to where the page says the corner is, set both to {0.000}, read both back.',
    ],
  },
  {
    id: 'paper',
    title: 'A corner with paper and the cutter',
    job: 'J9',
    does: 'Find the left and the front face with the cutter itself and a paper strip between, spindle stopped.',
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
      'Paper is {0.10 mm} thick: it counts at each face, in full.',
      'Keep it moving between cutter and face; it drags, then it is grabbed. Where it drags is the reading.',
      'X shows {−5.100} at the left face and Y {−5.100} at the front one: half the cutter and the paper. Raise between them.',
    ],
  },
];
