/** Benchmarks: each prints a ratio to a floor, or a share against its target. `npm run bench -- coverage` runs one alone. */
import { join } from 'node:path';
import { build, exportApp } from './lib/build.mjs';
import { ensureChromium, ensureInstalled, must, once, ROOT, say, tool } from './lib/steps.mjs';

const [wanted, ...sizes] = process.argv.slice(2);
const asked = (name) => wanted === undefined || wanted === name;

/** Core's own source, bundled as the app and the server have it, run in plain Node. */
function simulate(name) {
  const bundle = join(ROOT, '.build', `bench-${name}.mjs`);
  must(tool('esbuild'), [
    `bench/${name}.ts`,
    '--bundle',
    '--platform=node',
    '--format=esm',
    `--outfile=${bundle}`,
    '--log-level=warning',
  ]);
  must(process.execPath, [bundle]);
}

ensureInstalled();
if (wanted === 'all') {
  await (await import('../bench/all.mjs')).benchAll();
} else if (wanted === 'tests') {
  (await import('../bench/tests.mjs')).benchTests();
} else if (
  ['coverage', 'calibration', 'explainer', 'order', 'book', 'program', 'practice', 'depths'].includes(wanted)
) {
  if (wanted === 'coverage') say('Simulating every feature by every method. About 12 minutes.');
  simulate(wanted);
} else {
  ensureChromium();
  build();
  if (asked('opening') || wanted === 'touchpage')
    once(
      'floor',
      [
        'package-lock.json',
        'bench/floor',
        'apps/app/bundle-mends.js',
        'apps/app/paper-babel.js',
        'apps/app/icon-babel.js',
        'apps/app/router-stubs.js',
        'apps/app/router-natives.js',
        'scripts/lib',
      ],
      'bench/floor/dist/index.html',
      () => {
        say('Building the floor app. About 1 minute.');
        exportApp('bench/floor');
        must(process.execPath, [join(ROOT, 'scripts/lib/offline.mjs'), join(ROOT, 'bench/floor/dist')]);
      },
    );
  say(
    'Measuring. About 4 minutes; keep the machine quiet. For the simulated tables: -- coverage, -- calibration, -- explainer.',
  );
  if (asked('opening')) await (await import('../bench/opening.mjs')).benchOpening();
  if (wanted === 'touchpage') await (await import('../bench/touchpage.mjs')).benchTouchPage();
  if (asked('readings')) await (await import('../bench/readings.mjs')).benchReadings();
  if (asked('growth')) {
    // The book is core's own source; a bundle of it runs in plain Node.
    const book = join(ROOT, '.build', 'book.mjs');
    must(tool('esbuild'), [
      'packages/core/src/state/basis/setupState.ts',
      '--bundle',
      '--format=esm',
      `--outfile=${book}`,
      '--log-level=warning',
    ]);
    await (await import('../bench/growth.mjs')).benchGrowth((await import(book)).openBook);
  }
  // As many kills and requests as asked for; few where nobody says.
  if (wanted === 'faults') await (await import('../bench/faults.mjs')).benchFaults(...sizes.map(Number));
  if (wanted === 'soak') await (await import('../bench/soak.mjs')).benchSoak(...sizes.map(Number));
  if (wanted === 'chunks') (await import('../bench/chunks.mjs')).benchChunks();
  if (wanted === 'acts') (await import('../bench/acts.mjs')).benchActs();
  if (asked('frames')) await (await import('../bench/frames.mjs')).benchFrames();
  if (wanted === undefined) for (const one of ['book', 'explainer', 'order']) simulate(one);
}
