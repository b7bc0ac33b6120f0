import type { NewMeasurement } from '../../records/log/measurement';
import { withEntries } from '../../records/kinds/merge';
import { rotate } from '../../geometry/rotate';
import { correctionWords } from '../../messages/verify/measurements';
import { deriveState } from '../basis/setupState';
import { patternHoles } from '../holes/holes';
import { plateSnapshot, rowOf, settingBody } from '../basis/snapshot.case';
import { corrections, verified } from './measurements';

const pattern = {
  id: 'screws',
  name: 'Screws',
  kind: 'points' as const,
  holeDiameter: 4.2,
  points: [
    { x: 20, y: 20 },
    { x: 160, y: 20 },
    { x: 160, y: 90 },
  ],
};
const plate = { ...plateSnapshot, patterns: [pattern] };
const holes = patternHoles(plate, pattern);

let count = 0;
const measured = (of: NewMeasurement['of'], value: number) =>
  rowOf('measurement', {
    id: `m${(count += 1)}`,
    of,
    gaugeId: plate.gauges[0]?.id ?? '',
    value,
    source: { by: 'typed', text: String(value), unit: 'mm' },
    at: '2026-11-02T10:00:00.000Z',
  });

const at = (hole: number) => ({ pattern: 'screws', hole });

/** Every hole read from part zero, as the part has it: turned, then shifted. */
const places = (turn: number, dx: number, dy: number) =>
  holes.flatMap(({ hole, x, y }) => {
    const is = rotate({ x, y }, turn);
    return [
      measured({ kind: 'place', of: at(hole), axis: 'x' }, is.x + dx),
      measured({ kind: 'place', of: at(hole), axis: 'y' }, is.y + dy),
    ];
  });

test('a part whose holes are shifted by (+0.030, −0.020): part zero goes the other way', () => {
  const book = deriveState(withEntries(plate, places(0, 0.03, -0.02)));
  const { fit } = verified(book);
  expect(fit?.shift.x).toBeCloseTo(0.03, 4);
  expect(fit?.shift.y).toBeCloseTo(-0.02, 4);
  const [shift] = corrections(book);
  expect(shift).toMatchObject({ kind: 'shift' });
  expect(shift?.kind === 'shift' && shift.x).toBeCloseTo(-0.03, 4);
});

test('holes that came out turned anticlockwise on the part: the part is turned anticlockwise', () => {
  const book = deriveState(withEntries(plate, places(0.05, 0, 0)));
  const turn = corrections(book).find(({ kind }) => kind === 'turn');
  expect(turn?.kind === 'turn' && turn.angle).toBeCloseTo(0.05, 4);
  expect(turn && correctionWords(book, turn)).toMatch(/^Turn the part by 0\.050° ±0\.\d{3}° anticlockwise/);
});

test('on a DRO the move is said, on a control the figure that is added', () => {
  const shift = { kind: 'shift' as const, x: -0.03, y: 0.02, U: 0.004 };
  const of = (kind: 'readout' | 'machining-centre') => ({
    setup: plate.setup,
    machine: { ...deriveState(plate).machine, kind },
  });
  expect(correctionWords(of('machining-centre'), shift)).toBe(
    'Work offset: add X −0.030 mm, Y +0.020 mm, each ±0.004 mm.',
  );
  expect(correctionWords(of('readout'), shift)).toBe(
    'Part zero: go to zero, move by X −0.030 mm, Y +0.020 mm, each ±0.004 mm, and set zero there.',
  );
});

test('a pocket’s floor left too high names its tool and how its row changes', () => {
  const of = { kind: 'height', name: 'Floor', should: 4, tool: 3, counts: 'depth' } as const;
  const book = deriveState(withEntries(plate, [measured(of, 3.8)]));
  const [length] = corrections(book);
  expect(length).toMatchObject({ kind: 'length', tool: 3 });
  expect(length?.kind === 'length' && length.by).toBeCloseTo(-0.2, 9);
  expect(verified(book).isIn).toBe(false);
});

test('once zero or the row was set again, the part that was made before tells nothing of it', () => {
  const later = '2026-11-03T08:00:00.000Z';
  const set = rowOf('zeroing', settingBody({ id: 'x-again', form: 'work-offset', value: -0.03, at: later }));
  const moved = withEntries(plate, places(0, 0.03, -0.02));
  expect(corrections(deriveState(moved)).map(({ kind }) => kind)).toContain('shift');
  expect(corrections(deriveState(withEntries(moved, [set])))).toEqual([]);
  const floor = { kind: 'height', name: 'Floor', should: 4, tool: 3, counts: 'depth' } as const;
  const deep = withEntries(plate, [measured(floor, 4.2)]);
  const row = { number: 3, name: 'End mill', length: -20, keptAt: later };
  const kept = { ...deep, toolTable: { id: 'mill', school: 'reference-tool' as const, rows: [row] } };
  expect(corrections(deriveState(deep)).map(({ kind }) => kind)).toEqual(['length']);
  expect(corrections(deriveState(kept))).toEqual([]);
});

test('measured again, the last one counts', () => {
  const size = { kind: 'size', of: at(1), limits: { low: 4.15, high: 4.25 } } as const;
  const book = deriveState(withEntries(plate, [measured(size, 4.3), measured(size, 4.2)]));
  expect(verified(book).sizes).toHaveLength(1);
  expect(verified(book)).toMatchObject({ isIn: true, sizes: [{ found: 4.2, isIn: true }] });
});

test('over pins and from the sides: places by least squares, what is not entered stays untold', () => {
  const book = deriveState(
    withEntries(plate, [
      measured({ kind: 'edge', of: at(1), face: 'left', pin: 4.2 }, 22.1),
      measured({ kind: 'edge', of: at(1), face: 'front', pin: 4.2 }, 22.1),
      measured({ kind: 'chord', from: at(1), to: at(2), pins: [4.2, 4.2] }, 144.25),
    ]),
  );
  const [first, second] = verified(book).holes;
  expect(first).toMatchObject({ told: true });
  expect(first?.found.x).toBeCloseTo(20, 3);
  expect(second).toMatchObject({ told: false });
  expect(verified(book).sizes.find(({ measurement }) => measurement.of.kind === 'chord')?.found).toBeCloseTo(140.05, 9);
});

test('while nothing was measured nothing is in or out', () => {
  expect(verified(deriveState(plate))).toEqual({ sizes: [], holes: [], fit: undefined, heights: [], isIn: null });
});
