import { FRONT, LEFT } from './faces';
import type { Lesson } from './lesson';
import { benchMill, BETWEENS, BORE, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

/** Nothing is asked there, and what was set is marked. */
export const freePlay = (one: Pick<Lesson, 'id' | 'title' | 'does' | 'mill' | 'snapshot'>): Lesson => ({
  ...one,
  kind: 'free',
  job: '',
  par: undefined,
  begins: { station: 'datum', query: '' },
  pages: ['plan', 'alignment', 'datum', 'heights', 'verify'],
  aims: [{ axis: 'x', by: LEFT }, { axis: 'y', by: FRONT }, { axis: 'z' }],
  tools: [
    { tool: 2, contact: TRAY.drill.id },
    { tool: 3, contact: TRAY.spot.id },
  ],
  hints: [
    'Nothing is asked. What you set is marked, what you leave is not.',
    'Change the finder in Plan, and take the same one from the tray.',
    'Make a mistake on purpose, and see what the marking says.',
  ],
});

/** Machines to do on what one likes, with all that lies in the tray. */
export const FREE_PLAY: readonly Lesson[] = [
  freePlay({
    id: 'free-knee',
    title: 'Free, on the knee mill',
    does: 'A DRO, every finder, a part with a bore. Set what you like.',
    mill: {
      ...kneeMill(Object.values(TRAY), Object.values(BETWEENS)),
      bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter },
      twoZeros: true,
      quill: true,
    },
    snapshot: (id, at) => practiceSnapshot(id, at, 'Free, on the knee mill', { bored: true }),
  }),
  freePlay({
    id: 'free-bench',
    title: 'Free, on the bench mill',
    does: 'Collars only, and the play in the screws. Set what you like.',
    mill: benchMill(Object.values(TRAY), Object.values(BETWEENS)),
    snapshot: (id, at) => practiceSnapshot(id, at, 'Free, on the bench mill', { machine: 'bench' }),
  }),
  freePlay({
    id: 'free-router',
    title: 'Free, on the router',
    does: 'It homes by switches that are never quite alike. Paper, plate and block. Set what you like, home it, and look.',
    mill: {
      ...kneeMill([TRAY.cutter, TRAY.drill, TRAY.spot, TRAY.probe], Object.values(BETWEENS)),
      play: { x: 0, y: 0, z: 0 },
      homes: 0.012,
    },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Free, on the router', {
        machine: 'router',
        plan: { finderId: 'probe-4', heightGaugeId: 'touch-plate' },
      }),
  }),
  freePlay({
    id: 'free-tilt',
    title: 'Free, on the tilting table',
    does: 'A probe, a setter, a table that tilts. Find where it turns, or set what you like.',
    mill: {
      ...kneeMill([TRAY.probe, TRAY.cutter, TRAY.drill, TRAY.spot], [BETWEENS.setter, BETWEENS.block]),
      work: 'tilt',
    },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Free, on the tilting table', { machine: 'tilt', plan: { finderId: 'probe-4' } }),
  }),
];
