import { checkProgram, programBytes } from '../checkProgram';
import { POST_A_POCKET } from '../fixtures/clean.case';
import { PLATE_MILLED } from '../fixtures/plate.case';
import { stateAt } from './stateHistory';
import { lineBefore, nextLine, stretchOfLine } from './lineNavigation';

const { path, states, lineStarts } = checkProgram(programBytes(POST_A_POCKET), PLATE_MILLED);
const lines = POST_A_POCKET.split('\n');
const lineOf = (text: string) => lines.findIndex((line) => line.startsWith(text)) + 1;

test('stepping goes from line to line, arcs in one, and back the same way', () => {
  const helix = stretchOfLine(path, lineOf('N75'));
  expect(path.line[helix]).toBe(lineOf('N75'));
  expect([path.x[helix], path.y[helix], path.z[helix]]).toEqual([66, 58, -2]);
  const next = nextLine(path, helix);
  expect([path.line[next], path.z[next]]).toEqual([lineOf('N80'), -4]);
  expect(lineBefore(path, next)).toBe(helix);
});

test('before the first and behind the last there is nowhere to go', () => {
  expect(lineBefore(path, 0)).toBe(0);
  expect(nextLine(path, path.count - 1)).toBe(path.count - 1);
  expect(stretchOfLine(path, 1e6)).toBe(path.count - 1);
});

test('what is in force at a line: tool, length, speed, feed', () => {
  const at = (text: string) => stateAt(states, stretchOfLine(path, lineOf(text)));
  expect(at('N65')).toMatchObject({ tool: 5, length: 5, speed: 4000, spindle: 'clockwise', feed: 300, motion: 1 });
  expect(at('N95')).toMatchObject({ feed: 500, workOffset: 'G54', unit: 'mm', incremental: false });
});

test('each line is found again by where it begins', () => {
  expect(lineStarts).toHaveLength(lines.length - 1);
  expect(POST_A_POCKET.slice(lineStarts[lineOf('N75') - 1]).startsWith('N75 G3')).toBe(true);
});

test('the path is straight, told apart into rapids and feeds, with the helix as chords', () => {
  const kinds = new Set(path.kind);
  expect([...kinds].sort()).toEqual([0, 1]);
  const turns = Array.from(path.line).filter((line) => line === lineOf('N75')).length;
  expect(turns).toBeGreaterThan(20);
});
