import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { ROOT } from '../lib/steps.mjs';

/** Where a path in a page may begin; `core/…` is core's own. */
const BEGINS = [
  '',
  'packages',
  'packages/core/src',
  'apps/app/src',
  'apps/app',
  'apps/server/src',
  'apps/server',
  'apps',
];

/** Paths of files and folders that a page names between backquotes: something with a slash, or with an ending of ours. */
const named = (page) =>
  [...readFileSync(join(ROOT, page), 'utf8').matchAll(/`([A-Za-z0-9_./*{},-]+)`/g)]
    .map(([, path]) => path)
    .filter((path) =>
      /^[a-zA-Z].*\.(ts|tsx|mjs|js|json|sql)$|^(core|apps|packages|stations|practice|scripts|bench|e2e|docs)\/[a-zA-Z]/.test(
        path,
      ),
    )
    .filter((path) => !/[*{<]/.test(path));

/** Names of all files of the project, for those that a page names by that alone. */
const NAMES = new Set(
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], { cwd: ROOT, encoding: 'utf8' })
    .split('\n')
    .map((path) => path.split('/').at(-1)),
);

const stands = (path) => {
  if (!path.includes('/')) return NAMES.has(path);
  const at = path.replace(/^core\//, 'packages/core/src/').replace(/\/$/, '');
  return BEGINS.some((begin) => existsSync(join(ROOT, begin, at)));
};

const DECISIONS = readdirSync(join(ROOT, 'docs/decisions')).map((name) => `docs/decisions/${name}`);

for (const page of [
  ...DECISIONS,
  'docs/architecture.md',
  'docs/link.md',
  'docs/formats.md',
  'docs/security.md',
  'CONTRIBUTING.md',
  'README.md',
]) {
  test(`every file that ${page} names is there`, () => {
    const paths = named(page);
    assert.deepEqual(
      paths.filter((path) => !stands(path)),
      [],
    );
  });
}

test('a decision is a page: what it was about, what was decided, what comes of it', () => {
  for (const page of DECISIONS) {
    const text = readFileSync(join(ROOT, page), 'utf8');
    const headings = text.match(/^## .*$/gm);
    assert.deepEqual(headings, ['## Context', '## Decision', '## Consequences'], page);
    assert.ok(text.split(/\s+/).length < 460, `${page} is longer than a page`);
    assert.match(readFileSync(join(ROOT, 'docs/architecture.md'), 'utf8'), new RegExp(page.replace('docs/', '')), page);
  }
});

test('the pages do name files', () => {
  assert.ok(named('docs/architecture.md').length > 10);
  assert.ok(DECISIONS.flatMap(named).length > 40);
  assert.ok(named('CONTRIBUTING.md').length > 15);
});

test('every picture the README shows is there, fewer than twenty', () => {
  const pictures = [...readFileSync(join(ROOT, 'README.md'), 'utf8').matchAll(/\]\((docs\/screenshots\/[^)]+)\)/g)].map(
    ([, path]) => path,
  );
  assert.deepEqual(
    pictures.filter((path) => !existsSync(join(ROOT, path))),
    [],
  );
  assert.ok(pictures.length > 10 && pictures.length < 20, `${pictures.length} pictures`);
});

test('the architecture leads to every decision', () => {
  const page = readFileSync(join(ROOT, 'docs/architecture.md'), 'utf8');
  assert.deepEqual(
    DECISIONS.filter((path) => !page.includes(path.replace('docs/', ''))),
    [],
  );
});
