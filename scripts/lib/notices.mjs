/**
 * Writes who made what the app is built from: every package with a file in the scripts that are handed out, by the maps the
 * packer drew, with its licence and that licence's text. The maps are gone afterwards.
 */
import { init } from 'license-checker-rseidelsohn';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { promisify } from 'node:util';

const [, , root, folder] = process.argv;
const SCRIPTS = join(folder, '_expo/static/js/web');

/** In no map: paths of icons are put in their place as they are, and the worker that keeps the app has none. */
const ALSO = ['@mdi/js', 'workbox-core', 'workbox-precaching', 'workbox-routing', 'workbox-strategies'];

/** Faces and their licences lie beside the app, not in its scripts. */
const FACES = [
  { name: 'Atkinson Hyperlegible Next', file: 'LICENSE-atkinson-hyperlegible-next.txt' },
  { name: 'JetBrains Mono', file: 'LICENSE-jetbrains-mono.txt' },
];

/** `node_modules/a/node_modules/@b/c/lib/x.js` as `node_modules/a/node_modules/@b/c`; undefined for a file of our own. */
function packageOf(source) {
  const at = source.lastIndexOf('node_modules/');
  if (at < 0) return undefined;
  const [first, second] = source.slice(at + 'node_modules/'.length).split('/');
  const from = source.indexOf('node_modules/');
  return source.slice(from, at) + join('node_modules', first.startsWith('@') ? join(first, second) : first);
}

const maps = readdirSync(SCRIPTS).filter((name) => name.endsWith('.map'));
if (maps.length === 0) throw new Error('the packer drew no maps: who made what is in the scripts is not known');
const folders = new Set(ALSO.map((name) => join('node_modules', name)));
for (const name of maps) {
  for (const source of JSON.parse(readFileSync(join(SCRIPTS, name), 'utf8')).sources) {
    const found = packageOf(source);
    if (found) folders.add(found);
  }
}

const known = await promisify(init)({ start: root, excludePrivatePackages: true });

/** A licence's own text; what only stands in a README is told by its name. */
const textOf = ({ licenseFile }) =>
  licenseFile && !/^readme/i.test(basename(licenseFile)) && existsSync(licenseFile)
    ? readFileSync(licenseFile, 'utf8').trim()
    : '';

const texts = [];
const place = (text) => {
  if (text === '') return null;
  if (!texts.includes(text)) texts.push(text);
  return texts.indexOf(text);
};

const packages = [...folders].map((path) => {
  const { name, version } = JSON.parse(readFileSync(join(root, path, 'package.json'), 'utf8'));
  const one = known[`${name}@${version}`];
  if (!one) throw new Error(`no licence is known of ${name} ${version}`);
  return {
    name,
    version,
    licence: [one.licenses].flat().join(' or '),
    ...(one.publisher && { by: one.publisher }),
    text: place(textOf(one)),
  };
});
const faces = FACES.map(({ name, file }) => ({
  name,
  version: '',
  licence: 'OFL-1.1',
  text: place(readFileSync(join(folder, 'fonts', file), 'utf8').trim()),
}));
const list = [...packages, ...faces].sort((a, b) => a.name.localeCompare(b.name));
writeFileSync(join(folder, 'notices.json'), JSON.stringify({ packages: list, texts }));

for (const name of maps) rmSync(join(SCRIPTS, name));
for (const name of readdirSync(SCRIPTS).filter((one) => one.endsWith('.js'))) {
  const path = join(SCRIPTS, name);
  writeFileSync(path, readFileSync(path, 'utf8').replace(/\n?\/\/# (sourceMappingURL|debugId)=[^\n]*/g, ''));
}
