import { COPIES, forgetCopies, givingWay, keysOf, PRACTICE, type DeviceStorage } from './deviceStorage';

/** A browser's storage with room for so many characters. */
function small(room: number): DeviceStorage {
  const items = new Map<string, string>();
  const used = () => [...items.values()].reduce((sum, text) => sum + text.length, 0);
  return {
    get length() {
      return items.size;
    },
    key: (i) => [...items.keys()][i] ?? null,
    getItem: (key) => items.get(key) ?? null,
    removeItem: (key) => void items.delete(key),
    setItem: (key, value) => {
      if (used() - (items.get(key)?.length ?? 0) + value.length > room) throw new Error('quota');
      items.set(key, value);
    },
  };
}

test('a device that was dismissed lets go of its copies, and of nothing that was logged', () => {
  const storage = small(100);
  storage.setItem(`${COPIES}-one`, 'aaaaa');
  storage.setItem('zero-point.outbox.1', 'reading');
  storage.setItem(`${COPIES}-two`, 'bbbbb');
  forgetCopies(storage);
  expect(keysOf(storage, '')).toEqual(['zero-point.outbox.1']);
});

describe('a full device', () => {
  test('gives up copies before anything that was logged', () => {
    const storage = givingWay(small(10));
    storage.setItem(`${COPIES}-one`, 'aaaaa');
    storage.setItem(`${COPIES}-two`, 'bbbbb');
    storage.setItem('zero-point.outbox.1', 'reading');
    expect(storage.getItem('zero-point.outbox.1')).toBe('reading');
    expect(keysOf(storage, COPIES)).toEqual([]);
  });

  test('and lessons of the practice mill after the copies', () => {
    const storage = givingWay(small(12));
    storage.setItem(`${PRACTICE}one`, 'aaaa');
    storage.setItem(`${COPIES}-one`, 'bbbb');
    storage.setItem('zero-point.outbox.1', 'readings');
    expect(keysOf(storage, COPIES)).toEqual([]);
    expect(keysOf(storage, PRACTICE)).toHaveLength(1);
    storage.setItem('zero-point.outbox.2', 'more');
    expect(keysOf(storage, PRACTICE)).toEqual([]);
  });

  test('says so where there is nothing left to give up', () => {
    const storage = givingWay(small(4));
    storage.setItem('zero-point.outbox.1', 'abcd');
    expect(() => storage.setItem('zero-point.outbox.2', 'e')).toThrow('quota');
    expect(storage.getItem('zero-point.outbox.1')).toBe('abcd');
  });

  test('a copy gives way to no other than an older copy', () => {
    const storage = givingWay(small(6));
    storage.setItem('zero-point.outbox.1', 'abcd');
    expect(() => storage.setItem(`${COPIES}-one`, 'too long')).toThrow('quota');
    expect(storage.getItem('zero-point.outbox.1')).toBe('abcd');
  });
});
