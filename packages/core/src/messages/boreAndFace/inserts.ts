import type { Inserts } from '../../state/boreAndFace/inserts';

/** When a cutter's inserts were last turned, in a sentence. */
export const insertsWords = ({ turnedAt }: Pick<Inserts, 'turnedAt'>): string =>
  turnedAt === undefined
    ? 'Nobody said yet when its inserts were turned.'
    : `Its inserts were turned on ${turnedAt.slice(0, 10)}.`;
