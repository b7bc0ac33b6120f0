import { agreements } from '../../state/checks/agreements';
import { faceAnswer } from '../../state/datum/face';
import { bookOf, plateSnapshot, caseReading, rowOf, withTools } from '../../state/basis/snapshot.case';
import { isTouch } from '../../records/log/reading';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { formsOf } from './answerForms';
import { controlResultWords, typedAsName } from './controlResult';

const LEFT = { kind: 'face', face: 'left' } as const;
const probe = { id: 'probe', name: 'Probe', kind: 'probe', nominal: 4 } as const;
const shop = { ...plateSnapshot, gauges: [...plateSnapshot.gauges, probe] };
const result = (value: number) =>
  rowOf(
    'reading',
    caseReading(LEFT, value, { gaugeId: 'probe', source: { by: 'control', text: String(value), unit: 'mm' } }),
  );
const raw = (value: number) => rowOf('reading', caseReading(LEFT, value, { gaugeId: 'probe' }));

test('the control’s result is the face itself: no radius is taken off again, and only the offset is to be entered', () => {
  const book = bookOf(shop, [result(12.5)]);
  expect(faceAnswer(book, 'left')?.result.edge).toBe(12.5);
  const answer = featureAnswer(book, LEFT);
  expect(answer && formsOf(book, answer).map(({ form }) => form)).toEqual(['work-offset']);
  const [first] = book.readings.filter(isTouch);
  expect(first && controlResultWords(book, first)).toContain('the spindle stood at X 10.500 mm at the touch');
});

test('by a plate the spindle stood half the cutter and the plate away, not half the plate', () => {
  const plate = { id: 'plate', name: 'Plate', kind: 'touch-plate', nominal: 12.5 } as const;
  const cutter = { id: 'mill', number: 1, name: 'End mill 10', diameter: 10 };
  const found = rowOf(
    'reading',
    caseReading(LEFT, 12.5, { gaugeId: 'plate', tool: 1, source: { by: 'control', text: '12.5', unit: 'mm' } }),
  );
  const book = bookOf({ ...shop, ...withTools([cutter]), gauges: [...shop.gauges, plate] }, [found]);
  const [first] = book.readings.filter(isTouch);
  expect(first && controlResultWords(book, first)).toContain(
    'With the cutter’s ⌀ 10.000 mm and 12.500 mm of plate the spindle stood at X −5.000 mm at the touch.',
  );
});

test('what has been taken off is named after what touched', () => {
  expect(typedAsName('result', 'probe')).toBe('the control’s result, ball already off');
  expect(typedAsName('result', 'touch-plate')).toBe('the control’s result, plate already off');
  expect(typedAsName('result', 'setter')).toBe('the control’s result, setter already off');
  expect(typedAsName('scale', 'touch-plate')).toBe('what the scale shows');
});

test('what the scale shows is not the control’s', () => {
  const [first] = bookOf(shop, [raw(10.5)]).readings.filter(isTouch);
  expect(first && controlResultWords(bookOf(shop, []), first)).toBeUndefined();
});

test('a second touch typed raw holds it against the ball: it agrees, or the radius was taken twice', () => {
  const checkOf = (second: number) =>
    agreements(bookOf(shop, [result(12.5), raw(second)])).find(({ of }) => of === 'previous')?.explanation;
  expect(checkOf(10.501)?.agrees).toBe(true);
  expect(checkOf(12.5)?.likely[0]?.slip).toBe('radius-once');
});
