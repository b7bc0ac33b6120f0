import ts from 'typescript';
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { test } from 'node:test';

/** Names of the code: one thing a name, about twenty files a folder, no function that has to be scrolled through. */
const ROOT = join(import.meta.dirname, '../..');
const tracked = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  cwd: ROOT,
  encoding: 'utf8',
})
  .split('\n')
  .filter((path) => path !== '' && existsSync(join(ROOT, path)));
const source = tracked.filter((path) => /^(packages|apps)\/.*\.tsx?$/.test(path) && !/\.test\.|\.d\.ts$/.test(path));
const parsed = new Map(
  source.map((path) => [
    path,
    ts.createSourceFile(path, readFileSync(join(ROOT, path), 'utf8'), ts.ScriptTarget.Latest, true),
  ]),
);

const isExported = (statement) =>
  statement.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword) === true &&
  !statement.modifiers.some(({ kind }) => kind === ts.SyntaxKind.DefaultKeyword);

const namesOf = (statement) => {
  if (ts.isVariableStatement(statement))
    return statement.declarationList.declarations.map(({ name }) => name.getText());
  return statement.name ? [statement.name.text] : [];
};

test('no exported name stands for two things', () => {
  const found = new Map();
  for (const [path, file] of parsed)
    for (const name of file.statements.filter(isExported).flatMap(namesOf))
      found.set(name, (found.get(name) ?? new Set()).add(path));
  assert.ok(found.size > 1000);
  assert.deepEqual(
    [...found].filter(([, paths]) => paths.size > 1).map(([name, paths]) => `${name}: ${[...paths].join(', ')}`),
    [],
  );
});

test('nothing is exported under a second name', () => {
  const aliased = [...parsed].flatMap(([path, { statements }]) =>
    statements
      .flatMap((one) => (ts.isExportDeclaration(one) ? (one.exportClause?.elements ?? []) : []))
      .filter(({ propertyName }) => propertyName !== undefined && propertyName.text !== 'default')
      .map((one) => `${path} ${one.getText()}`),
  );
  assert.deepEqual(aliased, []);
});

test('a folder holds at most 22 files', () => {
  const count = new Map();
  for (const path of tracked.filter((one) => /^(packages|apps|e2e|bench|scripts)\//.test(one)))
    count.set(dirname(path), (count.get(dirname(path)) ?? 0) + 1);
  assert.deepEqual(
    [...count].filter(([, files]) => files > 22),
    [],
  );
});

// A bare participle, pronoun, preposition or half-sentence says nothing to a stranger who searches.
const NOT_NAMES =
  /^(said|told|kept|heard|known|moved|shown|noted|stored|spoken|beside|against|againThings|inTurn|atHand|sincePass|overZero|stillItsLength|whatIsSet|helpMost|samePlaceAlong|wordsBeside|withinStep|comingBack|book|words|standing|voice|way|metAt|askAnew|letGo|clip|nothing)$/i;

test('no file is named by a participle, a preposition or half a sentence', () => {
  const stems = source.map((path) => [path, (path.split('/').at(-1) ?? '').replace(/\..*$/, '')]);
  assert.deepEqual(
    stems.filter(([, stem]) => NOT_NAMES.test(stem)).map(([path]) => path),
    [],
  );
});

/** Functions of a file with their lengths in lines, those inside others too. */
function* functionsOf(file, node = file) {
  if (ts.isFunctionLike(node) && node.body) {
    const [from, to] = [node.getStart(), node.end].map((at) => file.getLineAndCharacterOfPosition(at).line);
    yield { name: node.name?.getText() ?? node.parent.name?.getText() ?? '', lines: to - from + 1 };
  }
  for (const child of node.getChildren(file)) yield* functionsOf(file, child);
}

test('no function of core is longer than 80 lines', () => {
  const core = [...parsed].filter(([path]) => path.startsWith('packages/core/src/') && !path.includes('.case.'));
  const all = core.flatMap(([path, file]) => [...functionsOf(file)].map((one) => ({ path, ...one })));
  assert.ok(all.length > 3000);
  assert.deepEqual(
    all.filter(({ lines }) => lines > 80).map(({ path, name, lines }) => `${path} ${name} ${lines}`),
    [],
  );
});
