import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { floorsSvg, readingSvg, WAY_FOLDERS } from '../lib/diagram.mjs';
import { ROOT } from '../lib/steps.mjs';

const drawn = (name) => readFileSync(join(ROOT, 'docs', name), 'utf8');

test('the drawn floors are those that lint holds', () => {
  assert.equal(drawn('floors.svg'), floorsSvg());
});

test('a reading’s way is drawn as it is, through folders that are there', () => {
  assert.equal(drawn('reading.svg'), readingSvg());
  assert.deepEqual(
    WAY_FOLDERS.filter((path) => !existsSync(join(ROOT, path))),
    [],
  );
});
