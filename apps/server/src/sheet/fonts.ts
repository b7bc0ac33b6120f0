import { existsSync } from 'node:fs';
import { join } from 'node:path';

/** Files of the faces that are embedded in a sheet. */
export interface SheetFonts {
  words: string;
  strong: string;
  figures: string;
}

/** Each face, as it is called in its package and beside the bundled server. */
const FILES: Readonly<Record<keyof SheetFonts, { folder: string; file: string }>> = {
  words: { folder: 'atkinson-hyperlegible-next/400Regular', file: 'AtkinsonHyperlegibleNext_400Regular.ttf' },
  strong: { folder: 'atkinson-hyperlegible-next/700Bold', file: 'AtkinsonHyperlegibleNext_700Bold.ttf' },
  figures: { folder: 'jetbrains-mono/400Regular', file: 'JetBrainsMono_400Regular.ttf' },
};

/**
 * Where the faces are: beside the bundled server, else in the packages they come from.
 *
 * @throws Error naming the face that is nowhere
 */
export function sheetFonts(beside: string, packages: string): SheetFonts {
  const find = (name: keyof SheetFonts): string => {
    const { folder, file } = FILES[name];
    const places = [join(beside, file), join(packages, '@expo-google-fonts', folder, file)];
    const found = places.find(existsSync);
    if (found === undefined) throw new Error(`the face ${file} is missing: build the server again`);
    return found;
  };
  return { words: find('words'), strong: find('strong'), figures: find('figures') };
}
