import type { Entry } from '../../records/kinds/entry';
import type { NewReadBack } from '../../records/log/readBack';
import type { NewZeroing } from '../../records/log/zeroing';
import { readBackQuestion, readBackTrouble } from '../../messages/zAndTools/readBack';
import { openReadBacks, readBackOf } from './readBack';
import { bookOf, plateSnapshot, presetDone, caseReading, rowOf } from '../basis/snapshot.case';

const LEFT = { kind: 'face', face: 'left' } as const;
const Z = { kind: 'z-zero', tool: 1 } as const;

const touched = (value: number) => rowOf('reading', caseReading(LEFT, value));
const set = (value: number, id: string, change: Partial<NewZeroing> = {}) =>
  rowOf('zeroing', { ...presetDone(LEFT, 'x', value, id), id, ...change });
const saw = (zeroingId: string, shown: number, id = `saw ${shown}`): Entry =>
  rowOf('readBack', {
    id: id.replaceAll(/[^a-z0-9]/g, '-'),
    of: { kind: 'setting', zeroingId },
    shown,
    source: { by: 'typed', text: String(shown), unit: 'mm' },
    at: '2026-11-26T10:00:00.000Z',
  } satisfies NewReadBack);

const stateOf = (entries: Entry[], snapshot = plateSnapshot) => readBackOf(bookOf(snapshot, entries), 'x');

describe('a setting is looked at', () => {
  test('nobody looked yet, then it shows what it must, within half a step', () => {
    expect(stateOf([touched(31.2), set(-5, 'a')])).toMatchObject({ expected: -5, shown: undefined, agrees: undefined });
    expect(stateOf([touched(31.2), set(-5, 'a'), saw('a', -5.0025)])).toMatchObject({ agrees: true, slips: [] });
    expect(stateOf([touched(31.2), set(-5, 'a'), saw('a', -5.004)])?.agrees).toBe(false);
  });

  test('what was read last counts, and only of the setting in force', () => {
    const entries = [touched(31.2), set(-5, 'a'), saw('a', 5), saw('a', -5)];
    expect(stateOf(entries)?.agrees).toBe(true);
    expect(stateOf([...entries, set(-6, 'b')])?.shown).toBeUndefined();
  });

  test.each([
    ['moved or left, not set', 31.2, ['not-set']],
    ['the sign, or the radius twice, which is the same here', 5, ['sign', 'radius']],
    ['inches', -5 / 25.4, ['unit']],
    ['the radius once more', -10, ['radius']],
    ['the other way', 0, ['radius']],
    ['nothing that fits', 77.7, ['unknown']],
  ])('%s', (_, shown, slips) => {
    expect(stateOf([touched(31.2), set(-5, 'a'), saw('a', shown)])?.slips).toEqual(slips);
  });

  test('the figure of another work offset', () => {
    const offset = (name: string, value: number) =>
      set(value, name, { form: 'work-offset', place: { scale: 'readout', workOffset: name }, opens: undefined });
    const book = bookOf({ ...plateSnapshot, setup: { ...plateSnapshot.setup, workOffset: 'G55' } }, [
      touched(31.2),
      offset('G54', 104),
      offset('G55', 36.2),
      saw('G55', 104),
    ]);
    expect(readBackOf(book, 'x')?.slips).toEqual(['other-offset']);
  });

  test('Z: the gauge left out, another plate’s thickness, the lift left in', () => {
    const plate = { id: 'plate', name: 'Plate', kind: 'touch-plate', nominal: 12.7 } as const;
    const measured = {
      id: 'plate-size',
      of: { kind: 'gauge', gaugeId: 'plate' },
      found: { what: 'size', value: 12.42 },
      from: '2026-01-01T00:00:00.000Z',
      at: '2026-01-01T00:00:00.000Z',
      seq: 2,
      receivedAt: '2026-01-01T00:00:00.000Z',
    } as const;
    const slips = (shown: number, lift = 0) =>
      readBackOf(
        bookOf(
          {
            ...plateSnapshot,
            gauges: [...plateSnapshot.gauges, plate],
            calibrations: [...plateSnapshot.calibrations, measured],
          },
          [
            rowOf('reading', caseReading(Z, 40, { gaugeId: 'plate' })),
            rowOf('zeroing', { ...presetDone(Z, 'z', 12.42, 'z'), id: 'z', lift }),
            saw('z', shown),
          ],
        ),
        'z',
      )?.slips;
    expect(slips(0)).toEqual(['gauge']);
    expect(slips(12.7)).toEqual(['plate-entry']);
    expect(slips(17.42, 5)).toEqual(['lift']);
  });
});

test('a tap on “yes” agrees in inches too: the figure shown there is rounded to a tenth of a thou', () => {
  const axis = { step: 0.001, travel: 400 };
  const inches = {
    ...plateSnapshot,
    setup: { ...plateSnapshot.setup, units: 'in' as const },
    machine: { ...plateSnapshot.machine, axes: { x: axis, y: axis, z: axis } },
  };
  // 5 mm are 0.19685 in; shown and typed as 0.1969.
  expect(stateOf([set(5, 'a'), saw('a', 0.1969 * 25.4)], inches)?.agrees).toBe(true);
  expect(stateOf([set(5, 'a'), saw('a', 0.1971 * 25.4)], inches)?.agrees).toBe(false);
});

describe('it is asked for a day', () => {
  const book = bookOf(plateSnapshot, [touched(31.2), set(-5, 'a', { at: '2026-11-26T09:00:00.000Z' })]);

  test('while nobody looked, not after a night', () => {
    expect(openReadBacks(book, Date.parse('2026-11-26T10:00:00.000Z')).map(({ axis }) => axis)).toEqual(['x']);
    expect(openReadBacks(book, Date.parse('2026-11-27T10:00:00.000Z'))).toEqual([]);
  });

  test('in a sentence, and what is wrong with what to do', () => {
    const [open] = openReadBacks(book, Date.parse('2026-11-26T10:00:00.000Z'));
    expect(open && readBackQuestion(open, 'mm')).toBe('X was set. Does it show −5.000 mm there?');
    const wrong = stateOf([touched(31.2), set(-5, 'a'), saw('a', 5)]);
    expect(wrong && readBackTrouble(wrong, 'mm')).toBe(
      'X shows 5.000 mm, not −5.000 mm: wrong sign; or it is off by the contact’s radius. Set it to −5.000 mm and look again, before anything moves.',
    );
  });
});
