/**
 * Paper's own import rewriter, so that a screen carries only the components it uses,
 * with the two themes it leaves out added to its mapping.
 */
const { mkdirSync, writeFileSync } = require('node:fs');
const { join } = require('node:path');
const shipped = require('react-native-paper/lib/mappings.json');

const themes = 'lib/module/styles/themes';
const folder = join(__dirname, '.expo');
const file = join(folder, 'paper-mappings.json');

mkdirSync(folder, { recursive: true });
writeFileSync(
  file,
  JSON.stringify({
    ...shipped,
    mappings: {
      ...shipped.mappings,
      MD3LightTheme: { path: themes, name: 'MD3LightTheme' },
      MD3DarkTheme: { path: themes, name: 'MD3DarkTheme' },
    },
  }),
);

module.exports = ['react-native-paper/babel', { mappings: file }];
