import { shapeOf } from '../layout/pageShape';
import { setShellColours } from '../theme/shellColours';
import { PALETTES } from '../theme/palette';
import { partsOf } from './pageParts';

/**
 * Runs before anything else of a page, and stands in it (`scripts/lib/build.mjs`): gives what stands there the
 * page's own shape and colours, and runs the first script with those of the page behind it, all fetched at once, so that the
 * page is drawn in one go.
 */

/** The first script, all others, and which of them each part needs, by its module: written at the build. */
declare const ENTRY: string;
declare const FILES: readonly string[];
declare const PARTS: Readonly<Record<string, readonly number[]>>;

declare global {
  interface Window {
    /** How a script names a module; the first script brings the real one. */
    __d?: (...of: unknown[]) => void;
    /** What was asked of the server before the app ran, by address; taken once. */
    zeroPointAsked?: Map<string, Promise<Response>>;
    /** Every script of this build. */
    zeroPointFiles?: readonly string[];
    /** Those that have run on this page (`async-require.js`). */
    zeroPointRun?: Set<string>;
  }
}

function modeKept(): keyof typeof PALETTES {
  try {
    const kept = JSON.parse(localStorage.getItem('zero-point.settings') ?? '') as { state: { mode: string } };
    const { mode } = kept.state;
    return mode in PALETTES ? (mode as keyof typeof PALETTES) : 'day';
  } catch {
    return 'day';
  }
}

/** After the page has loaded, ms. */
const TAKEN_WITHIN = 5000;

const { pathname, search } = window.location;
document.documentElement.dataset.shape = shapeOf({ pathname, search });
setShellColours(modeKept(), document);

window.zeroPointFiles = FILES;
const { modules, soon, asks } = partsOf(pathname, search);
const needed = new Set([...modules, ...soon].flatMap((module) => PARTS[module] ?? []));
// Where the first script cannot be had the others have nothing to say.
window.__d ??= () => undefined;
const run = (window.zeroPointRun = new Set<string>());
for (const file of [ENTRY, ...[...needed].flatMap((at) => FILES[at] ?? [])]) {
  const script = document.createElement('script');
  script.src = file;
  script.onload = () => run.add(file);
  // Fetched side by side, run as they stand here.
  script.async = false;
  document.body.append(script);
}
window.zeroPointAsked = new Map(asks.map((path) => [path, fetch(`/api${path}`)]));
// Who takes it says what was wrong with it.
for (const asked of window.zeroPointAsked.values()) asked.catch(() => undefined);
// What nobody took soon after is old by the time somebody asks.
window.addEventListener('load', () => setTimeout(() => window.zeroPointAsked?.clear(), TAKEN_WITHIN));
