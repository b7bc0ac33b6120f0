import { METAL, PALETTES, type Mode } from './palette';

/** Gives the page's own ground, and what stands in for a page on its way, the colours of a mode. */
export function setShellColours(mode: Mode, { documentElement: { style } }: Pick<Document, 'documentElement'>): void {
  const { dark, ground, surface, ink, line, steel } = PALETTES[mode];
  style.colorScheme = dark ? 'dark' : 'light';
  const colours = { ground, surface, ink, line, steel, metal: METAL.blue };
  for (const [name, colour] of Object.entries(colours)) style.setProperty(`--shell-${name}`, colour);
}
