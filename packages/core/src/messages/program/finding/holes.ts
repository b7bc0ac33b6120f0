import { formatLengthUnit } from '../../../units/formatLength';
import { changeWords } from './holeDifference';
import { capitalTool } from './phrases';
import type { WordsOf } from './findingMessage';

/** Holes of a program against the positions in hand. */
export const HOLES: WordsOf<'hole-off' | 'hole-extra' | 'hole-missing' | 'hole-depth' | 'hole-wide' | 'holes-changed'> =
  {
    'hole-off': (figures, { unit }) => ({
      said: `A hole is off its position: X ${formatLengthUnit(figures.dx, { unit, plus: true })}, Y ${formatLengthUnit(figures.dy, { unit, plus: true })}.`,
      remedy: 'Decide which is right: the drawing, the CAM or the hole list.',
    }),
    'hole-extra': () => ({
      said: 'The program has holes that are not in the hole list.',
      remedy: 'Add them in Holes if they belong there, or remove them.',
    }),
    'hole-missing': (figures, { mm }) => ({
      said: `Hole positions missing from the program, the first at X ${mm(figures.x)}, Y ${mm(figures.y)}.`,
      remedy: 'Another program may drill them.',
    }),
    'hole-depth': (figures, { mm }) => ({
      said: `A hole is ${mm(figures.program)} deep at its tip; the hole list has ${mm(figures.positions)}.`,
      remedy: 'Decide which is right before you drill.',
    }),
    'hole-wide': (figures, { mm }) => ({
      said: `${capitalTool(figures.tool)} is ${mm(figures.diameter)} wide and goes down a hole of ${mm(figures.hole)}.`,
      remedy: 'The wrong tool is there, or the program calls the wrong one.',
    }),
    'holes-changed': (figures, { unit }) => changeWords(figures.change, unit),
  };
