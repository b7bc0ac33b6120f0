import { isBench } from '../api/setupList';
import { deviceStorage, forgetCopies } from './deviceStorage';
import { kept, cachedResponse } from './cachedResponse';

const anything = (value: unknown): value is unknown => value !== undefined;

const seen = (name: string) => cachedResponse(name, anything).initialData();

test('an answer passes as it is, and stands the next time as something long out of date', () => {
  const answer = [{ id: 'base-plate' }];
  expect(kept('bench')(answer)).toBe(answer);
  expect(seen('bench')).toEqual(answer);
  expect(cachedResponse('bench', anything).initialDataUpdatedAt).toBe(0);
  expect(seen('standings')).toBeUndefined();
});

test('it is a copy: gone with the others when this device is dismissed', () => {
  kept('bench')(['card']);
  forgetCopies(deviceStorage);
  expect(seen('bench')).toBeUndefined();
});

test('what cannot be read is as if it had never been seen', () => {
  deviceStorage.setItem('zero-point.copy.last.bench', '{"half');
  expect(seen('bench')).toBeUndefined();
});

test('a device without room lets the answer pass, and forgets the older one', () => {
  kept('bench')(['old']);
  const circular: { self?: unknown } = {};
  circular.self = circular;
  expect(kept('bench')(circular)).toBe(circular);
  expect(seen('bench')).toBeUndefined();
});

test.each(['{"a":1}', '[{"id":1}]', '[null]', '"text"', '7', 'true', '[[]]', '{"length":3}'])(
  '%s in the place of the bench is as if it had never been seen, and is let go',
  (text) => {
    const name = 'zero-point.copy.last.bench';
    deviceStorage.setItem(name, text);
    expect(cachedResponse('bench', isBench).initialData()).toBeUndefined();
    expect(deviceStorage.getItem(name)).toBeNull();
  },
);
