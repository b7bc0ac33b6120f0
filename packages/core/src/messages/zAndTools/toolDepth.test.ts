import { bookOf, plateSnapshot } from '../../state/basis/snapshot.case';
import { noDepthWords, toolShiftWords, zShows } from './toolDepth';

const book = bookOf(plateSnapshot, []);
const depth = (deepest: number, shift: number) => ({
  kind: 'shown' as const,
  start: shift,
  deepest,
  shift,
  setter: 1,
  U: 0.02,
  byControl: false,
  tape: { sections: [] },
});

test('a height has its sign and unit; on a dial its line and its side of zero', () => {
  expect(zShows(book, 3.15)).toBe('+3.150 mm');
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
  const { machine } = book;
  const dials = {
    ...book,
    machine: { ...machine, scale: 'dial' as const, axes: { ...machine.axes, z: { ...machine.axes.z, dial } } },
  };
  expect(zShows(dials, 3.15)).toBe('line 6, 1 turn 6 lines past zero');
  expect(zShows(dials, -12.51)).toBe('line 100, 4 turns 20 lines before zero and −0.010 mm');
});

test('a longer tool shows more, a shorter one less', () => {
  expect(toolShiftWords(book, 3, depth(3.15, 5.4))).toMatch(
    /^T3 is 5\.400 mm longer than T1, .* Z shows 5\.400 mm more\.$/,
  );
  expect(toolShiftWords(book, 3, depth(-18.31, -12.31))).toMatch(/12\.310 mm shorter than T1, .* 12\.310 mm less\.$/);
  expect(toolShiftWords(book, 1, depth(-6, 0))).toBeUndefined();
});

test('no figure says what comes first', () => {
  expect(noDepthWords({ kind: 'touch-off', tool: 3, setter: 1 })).toMatch(/Touch off T3 first/);
  expect(noDepthWords({ kind: 'not-set' })).toMatch(/Set Z first/);
});
