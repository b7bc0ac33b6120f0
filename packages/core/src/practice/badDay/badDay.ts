import type { Entry } from '../../record/entry';
import { doLesson } from '../hands/perfectHand';
import { FRONT, LEFT } from '../lessons/faces';
import type { Lesson } from '../lessons/lesson';
import { BETWEENS, kneeMill, practiceSnapshot, TRAY } from '../lessons/practiceShop';
import { act } from '../mill/act';
import { hide } from '../mill/hidden';
import { createMill, type Mill } from '../mill/mill';
import { befallen, bent, troublesOf } from './troubles';

const { springFinder, cutter, drill } = TRAY;
const { block } = BETWEENS;

const MILL = kneeMill([springFinder, cutter, drill], [block]);

/** What was done in the morning, in good order. */
const MORNING: Lesson = {
  id: 'bad-day',
  kind: 'bad-day',
  title: 'A bad day',
  job: '',
  does: 'X, Y, Z and a second tool were set this morning, and nobody slipped. Since then one to three things went wrong. Find them by Verify.',
  par: { minutes: 20, acts: 260 },
  mill: MILL,
  snapshot: (id, at) => practiceSnapshot(id, at, 'A bad day', { heights: { surface: 0, lift: 0, step: 0.02 } }),
  begins: { station: 'verify', query: '' },
  aims: [{ axis: 'x', by: LEFT }, { axis: 'y', by: FRONT }, { axis: 'z' }],
  tools: [{ tool: 2, contact: drill.id }],
  hints: [
    'Touch again what a zero was set from. What comes back elsewhere has moved.',
    'A finder that is off comes back where it was: only the width of the part between two faces tells. Z tells of the part, the second tool of itself.',
    'Left and front face again; the right face, for the width; the block under the end mill, then under the drill. Then say what you found.',
  ],
};

/** The mill as it stands after the morning and what befell it, and what the morning left in the ledger. */
function before(seed: number, id: string, at: string): { mill: Mill; entries: Entry[] } {
  const troubles = troublesOf(seed);
  const start = bent(createMill(MILL, hide(MILL, seed)), troubles, seed);
  const { mill, entries } = doLesson(MORNING, seed, {}, { start, id, at });
  const raised = act(act(mill, { do: 'put', between: undefined }), { do: 'move', axis: 'z', by: 40 });
  const empty = act(raised, { do: 'hold', contact: undefined });
  return { mill: { ...befallen(empty, troubles, seed), events: [], raisedAt: 0 }, entries };
}

/** A set-up with hidden troubles, to be found by touching again. */
export const BAD_DAY: Lesson = { ...MORNING, before };
