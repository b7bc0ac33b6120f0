/** The demo shop: installs what is missing, builds, starts the server and two simulated devices, prints the address. */
import { build } from './lib/build.mjs';
import { startDevices } from './lib/devices.mjs';
import { serve, serverEnvironment } from './lib/serve.mjs';
import { ensureInstalled, say } from './lib/steps.mjs';

ensureInstalled();
build();
say(
  'Starting with the demo shop, kept in data/demo.sqlite, a simulated DRO and a simulated control. Stop with Ctrl+C.',
);
const { environment } = await startDevices();
serve({ ...serverEnvironment({ demo: true, database: 'demo.sqlite' }), ...environment });
