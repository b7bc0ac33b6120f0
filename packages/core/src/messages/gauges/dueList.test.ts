import type { Calibration, CalibrationFound } from '../../records/shop/calibration';
import type { Gauge } from '../../records/shop/gauge';
import type { Machine } from '../../records/shop/machine';
import { startingMachine } from '../../shop/startingMachine';
import { dueList } from './dueList';

const NOW = '2026-11-26T08:00:00.000Z';
const gauge = (id: string, kind: Gauge['kind'] = 'touch-plate'): Gauge => ({
  id,
  name: `Gauge ${id}`,
  kind,
  nominal: 10,
});
let seq = 0;
const row = (gaugeId: string, found: CalibrationFound, day: string): Calibration => {
  const at = `${day}T08:00:00.000Z`;
  seq += 1;
  return { id: `row-${seq}`, of: { kind: 'gauge', gaugeId }, found, from: at, at, seq, receivedAt: at };
};
const size = (gaugeId: string, value: number, day: string) => row(gaugeId, { what: 'size', value, U: 0.004 }, day);
const list = (gauges: Gauge[], calibrations: Calibration[], touches = 0) =>
  dueList(
    {
      gauges,
      machines: [],
      calibrations,
      uses: gauges.map(({ id }) => ({ gaugeId: id, since: null, touches, setups: [] })),
    },
    NOW,
    'mm',
  );

test('what counts no more comes first; what is good, never measured or retired is not on it', () => {
  const gauges = [
    gauge('good'),
    gauge('soon'),
    gauge('old'),
    gauge('hit'),
    gauge('new'),
    { ...gauge('gone'), retiredOn: '2026-01-01' },
  ];
  const lines = list(gauges, [
    size('good', 10, '2026-10-01'),
    size('soon', 10, '2025-12-10'),
    size('old', 10, '2025-10-01'),
    size('hit', 10, '2026-10-01'),
    row('hit', { what: 'void', why: 'crash' }, '2026-11-01'),
    size('gone', 10, '2020-01-01'),
  ]);
  expect(lines.map(({ of, grave }) => [of.kind === 'gauge' ? of.gaugeId : of.kind, grave])).toEqual([
    ['old', true],
    ['hit', true],
    ['soon', false],
  ]);
  expect(lines[1]?.words).toMatch(/since a crash on 1 Nov 2026/);
});

test('what goes somewhere is on it though it is not due', () => {
  const months = ['02', '03', '04', '05', '06', '07', '08', '09'];
  const creeping = months.map((month, i) => size('light', 10 - 0.003 * i, `2026-${month}-01`));
  expect(list([gauge('light', 'contact-light')], creeping)).toEqual([
    {
      of: { kind: 'gauge', gaugeId: 'light' },
      grave: false,
      words: expect.stringMatching(/^Gauge light\. Creeps: −0\.021 mm ±0\.00\d mm from 1 Feb 2026/) as string,
    },
  ]);
});

test('touches count where a kind is due by them', () => {
  const probe = gauge('probe', 'probe');
  expect(list([probe], [size('probe', 4, '2026-11-20')], 10)).toEqual([]);
  expect(list([probe], [size('probe', 4, '2026-11-20')], 3001)[0]?.words).toMatch(/more than 3000 touches/);
});

describe('a rotary axis', () => {
  const trunnion: Machine = {
    ...startingMachine('trunnion', 'Trunnion', 'machining-centre', 'mm'),
    rotary: [{ name: 'A', sense: 1 }],
  };
  const of = { kind: 'rotary' as const, machineId: 'trunnion', axis: 'A' as const };
  const about = (found: CalibrationFound, day: string): Calibration => ({ ...row('none', found, day), of });
  const centre = (y: number, day: string) =>
    about({ what: 'centre', at: [y, -322.3], U: [0.005, 0.005], by: 'flip' }, day);
  const lines = (...calibrations: Calibration[]) =>
    dueList({ gauges: [], machines: [trunnion], calibrations, uses: [] }, NOW, 'mm');

  test('is not on the list while its centre is young, or was never found', () => {
    expect(lines()).toEqual([]);
    expect(lines(centre(108.56, '2026-10-01'))).toEqual([]);
  });

  test('is on it after a crash, after a year, and where its centre moves', () => {
    const crash = about({ what: 'void', why: 'crash' }, '2026-11-01');
    expect(lines(centre(108.56, '2026-10-01'), crash)).toEqual([
      { of, grave: true, words: 'The centre of A of Trunnion is no longer valid since a crash on 1 Nov 2026.' },
    ]);
    expect(lines(centre(108.56, '2025-10-01'))[0]?.words).toMatch(/found on 1 Oct 2025, over a year ago/);
    const moved = lines(centre(108.56, '2026-08-01'), centre(108.561, '2026-09-01'), centre(108.59, '2026-10-01'));
    expect(moved).toMatchObject([
      { of, grave: false, words: expect.stringMatching(/^A of Trunnion\. Centre, Y: Moved \+0\.0/) as string },
    ]);
  });
});
