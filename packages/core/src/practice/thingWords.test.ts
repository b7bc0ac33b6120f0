import { millMistakeText } from './mistakeText';
import { thingWords } from './thingWords';

const face = (is: number) => thingWords({ thing: 'height', is, said: 0, U: 0.02, good: false }, 'mm');

test('a face cut too deep is told as too low, without a minus', () => {
  expect(face(-5.004)).toMatch(/^✗ The face is too low by 5\.004 mm\./);
  expect(face(0.3)).toMatch(/^✗ The face is too high by 0\.300 mm\./);
});

test('the whole ball counted for half of it cuts too deep', () => {
  expect(millMistakeText({ slip: 'whole-ball' }).does).toBe('Everything is cut half a ball too deep.');
});
