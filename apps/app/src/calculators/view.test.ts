import { runCalculator } from '@zero-point/core/calculators/form';
import { CALCULATORS, calculatorNamed } from '@zero-point/core/calculators/list';
import { filledFields, calculatorsByUse, keypadFields, nextEmpty, verdictOf } from './view';

const named = (name: string) => {
  const found = calculatorNamed(name);
  if (!found) throw new Error(`no ${name}`);
  return found;
};

test('what was used last comes first, each once, and nothing is lost', () => {
  const order = calculatorsByUse([{ name: 'fit' }, { name: 'edge' }, { name: 'fit' }, { name: 'gone' }]);
  expect(order.slice(0, 2).map(({ name }) => name)).toEqual(['fit', 'edge']);
  expect(order).toHaveLength(CALCULATORS.length);
});

test('fields follow what was chosen: an arc asks for its span, the back face speaks of Y', () => {
  const circle = named('bolt-circle');
  expect(filledFields(circle, {}, 'mm').fields.some(({ key }) => key === 'span')).toBe(false);
  expect(filledFields(circle, { arc: 'part' }, 'mm').values).toMatchObject({ span: '90', arc: 'part' });
  expect(filledFields(named('edge'), { face: 'back' }, 'in').fields[1]?.label).toBe('Y reads, touching');
  expect(filledFields(named('edge'), {}, 'in').values.diameter).toBe('0.375');
});

test('the keypad goes from one field that must be typed to the next, and round to what was left out', () => {
  const { fields, values } = filledFields(named('bore-centre'), { right: '72' }, 'mm');
  expect(nextEmpty(fields, values, undefined)?.key).toBe('left');
  expect(nextEmpty(fields, values, 'left')?.key).toBe('front');
  expect(nextEmpty(fields, { ...values, front: '1', back: '2' }, 'back')?.key).toBe('left');
  expect(nextEmpty(fields, { ...values, left: '1', front: '1', back: '2' }, 'back')).toBeUndefined();
  expect(keypadFields(named('fit').fields({})).map(({ key }) => key)).toEqual(['measured']);
});

test('a ± is judged only against what the job was said to allow', () => {
  const { values } = filledFields(named('edge'), { r1: '-5.01' }, 'mm');
  const found = runCalculator(named('edge'), values, 'mm');
  if (!found.ok) throw new Error(found.message);
  expect(verdictOf(found.answer, '', 'mm')).toBeUndefined();
  expect(verdictOf(found.answer, '0.2', 'mm')?.verdict).toBe('good');
  expect(verdictOf(found.answer, '0.005', 'mm')?.words).toMatch(/^Not good enough: ±0\.\d{3} mm is more than/);
});
