import type { Feature } from '../../records/setup/datumPlan';
import { FRONT, LEFT } from './faces';
import type { Lesson } from './lesson';
import { BORE, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

const ACROSS: Feature = { kind: 'middle', axis: 'x' };

const { springFinder, ringFinder, probe } = TRAY;

/** What lies between two faces, or in the middle of four walls. */
export const MIDDLE_LESSONS: readonly Lesson[] = [
  {
    id: 'middle',
    title: 'The middle of two faces',
    job: 'J5',
    does: 'Touch the left and right faces with the same finder and speed. Set X to {0.000} in the middle.',
    par: { minutes: 9, acts: 170 },
    mill: kneeMill([springFinder, ringFinder]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'The middle', { plan: { partZero: 'centre' } }),
    begins: { station: 'datum', query: 'f=middle.x' },
    aims: [{ axis: 'x', by: ACROSS }],
    hints: [
      'What is alike at both faces cancels: the finder’s size does not matter in the middle.',
      'Raise before you cross the part. The right face is touched coming from the right.',
      'Twice at each face. The page says where the middle is; move there with tool raised, and set X to {0.000}.',
    ],
  },
  {
    id: 'bore',
    title: 'The middle of a bore',
    job: 'J5',
    does: 'In the bore touch left and right, then front and back. Set X to {30.000} and Y to {20.000} in its middle.',
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
      'Left wall, right wall, twice each; move X to the middle the page says, set it to {30.000}. Then front and back, move Y to their middle, set it to {20.000}. Read both back.',
    ],
  },
  {
    id: 'second-zero',
    title: 'A second zero over a bore',
    job: 'J5',
    does: 'Set X and Y from the left and front face. Then set the DRO’s second zero, INC, over the bore’s middle. The first stays.',
    par: { minutes: 15, acts: 330 },
    mill: { ...kneeMill([probe]), bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter }, twoZeros: true },
    snapshot: (id, at) => practiceSnapshot(id, at, 'A second zero', { bored: true, plan: { finderId: probe.id } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [
      { axis: 'x', by: LEFT },
      { axis: 'y', by: FRONT },
    ],
    things: [{ thing: 'second-zero', of: BORE.id }],
    hints: [
      'ABS counts from the corner. INC is for what is drawn round the bore, and may be set as often as you like.',
      'Both faces on ABS, read back. Then the bore’s walls, still on ABS: the page tells where its middle is.',
      'Left face, X to {−2.000}; front face, Y to {−2.000}, read both back. Into the bore: left and right, front and back; move to the middle the page says, change to INC, set X and Y to {0.000}. Back to ABS.',
    ],
  },
  {
    id: 'probe-bore',
    title: 'A bore’s middle by the probe',
    job: 'J8',
    does: 'Four walls of the bore, and its middle set to X {30.000}, Y {20.000}. The light tells the touch.',
    par: { minutes: 10, acts: 200 },
    mill: { ...kneeMill([probe]), bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter } },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A bore by the probe', { bored: true, plan: { finderId: probe.id } }),
    begins: { station: 'datum', query: `f=round.${BORE.id}` },
    aims: [
      { axis: 'x', by: { kind: 'round', of: BORE.id } },
      { axis: 'y', by: { kind: 'round', of: BORE.id } },
    ],
    hints: [
      'Opposite walls cancel the ball: the middle is the middle of what X shows.',
      'First left and right, set X in the middle; then front and back, which are across the middle only now.',
      'Left, right, twice each; move X to the middle the page says, set it to {30.000}. Front, back; move Y, set it to {20.000}. Read both back.',
    ],
  },
];
