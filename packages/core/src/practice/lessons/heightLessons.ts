import type { Lesson } from './lesson';
import { BETWEENS, kneeMill, practiceSnapshot, TRAY } from './practiceShop';

const { cutter, drill, spot } = TRAY;
const { block, paper, plate } = BETWEENS;

/** Z, and how long tools are. */
export const HEIGHT_LESSONS: readonly Lesson[] = [
  {
    id: 'paper-top',
    title: 'Z on a paper strip',
    job: 'J9',
    does: 'The cutter comes down on paper that is kept moving, spindle stopped. Where it drags is {0.10 mm} above the part.',
    par: { minutes: 5, acts: 80 },
    mill: kneeMill([cutter], [paper]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Z on paper', {
        plan: { heightGaugeId: paper.id, tolerance: 0.2 },
        heights: { surface: 0, lift: 0, step: 0.002 },
      }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    hints: [
      'Paper gives way; a block does not. Onto paper a tool may be lowered, by the finest step at the end.',
      'Too far and it is stuck: up again, and once more.',
      'Lower to just above, paper between, by {0.02} and then {0.002} until it drags; log Z, set it to {0.100}, read it back.',
    ],
  },
  {
    id: 'block',
    title: 'Z on a block',
    job: 'J10',
    does: 'Set Z with a block: start with the tool low, then raise it until the block just slides under.',
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
      'Raise by {0.02 mm} steps, trying the block each time. The first step at which it passes is the reading.',
      'Lower to {8 mm} above the part with the block away; take the block, raise by {0.02} until it passes; log Z, set it to what the page says, read it back.',
    ],
  },
  {
    id: 'plate',
    title: 'Z on a touch plate',
    job: 'J11',
    does: 'The plate is marked {12.70}, and that is not what it is. Measure it by caliper, then touch, spindle stopped.',
    par: { minutes: 7, acts: 80 },
    mill: kneeMill([cutter], [plate]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Z on a touch plate', {
        plan: { heightGaugeId: plate.id, tolerance: 0.2 },
        heights: { surface: 0, lift: 0, step: 0.002 },
      }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    hints: [
      'A marking is what a plate was once. The caliper lies beside it.',
      'Plate in the hand, caliper on it; what that says goes into the notebook, under the plate. Z is set by that.',
      'Measure; type it in the notebook. Plate on the part, lower by {0.1} and then {0.002} until its light is on; log Z, set it to what the page says, read it back. Clip off before anything turns.',
    ],
  },
  {
    id: 'second-tool',
    title: 'A second tool’s length',
    job: 'J13',
    does: 'Set Z with the end mill on a block. Change to the drill, and find how much longer it is on the same block.',
    par: { minutes: 10, acts: 120 },
    mill: kneeMill([cutter, drill], [block]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'A second tool', { heights: { surface: 0, lift: 0, step: 0.02 } }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    tools: [{ tool: 2, contact: drill.id }],
    hints: [
      'The end mill is the reference. Its block and its place are the drill’s too, or the two do not compare.',
      'Z is set once, with the reference. With the drill nothing is set: what Z shows at the block is logged, and the page tells its length.',
      'End mill: block, raise by {0.02} until it passes, log, set Z, read back. Raise {40}, change to the drill, the same again beneath it, log it as tool 2. Longer is plus.',
    ],
  },
  {
    id: 'quill',
    title: 'Knee and quill',
    job: 'J13',
    does: 'Somebody left the quill let down and loose. The DRO is on the knee and sees none of it. Quill up and locked, then Z and the drill’s length on the block.',
    par: { minutes: 11, acts: 130 },
    mill: { ...kneeMill([cutter, drill], [block]), quill: true },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Knee and quill', { heights: { surface: 0, lift: 0, step: 0.02, moves: 'knee' } }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    tools: [{ tool: 2, contact: drill.id }],
    hints: [
      'Two things move the tool up and down, and only one of them is read.',
      'A loose quill sinks as tools are changed. Lock it before the first touch, and do all the rest with Z.',
      'Quill up to its stop, lock it. End mill, block, raise by {0.02} until it passes, log, set Z, read back. Raise {40}, drill in, the same beneath it, log it as tool 2.',
    ],
  },
  {
    id: 'three-tools',
    title: 'Three tools on one block',
    job: 'J12',
    does: 'The end mill is the reference; the drill and the spot drill follow on the same block, one after the other.',
    par: { minutes: 14, acts: 190 },
    mill: kneeMill([cutter, drill, spot], [block]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'Three tools', { heights: { surface: 0, lift: 0, step: 0.02 } }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    tools: [
      { tool: 2, contact: drill.id },
      { tool: 3, contact: spot.id },
    ],
    hints: [
      'One block for all of them: what is the same for all cancels.',
      'Z is set once, with the end mill. The others are only logged, each as the tool it is.',
      'End mill: block, raise by {0.02}, log, set Z, read back. Raise {60}, drill in, the same beneath it, log it as tool 2; raise, spot drill, log it as tool 3.',
    ],
  },
];
