import { indexCsv, offsetLines } from '../../formats/indexFiles';
import type { Entry } from '../../records/kinds/entry';
import type { CalibrationFound } from '../../records/shop/calibration';
import type { Machine } from '../../records/shop/machine';
import { withEntries } from '../../records/kinds/merge';
import type { PartIndex } from '../../records/setup/indexPlan';
import { camWords, lackWords } from '../../messages/rotary/indexTable';
import { deriveState, type SetupState } from '../basis/setupState';
import { indexState } from './indexTable';
import { plateSnapshot, caseReading } from '../basis/snapshot.case';

const setupId = plateSnapshot.setup.id;
const trunnion: Machine = {
  ...plateSnapshot.machine,
  kind: 'machining-centre',
  scale: 'machine',
  rotary: [
    { name: 'C', sense: 1 },
    { name: 'A', sense: 1, limits: { from: -110, to: 110 } },
  ],
};
let rows = 0;
const found = (axis: 'A' | 'C', what: CalibrationFound): Entry => ({
  kind: 'calibration',
  setupId: '',
  body: {
    id: `rotary-${(rows += 1)}`,
    of: { kind: 'rotary', machineId: trunnion.id, axis },
    found: what,
    from: '2026-11-01T08:00:00.000Z',
    at: '2026-11-01T08:00:00.000Z',
  },
});
const KNOWN = [
  found('C', { what: 'sense', value: 1 }),
  found('A', { what: 'sense', value: 1 }),
  found('C', { what: 'centre', at: [2, -1.5], U: [0.004, 0.004], by: 'bore' }),
  found('A', { what: 'centre', at: [-1, -60.25], U: [0.005, 0.008], by: 'flip' }),
];
const at = (index?: { A?: number }) => ({ scale: 'machine' as const, index });
const take = (...args: Parameters<typeof caseReading>): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(...args),
});
/** Part zero at X 40, Y 12, Z 5 in machine coordinates: a finder of 10, a block of 10. */
const touches = (index?: { A?: number }) => [
  take({ kind: 'face', face: 'left' }, 35, at()),
  take({ kind: 'face', face: 'front' }, 7, at(index)),
  take({ kind: 'z-zero', tool: 1 }, 15, at()),
];
const plan = (
  indices: PartIndex[],
  school: 'follows' | 'centre' | 'per-index' = 'per-index',
  toolInZ: { length: number; U: number } | undefined = { length: 0, U: 0 },
): Entry => ({
  kind: 'indexPlan',
  setupId,
  version: 'a',
  began: 'first',
  body: { school, indices, ...(toolInZ && { toolInZ }) },
});
const THREE: PartIndex[] = [
  { id: 'top', name: 'Top', workOffset: 'G54' },
  { id: 'front', name: 'Front', A: -30, workOffset: 'G55' },
  { id: 'right', name: 'Right', A: -30, C: 90, workOffset: 'G56' },
];
const open = (...entries: Entry[]): SetupState =>
  deriveState(withEntries({ ...plateSnapshot, machine: trunnion }, entries));

test('part zero at every index, from what was touched and what the shop knows of its axes', () => {
  const { table, lacks } = indexState(open(...KNOWN, ...touches(), plan(THREE)));
  expect(lacks).toEqual([]);
  expect(table?.rows.map(({ datum }) => [datum.x, datum.y, datum.z].map((mm) => Number(mm.toFixed(4))))).toEqual([
    [40, 12, 5],
    [40, -22.3667, 2.7582],
    [15.5, -66.967, -22.9918],
  ]);
  const [top, , right] = table?.rows ?? [];
  expect(right?.U.y).toBeGreaterThan(top?.U.y ?? 1);
});

