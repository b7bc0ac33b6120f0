/** A person's own shop, empty at first. */
import { build } from './lib/build.mjs';
import { serve, serverEnvironment } from './lib/serve.mjs';
import { ensureInstalled, say } from './lib/steps.mjs';

ensureInstalled();
build();
say('Starting with your own shop, kept in data/shop.sqlite. Stop with Ctrl+C.');
serve(serverEnvironment({ demo: false, database: 'shop.sqlite' }));
