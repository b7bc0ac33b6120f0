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
    said: `A variable, a sum or a condition stands here: “${figures.text.trim()}”. Nothing from here on was checked.`,
    remedy: 'Let the CAM write plain moves, and check again.',
  }),
  subprogram: (figures) => ({
    said: `${figures.code} calls another program. Nothing from here on was checked.`,
    remedy: 'Let the CAM write everything into one program, and check again.',
  }),
  'long-block': () => ({
    said: 'This line is longer than 10 000 characters. Nothing from here on was checked.',
    remedy: 'Line ends are missing: write the file again from the CAM, as plain text.',
  }),
  unreadable: (figures) => ({
    said: `This line cannot be read: “${figures.text.trim()}”. Nothing from here on was checked.`,
    remedy: 'Mend the line, or let the CAM write the program for another control.',
  }),
  'unknown-word': (figures) => ({
    said: `${figures.word} is not known here, and is not guessed.`,
    remedy: 'Look it up in the control’s manual. What it does was not checked.',
  }),
  'word-twice': (figures) => ({
    said: `${figures.word} stands twice in one line.`,
    remedy: 'Controls differ in which one they take. Mend the line.',
  }),
  'modes-clash': (figures) => ({
    said: `${figures.words} are in one line.`,
    remedy: 'Only one of them can hold, and controls differ in which. Write one a line.',
  }),
  'no-motion': () => ({
    said: 'Places stand here and no word that says how to go there.',
    remedy: 'Put G0 or G1 before them: some controls go at a rapid, some refuse.',
  }),
  'no-end': () => ({
    said: 'The program has no end: neither M2 nor M30.',
    remedy: 'It may be cut off. Write it again from the CAM, and compare the last lines.',
  }),
  'after-end': () => ({
    said: 'More lines stand behind the end.',
    remedy: 'They were not checked: no control runs them.',
  }),
  'optional-blocks': () => ({
    said: 'Lines begin with a slash: a switch at the control leaves them out.',
    remedy: 'They were checked as if they run. Know how the switch stands.',
  }),
  'rotary-moves': () => ({
    said: 'A rotary axis turns.',
    remedy: 'While it is away from zero, nothing is held against the part, its holes or the boxes.',
  }),
  'zero-moved': (figures) => ({
    said: `${figures.word} moves, turns or scales the zero on the way.`,
    remedy: 'From here on nothing could be held against the part. Use a work offset instead.',
  }),
  'row-set': (figures) => ({
    said: `${figures.word} writes an offset or a tool’s length into the control.`,
    remedy: 'Compare it with what you have set: it takes its place.',
  }),
  polar: () => ({
    said: 'Polar coordinates (G16): X is a radius and Y an angle from here.',
    remedy: 'These places were not checked. Let the CAM write X and Y, and check again.',
  }),
  'no-point': (figures) => ({
    said: `${figures.word} has no decimal point, and other whole figures here have theirs.`,
    remedy: 'Some controls read it as thousandths. Write the point.',
  }),
};
