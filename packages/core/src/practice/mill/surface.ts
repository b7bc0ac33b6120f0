import type { Approach } from '../../schema/quantities';

/** What of the part can be touched: its four sides, its top, and the walls of a bore, by which way they are from its middle. */
export type Surface = 'left' | 'right' | 'front' | 'back' | 'top' | Wall;

export type Wall = 'bore-left' | 'bore-right' | 'bore-front' | 'bore-back';

/** Which way along its axis a surface is come at; a height from above. */
export const toward = (surface: Surface): Approach =>
  surface === 'left' || surface === 'front' || surface === 'bore-right' || surface === 'bore-back' ? 1 : -1;

/** Where the contact stands to the part. */
export interface Near {
  surface: Surface;
  /** From the contact, or from what lies between, to the part, mm; negative where they press. */
  gap: number;
}
