import { splitTerms } from './splitTerms';

const terms = (text: string) =>
  splitTerms(text).flatMap(({ text: piece, entry }) => (entry ? [[piece, entry.term]] : []));

test('the longest term counts, in any case, and each once', () => {
  expect(terms('Bearing edge finder in the collet. The bearing edge finder runs slowly.')).toEqual([
    ['Bearing edge finder', 'bearing edge finder'],
    ['collet', 'collet'],
  ]);
});

test('a plural leads to its term, part of a word does not', () => {
  expect(terms('Parallels out; the DROs stay, the boredom too')).toEqual([
    ['Parallels', 'parallels'],
    ['DROs', 'DRO'],
  ]);
});

test('nothing of the sentence is lost', () => {
  for (const text of ['Set X to −5.000 while the edge finder touches.', 'No term here at all.', 'vise'])
    expect(
      splitTerms(text)
        .map((piece) => piece.text)
        .join(''),
    ).toBe(text);
});
