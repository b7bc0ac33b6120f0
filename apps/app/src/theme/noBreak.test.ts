import fc from 'fast-check';
import { createElement } from 'react';
import { plainText, splitNoBreak } from './noBreak';

const wholes = (text: string) => splitNoBreak(text).flatMap((piece) => (piece.whole ? [piece.text] : []));

test.each([
  ['Set X to −5.012 mm while it touches.', ['−5.012 mm']],
  ['The bore is 26.012 mm ±0.008 mm across', ['26.012 mm', '±0.008 mm']],
  ['Stand at X +62.000 mm, Y +58.000 mm', ['X +62.000 mm', 'Y +58.000 mm']],
  ['±0.0005 in at 95 %', ['±0.0005 in']],
  ['about 1000 rpm, 120 mm/min down', ['1000 rpm', '120 mm/min']],
  ['2 of 12, 0 done. ⌀ 4.200 mm: spot 2.250 mm deep.', ['⌀ 4.200 mm', '2.250 mm']],
])('%s', (text, expected) => expect(wholes(text)).toEqual(expected));

test('a unit alone, a figure alone and a word that begins like a unit stay as they are', () => {
  for (const text of ['in millimetres', 'hole 12', 'tool 3 inside it', '4 minutes', ''])
    expect(wholes(text)).toEqual([]);
});

test('nothing is added and nothing is lost', () => {
  fc.assert(
    fc.property(
      fc.array(fc.oneof(fc.string(), fc.constantFrom('12.7 mm', ' in ', '±', '−0.5 in', 'X ')), { maxLength: 12 }),
      (parts) => {
        const text = parts.join('');
        const pieces = splitNoBreak(text);
        expect(pieces.map((piece) => piece.text).join('')).toBe(text);
        for (const { text: piece, whole } of pieces) if (whole) expect(piece).toMatch(/\d.* \S+$/);
      },
    ),
  );
});

test('what is put together of words and figures is one text; with more in it, it is none', () => {
  expect(plainText(['±', 0.012, ' mm'])).toBe('±0.012 mm');
  expect(plainText('a')).toBe('a');
  expect(plainText(undefined)).toBe('');
  expect(plainText(['a', createElement('b')])).toBeUndefined();
});
