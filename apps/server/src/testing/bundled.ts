import { execFileSync } from 'node:child_process';
import { mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { freshFile } from './shop';

const ROOT = join(__dirname, '..', '..', '..', '..');
const BANNER = "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);";

/** A file of the server bundled as the build does it, in a folder of its own. */
export function bundled(file: string): string {
  const bundle = join(dirname(freshFile()), 'bundle.mjs');
  mkdirSync(dirname(bundle), { recursive: true });
  const outside = ['better-sqlite3', 'pdfkit', 'tinypool', 'qrcode', '@peculiar/*', 'serialport'];
  execFileSync(
    join(ROOT, 'node_modules/.bin/esbuild'),
    [
      join(__dirname, '..', file),
      '--bundle',
      '--platform=node',
      '--format=esm',
      '--log-level=error',
      ...outside.map((name) => `--external:${name}`),
      `--outfile=${bundle}`,
      `--banner:js=${BANNER}`,
    ],
    { cwd: ROOT },
  );
  // Beside the project's own packages, so that the binding is found.
  writeFileSync(join(dirname(bundle), 'package.json'), '{"type":"module"}');
  symlinkSync(join(ROOT, 'node_modules'), join(dirname(bundle), 'node_modules'));
  return bundle;
}
