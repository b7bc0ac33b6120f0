import type { LengthUnit } from '../../units/unit';
import type { Source } from './source.schema';

export type { Source };

/** The unit a bare number was typed in; undefined where nothing was typed. */
export const unitOf = (of: Source): LengthUnit | undefined => ('unit' in of ? of.unit : undefined);

/** What the value is more than the text says, mm: the place on the part of what the control took its zero from. */
export const placeOf = (of: Source): number => (of.by === 'control' ? (of.place ?? 0) : 0);

/** The link it came by, where it did. */
export const linkOf = (of: Source): string | undefined => ('link' in of ? of.link : undefined);

/** Just as typed; undefined where nothing was. */
export const textOf = (of: Source): string | undefined => ('text' in of ? of.text : undefined);
