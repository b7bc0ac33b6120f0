import { machine } from '../shop/machine.schema';
import { parseStored } from './storedBody';
import { name } from '../../schema/quantities';
import { workOffsetName } from '../values/place.schema';
import { z } from 'zod';

const thing = z.object({ name, holes: z.array(z.object({ name })).optional(), note: z.string().optional() });

test('a name has no line ends and no signs that cannot be seen', () => {
  for (const bad of ['Plate\nG0 Z-50', 'Plate\r', 'a\u0000b', 'a\u2028b', 'a\u202eb'])
    expect(name.safeParse(bad).success).toBe(bad.trim() === 'Plate');
  expect(name.safeParse('Größe ⌀ 5 × 2 (rund), “best”').success).toBe(true);
});

test('a work offset is a word, not a line of a program', () => {
  expect(['G54', 'G54.1 P3', 'E 12', 'offset-2'].every((one) => workOffsetName.safeParse(one).success)).toBe(true);
  expect(['G54\nM3', 'G54)', '(x', 'G54;'].some((one) => workOffsetName.safeParse(one).success)).toBe(false);
});

test('what an older program let through is read as one line; notes keep theirs', () => {
  expect(parseStored(thing, { name: 'Plate\nG0 Z-50', holes: [{ name: 'a\tb' }], note: 'one\ntwo' })).toEqual({
    name: 'Plate G0 Z-50',
    holes: [{ name: 'a b' }],
    note: 'one\ntwo',
  });
  expect(parseStored(thing, { name: '\u0001' }).name).toBe('-');
});

test('what is not of its kind is still refused', () => {
  expect(() => parseStored(machine, { id: 'x' })).toThrow();
});
