import type { Alignment } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import { alignmentShop, configured, readPass } from './alignment.case';
import { cautionsBefore, cautionsOfMoving } from './cautions';
import type { SetupState } from '../basis/setupState';
import { alignmentPass } from './taskAnswer';

const before = (task: AlignmentTask, change: object = {}, book = alignmentShop) =>
  cautionsBefore(book, configured(book, task, change)).map(({ id }) => id);

/** The shop with this kind of finder in hand. */
const finding = (kind: string, of: object = {}): SetupState =>
  ({
    ...alignmentShop,
    gauges: [...alignmentShop.gauges, { id: 'in-hand', name: 'In hand', kind, nominal: 10, ...of }],
    setup: { ...alignmentShop.setup, finderId: 'in-hand' },
  }) as SetupState;

describe('before the first reading', () => {
  test('an indicator is read with the spindle stopped', () => {
    for (const task of ['vise', 'centre', 'chuck', 'level'] as const)
      expect(before(task)).toEqual(['indicator-spindle-stopped']);
  });

  test('a face touched with an edge finder: it turns, and nobody is told to stop it', () => {
    expect(before('skew', {}, finding('spring-finder'))).toEqual(['finder-speed', 'raise-z-first']);
    expect(before('skew', {}, finding('bearing-finder'))).toContain('ring-finder-speed');
    expect(before('skew', {}, finding('pin'))).toContain('spindle-stopped');
  });

  test('with nothing in hand that touches sideways Z is raised all the same', () => {
    expect(before('skew', {}, finding('caliper'))).toEqual(['raise-z-first']);
  });

  test('a plug: in a collet, and out before the spindle turns; no word of an indicator', () => {
    expect(before('centre', { school: 'plug' })).toEqual(['plug-stopped', 'plug-in-collet']);
  });

  test('a chuck read with the table still turns nothing', () => {
    expect(before('chuck')).toEqual(['indicator-spindle-stopped']);
  });

  test.each([
    ['head', alignmentShop, 'head-heavy', {}],
    ['skew', finding('touch-plate'), 'plate-clip', {}],
    ['chuck', alignmentShop, 'before-turning-chuck', { standing: false }],
  ] as const)('%s: what hurts must be ticked', (task, book, id, change) => {
    const must = cautionsBefore(book, configured(book, task, change)).filter(({ mustTick }) => mustTick);
    expect(must.map((one) => one.id)).toEqual([id]);
  });
});

describe('while it is moved', () => {
  const moving = (task: AlignmentTask, values: number[], change: object = {}) => {
    const alignment: Alignment = configured(alignmentShop, task, change);
    const book = readPass(alignmentShop, alignment, values);
    const { answer } = alignmentPass(book, alignment, 1);
    if (!answer) throw new Error('not everything was read');
    return cautionsOfMoving(book, alignment, answer).map(({ id }) => id);
  };

  test('each by what is tapped, and nothing said twice', () => {
    expect(moving('vise', [0, 0.1])).toEqual(['soft-tap']);
    expect(moving('chuck', [0, 0.1, 0, 0])).toEqual(['soft-tap-chuck']);
    expect(moving('skew', [-3.812, -2.811])).toEqual(['soft-tap-part']);
    expect(moving('level', [0, 0.1])).toEqual([]);
    expect(moving('head', [0, 0.1, 0, 0.1])).toEqual([]);
    expect(moving('centre', [62, 58], { school: 'plug' })).toEqual([]);
  });
});
