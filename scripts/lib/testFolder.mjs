import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * Gives a run of tests a temporary folder of its own: every database, certificate and download of its tests lies in it.
 *
 * @returns what takes it away again, once the last of them has ended
 */
export default function ownFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'zero-point-tests-'));
  process.env.TMPDIR = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
