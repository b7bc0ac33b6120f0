import { trueLength } from './hiddenTruth';
import type { Mill } from './mill';

/** The end of what is in the spindle, in the mill's own frame, mm; the nose where there is nothing. */
export const tipOf = ({ at, held, hidden, quill }: Mill): number =>
  at.z - quill - (held ? trueLength(hidden, held) : 0);
