import { rmSync } from 'node:fs';

/** The temporary folder of a run of units, which `testFolder.mjs` made, goes with it. */
export default function folderGone() {
  const folder = process.env.TMPDIR;
  if (folder?.includes('zero-point-tests-')) rmSync(folder, { recursive: true, force: true });
}
