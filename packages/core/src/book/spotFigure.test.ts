import { measured, set, touch, TOUCHED } from './lengths.case';
import { bookOf } from './snapshot.case';
import { spotFigure } from './spotFigure';

const onScale = (tool: number, value: number, epoch: string, gaugeId = 'block') => {
  const entry = touch({ kind: tool === 1 ? 'z-zero' : 'tool-length', tool }, value, `t${tool}`, TOUCHED, gaugeId);
  return entry.kind === 'reading' ? { ...entry, body: { ...entry.body, epoch } as typeof entry.body } : entry;
};
const SET = set('z', 10);

test('set while tool 1 touched: tool 2 sets Z to the same figure, wherever it touches', () => {
  expect(spotFigure(bookOf(measured(), [SET, onScale(2, -2.31, 'z set')]), 2)).toBeCloseTo(10, 9);
});

test('tool 1 touched another block since, and Z was not set there: what it showed there, not what it was set to', () => {
  const shop = measured();
  const other = { id: 'block-25', name: 'Block 25', kind: 'block' as const, nominal: 25 };
  const book = bookOf({ ...shop, gauges: [...shop.gauges, other] }, [
    SET,
    onScale(1, 25.004, 'z set', 'block-25'),
    onScale(2, 12.7, 'z set', 'block-25'),
  ]);
  expect(spotFigure(book, 2)).toBeCloseTo(25.004, 9);
});

test('another gauge under tool 2 than under tool 1: no figure', () => {
  expect(spotFigure(bookOf(measured(), [SET, onScale(2, -2.31, 'z set', 'pin')]), 2)).toBeUndefined();
});

test('Z never set: the height of the gauge above part zero', () => {
  expect(spotFigure(measured(), 2)).toBeCloseTo(10, 9);
});
