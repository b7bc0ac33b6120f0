import type { WordsOf } from './findingMessage';

/** What of a program could not be read, or was not held against anything. */
export const READING: WordsOf<
  | 'macro'
  | 'subprogram'
  | 'long-block'
  | 'unreadable'
  | 'unknown-word'
  | 'word-twice'
  | 'modes-clash'
  | 'no-motion'
  | 'no-end'
  | 'after-end'
  | 'optional-blocks'
  | 'rotary-moves'
  | 'zero-moved'
  | 'row-set'
  | 'polar'
  | 'no-point'
> = {
  macro: (figures) => ({
    said: `This line has a variable, a sum or a condition: “${figures.text.trim()}”. Nothing after it was checked.`,
    remedy: 'Let the CAM write plain moves, and check again.',
  }),
  subprogram: (figures) => ({
    said: `${figures.code} calls another program. Nothing after it was checked.`,
    remedy: 'Let the CAM write everything into one program, and check again.',
  }),
  'long-block': () => ({
    said: 'This line is longer than 10 000 characters. Nothing after it was checked.',
    remedy: 'Line ends are missing. Save the file again from the CAM, as plain text.',
  }),
  unreadable: (figures) => ({
    said: `This line cannot be read: “${figures.text.trim()}”. Nothing after it was checked.`,
    remedy: 'Correct the line, or choose another post-processor in the CAM.',
  }),
  'unknown-word': (figures) => ({
    said: `${figures.word} is not known here.`,
    remedy: 'Look it up in the control’s manual. Its effect was not checked.',
  }),
  'word-twice': (figures) => ({
    said: `${figures.word} is twice in one line.`,
    remedy: 'Controls differ in which one they use. Correct the line.',
  }),
  'modes-clash': (figures) => ({
    said: `${figures.words} are in one line.`,
    remedy: 'Only one can apply, and controls differ in which. Write one per line.',
  }),
  'no-motion': () => ({
    said: 'Coordinates without G0 or G1.',
    remedy: 'Put G0 or G1 before them. Some controls move at rapid, some stop.',
  }),
  'no-end': () => ({
    said: 'The program has no end: neither M2 nor M30.',
    remedy: 'It may be cut off. Write it again from the CAM, and compare the last lines.',
  }),
  'after-end': () => ({
    said: 'There are lines after the program end.',
    remedy: 'They were not checked. No control runs them.',
  }),
  'optional-blocks': () => ({
    said: 'Lines begin with a slash: a switch at the control leaves them out.',
    remedy: 'They were checked as if they run. Check the block-delete switch.',
  }),
  'rotary-moves': () => ({
    said: 'A rotary axis turns.',
    remedy: 'While it is away from zero, part, holes and obstacles are not checked.',
  }),
  'zero-moved': (figures) => ({
    said: `${figures.word} moves, turns or scales the zero on the way.`,
    remedy: 'Nothing after it could be checked against the part. Use a work offset instead.',
  }),
  'row-set': (figures) => ({
    said: `${figures.word} writes an offset or a tool’s length into the control.`,
    remedy: 'Compare it with what you have set: it replaces it.',
  }),
  polar: () => ({
    said: 'Polar coordinates (G16): X is a radius and Y an angle from here.',
    remedy: 'These places were not checked. Let the CAM write X and Y, and check again.',
  }),
  'no-point': (figures) => ({
    said: `${figures.word} has no decimal point, and other whole figures here have theirs.`,
    remedy: 'Some controls read it as thousandths. Add the decimal point.',
  }),
};
