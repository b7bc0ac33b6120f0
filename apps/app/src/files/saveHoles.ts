import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { fileHoles } from '@zero-point/core/state/holes/holes';
import { outlineOf } from '@zero-point/core/datum/partFrame';
import { holesSvg } from '@zero-point/core/formats/holes/holesSvg';
import { positionsCsv } from '@zero-point/core/formats/holes/holesCsv';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import { saveFile } from './saveFile';
import { writeHoles } from '../workers/holesJob';

export type HolesFile = 'csv' | 'json' | 'dxf' | 'svg';

/** Files that positions are saved as. */
export const HOLES_FILES: readonly { format: HolesFile; label: string }[] = [
  { format: 'csv', label: 'CSV' },
  { format: 'json', label: 'JSON' },
  { format: 'dxf', label: 'DXF' },
  { format: 'svg', label: 'SVG drawing' },
];

/**
 * Hands holes of these patterns to the person as a file, from part zero.
 *
 * @throws WorkRefused by the promise, where a file cannot hold them
 */
export async function saveHoles(book: SetupState, patterns: readonly Pattern[], format: HolesFile): Promise<void> {
  const { setup, part } = book;
  const holes = fileHoles(book, patterns);
  const name = `${setup.id}-positions`;
  switch (format) {
    case 'csv':
      return saveFile(positionsCsv(holes, setup.units), 'text/csv', `${name}.csv`);
    case 'json': {
      const text = await writeHoles({ kind: 'write-json', holes }).result;
      return saveFile(text ?? '', 'application/json', `${name}.json`);
    }
    case 'dxf': {
      const text = await writeHoles({ kind: 'write-dxf', holes, unit: setup.units }).result;
      return saveFile(text ?? '', 'application/dxf', `${name}.dxf`);
    }
    case 'svg': {
      const outline = outlineOf(part, setup.partZero);
      return saveFile(holesSvg(holes, outline, setup.name, setup.units), 'image/svg+xml', `${name}.svg`);
    }
  }
}
