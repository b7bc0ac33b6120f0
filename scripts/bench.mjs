/** Benchmarks: each prints a ratio to a floor measured in the same run. */
import { build, exportApp } from './lib/build.mjs';
import { ensureChromium, ensureInstalled, once, say } from './lib/steps.mjs';

ensureInstalled();
ensureChromium();
build();
once(
  'floor',
  ['package-lock.json', 'bench/floor', 'apps/app/size-mends.js', 'apps/app/paper-babel.js', 'apps/app/icon-babel.js'],
  'bench/floor/dist/index.html',
  () => {
    say('Building the floor app. About 1 minute.');
    exportApp('bench/floor');
  },
);
say('Measuring. About 3 minutes; keep the machine quiet.');
const { benchOpening } = await import('../bench/opening.mjs');
const { benchReadings } = await import('../bench/readings.mjs');
await benchOpening();
await benchReadings();
