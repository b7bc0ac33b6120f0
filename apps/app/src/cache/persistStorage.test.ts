import { persistStorage } from './persistStorage';

test('asked for once, and not at all where a browser has none', () => {
  persistStorage(undefined);
  let times = 0;
  const storage = { persist: () => Promise.resolve((times += 1) > 0) };
  persistStorage(storage);
  persistStorage(storage);
  expect(times).toBe(1);
});
