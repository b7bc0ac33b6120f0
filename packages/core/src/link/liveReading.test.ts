import { parseMessage, NOTHING_PARSED } from './messageParser';
import { linkView, QUIET } from './linkView';
import { coarserStep, liveFigure, offsetFigure, touchedSince, type WantedReading } from './liveReading';
import { coarserStepText, linkNoteText, linkText, notLiveText } from './linkMessages';

const X: WantedReading = { axis: 'x', scale: 'readout', byControl: false };
const line = (body: object) => JSON.stringify(body);
const HELLO = line({ is: 'hello', protocol: 1, name: 'Readout', kind: 'readout', unit: 'mm', step: { x: 0.005 } });
const at = (x: number, scale = 'readout') => line({ is: 'position', unit: 'mm', scale, at: { x, y: 2 } });
const touch = (x: number) => line({ is: 'touch', unit: 'mm', scale: 'readout', at: { x } });
const result = (axis: string, found: number) =>
  line({ is: 'result', unit: 'in', scale: 'machine', cycle: 'probe', axis, found });

const viewOf = (
  lines: string[],
  { open = true, later = 0, reason }: { open?: boolean; later?: number; reason?: string } = {},
) =>
  linkView(
    'knee-mill',
    { over: 'tcp', host: '127.0.0.1', port: 1 },
    lines.reduce((heard, one) => parseMessage(heard, one, 1000), NOTHING_PARSED),
    { open, reason, now: 1000 + later },
  );

test('what it shows is taken as it stands, with who said it and in what line', () => {
  expect(liveFigure(viewOf([HELLO, at(-5.01)]), X)).toEqual({
    kind: 'figure',
    mm: -5.01,
    at: { x: -5.01, y: 2 },
    link: 'Readout',
    line: at(-5.01),
    unit: 'mm',
  });
});

test.each([
  ['gone', viewOf([HELLO, at(1)], { open: false }), X, 'away'],
  ['silent for a while', viewOf([HELLO, at(1)], { later: QUIET + 1 }), X, 'quiet'],
  ['not yet known', viewOf([at(1)]), X, 'quiet'],
  ['of another scale', viewOf([HELLO, at(1, 'machine')]), X, 'scale'],
  ['without that axis', viewOf([HELLO, at(1)]), { ...X, axis: 'z' as const }, 'axis'],
  ['without a result', viewOf([HELLO, at(1)]), { ...X, byControl: true }, 'no-result'],
  ['with a result of another axis', viewOf([HELLO, at(1), result('y', 1)]), { ...X, byControl: true }, 'no-result'],
])('a link %s gives no figure', (_name, view, wanted, why) => {
  expect(liveFigure(view, wanted as WantedReading)).toEqual({ kind: 'none', why });
  expect(notLiveText(why as 'away')).toMatch(/\.$/);
});

test('what a cycle found is taken in millimetres, its own line beside it', () => {
  const view = viewOf([HELLO, at(1, 'machine'), result('x', 2)]);
  const live = liveFigure(view, { axis: 'x', scale: 'machine', byControl: true });
  expect(live).toMatchObject({ kind: 'figure', mm: 50.8, unit: 'in', line: result('x', 2) });
});

test('the device’s own touch is taken once, and never one from before', () => {
  const view = viewOf([HELLO, at(9), touch(7)]);
  expect(touchedSince(view, 0, X)).toMatchObject({ mm: 7, line: touch(7) });
  expect(touchedSince(view, 1, X)).toBeUndefined();
  expect(touchedSince(viewOf([HELLO, at(9), touch(7)], { later: QUIET + 1 }), 0, X)).toBeUndefined();
  expect(touchedSince(view, 0, { ...X, scale: 'machine' })).toBeUndefined();
});

test('an offset is read from what the control told after it was asked, never from before', () => {
  const offsets = (x: number) => line({ is: 'offsets', unit: 'in', rows: [{ name: 'G54', x, y: 0, z: 0 }] });
  const before = viewOf([HELLO, at(1), offsets(1)]);
  expect(offsetFigure(before, 'G54', 'x', before.offsetsTold)).toBeUndefined();
  const after = viewOf([HELLO, at(1), offsets(1), offsets(2)]);
  expect(offsetFigure(after, 'G54', 'x', before.offsetsTold)).toMatchObject({ mm: 50.8, link: 'Readout' });
  expect(offsetFigure(after, 'G55', 'x', before.offsetsTold)).toBeUndefined();
  expect(offsetFigure(viewOf([HELLO, at(1), offsets(1), offsets(2)], { open: false }), 'G54', 'x', 1)).toBeUndefined();
});

test('a display coarser than the machine is kept with would make the ± too small: it is told, in millimetres', () => {
  const inches = line({ is: 'hello', protocol: 1, name: 'Readout', kind: 'readout', unit: 'in', step: { x: 0.001 } });
  expect(coarserStep(viewOf([HELLO, at(1)]), 'x', 0.005)).toBeUndefined();
  expect(coarserStep(viewOf([HELLO, at(1)]), 'x', 0.001)).toBe(0.005);
  expect(coarserStep(viewOf([inches, at(1)]), 'x', 0.005)).toBeCloseTo(0.0254, 12);
  expect(coarserStep(viewOf([HELLO, at(1)]), 'y', 0.001)).toBeUndefined();
  expect(coarserStepText('x', 0.01, 0.005, 'mm')).toBe(
    'X goes by 0.0100 mm there, and Shop has 0.0050 mm for this machine: the ± here is too small. Put the step right in Shop.',
  );
});

test('how it stands, in words', () => {
  expect(linkText(viewOf([HELLO, at(1)]))).toBe('Readout is live.');
  expect(linkText(viewOf([HELLO], { later: 5000 }))).toBe('Readout says nothing now.');
  expect(linkText(viewOf([]))).toBe('Something is there, and has not said what it is.');
  expect(linkText(viewOf([HELLO], { open: false, reason: 'It hung up.' }))).toBe('Readout is away. It hung up.');
});

test('what is odd, in words, in the unit of the page', () => {
  expect(linkNoteText({ code: 'step', axis: 'x', told: 0.005, seen: 0.02 }, 'mm')).toBe(
    'X goes by 0.0200 mm, not by 0.0050 as it says. The ± here takes the machine’s step: put that right in Shop.',
  );
  expect(linkNoteText({ code: 'nonsense', count: 1, line: '%', why: 'it is not JSON' }, 'mm')).toMatch(/^One line was/);
  expect(linkNoteText({ code: 'flood', dropped: 12_345 }, 'mm')).toContain('12,345 lines');
  expect(linkNoteText({ code: 'unit', said: 'mm', counts: 'in' }, 'mm')).toContain(
    'millimetres, and its figures are inches',
  );
  expect(linkNoteText({ code: 'trouble', says: 'Home it first.' }, 'mm')).toBe('It says: Home it first.');
});
