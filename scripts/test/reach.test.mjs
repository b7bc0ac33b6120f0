import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { endToEndOf, partsOf } from '../lib/reach.mjs';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

const specs = readdirSync(join(ROOT, 'e2e'), { recursive: true }).filter((name) => name.endsWith('.spec.ts'));

test('a station is checked by its own end-to-end files, and they are there', () => {
  const stations = ['datum', 'zAndTools', 'alignment', 'holes', 'boreAndFace', 'verify', 'shop', 'settings'];
  for (const station of stations) {
    const wanted = endToEndOf([`apps/app/src/stations/${station}/Screen.tsx`]);
    assert.notDeepEqual(wanted, ['story'], station);
    for (const name of wanted)
      assert.ok(
        specs.some((spec) => spec.includes(name)),
        `${station}: no end-to-end file ${name}`,
      );
  }
});

test('a change of core reaches the types of everything, one of a station those of the app alone', () => {
  assert.equal(partsOf(['packages/core/src/datum/faces/edge.ts']).length, 5);
  assert.deepEqual(partsOf(['apps/app/src/stations/datum/Screen.tsx']), ['apps/app']);
});

test('what is no code reaches no page', () => {
  assert.deepEqual(endToEndOf(['README.md', 'docs/architecture.md']), []);
});
