import { ASIDE } from '../outbox/keys';
import { deviceStorage } from './deviceStorage';
import { isListOf, isText } from './shapes';
import { readStoredJson, storeLocally } from './storedJson';

const KEY = 'zero-point.names';
const isNames = (value: unknown): value is string[] => isListOf(isText)(value);

afterEach(() => {
  deviceStorage.removeItem(KEY);
  deviceStorage.removeItem(ASIDE + KEY);
});

test('what is of its shape comes back as it was kept', () => {
  storeLocally(KEY, ['Ada']);
  expect(readStoredJson(KEY, [], isNames)).toEqual(['Ada']);
  expect(deviceStorage.getItem(ASIDE + KEY)).toBeNull();
});

test('nothing kept is the fallback, and nothing is set aside', () => {
  expect(readStoredJson(KEY, ['nobody'], isNames)).toEqual(['nobody']);
  expect(deviceStorage.getItem(ASIDE + KEY)).toBeNull();
});

test.each(['{"a":1}', '{"half', '[1]', 'null', ''])('%s is set aside as it is, and the app goes on', (text) => {
  deviceStorage.setItem(KEY, text);
  expect(readStoredJson(KEY, ['nobody'], isNames)).toEqual(['nobody']);
  expect(deviceStorage.getItem(KEY)).toBeNull();
  expect(JSON.parse(deviceStorage.getItem(ASIDE + KEY) ?? '')).toEqual({ text, reason: 'not what it should be' });
});
