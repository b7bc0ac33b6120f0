import { createLineSplitter } from '@zero-point/core/link/lineSplitter';
import { LONGEST_LINE, deviceCommand, type DeviceMessage } from '@zero-point/core/link/message';
import {
  answer,
  createSimulatedDevice,
  helloLine,
  positionLine,
  type SimulatedDeviceSpec,
} from '@zero-point/core/link/simulatedDevice';
import { createServer, type Server, type Socket } from 'node:net';

/** A device says where it is so often, ms. */
const BEAT = 400;

const written = (line: DeviceMessage): string => `${JSON.stringify(line)}\n`;

/**
 * A stand-in that listens on a port of this machine: says who it is and where it is to everybody who is connected, and
 * does what it is told by any of them.
 *
 * @param key told in its hello, so that the server that was started with it knows it
 */
export function serveStandIn(spec: SimulatedDeviceSpec, key?: string): { server: Server; close: () => void } {
  let standIn = createSimulatedDevice(spec);
  const sockets = new Set<Socket>();
  const sayAll = (lines: readonly DeviceMessage[]) => {
    const text = lines.map(written).join('');
    for (const socket of sockets) socket.write(text);
  };
  const keyed = (line: DeviceMessage): DeviceMessage =>
    line.is === 'hello' && key !== undefined ? { ...line, key } : line;
  const hear = (line: string): DeviceMessage[] => {
    try {
      const { next, lines } = answer(standIn, deviceCommand.parse(JSON.parse(line)));
      standIn = next;
      return lines.map(keyed);
    } catch {
      return [{ is: 'trouble', says: 'That was not understood.' }];
    }
  };
  const server = createServer((socket) => {
    const splitter = createLineSplitter(LONGEST_LINE);
    sockets.add(socket);
    socket.setEncoding('utf8');
    socket.on('data', (text) => {
      for (const line of splitter.push(String(text))) sayAll(hear(line));
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => sockets.delete(socket));
    socket.write(written(keyed(helloLine(standIn))) + written(positionLine(standIn)));
  });
  const beat = setInterval(() => sayAll([positionLine(standIn)]), BEAT);
  return {
    server,
    close: () => {
      clearInterval(beat);
      for (const socket of sockets) socket.destroy();
      server.close();
    },
  };
}
