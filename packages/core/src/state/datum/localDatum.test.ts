import { carriedRotation } from './partRotation';
import { currentEpoch, lastZeroing } from '../basis/activeRecords';
import { datumInForce, isOnScale } from './localDatum';
import { bookOf, plateSnapshot, presetDone } from '../basis/snapshot.case';
import type { NewZeroing } from '../../records/log/zeroing';
import type { SetupState } from '../basis/setupState';
import { featureKey, featureOf } from '../../datum/feature';

const setupId = plateSnapshot.setup.id;
const bore = { id: 'bore', name: 'Bearing bore', at: { x: 62, y: 58 } };
const base = bookOf({ ...plateSnapshot, datumPlan: { ...plateSnapshot.datumPlan, local: [bore] } });

const set = (book: SetupState, ...bodies: NewZeroing[]): SetupState =>
  bookOf(
    book,
    bodies.map((body) => ({ kind: 'zeroing' as const, setupId, body })),
  );
const to = (datum: string, axis: 'x' | 'y', epoch: string): NewZeroing => ({
  ...presetDone({ kind: 'face', face: 'left' }, axis, 0, epoch),
  subject: { kind: 'datum', datum },
});

describe('a local datum', () => {
  test('is in force once both axes were set to it, and no more once they are set back', () => {
    expect(datumInForce(base)).toBeUndefined();
    const half = set(base, to('bore', 'x', 'x-2'));
    expect(datumInForce(half)).toBeUndefined();
    const there = set(half, to('bore', 'y', 'y-2'));
    expect(datumInForce(there)?.name).toBe('Bearing bore');
    expect(isOnScale(there, { x: 85.1822, y: 64.2117 })).toEqual({
      x: expect.closeTo(23.1822, 9),
      y: expect.closeTo(6.2117, 9),
    });
    const back = set(there, to('main', 'x', 'x-3'), to('main', 'y', 'y-3'));
    expect(datumInForce(back)).toBeUndefined();
    expect(isOnScale(back, { x: 85, y: 64 })).toEqual({ x: 85, y: 64 });
  });

  test('turns with a part whose skew is carried', () => {
    const carried = { from: 'corner.front-left', readings: [], told: { angle: 90, U: 0.01 } };
    const turned = bookOf({ ...base, datumPlan: { ...base.datumPlan, carried } });
    expect(carriedRotation(turned)).toEqual({ angle: 90, U: 0.01 });
    const there = set(turned, to('bore', 'x', 'x-2'), to('bore', 'y', 'y-2'));
    expect(isOnScale(there, { x: -58, y: 62 })).toEqual({ x: expect.closeTo(0, 9), y: expect.closeTo(0, 9) });
  });
});

describe('scales and their epochs', () => {
  const inc = bookOf({ ...base, setup: { ...base.setup, scale: 'incremental' } });

  test('each scale counts its own: zeroing INC leaves ABS as it was', () => {
    const place = { scale: 'incremental' as const };
    const zeroed = presetDone({ kind: 'face', face: 'left' }, 'x', 0, 'x-2', { place });
    const after = set(inc, zeroed);
    expect(currentEpoch(after, 'x')).toBe('x-2');
    const abs = bookOf({ ...after, setup: base.setup });
    expect(currentEpoch(abs, 'x')).toBe('first');
    expect(lastZeroing(abs, 'x')).toBeUndefined();
  });

  test('a zero that was lost unsets its axis and opens an epoch', () => {
    const was = set(base, presetDone({ kind: 'face', face: 'left' }, 'x', -5, 'x-2'));
    expect(lastZeroing(was, 'x')?.value).toBe(-5);
    const lost: NewZeroing = { ...to('main', 'x', 'x-3'), form: 'lost', subject: { kind: 'lost', why: 'by-mistake' } };
    const after = set(was, lost);
    expect(lastZeroing(after, 'x')).toBeUndefined();
    expect(currentEpoch(after, 'x')).toBe('x-3');
  });
});

test('every feature’s key leads back to it, and a key of nothing to nothing', () => {
  const part = {
    ...plateSnapshot.part,
    holes: [{ x: 8, y: 8, diameter: 5 }],
    shapes: [
      { kind: 'pocket' as const, id: 'slot', name: 'slot', from: { x: 20, y: 20 }, to: { x: 60, y: 32 } },
      { kind: 'boss' as const, id: 'hub', name: 'hub', at: { x: 100, y: 60 }, diameter: 20 },
    ],
  };
  for (const key of [
    'face.left',
    'face.back.slot',
    'corner.front-left',
    'corner.back-right.slot',
    'middle.x',
    'middle.y.slot',
    'round.hole-1',
    'round.hub',
    'line.hole-1.hub',
  ]) {
    const feature = featureOf(part, key);
    expect(feature && featureKey(feature)).toBe(key);
  }
  for (const key of [
    '',
    'face',
    'face.top',
    'face.left.gone',
    'round.hole-2',
    'line.hub.hub',
    'middle.z',
    'corner.left',
  ]) {
    expect(featureOf(part, key)).toBeUndefined();
  }
});
