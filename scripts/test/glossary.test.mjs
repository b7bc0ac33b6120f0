import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { transformSync } from 'esbuild';
import { ROOT } from '../lib/steps.mjs';

const source = readFileSync(join(ROOT, 'packages/core/src/messages/basis/glossary.ts'), 'utf8');
const { code: script } = transformSync(source, { loader: 'ts', format: 'esm' });
const { GLOSSARY } = await import(`data:text/javascript,${encodeURIComponent(script)}`);

/** The list as the page has it. */
const asTable = [
  '| term | what it is | in the code | not |',
  '|---|---|---|---|',
  ...GLOSSARY.map(
    ({ term, means, code, not = [] }) =>
      `| **${term}** | ${means} | ${code === undefined ? '' : `\`${code}\``} | ${not.join(', ')} |`,
  ),
].join('\n');

test('docs/glossary.md is the list the app shows', () => {
  assert.ok(readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8').includes(asTable));
});

const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  cwd: ROOT,
  encoding: 'utf8',
}).split('\n');

test('a stranger who searches for a term finds its file in core: forty terms and more', () => {
  const named = GLOSSARY.flatMap(({ code }) => code ?? []);
  assert.ok(named.length > 40);
  const found = (code) =>
    files.some((path) => path.startsWith('packages/core/src/') && path.toLowerCase().includes(code.toLowerCase()));
  assert.deepEqual(
    named.filter((code) => !found(code)),
    [],
  );
});
