import { deriveState } from '../../state/basis/setupState';
import type { Calibration } from '../../records/shop/calibration';
import type { Machine } from '../../records/shop/machine';
import { wheelOf } from '../handwheel';
import { handAt, standBefore, touchesOf } from '../hands/hand';
import { mark } from '../marking/mark';
import { act } from '../mill/reduceMill';
import { hide } from '../mill/hiddenTruth';
import { createMill } from '../mill/mill';
import { shows } from '../mill/scaleReading';
import { millLike, ownPlay, type OwnMachine } from './ownPlay';

const AT = '2026-11-27T09:00:00.000Z';

const axis = { step: 0.01, travel: 300 };
const dialled = { ...axis, dial: { perTurn: 2.54, lines: 100, countsUp: 'clockwise' } } as const;

const ROUTER: Machine = {
  id: 'router',
  name: 'Long router',
  kind: 'router',
  units: 'mm',
  axes: { x: axis, y: axis, z: axis },
  habits: { answerFirst: 'work-offset', toolLengthSchool: 'touch-every-change' },
  scale: 'machine',
  homing: 'homes',
  retiredOn: '2026-01-01',
};

const DIALS: Machine = { ...ROUTER, id: 'dials', name: 'Old mill', kind: 'dials', scale: 'dial', homing: 'none', axes: { x: dialled, y: dialled, z: axis } }; // prettier-ignore

const TILTING: Machine = { ...ROUTER, id: 'tilting', kind: 'machining-centre', homing: 'absolute', rotary: [{ name: 'A', sense: -1 }] }; // prettier-ignore

const known = (one: Partial<Calibration>): Calibration =>
  ({ id: 'c', from: AT, at: AT, seq: 1, receivedAt: AT, ...one }) as Calibration;

const backlash = (value: number, at = AT) =>
  known({ of: { kind: 'axis', machineId: 'dials', axis: 'x' }, at, found: { what: 'backlash', value, U: 0.01, fromMinus: [], fromPlus: [] } }); // prettier-ignore

const own = (machine: Machine, calibrations: readonly Calibration[] = []): OwnMachine => ({ machine, calibrations });

test('a mill like the shop’s own: its step, its wheels, the play that was found, the axes it has', () => {
  const mill = millLike(own(DIALS, [backlash(0.31)]));
  expect(mill).toMatchObject({ reads: 'screw', play: { x: 0.31 }, step: { x: 0.0254, z: 0.01 } });
  expect(wheelOf(mill, 'x')).toMatchObject({ perTurn: 2.54, lines: 100 });
  const start = createMill(mill, hide(mill, 3));
  expect(shows(act(start, { do: 'move', axis: 'x', by: 0.06 }), 'x')).toBeCloseTo(0.0508, 9);
  expect(millLike(own({ ...DIALS, without: ['x'] })).axes).toEqual(['y', 'z']);
});

test('a control has no play and homes where it says so; a tilting table stands where there is an A', () => {
  expect(millLike(own(ROUTER))).toMatchObject({ reads: 'table', play: { x: 0, y: 0, z: 0 }, homes: 0.012 });
  expect(millLike(own(TILTING))).toMatchObject({ work: 'tilt' });
  expect(millLike(own(TILTING)).homes).toBeUndefined();
  expect(millLike(own(TILTING)).bore).toBeUndefined();
});

test('its notebook is a copy under another name: nothing of the shop’s is meant by it', () => {
  const sense = known({ of: { kind: 'rotary', machineId: 'tilting', axis: 'A' }, found: { what: 'sense', value: -1 } });
  const centre = known({ of: { kind: 'rotary', machineId: 'tilting', axis: 'A' }, found: { what: 'centre', at: [1, 2], U: [0, 0], by: 'flip' } }); // prettier-ignore
  const snapshot = ownPlay('own-a', own(TILTING, [sense, centre])).snapshot('practice-own-a-1', AT);
  expect(snapshot.machine).toMatchObject({ id: 'practice-own', name: ROUTER.name });
  expect(snapshot.setup).toMatchObject({ machineId: 'practice-own', purpose: 'practice' });
  // Which way it counts holds for a mill like it, where its axis lies does not.
  expect(snapshot.calibrations.map(({ found }) => found.what)).toEqual(['sense']);
  expect(deriveState(snapshot).machine.rotary?.[0]?.sense).toBe(-1);
  expect('retiredOn' in ownPlay('own-b', own(ROUTER)).snapshot('practice-own-b-1', AT).machine).toBe(false);
});

test('the play that the shop found is the play the notebook reckons with, also when it was found later than the lesson began', () => {
  const later = backlash(0.31, '2027-01-01T00:00:00.000Z');
  const book = deriveState(ownPlay('own-a', own(DIALS, [later])).snapshot('practice-own-a-1', AT));
  expect(book.machine.axes.x.backlash?.value).toBe(0.31);
});

test('what is set there is marked, on any of them', () => {
  for (const machine of [ROUTER, DIALS]) {
    const lesson = ownPlay('own-a', own(machine));
    const hand = handAt(createMill(lesson.mill, hide(lesson.mill, 5)));
    hand.do({ do: 'hold', contact: 'lamp-finder-10' });
    standBefore(hand, 'left');
    touchesOf(hand, 'left', 1);
    hand.do({ do: 'set', axis: 'x', value: -5 });
    const marks = mark(lesson, hand.mill(), deriveState(lesson.snapshot('practice-own-a-1', AT)), 1);
    expect(marks.axes).toHaveLength(1);
    expect(Math.abs(marks.axes[0]?.error ?? NaN)).toBeLessThan(0.06);
  }
});
