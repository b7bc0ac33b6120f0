/** Day is warm paper, night graphite, shop the highest contrast with bigger digits. */
export type Mode = 'day' | 'night' | 'shop';

export interface Palette {
  dark: boolean;
  ground: string;
  surface: string;
  ink: string;
  /** For what is read second; still at least 4.5:1 on ground and surface. */
  inkSoft: string;
  line: string;
  /** Round what can be pressed or typed into: at least 3:1 on ground and surface. */
  edge: string;
  action: string;
  onAction: string;
  /** The mark of where you are and of what is set. */
  brass: string;
  good: string;
  warn: string;
  bad: string;
  /** The paper of the tape. */
  strip: string;
  /** The steel rule, no brighter than the page it lies on. */
  steel: string;
  steelInk: string;
  cursor: string;
  onStrip: string;
}

export const PALETTES: Readonly<Record<Mode, Palette>> = {
  day: {
    dark: false,
    ground: '#f6f1e7',
    surface: '#fffdf8',
    ink: '#1f1b16',
    inkSoft: '#564e40',
    line: '#b9ad97',
    edge: '#857a66',
    action: '#14365c',
    onAction: '#ffffff',
    brass: '#7a5610',
    good: '#1c5f35',
    warn: '#7d4300',
    bad: '#9c1f17',
    steel: '#c9ced3',
    steelInk: '#23282d',
    cursor: '#8a6212',
    strip: '#fffef9',
    onStrip: '#1f1b16',
  },
  night: {
    dark: true,
    ground: '#191b1e',
    surface: '#25282c',
    ink: '#f0ebe0',
    inkSoft: '#c0b9ab',
    line: '#585d64',
    edge: '#858b93',
    action: '#a9cdf0',
    onAction: '#0d2138',
    brass: '#e8bd60',
    good: '#8fd6a6',
    warn: '#f3bd72',
    bad: '#ffab9f',
    steel: '#33383e',
    steelInk: '#cfd4da',
    cursor: '#e8bd60',
    strip: '#ebe4d3',
    onStrip: '#1f1b16',
  },
  shop: {
    dark: true,
    ground: '#000000',
    surface: '#0c0c0c',
    ink: '#ffffff',
    inkSoft: '#e2e2e2',
    line: '#9a9a9a',
    edge: '#c4c4c4',
    action: '#ffffff',
    onAction: '#000000',
    brass: '#ffd35c',
    good: '#8dffb0',
    warn: '#ffd27a',
    bad: '#ffb3a8',
    steel: '#161616',
    steelInk: '#e2e2e2',
    cursor: '#ffd35c',
    strip: '#ffffff',
    onStrip: '#000000',
  },
};

/** Marked-out metal: the same in every mode, so a drawing is known at a glance. */
export const METAL = {
  blue: '#12325a',
  blueDeep: '#0c2444',
  silver: '#e4ebf1',
  silverSoft: '#a9bdd0',
  brass: '#f0c667',
  band: 'rgba(240, 198, 103, 0.28)',
  /** Where metal would go that ought to stay. */
  wrong: 'rgba(255, 120, 104, 0.8)',
  steel: '#c9ced3',
  steelInk: '#23282d',
} as const;
