import request from 'supertest';
import { demoServer, freshFile, leftFace, saved, SETUP } from '../testing/shop';

const READINGS = `/api/setups/${SETUP}/readings`;

/** A device that numbers what it sends. */
function device(app: ReturnType<typeof demoServer>['app'], line: string) {
  return {
    touch: (number: number, id: string, change = {}) =>
      request(app)
        .post(READINGS)
        .set('Zero-Point-Order', `${line} ${number}`)
        .send({ ...leftFace({ id }), ...change }),
    gauge: (number: number, version: ReturnType<typeof saved>, id = 'spring-finder-10') =>
      request(app).put(`/api/gauges/${id}`).set('Zero-Point-Order', `${line} ${number}`).send(version),
  };
}

const readingsOf = async (app: ReturnType<typeof demoServer>['app']) => {
  const { body } = await request(app).get(`/api/setups/${SETUP}`);
  return (body as { readings: { id: string }[] }).readings.map(({ id }) => id);
};

describe('entries of one device', () => {
  test('are stored in the order they were logged, whatever order they come in', async () => {
    const { app, db } = demoServer();
    const phone = device(app, 'phone');
    expect((await phone.touch(7, 'a')).status).toBe(201);
    const early = await phone.touch(9, 'c');
    expect(early.status).toBe(409);
    expect(early.body).toMatchObject({ code: 'out-of-order', expects: 8 });
    expect((await phone.touch(8, 'b')).status).toBe(201);
    expect((await phone.touch(9, 'c')).status).toBe(201);
    expect((await readingsOf(app)).slice(-3)).toEqual(['a', 'b', 'c']);
    db.close();
  });

  test('a repeat answers the same, and something new under a number that was settled is not stored', async () => {
    const { app, db } = demoServer();
    const phone = device(app, 'phone');
    const first = await phone.touch(1, 'a');
    await phone.touch(2, 'b');
    expect((await phone.touch(1, 'a')).body).toEqual(first.body);
    const other = await phone.touch(2, 'late');
    expect(other.status).toBe(409);
    expect(other.body).toMatchObject({ code: 'out-of-order', expects: 3 });
    expect(await readingsOf(app)).not.toContain('late');
    db.close();
  });

  test('a refused one is settled: the next goes on', async () => {
    const { app, db } = demoServer();
    const phone = device(app, 'phone');
    await phone.touch(1, 'a');
    expect((await phone.touch(2, 'b', { gaugeId: 'nobody' })).status).toBe(422);
    expect((await phone.touch(3, 'c', { value: 'far' })).status).toBe(422);
    expect((await phone.touch(4, 'd')).status).toBe(201);
    db.close();
  });

  test('a refused one that comes early settles nothing', async () => {
    const { app, db } = demoServer();
    const phone = device(app, 'phone');
    await phone.touch(1, 'a');
    expect((await phone.touch(3, 'c', { value: 'far' })).body).toMatchObject({ code: 'out-of-order', expects: 2 });
    expect((await phone.touch(2, 'b')).status).toBe(201);
    db.close();
  });

  test('two tabs that send the same two saves make no conflict of two people', async () => {
    const { app, db } = demoServer();
    const { body: gauge } = (await request(app).get('/api/gauges/spring-finder-10')) as { body: { name: string } };
    const { body: shop } = (await request(app).get('/api/shop')) as { body: { versions: Record<string, string> } };
    const began = Object.entries(shop.versions).find(([key]) => key.includes('spring-finder-10'))?.[1] ?? '';
    expect(began).not.toBe('');
    const one = saved({ ...gauge, name: 'once' }, began);
    const two = saved({ ...gauge, name: 'twice' }, one.version);
    const phone = device(app, 'phone');
    expect((await phone.gauge(1, one)).status).toBe(200);
    expect((await phone.gauge(2, two)).status).toBe(200);
    const again = await phone.gauge(1, one);
    expect(again.status).toBe(409);
    expect(again.body).toMatchObject({ code: 'out-of-order', expects: 3 });
    const { body: stands } = (await request(app).get('/api/gauges/spring-finder-10')) as { body: { name: string } };
    expect(stands.name).toBe('twice');
    db.close();
  });

  test('the count stands after a restart, and lines of two devices are apart', async () => {
    const file = freshFile();
    const before = demoServer(file);
    await device(before.app, 'phone').touch(1, 'a');
    await device(before.app, 'tablet').touch(40, 'b');
    before.db.close();
    const { app, db } = demoServer(file);
    expect((await device(app, 'phone').touch(3, 'c')).body).toMatchObject({ expects: 2 });
    expect((await device(app, 'tablet').touch(41, 'c')).status).toBe(201);
    db.close();
  });

  test('an order that cannot be read is said, and one that is not given is not asked for', async () => {
    const { app, db } = demoServer();
    const bad = await request(app).post(READINGS).set('Zero-Point-Order', 'phone twelve').send(leftFace());
    expect(bad.status).toBe(422);
    expect((bad.body as { detail: string }).detail).toContain('zero-point-order');
    expect((await request(app).post(READINGS).send(leftFace())).status).toBe(201);
    db.close();
  });

  test('the order is in the published interface of whatever is stored', async () => {
    const { app, db } = demoServer();
    const { body } = await request(app).get('/api/openapi.json').expect(200);
    const { paths } = body as {
      paths: Record<string, Record<string, { parameters?: { in: string; name: string }[] }>>;
    };
    const named = (path: string, method: string) =>
      paths[path]?.[method]?.parameters?.filter((one) => one.in === 'header').map(({ name }) => name);
    expect(named('/api/setups/{id}/readings', 'post')).toEqual(['Zero-Point-Order']);
    expect(named('/api/gauges/{key}', 'put')).toEqual(['Zero-Point-Order']);
    db.close();
  });
});
