/** What one request, or many connections, can ask of a server at the most: each with a name, and how it is begun and ended. */
import { connect } from 'node:net';
import { gzipSync } from 'node:zlib';
import { touch } from './touch.mjs';

const SETUP = 'base-plate-knee-mill';
const JSON_TYPE = { 'content-type': 'application/json' };

const send = (url, path, body, { method = 'POST', headers = {} } = {}) =>
  fetch(`${url}${path}`, { method, headers: { ...JSON_TYPE, ...headers }, body }).then(async (answer) => {
    await answer.arrayBuffer();
    return answer.status;
  });
const ask = (url, path) =>
  fetch(`${url}${path}`).then(async (answer) => {
    await answer.arrayBuffer();
    return answer.status;
  });

/** Twelve patterns of ten thousand points. */
async function manyHoles(url) {
  for (let k = 0; k < 12; k += 1) {
    const points = Array.from({ length: 10_000 }, (_, i) => ({ x: (i % 100) * 1.8, y: Math.floor(i / 100) * 1.1 }));
    const body = { id: `many-${k}`, name: `Many ${k}`, kind: 'points', holeDiameter: 2, depth: 3, points };
    const save = JSON.stringify({ version: `many-${k}`, began: 'first', body });
    await send(url, `/api/setups/${SETUP}/patterns/many-${k}`, save, { method: 'PUT' });
  }
}

/** A whole setup's file with so many readings. */
async function setupFile(url, readings) {
  const file = await (await fetch(`${url}/api/setups/${SETUP}/file`)).json();
  const [one] = file.shop.setups;
  one.setup.id = `imported-${readings}`;
  for (const rows of Object.values(one)) if (Array.isArray(rows)) rows.length = 0;
  one.readings = Array.from({ length: readings }, (_, i) => touch(`imported-${i}`));
  return JSON.stringify(file);
}

const circle = Array.from({ length: 5000 }, (_, i) => ({ angle: (i * 360) / 5000, reading: Math.sin(i) / 100 }));

/** Each: what it is, how it is made ready, and what is done; `status` that may come back. */
export const HEAVY = [
  {
    name: 'brackets, 38 MB out of 37 kB',
    ready: (_url, made) => (made.brackets = gzipSync('['.repeat(38_000_000))),
    run: (url, { brackets }) =>
      send(url, `/api/setups/${SETUP}/readings`, brackets, { headers: { 'content-encoding': 'gzip' } }),
  },
  {
    name: 'a length of a million digits',
    run: (url) =>
      send(
        url,
        `/api/setups/${SETUP}/readings`,
        JSON.stringify({ ...touch('long'), source: { by: 'typed', text: '1'.repeat(1_000_000), unit: 'mm' } }),
      ),
  },
  {
    name: 'a sheet of 120 000 holes as PDF',
    ready: manyHoles,
    run: (url) => ask(url, `/api/setups/${SETUP}/sheet.pdf`),
  },
  { name: 'the same as a page', run: (url) => ask(url, `/api/setups/${SETUP}/sheet.html`) },
  { name: 'its holes as a table', run: (url) => ask(url, `/api/setups/${SETUP}/positions.csv`) },
  {
    name: 'a file of 10 000 readings opened',
    ready: async (url, made) => (made.file = await setupFile(url, 10_000)),
    run: (url, { file }) => send(url, '/api/setup-files', file),
  },
  { name: 'all of the shop as JSON', run: (url) => ask(url, '/api/shop/copy.json') },
  { name: 'the full check', run: (url) => ask(url, '/api/shop/check') },
  {
    name: 'a calculation over 5 000 points',
    run: (url) => send(url, '/api/reckon/centre-sweep', JSON.stringify({ points: circle, feature: 'bore' })),
  },
  {
    name: '100 streams that never read',
    run: async (url) => {
      const { hostname, port } = new URL(url);
      const sockets = Array.from({ length: 100 }, () => {
        const socket = connect(Number(port), hostname);
        socket.on('error', () => undefined);
        socket.write(`GET /api/stream?of=setup:imported-10000:0&of=shop HTTP/1.1\r\nHost: ${hostname}:${port}\r\n\r\n`);
        socket.pause();
        return socket;
      });
      await new Promise((resolve) => setTimeout(resolve, 12_000));
      for (const socket of sockets) socket.destroy();
      return 200;
    },
  },
  {
    name: '1 500 connections that say nothing',
    run: async (url) => {
      const { hostname, port } = new URL(url);
      const sockets = Array.from({ length: 1500 }, () => {
        const socket = connect(Number(port), hostname);
        socket.on('error', () => undefined);
        return socket;
      });
      await new Promise((resolve) => setTimeout(resolve, 12_000));
      for (const socket of sockets) socket.destroy();
      return 200;
    },
  },
];
