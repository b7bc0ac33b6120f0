import { SIMULATED_DEVICES } from '@zero-point/core/link/simulatedDevices';
import type { DeviceMessage, DeviceCommand } from '@zero-point/core/link/message';
import { connect, type AddressInfo } from 'node:net';
import { serveStandIn } from './serve';

let closing: (() => void)[] = [];
afterEach(() => {
  closing.forEach((close) => close());
  closing = [];
});

async function served() {
  const { server, close } = serveStandIn(SIMULATED_DEVICES.readout);
  closing.push(close);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const join = async () => {
    const socket = connect({ port, host: '127.0.0.1' });
    closing.push(() => socket.destroy());
    const said: DeviceMessage[] = [];
    const waiting: { wanted: (line: DeviceMessage) => boolean; found: (line: DeviceMessage) => void }[] = [];
    let half = '';
    socket.setEncoding('utf8').on('data', (text) => {
      half += String(text);
      const lines = half.split('\n');
      half = lines.pop() ?? '';
      for (const line of lines.map((one) => JSON.parse(one) as DeviceMessage)) {
        said.push(line);
        waiting.filter(({ wanted }) => wanted(line)).forEach(({ found }) => found(line));
      }
    });
    await new Promise<void>((resolve) => socket.once('connect', () => resolve()));
    return {
      raw: (text: string) => socket.write(text),
      tell: (what: DeviceCommand) => socket.write(`${JSON.stringify(what)}\n`),
      next: (wanted: (line: DeviceMessage) => boolean) =>
        new Promise<DeviceMessage>((resolve) => {
          const found = said.find(wanted);
          if (found) resolve(found);
          else waiting.push({ wanted, found: resolve });
        }),
    };
  };
  return { join };
}

test('says who it is to whoever joins, and where it is again and again', async () => {
  const { join } = await served();
  const one = await join();
  expect(await one.next(({ is }) => is === 'hello')).toMatchObject({ standIn: true, kind: 'readout' });
  expect(await one.next(({ is }) => is === 'position')).toMatchObject({ at: { x: 0, y: 0, z: 0 } });
});

test('what one tells it, all see', async () => {
  const { join } = await served();
  const [one, two] = [await join(), await join()];
  one.tell({ do: 'act', act: { do: 'set', axis: 'x', value: 7.5 } });
  const seen = await two.next((line) => line.is === 'position' && line.at.x === 7.5);
  expect(seen.is).toBe('position');
});

test('what is not understood is said, and it goes on', async () => {
  const { join } = await served();
  const one = await join();
  one.raw('what?\n{"do":"fly"}\n');
  expect(await one.next(({ is }) => is === 'trouble')).toEqual({ is: 'trouble', says: 'That was not understood.' });
  one.tell({ do: 'press' });
  expect(await one.next(({ is }) => is === 'touch')).toMatchObject({ scale: 'readout' });
});
