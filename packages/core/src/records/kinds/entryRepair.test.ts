import { Refusal } from '../../problem/problem';
import type { Entry } from './entry';
import { mended } from './entryRepair';
import { repairFields } from './entryRepairFields';

const touch = (change: object = {}): Entry =>
  ({
    kind: 'reading',
    setupId: 'plate',
    body: {
      on: 'scale',
      id: 'touch-1',
      subject: { kind: 'face', face: 'left' },
      axis: 'x',
      approach: 1,
      gaugeId: 'finder-of-another-shop',
      feeler: 0,
      place: { scale: 'readout' },
      epoch: 'first',
      value: -5.012,
      source: { by: 'typed', text: '-5.012', unit: 'mm' },
      ticked: [],
      takenAt: '2026-11-24T09:00:00.000Z',
      ...change,
    },
  }) as Entry;

const gauge = (change: object = {}): Entry =>
  ({
    kind: 'gauge',
    setupId: '',
    version: 'v2',
    began: 'v1',
    body: { id: 'pin', name: 'Pin', kind: 'pin', nominal: 6, ...change },
  }) as Entry;

/** The sentence a refusal gives, and the field it names. */
function refusalOf(work: () => unknown): string {
  try {
    work();
  } catch (error) {
    if (error instanceof Refusal) return `${error.field}: ${error.message}`;
    throw error;
  }
  return 'not refused';
}

describe('what of a refused entry can be put right', () => {
  test('a gauge the shop has not, and the figure as it was typed', () => {
    const fields = repairFields(touch(), [{ field: 'gaugeId', message: 'names no gauge of this shop' }]);
    expect(fields).toEqual([
      {
        field: 'gaugeId',
        says: 'names no gauge of this shop',
        as: 'thing',
        kind: 'gauge',
        text: 'finder-of-another-shop',
      },
      { field: 'value', as: 'length', unit: 'mm', text: '-5.012' },
    ]);
  });

  test('the figure once, where it is itself what is wrong', () => {
    expect(repairFields(touch(), [{ field: 'value', message: 'is beyond 10 m' }])).toEqual([
      { field: 'value', says: 'is beyond 10 m', as: 'length', unit: 'mm', text: '-5.012' },
    ]);
  });

  test('a field of a document, which an address of the interface puts under its body', () => {
    expect(repairFields(gauge({ nominal: -6 }), [{ field: 'body.nominal', message: 'must be over 0' }])).toEqual([
      { field: 'nominal', says: 'must be over 0', as: 'number', text: '-6' },
    ]);
  });

  test('a time that a wrong clock gave', () => {
    const fields = repairFields(touch(), [{ field: 'takenAt', message: 'is 1970-01-01' }]);
    expect(fields[0]).toMatchObject({ field: 'takenAt', as: 'words', text: '2026-11-24T09:00:00.000Z' });
    const right = mended(touch(), fields, { takenAt: '2026-12-02T09:30:00Z' }, 'touch-2');
    expect(right.body).toMatchObject({ id: 'touch-2', takenAt: '2026-12-02T09:30:00Z' });
    expect(() => mended(touch(), fields, { takenAt: 'yesterday' }, 'touch-2')).toThrow(/date and time/);
  });

  test('never an id or a whole table', () => {
    const errors = ['id', 'epoch', 'subject', 'place', 'subject.kind'].map((field) => ({
      field,
      message: 'no',
    }));
    expect(repairFields(touch(), errors).map(({ field }) => field)).toEqual(['value']);
  });
});

describe('a refused entry put right', () => {
  const errors = [{ field: 'gaugeId', message: 'names no gauge of this shop' }];

  test('names another gauge under an id of its own, and is the same otherwise', () => {
    const entry = touch();
    const right = mended(
      entry,
      repairFields(entry, errors),
      { gaugeId: 'spring-finder-10', value: '-5.012' },
      'touch-2',
    );
    expect(right).toEqual(touch({ gaugeId: 'spring-finder-10', id: 'touch-2' }));
  });

  test('takes another figure in the unit it was typed in, and keeps the text', () => {
    const entry = touch({ value: 12.7, source: { by: 'typed', text: '.5', unit: 'in' } });
    const right = mended(entry, repairFields(entry), { value: '1/2 + 0.002' }, 'touch-2');
    expect(right.body).toMatchObject({
      value: 12.7508,
      source: { by: 'typed', text: '1/2 + 0.002', unit: 'in' },
    });
  });

  test('keeps the place on the part that lies between a control’s zero and what was touched', () => {
    const entry = touch({ value: 30, source: { by: 'control', text: '-10', unit: 'mm', place: 40 } });
    expect(mended(entry, repairFields(entry), { value: '-12' }, 'touch-2').body).toMatchObject({ value: 28 });
  });

  test('of a document makes a version of its own that begins where the refused one did', () => {
    const entry = gauge({ nominal: -6 });
    const fields = repairFields(entry, [{ field: 'body.nominal', message: 'must be over 0' }]);
    expect(mended(entry, fields, { nominal: '6,5' }, 'v3')).toMatchObject({
      version: 'v3',
      began: 'v1',
      body: { id: 'pin', nominal: 6.5 },
    });
  });

  test('is refused again, by its field, while it is still wrong', () => {
    const entry = touch();
    const fields = repairFields(entry, errors);
    expect(refusalOf(() => mended(entry, fields, { value: '1,234.5' }, 'b'))).toMatch(/^value: /);
    expect(refusalOf(() => mended(entry, fields, { gaugeId: '' }, 'b'))).toMatch(/^gaugeId: /);
    const pin = gauge();
    const size = repairFields(pin, [{ field: 'nominal', message: 'no' }]);
    expect(refusalOf(() => mended(pin, size, { nominal: 'six' }, 'b'))).toBe(
      'nominal: is not a number; use digits and a point',
    );
    expect(refusalOf(() => mended(pin, size, { nominal: '-6' }, 'b'))).toMatch(/^nominal: /);
  });
});
