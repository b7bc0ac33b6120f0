/**
 * Writes the worker that keeps the whole app on a device, so that it starts with the server stopped. Data is never its
 * business: what setups hold is kept by the app itself. A program of its own, since the packer only works unhurried.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { generateSW } from 'workbox-build';

const [, , folder] = process.argv;
const { warnings } = await generateSW({
  globDirectory: folder,
  globPatterns: ['**/*.{html,js,css,svg,woff2}', ...(existsSync(join(folder, 'notices.json')) ? ['notices.json'] : [])],
  swDest: join(folder, 'sw.js'),
  sourcemap: false,
  inlineWorkboxRuntime: true,
  // Names with a hash in them never change what they hold.
  dontCacheBustURLsMatching: /\/_expo\//,
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//, /^\/pair/, /^\/trust/],
  clientsClaim: true,
  cleanupOutdatedCaches: true,
  maximumFileSizeToCacheInBytes: 8_000_000,
});
if (warnings.length > 0) throw new Error(warnings.join('\n'));
