import { cpSync, existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { basename, extname, join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { must, once, ROOT, say, tool } from './steps.mjs';

const COMPRESSED = new Set(['.js', '.css', '.html', '.svg', '.json', '.txt']);

/** A .br and .gz beside every text file of an export, made once so that serving costs nothing. */
export function compress(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) compress(path);
    else if (COMPRESSED.has(extname(name))) {
      const content = readFileSync(path);
      writeFileSync(`${path}.br`, brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }));
      writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
    }
  }
}

/**
 * Lets the browser fetch the first script while it still reads the page, and names the build in it: the server tells its own
 * with every answer, so that a page that is older or newer notices.
 */
export function preloadEntry(folder) {
  const page = join(folder, 'index.html');
  const html = readFileSync(page, 'utf8');
  const entry = /src="(\/_expo\/[^"]+\/entry-([^"]+)\.js)"/.exec(html);
  if (!entry) throw new Error(`no entry script in ${page}`);
  const [, src, build] = entry;
  const head = [`<link rel="preload" href="${src}" as="script" />`, `<meta name="build" content="${build}" />`];
  writeFileSync(page, html.replace('</title>', `</title>\n    ${head.join('\n    ')}`));
}

/** What runs before any other script stands in the page itself: it knows the files of every part, and which of them each page needs. */
function inlineBoot(app, folder) {
  const page = join(folder, 'index.html');
  const html = readFileSync(page, 'utf8');
  const [tag, entry] = /<script src="([^"]+\/entry-[^"]+\.js)"[^>]*><\/script>/.exec(html);
  const parts = JSON.parse(readFileSync(join(ROOT, app, '.expo/parts.json'), 'utf8'));
  const files = [...new Set(Object.values(parts).flat())];
  const numbered = Object.entries(parts).map(([part, own]) => [part, own.map((file) => files.indexOf(file))]);
  const script = execFileSync(
    tool('esbuild'),
    [
      join(ROOT, app, 'src/boot/boot.ts'),
      '--bundle',
      '--minify',
      '--format=iife',
      '--target=es2020',
      `--define:ENTRY=${JSON.stringify(entry)}`,
      `--define:FILES=${JSON.stringify(files)}`,
      `--define:PARTS=${JSON.stringify(Object.fromEntries(numbered))}`,
      '--log-level=warning',
    ],
    { encoding: 'utf8' },
  );
  writeFileSync(
    page,
    html.replace(tag, () => `<script>${script.trim()}</script>`),
  );
}

/** The worker that all windows of a browser share, as a script of its own; the page says where it is. */
function bundleSharedHub(app, folder) {
  const code = execFileSync(
    tool('esbuild'),
    [
      join(ROOT, app, 'src/stream/sharedHub.worker.ts'),
      '--bundle',
      '--minify',
      '--format=iife',
      '--target=es2020',
      '--log-level=warning',
    ],
    { encoding: 'utf8' },
  );
  const hash = createHash('sha256').update(code).digest('hex').slice(0, 16);
  const path = `_expo/static/js/web/stream-${hash}.js`;
  writeFileSync(join(folder, path), code);
  const page = join(folder, 'index.html');
  const html = readFileSync(page, 'utf8');
  writeFileSync(page, html.replace('</title>', `</title>\n    <meta name="stream" content="/${path}" />`));
}

/** The first page paints without asking for anything else: its few rules stand in it. */
export function inlineShell(folder) {
  const page = join(folder, 'index.html');
  const link = '<link rel="stylesheet" href="/shell.css" />';
  const html = readFileSync(page, 'utf8');
  // Only our own has a shell; the floor's page is bare.
  if (!html.includes(link)) return;
  const css = readFileSync(join(folder, 'shell.css'), 'utf8');
  writeFileSync(
    page,
    html.replace(link, () => `<style>\n${css}    </style>`),
  );
}

/**
 * Exports an Expo app for the web into its own dist folder; where it is to be handed out, with who made what it is built
 * from, and with a worker that keeps it on the device.
 */
export function exportApp(app, { handedOut = false } = {}) {
  const output = join(app, 'dist');
  rmSync(join(ROOT, output), { recursive: true, force: true });
  must(tool('expo'), ['export', '--platform', 'web', '--output-dir', 'dist', ...(handedOut ? ['--source-maps'] : [])], {
    cwd: join(ROOT, app),
    env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
  });
  preloadEntry(join(ROOT, output));
  if (handedOut) {
    inlineBoot(app, join(ROOT, output));
    bundleSharedHub(app, join(ROOT, output));
  }
  inlineShell(join(ROOT, output));
  if (handedOut) {
    must(process.execPath, [join(ROOT, 'scripts/lib/notices.mjs'), ROOT, join(ROOT, output)]);
    must(process.execPath, [join(ROOT, 'scripts/lib/offline.mjs'), join(ROOT, output)]);
  }
  compress(join(ROOT, output));
}

/** Faces that sheets are printed in. */
const FACES = [
  'atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  'atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
  'jetbrains-mono/400Regular/JetBrainsMono_400Regular.ttf',
];

function bundleServer() {
  const out = join(ROOT, 'apps/server/dist');
  rmSync(out, { recursive: true, force: true });
  must(tool('esbuild'), [
    'server=apps/server/src/main.ts',
    'copies=apps/server/src/backup/backupCli.ts',
    'worker=apps/server/src/background/worker.ts',
    'host=apps/server/src/testing/shopHost.ts',
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--external:better-sqlite3',
    '--external:pdfkit',
    '--external:tinypool',
    '--external:qrcode',
    '--external:@peculiar/*',
    '--external:serialport',
    '--outdir=apps/server/dist',
    '--out-extension:.js=.mjs',
    "--banner:js=import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    '--log-level=warning',
  ]);
  cpSync(join(ROOT, 'apps/server/migrations'), join(out, 'migrations'), { recursive: true });
  for (const face of FACES)
    cpSync(join(ROOT, 'node_modules/@expo-google-fonts', face), join(out, 'fonts', basename(face)), {
      recursive: true,
    });
}

/** The server's own bundle, and that of its copies. */
export function buildServer() {
  once('server', ['package-lock.json', 'packages/core/src', 'apps/server'], 'apps/server/dist/server.mjs', () => {
    say('Bundling the server. A second.');
    bundleServer();
  });
}

/** The simulated devices, processes of their own. */
export function buildDevices() {
  once('device', ['package-lock.json', 'packages/core/src', 'apps/device'], 'apps/device/dist/device.mjs', () => {
    say('Bundling the simulated devices. A second.');
    must(tool('esbuild'), [
      'device=apps/device/src/main.ts',
      '--bundle',
      '--platform=node',
      '--format=esm',
      '--target=node20',
      '--outdir=apps/device/dist',
      '--out-extension:.js=.mjs',
      '--log-level=warning',
    ]);
  });
}

/** Everything the server needs to run: its own bundle and the exported app. */
export function build() {
  buildServer();
  buildDevices();
  once('app', ['package-lock.json', 'packages/core/src', 'apps/app', 'scripts/lib'], 'apps/app/dist/index.html', () => {
    say('Building the app. About 1 minute the first time, seconds after.');
    exportApp('apps/app', { handedOut: true });
  });
  if (!existsSync(join(ROOT, 'apps/app/dist/index.html'))) throw new Error('the export made no index.html');
}
