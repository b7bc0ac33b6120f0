/** A copy of your shop, made or brought back: `npm run backup [-- folder]`, `npm run restore -- file [--yes]`. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { buildServer } from './lib/build.mjs';
import { ensureInstalled, ROOT } from './lib/steps.mjs';

ensureInstalled();
buildServer();
const { status } = spawnSync(process.execPath, [join(ROOT, 'apps/server/dist/copies.mjs'), ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
  env: { DATABASE: join(ROOT, 'data', 'shop.sqlite'), ...process.env },
});
process.exit(status ?? 1);
