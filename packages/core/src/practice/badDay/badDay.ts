import type { Entry } from '../../records/kinds/entry';
import { doLesson } from '../hands/perfectHand';
import { FRONT, LEFT } from '../lessons/faces';
import type { Lesson } from '../lessons/lesson';
import { BETWEENS, kneeMill, practiceSnapshot, TRAY } from '../lessons/practiceShop';
import { act } from '../mill/reduceMill';
import { hide } from '../mill/hiddenTruth';
import { createMill, type Mill } from '../mill/mill';
import type { BadDayTrouble } from './trouble';
import { befallen, bent, troublesOf } from './troubles';

const { springFinder, probe, cutter, drill } = TRAY;
const { block, plate } = BETWEENS;

/** A setup with hidden troubles, to be found by touching again: what can go wrong there, on what. */
export interface BadDay extends Lesson {
  troubles: readonly BadDayTrouble[];
}

/**
 * The mill as it stands after the morning and what befell it, and what the morning left in the log. The morning believed
 * what gauges are marked with, and made no other slip.
 */
const before = (morning: BadDay, things: Parameters<typeof bent>[3]) => (seed: number, id: string, at: string) => {
  const troubles = troublesOf(seed, morning.troubles);
  const start = bent(createMill(morning.mill, hide(morning.mill, seed)), troubles, seed, things);
  const { mill, entries }: { mill: Mill; entries: Entry[] } = doLesson(
    morning,
    seed,
    { byMarking: true },
    { start, id, at },
  );
  const raised = act(act(mill, { do: 'put', between: undefined }), { do: 'move', axis: 'z', by: 40 });
  const empty = act(raised, { do: 'hold', contact: undefined });
  return { mill: { ...befallen(empty, troubles, seed, things), events: [], raisedAt: 0 }, entries };
};

const shared = {
  kind: 'bad-day',
  job: '',
  begins: { station: 'verify', query: '' },
  pages: ['datum', 'heights', 'verify'],
  aims: [{ axis: 'x', by: LEFT }, { axis: 'y', by: FRONT }, { axis: 'z' }],
} as const;

const KNEE: BadDay = {
  ...shared,
  id: 'bad-day',
  title: 'A bad day at the knee mill',
  does: 'X, Y, Z and a second tool were set this morning, without a mistake. One to three things are wrong. Find them by touching again.',
  par: { minutes: 20, acts: 300 },
  troubles: ['moved-x', 'moved-y', 'came-up', 'jaw-burr', 'tool-slipped', 'tool-swapped', 'finder-off'],
  mill: kneeMill([springFinder, cutter, drill], [block]),
  snapshot: (id, at) =>
    practiceSnapshot(id, at, 'A bad day at the knee mill', { heights: { surface: 0, lift: 0, step: 0.02 } }),
  tools: [{ tool: 2, contact: drill.id }],
  hints: [
    'Touch again what a zero was set from. What comes back elsewhere has moved.',
    'A finder that is off comes back where it was: only the width of the part between two faces tells. Two places of one face tell whether it lies straight. Z tells of the part, the second tool of itself.',
    'Left face again, and the front face near both its ends; the right face, for the width; the block under the end mill, then under the drill. Then say what you found.',
  ],
};

/** A plate that is as it is marked on most days. */
const PLATE = { ...plate, thinner: { least: 0, most: 0 } };

const ROUTER: BadDay = {
  ...shared,
  id: 'bad-day-router',
  title: 'A bad day at the router',
  does: 'X, Y and Z were set this morning by probe and plate, and nobody slipped. Since then one to three things went wrong, or were wrong from the start. Find them by touching again.',
  par: { minutes: 20, acts: 300 },
  troubles: ['moved-x', 'moved-y', 'came-up', 'finder-off', 'homing-shifted', 'plate-worn'],
  mill: { ...kneeMill([probe, cutter], [block, PLATE]), play: { x: 0, y: 0, z: 0 }, homes: 0.012 },
  snapshot: (id, at) =>
    practiceSnapshot(id, at, 'A bad day at the router', {
      machine: 'router',
      plan: { finderId: probe.id, heightGaugeId: plate.id, tolerance: 0.2 },
      heights: { surface: 0, lift: 0, step: 0.002 },
    }),
  hints: [
    'Touch again what a zero was set from. What comes back elsewhere has moved, or the machine counts from elsewhere.',
    'Home it and touch again: a shifted home comes back, a part that moved does not. A plate is only told by another gauge, a probe’s ball by the part’s width.',
    'Left and front face; home it, both again; the right face, for the width. End mill in: the plate again, then the block. Then say what you found.',
  ],
};

/** Setups with hidden troubles, to be found by touching again. */
export const BAD_DAYS: readonly BadDay[] = [
  { ...KNEE, before: before(KNEE, { finder: springFinder.id, tool: drill.id }) },
  { ...ROUTER, before: before(ROUTER, { finder: probe.id, plate: plate.id }) },
];
