import { MAX_HOLES } from '../records/values/maxHoles';
import { Refusal } from '../problem/problem';
import { MAX_LENGTH, type LengthUnit } from '../units/unit';

/** A hole as files have it: mm from part zero; what a file does not say is left out. */
export interface FileHole {
  x: number;
  y: number;
  diameter?: number;
  depth?: number;
  note?: string;
  /** The pattern, layer or tool it stands under in the file. */
  group?: string;
  /** Its number there. */
  hole?: number;
  /** Seen from the middle of its pattern, degrees. */
  angle?: number;
}

/** What was read from a file. */
export interface ReadHoles {
  holes: FileHole[];
  unit: LengthUnit;
  /** What else was in it and was left out, by name. */
  skipped: { what: string; count: number }[];
}

/** Largest file that is read, bytes. */
export const LARGEST_FILE = 20 * 1024 * 1024;

/** @throws Refusal: a file that does not say its unit is not guessed at */
export function askUnit(): never {
  throw new Refusal({
    code: 'unit-unknown',
    field: 'unit',
    message: 'The file does not say whether it is in millimetres or inches. Say which, and it is read.',
  });
}

/** What is wrong with a hole's figures; nothing where they can be. */
function wrongWith({ x, y, diameter, depth }: FileHole): string | undefined {
  if (!Number.isFinite(x) || !Number.isFinite(y)) return 'its place is no figure';
  if (Math.abs(x) > MAX_LENGTH || Math.abs(y) > MAX_LENGTH) return 'its place is beyond 10 metres; check the unit';
  if (diameter !== undefined && !(diameter > 0 && diameter <= MAX_LENGTH))
    return 'its diameter must be greater than zero';
  if (depth !== undefined && !(Math.abs(depth) <= MAX_LENGTH)) return 'its depth is beyond 10 metres';
  return undefined;
}

/**
 * Holes of a file, once there are some, not too many, and every one can be.
 *
 * @throws Refusal naming the first that cannot
 */
export function checked(read: ReadHoles): ReadHoles {
  if (read.holes.length === 0) {
    const others = read.skipped.map(({ what, count }) => `${count} × ${what}`).join(', ');
    throw new Refusal({
      code: 'no-holes',
      field: 'file',
      message: `The file has no holes${others === '' ? '' : `; it has ${others}`}. Circles, points and drilling moves are read as holes.`,
    });
  }
  if (read.holes.length > 2 * MAX_HOLES)
    throw new Refusal({
      code: 'too-many-holes',
      field: 'file',
      message: `The file has ${read.holes.length} holes; at most ${2 * MAX_HOLES} are read at once. Split it.`,
    });
  const bad = read.holes.findIndex((hole) => wrongWith(hole) !== undefined);
  const hole = read.holes[bad];
  if (hole)
    throw new Refusal({
      code: 'bad-hole',
      field: `holes.${bad}`,
      message: `Hole ${bad + 1} of the file: ${wrongWith(hole) ?? ''}. Nothing was taken over.`,
    });
  return read;
}

/** Counts things by name. */
export function countedHoles(names: Iterable<string>): ReadHoles['skipped'] {
  const counts = new Map<string, number>();
  for (const what of names) counts.set(what, (counts.get(what) ?? 0) + 1);
  return [...counts].map(([what, count]) => ({ what, count }));
}
