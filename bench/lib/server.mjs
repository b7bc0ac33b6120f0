import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../../scripts/lib/steps.mjs';

export const freshDatabase = () => join(mkdtempSync(join(tmpdir(), 'zero-point-bench-')), 'shop.sqlite');

/** A new demo shop's database, closed. */
export async function demoDatabase() {
  const file = freshDatabase();
  const server = await startServer(undefined, file);
  await server.stop();
  return file;
}

/** Starts a program that prints its address; gives the address and a way to stop it. */
export function startProgram(file, env) {
  const child = spawn(process.execPath, [file], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env },
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`${file} ended with ${code}`)));
    child.stdout.on('data', (text) => {
      const url = /http:\/\/\S+?(?=\/?\s)/.exec(text.toString())?.[0];
      if (url) resolve({ url, stop: () => stop(child) });
    });
  });
}

function stop(child) {
  const ended = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGTERM');
  return ended;
}

/** The built server on a database of its own with the demo shop. */
export const startServer = (staticFolder, database = freshDatabase(), env = {}) =>
  startProgram(join(ROOT, 'apps/server/dist/server.mjs'), {
    PORT: '0',
    DATABASE: database,
    DEMO: join(ROOT, 'demo/shop.json'),
    LOG_LEVEL: 'warn',
    ...(staticFolder && { STATIC: join(ROOT, staticFolder) }),
    ...env,
  });

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
