import { BAD_DAYS } from '../badDay/badDay';
import { FREE_PLAY } from './freePlay';
import { LESSONS } from './lessons';
import { lessonText } from './lessonText';

const ALL = [...LESSONS, ...BAD_DAYS, ...FREE_PLAY];

test.each([
  ['set X to {−5.000}, and', 'set X to −5.000, and', 'set X to −0.1969, and'],
  ['X {+5.000} at the right face', 'X +5.000 at the right face', 'X +0.1969 at the right face'],
  ['set both to {0.000}', 'set both to 0.000', 'set both to 0.0000'],
  ['Raise {20}, go', 'Raise 20, go', 'Raise 0.79, go'],
  ['back off {0.5 mm}, come', 'back off 0.5 mm, come', 'back off 0.02 in, come'],
  ['by {0.02} and then {0.002} until', 'by 0.02 and then 0.002 until', 'by 0.001 and then 0.0001 until'],
  ['About 100 rpm', 'About 100 rpm', 'About 100 rpm'],
])('%s: in millimetres and in inches', (text, mm, inches) => {
  expect(lessonText(text, 'mm')).toBe(mm);
  expect(lessonText(text, 'in')).toBe(inches);
});

/** What a lesson says that is no length: speeds, angles, tools, and how a table is tilted. */
const NO_LENGTH = /\d+ rpm|\d+°|tool \d|\bA [+−]?\d+|at −90 toward/g;

test.each(ALL.map((lesson) => [lesson.id, lesson] as const))('%s: every length follows the unit', (_, lesson) => {
  for (const text of [lesson.does, ...lesson.hints]) {
    expect(text.replace(/\{[^{}]*\}/g, '').replace(NO_LENGTH, '')).not.toMatch(/\d|millimet|\bmm\b|[{}]/);
    expect(lessonText(text, 'mm')).not.toMatch(/[{}]|NaN/);
    expect(lessonText(text, 'in')).not.toMatch(/[{}]|NaN|\bmm\b/);
  }
});