test('what is wanted is said in the order it is mended, and no offset is told until then', () => {
  const state = indexState(open(...KNOWN.slice(1, 3), take({ kind: 'face', face: 'left' }, 35, at()), plan(THREE)));
  expect(state.table).toBeUndefined();
  expect(state.lacks).toEqual([
    { code: 'sense', axis: 'C' },
    { code: 'centre', axis: 'A' },
    { code: 'zero', axis: 'y' },
    { code: 'zero', axis: 'z' },
  ]);
  expect(state.lacks.map((lack) => lackWords(lack, 'Knee mill')).join(' ')).toMatch(
    /make its trial turn.*centre of A.*Y of part zero/,
  );
});

describe('the reference tool that is still in Z', () => {
  const LONG = { length: 118.4, U: 0.01 };
  /** The same part, touched with a tool of that length: Z shows as much more. */
  const longer = [
    take({ kind: 'face', face: 'left' }, 35, at()),
    take({ kind: 'face', face: 'front' }, 7, at()),
    take({ kind: 'z-zero', tool: 1 }, 15 + LONG.length, at()),
  ];

  test('no offset is told until its length is', () => {
    const told = plan(THREE) as Extract<Entry, { kind: 'indexPlan' }>;
    const untold: Entry = { ...told, body: { school: 'per-index', indices: THREE } };
    const { lacks, table } = indexState(open(...KNOWN, ...longer, untold));
    expect(lacks).toEqual([{ code: 'length', tool: 1 }]);
    expect(table).toBeUndefined();
    expect(lackWords({ code: 'length', tool: 1 }, 'Knee mill')).toMatch(/still has tool 1 in it/);
  });

  test('it is off while the part turns, and in the offset again: X and Y as without it, Z longer by it at every index', () => {
    const bare = indexState(open(...KNOWN, ...touches(), plan(THREE))).table?.rows ?? [];
    const rows = indexState(open(...KNOWN, ...longer, plan(THREE, 'per-index', LONG))).table?.rows ?? [];
    expect(rows).toHaveLength(3);
    rows.forEach(({ datum, moved }, i) => {
      expect(datum.x).toBeCloseTo(bare[i]?.datum.x ?? NaN, 9);
      expect(datum.y).toBeCloseTo(bare[i]?.datum.y ?? NaN, 9);
      expect(datum.z).toBeCloseTo((bare[i]?.datum.z ?? NaN) + LONG.length, 9);
      expect(moved.z).toBeCloseTo(bare[i]?.moved.z ?? NaN, 9);
    });
    // What is not known of its length is nothing at no turn, and swings part zero sideways at one.
    expect(rows[0]?.U.z).toBeCloseTo(bare[0]?.U.z ?? NaN, 4);
    expect(rows[1]?.U.y).toBeGreaterThan((bare[1]?.U.y ?? NaN) + 0.0005);
  });

  test('forgotten, part zero would come to lie the sine of the angle times its length away', () => {
    const right = indexState(open(...KNOWN, ...longer, plan(THREE, 'per-index', LONG))).table?.rows[1];
    const wrong = indexState(open(...KNOWN, ...longer, plan(THREE))).table?.rows[1];
    expect(Math.abs((wrong?.datum.y ?? 0) - (right?.datum.y ?? 0))).toBeCloseTo(LONG.length / 2, 6);
  });

  test('with zero at the centre the CAM is told the part, not the tool', () => {
    const { table } = indexState(open(...KNOWN, ...longer, plan(THREE, 'centre', LONG)));
    expect(table?.fromCentre.z).toBeCloseTo(65.25, 9);
    expect(table?.offset?.z).toBeCloseTo(-60.25 + LONG.length, 9);
  });

  test('a school whose lengths hold the tool sets the same shift from its own work offset', () => {
    const machine: Machine = { ...trunnion, habits: { ...trunnion.habits, toolLengthSchool: 'touch-part' } };
    const book = deriveState(
      withEntries({ ...plateSnapshot, machine }, [...KNOWN, ...longer, plan(THREE, 'per-index', LONG)]),
    );
    const rows = indexState(book).table?.rows ?? [];
    expect(rows.map(({ datum }) => Number(datum.z.toFixed(4)))).toEqual([0, -2.2418, -27.9918]);
  });
});

