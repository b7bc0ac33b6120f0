import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './steps.mjs';

/** What the server needs to know: where the app and the database are, and whether it is the demo. */
export function serverEnvironment({ demo, database }) {
  return {
    STATIC: join(ROOT, 'apps/app/dist'),
    DATABASE: process.env.DATABASE ?? join(ROOT, 'data', database),
    LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
    ...(process.argv.includes('--lan') && { LAN: '1' }),
    ...(demo && { DEMO: join(ROOT, 'demo/shop.json') }),
  };
}

/** Runs the built server until it ends; a stop signal is passed on so that it shuts down cleanly. */
export function serve(environment) {
  const server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/server.mjs')], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...environment },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
}
