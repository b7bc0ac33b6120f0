import { ownNetworkOnly } from './wire';

const found = (name: string, all = false, named?: ReadonlySet<string>) =>
  new Promise((resolve) =>
    ownNetworkOnly(named)(name, { all, family: 4 }, (error, address) => resolve(error ? error.code : address)),
  );

test('a name leads to this machine and the shop’s own network alone, whatever it stands for', async () => {
  expect(await found('localhost')).toBe('127.0.0.1');
  expect(await found('localhost', true)).toContainEqual({ address: '127.0.0.1', family: 4 });
  // As a name outside the shop, or one that was pointed there, would be answered.
  expect(await found('8.8.8.8')).toBe('ENOTOWN');
  expect(await found('169.254.169.254', true)).toBe('ENOTOWN');
  // Unless it was named at the start.
  expect(await found('203.0.113.7', false, new Set(['203.0.113.7']))).toBe('203.0.113.7');
  expect(await found('203.0.113.8', false, new Set(['203.0.113.7']))).toBe('ENOTOWN');
});
