import type { BadDayTrouble } from './trouble';

interface TroubleWords {
  /** What happened. */
  what: string;
  /** By what it shows. */
  shows: string;
  /** What to do then. */
  mend: string;
}

const WORDS: Readonly<Record<BadDayTrouble, TroubleWords>> = {
  'moved-x': {
    what: 'The part moved along X.',
    shows: 'The left face comes back elsewhere; so does the right one, by the same. Homing does not mend it.',
    mend: 'Find why it moved, clamp again, check it is square. Then set X, Y and Z again. Everything drilled since is off by as much.',
  },
  'moved-y': {
    what: 'The part moved along Y.',
    shows: 'The front face comes back elsewhere, by the same at both ends. Homing does not mend it.',
    mend: 'Find why it moved, clamp again, check it is square. Then set X, Y and Z again.',
  },
  'came-up': {
    what: 'The part lifted.',
    shows: 'Z comes back higher on the same gauge, and by the same with every tool.',
    mend: 'Chips out, part tapped down until nothing under it moves, then set Z again with the reference.',
  },
  'jaw-burr': {
    what: 'A burr on the jaw holds the part turned.',
    shows: 'The front face is further away at one end.',
    mend: 'Part out, burr stoned off, jaw and part wiped; clamp it again, and set X and Y again.',
  },
  'tool-slipped': {
    what: 'Tool 2 slipped in its collet.',
    shows: 'Z repeats with the reference tool but is up to half a millimetre off with tool 2.',
    mend: 'Clean collet and shank, tighten, and touch tool 2 again.',
  },
  'tool-swapped': {
    what: 'Another cutter is in tool 2’s place.',
    shows: 'Z comes back with the reference, and millimetres off with tool 2: no collet lets go so far.',
    mend: 'Look at what is in the spindle and by caliper at how wide it is. The right one in, and touched again.',
  },
  'finder-off': {
    what: 'The finder is not the size it is marked.',
    shows: 'Every face comes back where it was, and the part is too wide or too narrow between two of them.',
    mend: 'Take another finder, measure this one by a known block, and set X and Y again.',
  },
  'homing-shifted': {
    what: 'It homed elsewhere: a switch answered late.',
    shows: 'A face comes back elsewhere; homed once more, it is back where it was.',
    mend: 'Clean the switch, home it twice, and look that a face comes back both times before anything is cut.',
  },
  'plate-worn': {
    what: 'The plate is not as thick as it is marked.',
    shows: 'On the plate Z comes back; on a block it does not. The caliper says the same.',
    mend: 'Measure the plate, enter it, set Z again. Everything cut so far is too deep by the difference.',
  },
};

export const badDayTroubleText = (trouble: BadDayTrouble): TroubleWords => WORDS[trouble];
