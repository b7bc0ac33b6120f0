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
  ['packages/core/src/datum/faces/edge.ts', 'react'],
  ['packages/core/src/datum/faces/edge.ts', 'express'],
  ['packages/core/src/datum/faces/edge.ts', 'node:fs'],
  ['packages/core/src/datum/faces/edge.ts', '@zero-point/server'],
  ['packages/core/src/datum/faces/edge.ts', '../../../../apps/app/src/theme/palette'],
  ['packages/core/src/datum/faces/edge.ts', '../../../testing/closedForms/touch'],
  ['apps/app/src/stations/datum/parts/LocalDatums.tsx', '../../plan/view'],
  ['apps/app/src/stations/datum/view.ts', '../../commands/logTouch'],
  ['apps/app/src/stations/datum/view.ts', './commands'],
  ['apps/app/src/theme/useLook.ts', 'better-sqlite3'],
  ['apps/app/src/theme/useLook.ts', '@zero-point/server/src/records/record'],
  ['apps/server/src/records/record.ts', 'react-native'],
  ['apps/device/src/serve.ts', 'react-native'],
  ['apps/device/src/serve.ts', '@zero-point/server'],
  ['apps/server/src/records/record.ts', '@zero-point/app/src/theme/palette'],
];

for (const [file, from] of forbidden) {
  test(`${file} may not import ${from}`, async () => {
    assert.equal((await complaints(file, from)).length, 1);
  });
}

test('a station may import its own view', async () => {
  assert.equal((await complaints('apps/app/src/stations/datum/parts/LocalDatums.tsx', '../view')).length, 0);
});

for (const file of ['apps/app/src/theme/useLook.ts', 'apps/server/src/records/record.ts']) {
  test(`${file} may import core`, async () => {
    assert.equal((await complaints(file, '@zero-point/core/datum/faces/edge')).length, 0);
  });
}

/** Messages of the rule of floors for one import standing in one file of core. */
async function climbs(file, from) {
  const [result] = await eslint.lintText(`import '${from}';\n`, { filePath: `packages/core/src/${file}` });
  return result.messages.filter(({ ruleId }) => ruleId === 'boundaries/dependencies');
}

for (const [file, from] of [
  ['units/unit.ts', '../state/basis/setupState'],
  ['metrology/mean.ts', '../records/kinds/kinds'],
  ['records/kinds/kinds.ts', '../../datum/faces/edge'],
  ['datum/faces/edge.ts', '../../registry/registry'],
  ['registry/registry.ts', '../state/basis/setupState'],
  ['state/basis/setupState.ts', '../../messages/basis/labels'],
]) {
  test(`core/${file} may not climb to ${from}`, async () => {
    assert.equal((await climbs(file, from)).length, 1);
  });
}

test('core may import downwards', async () => {
  assert.equal((await climbs('state/basis/setupState.ts', '../../records/kinds/kinds')).length, 0);
});
