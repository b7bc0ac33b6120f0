import type { LinkView } from '@zero-point/core/link/linkView';
import { answer, createSimulatedDevice, type SimulatedDevice } from '@zero-point/core/link/simulatedDevice';
import { SIMULATED_DEVICES } from '@zero-point/core/link/simulatedDevices';
import { deviceCommand } from '@zero-point/core/link/message';
import { spawn, type ChildProcess } from 'node:child_process';
import { createServer, type Server, type Socket } from 'node:net';
import { realpathSync, existsSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { SerialPort } from 'serialport';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../http/app';
import { demoServer, FONTS } from '../testing/shop';
import { createLinks, type Links } from './links';
import { inThisThread } from '../background/workers';

const MACHINE = 'knee-mill';
const HELLO = {
  is: 'hello',
  protocol: 1,
  name: 'Readout',
  kind: 'readout',
  unit: 'mm',
  step: { x: 0.005, y: 0.005, z: 0.005 },
};
const at = (x: number) => ({ is: 'position', unit: 'mm', scale: 'readout', at: { x, y: 0, z: 0 } });

/** What the server and its simulated devices were started with. */
const KEY = 'the-tests';

/** A device of a test: says what it is told to, to whoever is connected. */
async function device() {
  const sockets = new Set<Socket>();
  const heard: string[] = [];
  const server: Server = createServer((socket) => {
    sockets.add(socket);
    socket.setEncoding('utf8');
    socket.on('data', (text) => heard.push(String(text)));
    socket.on('close', () => sockets.delete(socket));
    socket.on('error', () => undefined);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  return {
    port,
    heard,
    sockets,
    raw: (text: string) => sockets.forEach((socket) => socket.write(text)),
    say: (...lines: object[]) =>
      sockets.forEach((socket) => socket.write(lines.map((one) => `${JSON.stringify(one)}\n`).join(''))),
    hangUp: () => sockets.forEach((socket) => socket.destroy()),
    close: () =>
      new Promise<void>((resolve) => {
        sockets.forEach((socket) => socket.destroy());
        server.close(() => resolve());
      }),
  };
}

let closing: (() => unknown)[] = [];
afterEach(async () => {
  for (const close of closing.reverse()) await close();
  closing = [];
});

function shop() {
  const { store, db, file } = demoServer();
  const links = createLinks(store.links, { simulationKey: KEY, hosts: ['scale.example.org'] });
  closing.push(() => links.close());
  const app = createApp({ store, db, fonts: FONTS, workers: inThisThread, logger: pino({ level: 'silent' }), links });
  return { app, links, store, file };
}

/** Waits until the link is as wanted. */
const until = (links: Links, wanted: (view: LinkView) => boolean, machine = MACHINE): Promise<LinkView> =>
  new Promise((resolve) => {
    const view = links.view(machine);
    if (view && wanted(view)) return resolve(view);
    const stop = links.listen(machine, (next) => {
      if (!wanted(next)) return;
      stop();
      resolve(next);
    });
  });

async function linked() {
  const metal = await device();
  closing.push(() => metal.close());
  const { app, links, store } = shop();
  links.set(MACHINE, { over: 'tcp', host: '127.0.0.1', port: metal.port });
  await until(links, ({ state }) => state === 'quiet');
  return { metal, app, links, store };
}

describe('over TCP', () => {
  test('a machine gets its link; what it shows is live, and who it is', async () => {
    const { metal, app, links } = await linked();
    expect(metal.heard.join('')).toContain('"do":"hello"');
    metal.say(HELLO, at(-5.01));
    const view = await until(links, ({ state }) => state === 'live');
    expect(view.position).toMatchObject({ at: { x: -5.01 }, line: JSON.stringify(at(-5.01)) });
    const { body } = await request(app).get('/api/links').expect(200);
    expect(body).toEqual([expect.objectContaining({ machineId: MACHINE, state: 'live' })]);
  });

  test('nothing of it is stored by itself', async () => {
    const { metal, links, store } = await linked();
    const before = store.lastSeq();
    metal.say(HELLO, at(1), { is: 'touch', unit: 'mm', scale: 'readout', at: { x: 1 } });
    await until(links, ({ touch }) => touch?.count === 1);
    expect(store.lastSeq()).toBe(before);
  });

  test('a cable pulled half-way: away, with why, and live again when it is back', async () => {
    const { metal, links } = await linked();
    metal.say(HELLO, at(1));
    await until(links, ({ state }) => state === 'live');
    metal.raw('{"is":"position","unit":"mm","scale":"readout","at":{"x":7');
    metal.hangUp();
    const away = await until(links, ({ state }) => state === 'away');
    expect(away.reason).toBe('It hung up.');
    expect(away.position?.at.x).toBe(1);
    await until(links, ({ state }) => state === 'quiet');
    // What the other half would have been is a line of its own now, and no figure.
    metal.say(HELLO);
    metal.raw('.5,"y":0,"z":0}}\n');
    metal.say(at(2));
    const back = await until(links, ({ state }) => state === 'live');
    expect(back.position?.at.x).toBe(2);
    expect(back.notes).toContainEqual(expect.objectContaining({ code: 'nonsense', count: 1 }));
  });

  test('a device that says nothing more is quiet within seconds', async () => {
    const { metal, links } = await linked();
    metal.say(HELLO, at(1));
    await until(links, ({ state }) => state === 'live');
    await until(links, ({ state }) => state === 'quiet');
  });

  test('a flood of ten thousand lines a second is bounded, the newest figure stands, and the others are answered', async () => {
    const { metal, app, links } = await linked();
    metal.say(HELLO);
    const piece = (from: number) =>
      Array.from({ length: 1000 }, (_, i) => `${JSON.stringify(at((from + i) * 0.005))}\n`).join('');
    for (let i = 0; i < 10; i += 1) metal.raw(piece(i * 1000));
    await request(app).get('/api/health').expect(200);
    const last = Number((9999 * 0.005).toFixed(6));
    const view = await until(
      links,
      ({ position }) => position !== undefined && Math.abs((position.at.x ?? 0) - last) < 1e-9,
    );
    const flood = view.notes.find(({ code }) => code === 'flood');
    expect(flood).toMatchObject({ code: 'flood' });
    expect(flood?.code === 'flood' && flood.dropped).toBeGreaterThan(9000);
  });

  test('nonsense, and a line without end, change no figure', async () => {
    const { metal, links } = await linked();
    metal.say(HELLO, at(3));
    await until(links, ({ state }) => state === 'live');
    metal.raw('%%% 17 ERR\n\u0000\u0001\n{"is":"position","at":{"x":9}}\n');
    metal.raw('x'.repeat(100_000));
    metal.raw('\n');
    metal.say(at(3));
    const view = await until(links, ({ notes }) => notes.some((note) => note.code === 'nonsense' && note.count === 4));
    expect(view.position?.at.x).toBe(3);
  });

  test('a device of metal is asked, and never told to move', async () => {
    const { metal, app, links } = await linked();
    metal.say(HELLO, at(0));
    await until(links, ({ state }) => state === 'live');
    const tell = (body: object) => request(app).post(`/api/machines/${MACHINE}/link/told`).send(body);
    await tell({ do: 'read' }).expect(202);
    for (const order of [
      { do: 'home' },
      { do: 'probe', axis: 'x', way: 1 },
      { do: 'act', act: { do: 'move', axis: 'x', by: 1 } },
      { do: 'act', act: { do: 'spin', rpm: 1000 } },
      { do: 'offset', name: 'G54', axis: 'x', value: 1 },
      { do: 'press' },
    ]) {
      const { body } = await tell(order).expect(409);
      expect(body).toMatchObject({ code: 'not-a-stand-in' });
    }
    await tell({ do: 'read' }).expect(202);
    const asked = metal.heard
      .join('')
      .trim()
      .split('\n')
      .map((line) => (JSON.parse(line) as { do: string }).do);
    expect(new Set(asked)).toEqual(new Set(['hello', 'read']));
  });
});

test.each([
  ['without a key', {}],
  ['with another key', { key: 'guessed' }],
])('a device that calls itself simulated %s is told no move, and is shown as any other', async (_what, key) => {
  const { metal, app, links } = await linked();
  metal.say({ ...HELLO, standIn: true, ...key }, at(0));
  const view = await until(links, ({ state }) => state === 'live');
  expect(view.hello).toEqual(HELLO);
  const tell = (body: object) => request(app).post(`/api/machines/${MACHINE}/link/told`).send(body);
  await tell({ do: 'act', act: { do: 'move', axis: 'x', by: 1 } }).expect(409);
  await tell({ do: 'home' }).expect(409);
  // Nor after another word of it.
  metal.say({ ...HELLO, standIn: true, ...key }, at(1));
  await until(links, ({ position }) => position?.at.x === 1);
  await tell({ do: 'home' }).expect(409);
});

test('one that was started with this server is, and its key is told to nobody', async () => {
  const { metal, app, links } = await linked();
  metal.say({ ...HELLO, standIn: true, key: KEY }, at(0), at(0.5));
  const view = await until(links, ({ position }) => position?.at.x === 0.5);
  expect(view.hello).toEqual({ ...HELLO, standIn: true });
  await request(app).post(`/api/machines/${MACHINE}/link/told`).send({ do: 'home' }).expect(202);
});

describe('what cannot be', () => {
  test.each([
    ['an address beyond the shop', { over: 'tcp', host: '8.8.8.8', port: 80 }],
    ['a name beyond the shop', { over: 'tcp', host: 'example.org', port: 80 }],
    ['a port that is none', { over: 'tcp', host: '127.0.0.1', port: 70_000 }],
    ['a file that is no port', { over: 'serial', path: '/etc/passwd', baud: 9600 }],
    ['a way out of the ports', { over: 'serial', path: '/dev/tty/../../etc/passwd', baud: 9600 }],
    ['a speed nobody has', { over: 'serial', path: '/dev/ttyUSB0', baud: 12_345 }],
  ])('%s is refused, with the field', async (_name, address) => {
    const { app, links } = shop();
    const { body } = await request(app).put(`/api/machines/${MACHINE}/link`).send({ address }).expect(422);
    expect((body as { errors: { field: string }[] }).errors[0]?.field).toMatch(/^address/);
    expect(links.views()).toEqual([]);
  });

  test('an address beyond the shop is refused with the reason and the way, one that was named at the start is not', async () => {
    const { app, links } = shop();
    const link = (host: string) =>
      request(app)
        .put(`/api/machines/${MACHINE}/link`)
        .send({ address: { over: 'tcp', host, port: 80 } });
    for (const host of ['example.org', '8.8.8.8', '169.254.169.254', '2130706433', '0x7f000001', '010.8.8.8']) {
      const { body } = await link(host).expect(422);
      expect(body.detail).toMatch(/^Only something in the shop.*outside its own network.*LINK_HOSTS=/);
    }
    expect(links.views()).toEqual([]);
    await link('scale.example.org').expect(200);
  });

  test('a machine that is not of this shop has no link, and one without is told so', async () => {
    const { app } = shop();
    const address = { over: 'tcp', host: '127.0.0.1', port: 4750 };
    await request(app).put('/api/machines/nobody/link').send({ address }).expect(404);
    await request(app).get(`/api/machines/${MACHINE}/link/events`).expect(404);
    await request(app).post(`/api/machines/${MACHINE}/link/told`).send({ do: 'read' }).expect(404);
  });

  test('a link where nothing listens is away with the remedy, and is kept through a new start', async () => {
    const { app, links, store } = shop();
    await request(app)
      .put(`/api/machines/${MACHINE}/link`)
      .send({ address: { over: 'tcp', host: '127.0.0.1', port: 9 } })
      .expect(200);
    const view = await until(links, ({ reason }) => reason !== undefined);
    expect(view).toMatchObject({ state: 'away', reason: 'Nothing listens there. Is it switched on?' });
    const { body } = await request(app).post(`/api/machines/${MACHINE}/link/told`).send({ do: 'read' }).expect(409);
    expect(body).toMatchObject({ code: 'link-away' });
    const again = createLinks(store.links);
    closing.push(() => again.close());
    expect(again.views().map(({ machineId }) => machineId)).toEqual([MACHINE]);
    await request(app).put(`/api/machines/${MACHINE}/link`).send({ address: null }).expect(200, 'null');
    expect(store.links.all()).toEqual([]);
  });
});

/** Two ends of a cable, by Debian's socat. */
async function cable(): Promise<{ a: string; b: string; cut: () => void }> {
  const folder = mkdtempSync(join(tmpdir(), 'zero-point-pty-'));
  const [a, b] = [join(folder, 'a'), join(folder, 'b')];
  const socat: ChildProcess = spawn('socat', [`pty,raw,echo=0,link=${a}`, `pty,raw,echo=0,link=${b}`]);
  const cut = () => void socat.kill('SIGKILL');
  closing.push(cut);
  await new Promise<void>((resolve, reject) => {
    socat.once('error', reject);
    const look = () => (existsSync(a) && existsSync(b) ? resolve() : setImmediate(look));
    look();
  });
  return { a: realpathSync(a), b: realpathSync(b), cut };
}

describe('over a serial port', () => {
  test('the same lines: a stand-in is heard, moved, asked; the cable pulled is said', async () => {
    const { a, b, cut } = await cable();
    let standIn: SimulatedDevice = createSimulatedDevice(SIMULATED_DEVICES.readout);
    const far = new SerialPort({ path: b, baudRate: 9600 });
    closing.push(() => far.isOpen && far.close());
    let half = '';
    far.setEncoding('utf8');
    far.on('data', (text: string) => {
      half += text;
      const lines = half.split('\n');
      half = lines.pop() ?? '';
      for (const line of lines) {
        const { next, lines: said } = answer(standIn, deviceCommand.parse(JSON.parse(line)));
        standIn = next;
        far.write(said.map((one) => `${JSON.stringify(one.is === 'hello' ? { ...one, key: KEY } : one)}\n`).join(''));
      }
    });
    far.on('error', () => undefined);
    await new Promise((resolve) => far.once('open', resolve));
    const { app, links } = shop();
    // A pair of terminals stands for the cable, which nobody may name in the app.
    links.set(MACHINE, { over: 'serial', path: a, baud: 9600 });
    const live = await until(links, ({ state }) => state === 'live');
    expect(live.hello?.name).toBe('Simulated DRO');
    await request(app)
      .post(`/api/machines/${MACHINE}/link/told`)
      .send({ do: 'act', act: { do: 'set', axis: 'x', value: 12.5 } })
      .expect(202);
    await until(links, ({ position }) => position?.at.x === 12.5);
    cut();
    const away = await until(links, ({ state }) => state === 'away');
    expect(away.reason).not.toBe('');
  });

  test('a port that is not there is away, with what to look for', async () => {
    const { links } = shop();
    links.set(MACHINE, { over: 'serial', path: '/dev/ttyUSB77', baud: 9600 });
    const view = await until(links, ({ reason }) => reason !== undefined);
    expect(view.reason).toBe('There is no such port. Is the cable in?');
  });
});
