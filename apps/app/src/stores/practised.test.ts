import { deviceStorage } from '../cache/deviceStorage';
import { usePractised } from './practised';

beforeEach(() => usePractised.setState({ practised: [], people: [], person: '' }));

const went = (session: string, passed = true) =>
  usePractised.getState().keep({ session, lesson: 'left-edge', at: '2026-11-27T09:00:00.000Z', passed, slips: [] });

const kept = (key: string): unknown => JSON.parse(deviceStorage.getItem(key) ?? 'null');

test('how lessons went is kept, the last two hundred', () => {
  for (let i = 0; i < 205; i += 1) went(`s${i}`, i > 203);
  const { practised } = usePractised.getState();
  expect(practised).toHaveLength(200);
  expect(practised.at(-1)?.passed).toBe(true);
  // Marked again, it is the same time through.
  went('s204', false);
  expect(usePractised.getState().practised).toHaveLength(200);
  expect(usePractised.getState().practised.at(-1)?.passed).toBe(false);
  expect(kept('zero-point.practised')).toHaveLength(200);
});

test('each has progress of his own, and one who practises a lot pushes nobody out', () => {
  went('nobody');
  usePractised.getState().add('Ida');
  for (let i = 0; i < 205; i += 1) went(`i${i}`);
  usePractised.getState().add('Bo');
  went('b1');
  const by = (who: string | undefined) => usePractised.getState().practised.filter((one) => one.who === who).length;
  expect([by(undefined), by('Ida'), by('Bo')]).toEqual([1, 200, 1]);
  expect(kept('zero-point.practised-by')).toEqual({ people: ['Ida', 'Bo'], person: 'Bo' });
  usePractised.getState().choose('Ida');
  expect(usePractised.getState().person).toBe('Ida');
});

test('a name is on the list once, and forgotten it takes its progress with it, and nobody else’s', () => {
  const { add, choose, forget } = usePractised.getState();
  add('Ida');
  went('i1');
  add('Bo');
  add('Ida');
  expect(usePractised.getState().people).toEqual(['Bo', 'Ida']);
  choose('Bo');
  went('b1');
  forget('Ida');
  expect(usePractised.getState()).toMatchObject({ people: ['Bo'], person: 'Bo' });
  expect(usePractised.getState().practised.map(({ session }) => session)).toEqual(['b1']);
  forget('Bo');
  expect(usePractised.getState()).toMatchObject({ people: [], person: '', practised: [] });
});
