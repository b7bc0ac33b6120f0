/** The demo shop: installs what is missing, builds, starts the server, prints the address. */
import { build } from './lib/build.mjs';
import { serve, serverEnvironment } from './lib/serve.mjs';
import { ensureInstalled, say } from './lib/steps.mjs';

ensureInstalled();
build();
say('Starting with the demo shop, kept in data/demo.sqlite. Stop with Ctrl+C.');
serve(serverEnvironment({ demo: true, database: 'demo.sqlite' }));
