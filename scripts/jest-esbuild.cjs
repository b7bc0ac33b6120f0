/** Jest transform for Node code: esbuild, TypeScript or modern JavaScript to CommonJS, source maps inline. */
const { transformSync } = require('esbuild');

module.exports = {
  process(source, file) {
    const { code } = transformSync(source, {
      loader: file.endsWith('x') ? 'tsx' : 'ts',
      format: 'cjs',
      target: 'node20',
      // Jest's own Node knows no `import()`: it becomes a `require` that waits.
      supported: { 'dynamic-import': false },
      sourcefile: file,
      sourcemap: 'inline',
      define: { 'import.meta.url': '__zeroPointUrl' },
      banner: "const __zeroPointUrl = require('node:url').pathToFileURL(__filename).href;",
    });
    return { code };
  },
};
