import { gaugeStatusOf } from '../../state/basis/gaugeStatus';
import { drift } from '../../calibration/drift';
import type { Calibration, CalibrationFound } from '../../records/shop/calibration';
import { dayWords, driftWords, isDoubtful, gaugeStatusText } from './gaugeStatus';

const plate = { name: 'Touch plate', kind: 'touch-plate' as const };
let seq = 0;
const row = (found: CalibrationFound, at: string, from = at): Calibration => ({
  id: `row-${(seq += 1)}`,
  of: { kind: 'gauge', gaugeId: 'plate' },
  found,
  from,
  at,
  seq,
  receivedAt: at,
});
const MARCH = '2026-03-09T08:00:00.000Z';
const size = row({ what: 'size', value: 12.42, U: 0.01 }, MARCH);
const said = (calibrations: Calibration[], moment: string, uses = 0) =>
  gaugeStatusText(plate, gaugeStatusOf(plate, calibrations, moment, uses));

describe('how a gauge stands', () => {
  test('never measured, good, nearly due, overdue', () => {
    expect(said([], MARCH)).toBe('Touch plate has not been calibrated: using the usual ± for its type.');
    expect(said([size], '2026-06-01T08:00:00.000Z')).toBeUndefined();
    expect(said([size], '2027-03-01T08:00:00.000Z')).toBe('Touch plate is due on 9 Mar 2027.');
    expect(said([size], '2027-03-10T08:00:00.000Z')).toMatch(
      /^Touch plate is overdue since 9 Mar 2027: using the usual ±/,
    );
  });

  test('dropped: not known from that moment on, and not before', () => {
    const dropped = row({ what: 'void', why: 'dropped' }, '2026-05-02T10:00:00.000Z');
    expect(said([size, dropped], '2026-05-02T09:59:00.000Z')).toBeUndefined();
    expect(said([size, dropped], '2026-05-02T10:00:00.000Z')).toMatch(
      /no longer valid since it was dropped on 2 May 2026/,
    );
    const again = row({ what: 'size', value: 12.44, U: 0.01 }, '2026-05-03T10:00:00.000Z');
    expect(said([size, dropped, again], '2026-05-04T10:00:00.000Z')).toBeUndefined();
  });

  test('touches count as well as days, for what the shop says is due by them', () => {
    const probe = { name: 'Probe', kind: 'probe' as const, due: { uses: 100 } };
    const standing = (uses: number) => gaugeStatusOf(probe, [size], '2026-03-10T08:00:00.000Z', uses);
    expect(standing(50).state).toBe('good');
    expect(standing(95)).toMatchObject({ state: 'soon', by: 'uses' });
    expect(standing(101)).toMatchObject({ state: 'overdue', by: 'uses' });
    expect(isDoubtful(standing(101))).toBe(true);
    expect(gaugeStatusText(probe, standing(101))).toMatch(/more than 100 touches since 9 Mar 2026/);
  });

  test('said to have been so from the start, it grows old from the day it was found', () => {
    const always = row({ what: 'size', value: 12.42, U: 0.01 }, MARCH, '1970-01-01T00:00:00.000Z');
    expect(gaugeStatusOf(plate, [always], '2026-01-01T00:00:00.000Z').state).toBe('good');
    expect(gaugeStatusOf(plate, [always], '2027-03-10T08:00:00.000Z').state).toBe('overdue');
  });
});

describe('what a chart says', () => {
  const results = (values: number[]) =>
    values.map((value, i) => ({
      at: new Date(Date.parse(MARCH) + i * 30 * 86_400_000).toISOString(),
      value,
      U: 0.004,
    }));
  const words = (values: number[], unit: 'mm' | 'in' = 'mm') => driftWords(drift({ results: results(values) }), unit);

  test('steady, moved since a day, creeping, too few', () => {
    expect(words([4, 4.001, 3.999, 4])).toBe('Steady about 4.000 mm: no change beyond the ± of the results.');
    expect(words([4, 4, 4, 4, 4.016])).toMatch(/^Moved \+0\.016 mm ±0\.00\d mm since 7 Jun 2026\.$/);
    expect(words([4, 4.004, 4.008, 4.012, 4.016])).toMatch(
      /^Creeps: \+0\.016 mm ±0\.005 mm from 9 Mar 2026 to 7 Jul 2026\.$/,
    );
    expect(words([4, 4.001])).toBe('Two more checks needed to show a trend.');
    expect(words([4, 4.001, 4])).toBe('One more check needed to show a trend.');
    expect(words([25.4, 25.4, 25.4, 25.4], 'in')).toMatch(/1\.0000 in/);
  });

  test('a day is said as people say it', () => {
    expect(dayWords('2026-11-26T23:59:00.000Z')).toBe('26 Nov 2026');
  });
});
