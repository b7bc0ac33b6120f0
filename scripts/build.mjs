import { build } from './lib/build.mjs';
import { ensureInstalled } from './lib/steps.mjs';

ensureInstalled();
build();
