import type { PassComparison } from '../../state/alignment/passComparison';
import type { AlignmentTask } from '../../records/values/subject';

/** What holds each thing that is lined up, as it is tightened. */
const TIGHTENED: Readonly<Record<AlignmentTask, string>> = {
  vise: 'tightening the bolts moved it. Loosen one, tap it back, then tighten the bolts in turn.',
  head: 'tightening moved it. Ease the bolts, turn it back, and tighten by halves in turn.',
  centre: 'bolting it down moved it. Move the spindle over it again.',
  chuck: 'closing the jaws moved it. Ease them, tap it back, and tighten little by little.',
  level: 'clamping moved it. Turn it back, and read again with its brake on.',
  skew: 'clamping moved it. Ease the clamps, tap it back, and tighten little by little.',
};

/** What went wrong since the pass before, in a sentence, with what to do. */
export function passComparisonText(since: PassComparison, task: AlignmentTask): string {
  if (since === 'came out') return `It was aligned in the previous pass: ${TIGHTENED[task]}`;
  return task === 'chuck'
    ? 'As far out on the other side: the whole difference was moved. Move half.'
    : 'As far out the other way: it was moved twice as far as needed.';
}
