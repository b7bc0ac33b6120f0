import { GLOSSARY } from './glossary';

test('terms stand in the order of the alphabet, each once, each in one line', () => {
  const terms = GLOSSARY.map(({ term }) => term.toLowerCase());
  expect(terms).toEqual([...terms].sort());
  expect(new Set(terms).size).toBe(terms.length);
  for (const { term, means } of GLOSSARY) expect([term, means.split(' ').length <= 20]).toEqual([term, true]);
});

test('no term has the word another one took the place of', () => {
  const retired = GLOSSARY.flatMap(({ not = [] }) => not);
  for (const { term, also = [] } of GLOSSARY)
    for (const word of [term, ...also]) expect(retired).not.toContain(word.toLowerCase());
});
