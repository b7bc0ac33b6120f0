import request from 'supertest';
import { demoServer, leftFace, SETUP, xSet } from '../testing/shop';

const base = `/api/setups/${SETUP}`;
let shop: ReturnType<typeof demoServer>;
beforeAll(() => {
  shop = demoServer();
});
afterAll(() => shop.store.close());
afterEach(() => jest.restoreAllMocks());

interface Refusal {
  detail: string;
  errors: { field: string; message: string }[];
}

const refused = async (path: string, body: object): Promise<Refusal> =>
  (await request(shop.app).post(path).send(body).expect(422)).body as Refusal;

describe('a time that cannot be is asked about', () => {
  test.each([
    ['year 1', '0001-01-01T00:00:00.000Z', /^The clock of this device said 0001-01-01: it was not set\. Set the clock/],
    ['1970', '1970-01-01T00:00:07.000Z', /^The clock of this device said 1970-01-01: it was not set\. Set the clock/],
    [
      '2099',
      '2099-06-01T10:00:00.000Z',
      /^The clock of this device said 2099-06-01, which is still to come\. Set the clock/,
    ],
  ])('a reading of %s', async (_year, takenAt, why) => {
    const { errors, detail } = await refused(`${base}/readings`, leftFace({ id: 'odd', takenAt }));
    // What a person is told has no name of a field in it.
    expect(detail).toBe(`${errors[0]?.message} Nothing was stored.`);
    expect(errors).toEqual([{ field: 'takenAt', message: expect.stringMatching(why) }]);
    expect(shop.store.readings.get('odd')).toBeUndefined();
  });

  test('any other entry too', async () => {
    const { errors } = await refused(`${base}/zeroings`, xSet({ id: 'odd', at: '1970-01-01T00:00:07.000Z' }));
    expect(errors[0]?.field).toBe('at');
  });

  test('with the time put right it is stored', async () => {
    await request(shop.app)
      .post(`${base}/readings`)
      .send(leftFace({ id: 'right', takenAt: '2026-12-01T09:30:00.000Z' }))
      .expect(201);
  });
});

describe('the clock of the shop’s own computer a year back', () => {
  const back = () => {
    const real = Date.now.bind(Date);
    jest.spyOn(Date, 'now').mockImplementation(() => real() - 365 * 86_400_000);
  };

  test('a phone whose clock is right is believed: what was received last is not after now', async () => {
    back();
    await request(shop.app)
      .post(`${base}/readings`)
      .send(leftFace({ id: 'from-a-phone', takenAt: new Date().toISOString() }))
      .expect(201);
  });

  test('what lies ahead of its own record blames the clock that is wrong', async () => {
    back();
    const { errors } = await refused(
      `${base}/readings`,
      leftFace({ id: 'ahead', takenAt: new Date(Date.now() + 400 * 86_400_000).toISOString() }),
    );
    expect(errors[0]?.message).toMatch(/^The clock of the shop’s computer says \d{4}-.*before its own last entry/);
    expect(errors[0]?.message).not.toMatch(/clock of this device/);
  });
});
