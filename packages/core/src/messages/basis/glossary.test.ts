import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { GLOSSARY } from './glossary';

const ROOT = join(__dirname, '../../../../..');
const FILES = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  cwd: ROOT,
  encoding: 'utf8',
}).split('\n');

/** The list as the page has it. */
const asTable = (): string =>
  [
    '| term | what it is | in the code | not |',
    '|---|---|---|---|',
    ...GLOSSARY.map(
      ({ term, means, code, not = [] }) =>
        `| **${term}** | ${means} | ${code === undefined ? '' : `\`${code}\``} | ${not.join(', ')} |`,
    ),
  ].join('\n');

test('docs/glossary.md is this list', () => {
  expect(readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8')).toContain(asTable());
});

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

/** A stranger's search: the names of files that hold a term. */
const search = (code: string) => FILES.filter((path) => path.toLowerCase().includes(code.toLowerCase()));

test('forty terms and more are found by the name of a file of core', () => {
  const named = GLOSSARY.flatMap(({ code }) => code ?? []);
  expect(named.length).toBeGreaterThan(40);
  for (const code of named)
    expect([code, search(code).some((path) => path.startsWith('packages/core/src/'))]).toEqual([code, true]);
});
