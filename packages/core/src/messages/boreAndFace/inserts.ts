import type { Inserts } from '../../state/boreAndFace/inserts';

/** When a cutter's inserts were last turned, in a sentence. */
export const insertsWords = ({ turnedAt }: Pick<Inserts, 'turnedAt'>): string =>
  turnedAt === undefined
    ? 'No record of its inserts being indexed.'
    : `Its inserts were indexed on ${turnedAt.slice(0, 10)}.`;
