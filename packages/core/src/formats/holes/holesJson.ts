import { z } from 'zod';
import { angle, length, positiveLength } from '../../schema/quantities';
import { Refusal } from '../../problem/problem';
import { jsonOf } from '../plainFigure';
import { askUnit, checked, type FileHole, type ReadHoles } from '../../holes/fileHole';

const FORMAT = 'zero-point/holes/1';

/** Holes as a JSON file has them; lengths always in mm, and it says so. */
export const holesFile = z
  .object({
    format: z.literal(FORMAT, { error: `must be ${FORMAT}` }),
    unit: z.literal('mm', { error: 'must be mm: lengths in this format are millimetres' }),
    holes: z.array(
      z.object({
        x: length,
        y: length,
        diameter: positiveLength.optional(),
        depth: positiveLength.optional(),
        note: z.string().max(80).optional(),
        group: z.string().max(80).optional(),
        hole: z.number().int().min(1).optional(),
        angle: angle.optional(),
      }),
    ),
  })
  .meta({ id: 'HolesFile' });

/** Holes as JSON, every digit kept. */
export const holesJson = (holes: readonly FileHole[]): string =>
  `${JSON.stringify({ format: FORMAT, unit: 'mm', holes }, null, 1)}\n`;

/** @throws Refusal naming the place in the file, with what it should be */
export function holesFromJson(text: string): ReadHoles {
  let parsed: unknown;
  try {
    parsed = jsonOf(text);
  } catch {
    throw new Refusal({
      code: 'bad-json',
      field: 'file',
      message: 'The file is not JSON, or it is cut off. See whether it is the right file and whole.',
    });
  }
  if (typeof parsed === 'object' && parsed !== null && 'holes' in parsed && !('unit' in parsed)) askUnit();
  const read = holesFile.safeParse(parsed);
  if (!read.success) {
    const { path, message } = read.error.issues[0] ?? { path: [], message: 'is not as expected' };
    throw new Refusal({
      code: 'bad-json',
      field: path.join('.'),
      message: `${path.length > 0 ? path.join('.') : 'The file'} ${message}. Nothing was taken over.`,
    });
  }
  // Left-out fields are left out, not undefined.
  const holes = read.data.holes.map((hole) => JSON.parse(JSON.stringify(hole)) as FileHole);
  return checked({ holes, unit: 'mm', skipped: [] });
}
