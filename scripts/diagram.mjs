/** Draws docs/floors.svg and docs/reading.svg anew, from the floors as lint holds them: `npm run diagram`. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { floorsSvg, readingSvg } from './lib/diagram.mjs';
import { ROOT } from './lib/steps.mjs';

writeFileSync(join(ROOT, 'docs/floors.svg'), floorsSvg());
writeFileSync(join(ROOT, 'docs/reading.svg'), readingSvg());
