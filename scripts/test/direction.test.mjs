import { ESLint } from 'eslint';
import assert from 'node:assert/strict';
import { test } from 'node:test';

const eslint = new ESLint();

/** Messages of the direction rule for one import standing in one file. */
async function complaints(file, from) {
  const [result] = await eslint.lintText(`import '${from}';\n`, { filePath: file });
  return result.messages.filter(({ ruleId }) => ruleId === 'no-restricted-imports');
}

const forbidden = [
  ['packages/core/src/datum/edge.ts', 'react'],
  ['packages/core/src/datum/edge.ts', 'express'],
  ['packages/core/src/datum/edge.ts', 'node:fs'],
  ['packages/core/src/datum/edge.ts', '@zero-point/server'],
  ['packages/core/src/datum/edge.ts', '../../../../apps/app/src/theme/palette'],
  ['apps/app/src/theme/useLook.ts', 'better-sqlite3'],
  ['apps/app/src/theme/useLook.ts', '@zero-point/server/src/record'],
  ['apps/server/src/record.ts', 'react-native'],
  ['apps/server/src/record.ts', '@zero-point/app/src/theme/palette'],
];

for (const [file, from] of forbidden) {
  test(`${file} may not import ${from}`, async () => {
    assert.equal((await complaints(file, from)).length, 1);
  });
}

for (const file of ['apps/app/src/theme/useLook.ts', 'apps/server/src/record.ts']) {
  test(`${file} may import core`, async () => {
    assert.equal((await complaints(file, '@zero-point/core/datum/edge')).length, 0);
  });
}
