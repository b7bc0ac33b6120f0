import { fit } from '../boreAndFace/fit';
import { fitInput, fitOutput } from '../boreAndFace/fit.schema';
import { solveBore } from '../boreAndFace/bore';
import { boreInput, boreOutput } from '../boreAndFace/bore.schema';
import { solveFacing } from '../boreAndFace/facing';
import { facingInput, facingOutput } from '../boreAndFace/facing.schema';
import { calculation, exact } from './calculation';

/** A bore brought to size, a fit, a face brought to height. */
export const SIZE = {
  bore: calculation({
    name: 'bore',
    summary: 'A bore brought to size: next setting through the spring of the bar',
    input: boreInput,
    output: boreOutput,
    reckon: solveBore,
  }),
  fit: exact({
    name: 'fit',
    exact: 'Limits stand in a table; what was measured has the U of its gauge.',
    summary: 'The limits of a hole by its fit, and where a measured size lies',
    input: fitInput,
    output: fitOutput,
    reckon: fit,
  }),
  facing: exact({
    name: 'facing',
    exact: 'It plans; nothing in it was measured.',
    summary: 'A face brought to height: equal passes, speed, feed and time',
    input: facingInput,
    output: facingOutput,
    reckon: solveFacing,
  }),
} as const;
