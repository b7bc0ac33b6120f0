import { UNITS } from './phrases';
import type { WordsOf } from './findingMessage';

/** What is in force as a program runs: unit, incremental, compensation, arcs and cycles. */
export const STATE: WordsOf<
  | 'unit-other'
  | 'unit-unsaid'
  | 'unit-changes'
  | 'inch-figures'
  | 'incremental-left'
  | 'incremental-from-nowhere'
  | 'radius-left'
  | 'arc-no-centre'
  | 'arc-off'
  | 'repeats-in-place'
  | 'plane-left'
  | 'optional-grave'
  | 'cycle-word'
  | 'cycle-order'
  | 'cycles-not-kept'
> = {
  'unit-other': (figures) => ({
    said: `The program is in ${UNITS[figures.program]}, this setup in ${UNITS[figures.setup]}.`,
    remedy: 'Read the control’s display in that unit, or write the program in the same unit.',
  }),
  'unit-unsaid': (figures) => ({
    said: 'The program does not say its unit before it moves.',
    remedy: `It was read in ${UNITS[figures.taken]}. Put ${figures.taken === 'mm' ? 'G21' : 'G20'} at its head.`,
  }),
  'unit-changes': (figures) => ({
    said: `The unit changes to ${UNITS[figures.to]} in the middle.`,
    remedy: 'Write the program in one unit throughout.',
  }),
  'inch-figures': () => ({
    said: 'All it cuts is the stock divided by 25.4: these look like inches, and G21 says millimetres.',
    remedy: 'Put G20 in place of G21, or let the CAM write millimetres.',
  }),
  'incremental-left': (figures) => ({
    said:
      figures.where === 'end'
        ? 'Incremental coordinates (G91) are in force at the end.'
        : 'Incremental coordinates (G91) are in force at a tool change.',
    remedy: 'Put G90 behind them: what comes next would count from where it is.',
  }),
  'incremental-from-nowhere': () => ({
    said: 'An incremental move starts from an unknown position.',
    remedy: 'Move to an absolute position (G90) first.',
  }),
  'radius-left': (figures) => ({
    said: `Radius compensation (${figures.code}) is still on at ${figures.where === 'end' ? 'the end' : 'a tool change'}.`,
    remedy: 'Put G40 on a straight lead-out move, after the cutter has left the finished wall.',
  }),
  'arc-no-centre': () => ({
    said: 'An arc has no centre: neither I, J, K nor a radius that fits.',
    remedy: 'Correct the line.',
  }),
  'arc-off': (figures, { mm }) => ({
    said: `An arc’s two radii differ by ${mm(figures.by)}.`,
    remedy: 'Its centre is measured from the wrong point, or a word is wrong. Check how the CAM writes I and J.',
  }),
  'repeats-in-place': (figures) => ({
    said: `The hole is drilled ${figures.times} times at one place: L or K repeats it under G90.`,
    remedy: 'Put G91 before a row of holes, or take the count out.',
  }),
  'plane-left': (figures) => ({
    said: `The plane ${figures.plane} is still in force at ${figures.where === 'end' ? 'the end' : 'a tool change'}.`,
    remedy: 'Put G17 after it. The next arc or cycle would use another plane.',
  }),
  'optional-grave': () => ({
    said: 'A line with a slash sets a length, an offset, a tool or a height. The block-delete switch skips it.',
    remedy: 'Remove the slash. Without this line everything after it is wrong.',
  }),
  'cycle-word': (figures) => ({ said: `A drilling cycle has no ${figures.word}.`, remedy: 'Correct the line.' }),
  'cycle-order': () => ({
    said: 'A drilling cycle’s bottom is not below where it begins.',
    remedy: 'Check whether R and Z are heights or distances on this control.',
  }),
  'cycles-not-kept': () => ({
    said: 'Set how this control reads R and Z in drilling cycles (Shop, machine).',
    remedy: 'They were read as heights above zero. Set it in Shop, and check again.',
  }),
};
