import { spawn } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../../scripts/lib/steps.mjs';

/** Starts the built server on a file; gives its address, and how to end it as a power cut does. */
export function startKillable(file) {
  const child = spawn(process.execPath, [join(ROOT, 'apps/server/dist/server.mjs')], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, PORT: '0', DATABASE: file, DEMO: join(ROOT, 'demo/shop.json'), LOG_LEVEL: 'fatal' },
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    child.stdout.on('data', (text) => {
      const url = /http:\/\/\S+?(?=\/?\s)/.exec(text.toString())?.[0];
      if (!url) return;
      resolve({
        url,
        pid: child.pid,
        ended: () => child.exitCode !== null || child.signalCode !== null,
        kill: async () => {
          child.kill('SIGKILL');
          await ended;
        },
      });
    });
  });
}

const resident = (pid) => {
  try {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;
  } catch {
    return 0;
  }
};

const childrenOf = (pid) =>
  readdirSync(`/proc/${pid}/task`).flatMap((task) => {
    try {
      return readFileSync(`/proc/${pid}/task/${task}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number);
    } catch {
      return [];
    }
  });

/** Resident memory of a server, and of the processes it has long work done by, MB. */
export function memoryOf(pid) {
  try {
    return { own: resident(pid), workers: childrenOf(pid).reduce((sum, one) => sum + resident(one), 0) };
  } catch {
    return { own: 0, workers: 0 };
  }
}

/** The value below which this share of a sorted list lies. */
export const quantile = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;
