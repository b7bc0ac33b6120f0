/** For changing the program: the server restarts and the app reloads as files change. Demo shop, its own database. */
import { join } from 'node:path';
import { serverEnvironment } from './lib/serve.mjs';
import { background, ensureInstalled, ROOT, say, tool } from './lib/steps.mjs';

ensureInstalled();
const api = {
  ...serverEnvironment({ demo: true, database: 'dev.sqlite' }),
  STATIC: '',
  PORT: '4748',
  MIGRATIONS: join(ROOT, 'apps/server/migrations'),
};
say('The app is at http://localhost:8081/ once it is bundled (about 1 minute the first time).');
const children = [
  background(tool('tsx'), ['watch', 'apps/server/src/main.ts'], { env: api }),
  background(tool('expo'), ['start', '--web', '--port', '8081'], {
    cwd: join(ROOT, 'apps/app'),
    env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', API_PORT: '4748' },
  }),
];
const stop = () => children.forEach((child) => child.kill('SIGTERM'));
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
for (const child of children) child.on('exit', stop);
