import type { Trouble } from './troubles';

interface TroubleWords {
  /** What happened. */
  what: string;
  /** By what it shows. */
  shows: string;
  /** What to do then. */
  mend: string;
}

const WORDS: Readonly<Record<Trouble, TroubleWords>> = {
  'moved-x': {
    what: 'The part moved along X in the vise.',
    shows: 'The left face comes back elsewhere; so does the right one, by the same.',
    mend: 'Tighten the vise, touch the left face again, and set X anew. Everything drilled since is off by as much.',
  },
  'moved-y': {
    what: 'The part moved along Y.',
    shows: 'The front face comes back elsewhere.',
    mend: 'Look at the fixed jaw and the stop, touch the front face again, and set Y anew.',
  },
  'came-up': {
    what: 'The part came up off its parallels.',
    shows: 'Z comes back higher, and by the same with every tool.',
    mend: 'Chips out, part tapped down until no parallel moves, then set Z anew with the reference.',
  },
  'tool-slipped': {
    what: 'Tool 2 slipped in its collet.',
    shows: 'Z comes back with the reference, and not with tool 2.',
    mend: 'Clean collet and shank, tighten, and touch tool 2 again.',
  },
  'finder-off': {
    what: 'The spring finder is not the size it is marked.',
    shows: 'Every face comes back where it was, and the part is too wide or too narrow between two of them.',
    mend: 'Take another finder, measure this one by a known block, and set X and Y anew.',
  },
};

export const troubleWords = (trouble: Trouble): TroubleWords => WORDS[trouble];
