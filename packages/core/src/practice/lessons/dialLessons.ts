import type { Lesson } from './lesson';
import { FRONT, LEFT } from './faces';
import { benchMill, BETWEENS, practiceSnapshot, TRAY } from './practiceShop';

const { pin } = TRAY;
const { feeler } = BETWEENS;

/** By the collars of the handwheels alone. */
export const DIAL_LESSONS: readonly Lesson[] = [
  {
    id: 'dials',
    title: 'An edge by the collars',
    job: 'J18',
    does: 'No DRO: find the left face with pin and feeler, and set the collar. The play in the screw is yours to mind.',
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
      'Three touches, each come at from the left; at the last, still touching, set the collar to {−3.050}.',
    ],
  },
  {
    id: 'dials-corner',
    title: 'A corner by the collars',
    job: 'J18',
    does: 'Left and front face with pin and feeler, both collars set. Each screw has a play of its own.',
    par: { minutes: 12, acts: 180 },
    mill: benchMill([pin], [feeler]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A corner by the collars', {
        machine: 'bench',
        plan: { finderId: pin.id, feeler: feeler.thickness },
      }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [
      { axis: 'x', by: LEFT },
      { axis: 'y', by: FRONT },
    ],
    hints: [
      'Every touch is come at from the same side, and so is every hole after it.',
      'A collar is set while it touches: {−3.050} in X, {−3.050} in Y. The wheel must not turn with it.',
      'Left face, three touches, collar to {−3.050}. Raise. Front face, three touches, collar to {−3.050}.',
    ],
  },
];
