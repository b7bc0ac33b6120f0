import { chordOverPins } from '../verify/chordOverPins';
import { chordOverPinsInput, chordOverPinsOutput } from '../verify/chordOverPins.schema';
import { heightCheck } from '../verify/heightCheck';
import { heightCheckInput, heightCheckOutput } from '../verify/heightCheck.schema';
import { patternFit } from '../verify/patternFit';
import { patternFitInput, patternFitOutput } from '../verify/patternFit.schema';
import { calculation } from './calculation';

/** What was made, measured again. */
export const VERIFY = {
  'chord-over-pins': calculation({
    name: 'chord-over-pins',
    summary: 'From middle to middle of two holes, measured over pins',
    input: chordOverPinsInput,
    output: chordOverPinsOutput,
    reckon: chordOverPins,
  }),
  'pattern-fit': calculation({
    name: 'pattern-fit',
    summary: 'How a pattern of holes lies as a whole: shift, turn, and true position of each',
    input: patternFitInput,
    output: patternFitOutput,
    reckon: patternFit,
  }),
  'height-check': calculation({
    name: 'height-check',
    summary: 'A thickness or depth that one tool made, and what its length is off by',
    input: heightCheckInput,
    output: heightCheckOutput,
    reckon: heightCheck,
  }),
} as const;
