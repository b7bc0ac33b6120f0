import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { ROOT } from './steps.mjs';

/** Which machine of the demo shop each simulated device stands beside. */
const BESIDE = { readout: 'knee-mill', controller: 'trunnion-mill' };

/** Starts one simulated device as a process of its own, that ends with this one; gives the port it listens on. */
function startDevice(kind, key) {
  const child = spawn(process.execPath, [join(ROOT, 'apps/device/dist/device.mjs')], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
    env: { ...process.env, KIND: kind, PORT: '0', SIMULATION_KEY: key },
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the simulated ${kind} ended with ${code}`)));
    child.stdout.on('data', (text) => {
      const port = /:(\d+)\s/.exec(text.toString())?.[1];
      if (port) resolve({ port: Number(port), stop: () => child.kill('SIGTERM') });
    });
  });
}

/** Both simulated devices, and what the server is told of them. */
export async function startDevices() {
  const kinds = Object.keys(BESIDE);
  const key = randomUUID();
  const devices = await Promise.all(kinds.map((kind) => startDevice(kind, key)));
  return {
    ports: Object.fromEntries(kinds.map((kind, i) => [kind, devices[i].port])),
    environment: {
      DEMO_LINKS: kinds.map((kind, i) => `${BESIDE[kind]}=${devices[i].port}`).join(','),
      SIMULATION_KEY: key,
    },
    stop: () => devices.forEach(({ stop }) => stop()),
  };
}
