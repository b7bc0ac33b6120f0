import type { SincePass } from '../../state/alignment/passComparison';
import type { AlignmentTask } from '../../records/values/subject';

/** What holds each thing that is lined up, as it is tightened. */
const TIGHTENED: Readonly<Record<AlignmentTask, string>> = {
  vise: 'tightening its bolts moved it. Ease one, tap it back, and tighten by halves in turn.',
  head: 'tightening moved it. Ease the bolts, turn it back, and tighten by halves in turn.',
  centre: 'bolting it down moved it. Move the spindle over it again.',
  chuck: 'closing the jaws moved it. Ease them, tap it back, and tighten little by little.',
  level: 'clamping moved it. Turn it back, and read again with its brake on.',
  skew: 'clamping moved it. Ease the clamps, tap it back, and tighten little by little.',
};

/** What went wrong since the pass before, in a sentence, with what to do. */
export function sinceWords(since: SincePass, task: AlignmentTask): string {
  if (since === 'came out') return `It was in line in the pass before: ${TIGHTENED[task]}`;
  return task === 'chuck'
    ? 'As far out as before, on the other side: the whole difference was moved. Move half of it.'
    : 'As far out as before, the other way: it was moved by twice what was wanted.';
}