test('a crash takes the centre away, and the way it counts stays', () => {
  const crash = { ...found('A', { what: 'void', why: 'crash' }) } as Extract<Entry, { kind: 'calibration' }>;
  const later: Entry = {
    ...crash,
    body: { ...crash.body, from: '2026-11-20T08:00:00.000Z', at: '2026-11-20T08:00:00.000Z' },
  };
  expect(indexState(open(...KNOWN, later, ...touches(), plan(THREE))).lacks).toEqual([{ code: 'centre', axis: 'A' }]);
});

test('a touch taken with an axis turned is no zero of index nothing', () => {
  const { lacks, zero } = indexState(open(...KNOWN, ...touches({ A: 30 }), plan(THREE)));
  expect(lacks).toEqual([{ code: 'turned', axis: 'y' }]);
  expect(zero.y).toBeUndefined();
  expect(zero.x?.value).toBeCloseTo(40, 9);
});

test('a DRO’s coordinates hold only while nothing turns', () => {
  const book = deriveState(
    withEntries({ ...plateSnapshot, machine: { ...trunnion, scale: 'readout' } }, [...KNOWN, plan(THREE)]),
  );
  expect(indexState(book).lacks[0]).toEqual({ code: 'other-scale' });
});

test('the CAM is told where part zero lies from the centre, and that two axes pass each other', () => {
  const { table } = indexState(open(...KNOWN, ...touches(), plan(THREE, 'centre')));
  expect(table?.offset).toMatchObject({ x: 2, y: -1, z: -60.25 });
  expect(table && camWords(table, 'mm')).toBe(
    'In the CAM part zero lies X +38.000 mm, Y +13.000 mm, Z +65.250 mm from the centre of rotation. The two axes pass each other by 0.500 mm: enter that too.',
  );
});

describe('out of the program', () => {
  const rowsOf = (indices = THREE) => indexState(open(...KNOWN, ...touches(), plan(indices))).table?.rows ?? [];

  test('as lines that set offsets, each with its sign, its angles in a remark', () => {
    expect(offsetLines(rowsOf(), 'mm').split('\n')).toEqual([
      '%',
      '(Part zero at each index)',
      'G21',
      'G90',
      'G10 L2 P1 X40.000 Y12.000 Z5.000 (Top)',
      'G10 L2 P2 X40.000 Y-22.367 Z2.758 (Front A-30.000)',
      'G10 L2 P3 X15.500 Y-66.967 Z-22.992 (Right A-30.000 C90.000)',
      '%',
      '',
    ]);
    expect(offsetLines(rowsOf(), 'in')).toMatch(/G20\nG90\nG10 L2 P1 X1\.5748 Y0\.4724 Z0\.1969/);
  });

  test('an index without an offset, or beyond a limit, gives no lines at all', () => {
    expect(() => offsetLines(rowsOf([{ id: 'a', name: 'Back', A: 30 }]), 'mm')).toThrow(/Back has no work offset yet/);
    expect(() => offsetLines(rowsOf([{ id: 'a', name: 'Under', A: 120, workOffset: 'G55' }]), 'mm')).toThrow(
      /cannot be reached/,
    );
    expect(() => offsetLines(rowsOf([{ id: 'a', name: 'Back', A: 30, workOffset: 'E7' }]), 'mm')).toThrow(
      /no line of a program sets/,
    );
  });

  test('as a table with angles, coordinates and their ±', () => {
    const [head, top, front] = indexCsv(rowsOf(), 'mm').split('\r\n');
    expect(head).toBe('index,A,B,C,offset,x,y,z,u_x,u_y,u_z,unit');
    expect(top).toMatch(/^Top,,,,G54,40\.000,12\.000,5\.000,/);
    expect(front).toMatch(/^Front,-30\.000,,,G55,40\.000,-22\.367,2\.758,.*,mm$/);
  });
});
