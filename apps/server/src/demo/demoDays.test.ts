import { lastTouchedYesterday } from './demoDays';
import { demoShop } from '../testing/shop';

const text = JSON.stringify({
  a: '2026-03-01T08:00:00.000Z',
  b: [{ at: '2026-11-23T18:12:00.000Z' }],
  name: 'Plate 2026',
});

test('all moments go by the same whole days, the latest to between one and two days ago', () => {
  const moved = lastTouchedYesterday(text, new Date('2027-02-10T06:00:00.000Z'));
  expect(JSON.parse(moved)).toEqual({
    a: '2026-05-17T08:00:00.000Z',
    b: [{ at: '2027-02-08T18:12:00.000Z' }],
    name: 'Plate 2026',
  });
});

test('nothing is moved back, nor on the day itself', () => {
  expect(lastTouchedYesterday(text, new Date('2026-11-24T10:00:00.000Z'))).toBe(text);
  expect(lastTouchedYesterday(text, new Date('2020-01-01T00:00:00.000Z'))).toBe(text);
});

test('the demo shop years later is as old as it is today', () => {
  const shop = JSON.stringify(demoShop());
  const later = JSON.parse(lastTouchedYesterday(shop, new Date('2031-05-05T05:00:00.000Z'))) as ReturnType<
    typeof demoShop
  >;
  const days = later.calibrations?.map(({ at }) => Date.parse(at)) ?? [];
  const before = demoShop().calibrations?.map(({ at }) => Date.parse(at)) ?? [];
  const [first = 0] = days;
  const [began = 0] = before;
  expect(days.map((at) => at - first)).toEqual(before.map((at) => at - began));
  expect(later.setups[0]?.setup.createdAt.slice(0, 4)).toBe('2031');
});
