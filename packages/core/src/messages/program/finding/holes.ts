import { formatLengthUnit } from '../../../units/formatLength';
import { changeWords } from './holeDifference';
import { capitalTool } from './phrases';
import type { WordsOf } from './findingMessage';

/** Holes of a program against the positions in hand. */
export const HOLES: WordsOf<'hole-off' | 'hole-extra' | 'hole-missing' | 'hole-depth' | 'hole-wide' | 'holes-changed'> =
  {
    'hole-off': (figures, { unit }) => ({
      said: `A hole is off its position: X ${formatLengthUnit(figures.dx, { unit, plus: true })}, Y ${formatLengthUnit(figures.dy, { unit, plus: true })}.`,
      remedy: 'Decide which is right: the drawing, the CAM, or Positions.',
    }),
    'hole-extra': () => ({
      said: 'Holes stand where no position is.',
      remedy: 'Add them in Positions if they belong there, or take them out.',
    }),
    'hole-missing': (figures, { mm }) => ({
      said: `Positions that the program makes no hole at, the first at X ${mm(figures.x)}, Y ${mm(figures.y)}.`,
      remedy: 'Another program may make them.',
    }),
    'hole-depth': (figures, { mm }) => ({
      said: `A hole is ${mm(figures.program)} deep at its tip; Positions have ${mm(figures.positions)}.`,
      remedy: 'Decide which is right before you drill.',
    }),
    'hole-wide': (figures, { mm }) => ({
      said: `${capitalTool(figures.tool)} is ${mm(figures.diameter)} wide and goes down a hole of ${mm(figures.hole)}.`,
      remedy: 'Another tool is in that place, or the program calls the wrong one.',
    }),
    'holes-changed': (figures, { unit }) => changeWords(figures.change, unit),
  };
