/** Parts of the app with a script of their own that a page needs, and what it asks of the server first. */
interface PageParts {
  /** Their modules, from `src`. */
  modules: string[];
  /** What the page shows as soon as something was typed or went wrong: there before the server may be away. */
  soon: string[];
  /** Addresses of the interface. */
  asks: string[];
}

const STATION = 'stations/StationPage.tsx';

/** What the page at an address needs beside the first script; no more than a hint, so that what is missing here only comes later. */
export function partsOf(pathname: string, search: string): PageParts {
  if (pathname === '/') return { modules: ['stations/bench/Screen.tsx'], soon: [], asks: ['/setups'] };
  const [, first, setup, station] = pathname.split('/');
  if (first !== 'setup' || !setup || !station || setup.startsWith('practice-'))
    return { modules: [], soon: [], asks: [] };
  const chosen = new URLSearchParams(search);
  return {
    modules: [STATION, ...stationModules(station, chosen)],
    soon: [
      'delivery/OutboxTroubles.tsx',
      'dialogs/PageDialogContent.tsx',
      ...(chosen.has('f') ? ['stations/datum/parts/feature/FeatureMore.tsx'] : []),
    ],
    asks: [`/setups/${setup}`],
  };
}

function stationModules(station: string, chosen: URLSearchParams): string[] {
  const screen = `stations/${station}/Screen.tsx`;
  switch (station) {
    case 'drive':
      return ['stations/holes/parts/moves/MoveList.tsx'];
    case 'datum':
      return [screen, ...(chosen.has('f') ? ['stations/datum/parts/feature/FeaturePage.tsx'] : [])];
    case 'alignment':
      return [screen, ...(chosen.has('task') ? ['stations/alignment/parts/TaskScreen.tsx'] : [])];
    case 'verify':
      return [screen, ...(chosen.has('show') ? [] : ['stations/verify/parts/TouchAgainPage.tsx'])];
    default:
      return [screen];
  }
}
