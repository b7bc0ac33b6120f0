import type { Machine } from '@zero-point/core/records/shop/machine';
import { COPIES, deviceStorage, forgetCopies, keysOf, PRACTICE } from '../cache/deviceStorage';
import { ownLessons } from './ownMachines';
import { isLesson, practiceId, usePractice } from './practice';

const axis = { step: 0.01, travel: 300 };

const machine = (id: string, name: string): Machine => ({
  id,
  name,
  kind: 'router',
  units: 'mm',
  axes: { x: axis, y: axis, z: axis },
  habits: { answerFirst: 'work-offset', toolLengthSchool: 'touch-every-change' },
  scale: 'machine',
  homing: 'homes',
});

const shop = (...machines: Machine[]) => ({ machines, calibrations: [] });

beforeEach(() => {
  forgetCopies(deviceStorage);
  usePractice.setState({ running: undefined });
});

test('each machine in use has free play of its own, whatever its id is', () => {
  const old = { ...machine('old', 'Old router'), retiredOn: '2026-01-01' };
  const lessons = ownLessons(shop(machine('gantry-router', 'Gantry router'), machine('0a9-7F', 'Other'), old));
  expect(lessons.map(({ title }) => title)).toEqual(['Free, on Gantry router', 'Free, on Other']);
  expect(new Set(lessons.map(({ id }) => id)).size).toBe(2);
  for (const { id } of lessons) expect(isLesson(practiceId(id, 7))).toBe(true);
});

test('a session goes on at the machine as it was when it began, also when the shop’s copy is gone or is another', () => {
  const [lesson] = ownLessons(shop(machine('gantry-router', 'Gantry router')));
  const id = practiceId(lesson?.id ?? '', 7);
  usePractice.getState().do(id, { do: 'move', axis: 'x', by: 5 });
  window.dispatchEvent(new Event('pagehide'));
  usePractice.setState({ running: undefined });
  ownLessons(shop(machine('gantry-router', 'Renamed')));
  expect(usePractice.getState().open(id)?.lesson.title).toBe('Free, on Gantry router');
  expect(usePractice.getState().open(practiceId(lesson?.id ?? '', 8))?.lesson.title).toBe('Free, on Renamed');
});

test('a device that lets go of its copies keeps none of the shop’s machines', () => {
  const [lesson] = ownLessons(shop(machine('gantry-router', 'Gantry router')));
  expect(keysOf(deviceStorage, COPIES).length).toBeGreaterThan(0);
  // A lesson that was begun on one keeps it, and goes with it; one on the mill's own machines stays.
  const ids = [practiceId(lesson?.id ?? '', 9), practiceId('left-edge', 9)];
  for (const id of ids) {
    usePractice.getState().do(id, { do: 'spin', rpm: 100 });
    window.dispatchEvent(new Event('pagehide'));
  }
  const kept = () => ids.filter((id) => deviceStorage.getItem(PRACTICE + id) !== null);
  expect(kept()).toEqual(ids);
  forgetCopies(deviceStorage);
  expect(kept()).toEqual(ids.slice(1));
  expect(isLesson(practiceId(lesson?.id ?? '', 9))).toBe(false);
});
