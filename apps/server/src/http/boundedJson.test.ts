import { gzipSync } from 'node:zlib';
import request from 'supertest';
import { demoServer } from '../testing/shop';
import { refuseNested } from './boundedJson';

const bytes = (text: string) => Buffer.from(text);

test('what is sent here passes: brackets within a text are none', () => {
  expect(() => refuseNested(bytes('{"a":[1,{"b":"[[[["}],"c":"\\"[[["}'))).not.toThrow();
  expect(() => refuseNested(bytes(`"${'['.repeat(1000)}"`))).not.toThrow();
  expect(() => refuseNested(bytes(`${'['.repeat(64)}${']'.repeat(64)}`))).not.toThrow();
});

test('deeper than anything here, or more lists than any setup has, is refused before it is parsed', () => {
  expect(() => refuseNested(bytes('['.repeat(65)))).toThrow('too deep');
  expect(() => refuseNested(bytes(`[${'[],'.repeat(1_000_001)}`))).toThrow('too many');
});

describe('a few kilobytes that unpack to millions of brackets', () => {
  const shop = demoServer();
  afterAll(() => shop.store.close());
  test.each([
    ['deep', '['.repeat(38_000_000), 'too-deep'],
    ['wide', `[${'[],'.repeat(12_000_000)}[]]`, 'too-many'],
  ])('%s: an answer in words, and the shop goes on', async (_name, text, code) => {
    const packed = gzipSync(text);
    expect(packed.length).toBeLessThan(100_000);
    const answer = await request(shop.app)
      .post('/api/setup-files')
      .set('Content-Type', 'application/json')
      .set('Content-Encoding', 'gzip')
      // As it is, and not written out as JSON.
      .serialize((body) => body as string)
      .send(packed);
    expect([answer.status, answer.body.code]).toEqual([413, code]);
    await request(shop.app).get('/api/health').expect(200);
  });
});

describe('each route takes as much as what it stores can be', () => {
  const shop = demoServer();
  afterAll(() => shop.store.close());
  const of = (size: number) => ({ note: 'x'.repeat(size) });
  test.each([
    ['a reading', 'post', '/api/setups/base-plate-knee-mill/readings', 33_000, 413],
    ['a reading of a usual size', 'post', '/api/setups/base-plate-knee-mill/readings', 1000, 422],
    ['a gauge', 'put', '/api/gauges/spring-finder-10', 300_000, 413],
    ['a pattern', 'put', '/api/setups/base-plate-knee-mill/patterns/x', 300_000, 422],
    ['a pattern beyond ten thousand points', 'put', '/api/setups/base-plate-knee-mill/patterns/x', 4_300_000, 413],
    ['a calculation', 'post', '/api/reckon/bolt-circle', 300_000, 422],
    ['the switch to the network', 'put', '/api/network', 5000, 404],
  ] as const)('%s', async (_name, method, path, size, status) => {
    await request(shop.app)[method](path).send(of(size)).expect(status);
  });
});
