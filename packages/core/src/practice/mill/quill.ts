import type { Mill } from './mill';

/** So far from where it was, mm, it makes a difference. */
const ELSEWHERE = 0.05;

/** Whether the quill stands elsewhere than when Z was set: the scale sees nothing of it. */
export const quillElsewhere = ({ quill, quillAtZ }: Pick<Mill, 'quill' | 'quillAtZ'>): boolean =>
  quillAtZ !== undefined && Math.abs(quill - quillAtZ) > ELSEWHERE;
