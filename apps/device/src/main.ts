import { SIMULATED_DEVICES } from '@zero-point/core/link/simulatedDevices';
import { serveStandIn } from './serve';

/** A simulated device as a process of its own: `KIND` is `readout` or `controller`, `PORT` where it listens on this machine,
 * `SIMULATION_KEY` what the server that may move it was started with. */
const kind = process.env.KIND === 'controller' ? 'controller' : 'readout';
const port = Number(process.env.PORT ?? 0);
const { server, close } = serveStandIn(SIMULATED_DEVICES[kind], process.env.SIMULATION_KEY);

server.on('error', (error: NodeJS.ErrnoException) => {
  process.stderr.write(`The simulated ${kind} cannot listen on port ${port}: ${error.code ?? error.message}\n`);
  process.exit(1);
});
server.listen(port, '127.0.0.1', () => {
  const address = server.address();
  const at = typeof address === 'object' && address ? address.port : port;
  process.stdout.write(`${SIMULATED_DEVICES[kind].name} is at 127.0.0.1:${at}\n`);
});

const stop = () => {
  close();
  process.exit(0);
};
process.once('SIGINT', stop);
process.once('SIGTERM', stop);
// It goes with whoever started it.
process.once('disconnect', stop);
