import { alignmentShop as shop, configured, readPass as read } from '@zero-point/core/state/alignment/alignment.case';
import { alignmentDone, taskState } from '@zero-point/core/state/alignment/taskState';
import { alignmentView } from './view';

describe('where a task stands', () => {
  const vise = configured(shop, 'vise');

  test('goes from open to begun, off and in line', () => {
    expect(taskState(shop, 'vise')).toBe('open');
    expect(taskState(read(shop, vise, [0]), 'vise')).toBe('begun');
    expect(taskState(read(shop, vise, [0, 0.06]), 'vise')).toBe('off');
    const second = read(read(shop, vise, [0, 0.06]), vise, [0, 0.002], 2);
    expect(taskState(second, 'vise')).toBe('in line');
    expect(alignmentView(second, vise, undefined, undefined).history.map(({ pass }) => pass)).toEqual([1, 2]);
  });

  test('the station is done when something is, and nothing begun is left out of line', () => {
    expect(alignmentDone(shop)).toBe(false);
    const inLine = read(shop, vise, [0, 0.002]);
    expect(alignmentDone(inLine)).toBe(true);
    expect(alignmentDone(read(inLine, configured(shop, 'head'), [0, 0.1, 0, 0]))).toBe(false);
  });

  test('a place can be read once more when all are in', () => {
    const all = read(shop, vise, [0, 0.06]);
    expect(alignmentView(all, vise, undefined, undefined).place).toBeUndefined();
    expect(alignmentView(all, vise, undefined, 120).place).toBe(120);
    expect(alignmentView(all, vise, undefined, 77).place).toBeUndefined();
  });
});
