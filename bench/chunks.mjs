/** Every script of the export with its size as it is sent, and why those over the limit are so large. */
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../scripts/lib/steps.mjs';
import { goal } from './lib/goal.mjs';

const MOST_KB = 150;

/** Scripts larger than that, by the beginning of their names, and the reason. */
const REASONS = {
  'entry-': 'the first script, held to the floor by `-- opening`',
};

function scripts(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
    one.isDirectory() ? scripts(join(folder, one.name)) : one.name.endsWith('.js.br') ? [join(folder, one.name)] : [],
  );
}

export function benchChunks() {
  const folder = join(ROOT, 'apps/app/dist');
  const all = scripts(folder)
    .map((path) => ({ name: path.slice(folder.length + 1, -3), kB: statSync(path).size / 1000 }))
    .sort((a, b) => b.kB - a.kB);
  console.log(`\nScripts of the app as they are sent, brotli; over ${MOST_KB} kB only with a reason`);
  let unexplained = 0;
  for (const { name, kB } of all) {
    const file = name.split('/').at(-1) ?? '';
    const reason = Object.entries(REASONS).find(([start]) => file.startsWith(start))?.[1];
    if (kB > MOST_KB && !reason) unexplained += 1;
    console.log(`${kB.toFixed(1).padStart(7)} kB  ${file}${kB > MOST_KB ? `: ${reason ?? 'no reason given'}` : ''}`);
  }
  goal('scripts over 150 kB without a reason', unexplained, { most: 0 });
}
