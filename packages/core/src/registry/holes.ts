import { calculateDials } from '../holes/dials/dialTurns';
import { dialMoveInput, dialMoveOutput } from '../holes/dials/dialMove.schema';
import { solvePattern } from '../holes/patterns/pattern';
import { patternOutput, patternCalculatorInput } from '../holes/patterns/pattern.schema';
import { patternCheck } from '../holes/patterns/patternCheck';
import { patternCheckInput, patternCheckOutput } from '../holes/patterns/patternCheck.schema';
import { boltCircle } from '../holes/patterns/boltCircle';
import { boltCircleOutput, boltCircleCalculatorInput } from '../holes/patterns/boltCircle.schema';
import { exact } from './calculation';

/** Patterns of holes, what is amiss with them, and moves by dials. */
export const POSITIONS = {
  'bolt-circle': exact({
    name: 'bolt-circle',
    exact: 'Places are exact for what is given; U is the datum’s, where that is told.',
    summary: 'Hole centres on a circle or an arc',
    input: boltCircleCalculatorInput,
    output: boltCircleOutput,
    reckon: boltCircle,
  }),
  pattern: exact({
    name: 'pattern',
    exact: 'Places are exact for what is given; U is the datum’s, where that is told.',
    summary: 'Hole centres of any pattern, mirrored, turned and shifted',
    input: patternCalculatorInput,
    output: patternOutput,
    reckon: solvePattern,
  }),
  'pattern-check': exact({
    name: 'pattern-check',
    exact: 'It holds given places against each other; nothing in it was measured.',
    summary: 'What is amiss with holes before they are drilled: webs, edges, doubles, travel',
    input: patternCheckInput,
    output: patternCheckOutput,
    reckon: patternCheck,
  }),
  'dial-move': exact({
    name: 'dial-move',
    exact: 'Turns and lines are counted; what rounding to a line leaves is said.',
    summary: 'A handwheel move in turns and lines, backlash taken up on one side',
    input: dialMoveInput,
    output: dialMoveOutput,
    reckon: calculateDials,
  }),
} as const;
