/**
 * How `import()` loads a part. Expo's own runs the part at once where its script is there already; a part in several
 * scripts (`split-chunks.js`) that is asked for again while some are still coming would fail then, and Metro keeps a
 * module that failed as failed. Here it waits for all of them.
 */
const expo = require('expo/src/async-require/asyncRequireModule');

/** Loads what is not there yet first; where nobody tells which scripts have run, as in development, all is as Expo has it. */
function asyncRequire(id, paths, name) {
  const files = paths?.[id];
  const run = globalThis.zeroPointRun;
  const missing = files && run && ![].concat(files).every((file) => run.has(file));
  if (!missing) return expo(id, paths, name);
  const later = globalThis.__loadBundleAsync(files).then(() => expo(id, paths, name));
  later._result = later;
  return later;
}

module.exports = Object.assign(asyncRequire, expo);
