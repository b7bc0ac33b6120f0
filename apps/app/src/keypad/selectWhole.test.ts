import { selectWhole } from './selectWhole';

const field = (value: string): HTMLInputElement => {
  const input = document.createElement('input');
  input.value = value;
  document.body.replaceChildren(input);
  input.focus();
  return input;
};

const selected = ({ value, selectionStart, selectionEnd }: HTMLInputElement) =>
  value.slice(selectionStart ?? 0, selectionEnd ?? 0);

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what stands in a field is selected once the tap has put its caret', () => {
  const input = field('15');
  selectWhole({ target: input });
  input.setSelectionRange(1, 1);
  jest.runAllTimers();
  expect(selected(input)).toBe('15');
});

test('a figure typed at once is not taken for what stood there before', () => {
  const input = field('15');
  selectWhole({ target: input });
  input.value = '3';
  input.setSelectionRange(1, 1);
  jest.runAllTimers();
  expect(selected(input)).toBe('');
});

test('a field that was left meanwhile stays as it is', () => {
  const input = field('15');
  selectWhole({ target: input });
  input.setSelectionRange(2, 2);
  input.blur();
  jest.runAllTimers();
  expect(selected(input)).toBe('');
});

test('what is no field is nothing to select', () => {
  expect(() => selectWhole({ target: document.body })).not.toThrow();
});
