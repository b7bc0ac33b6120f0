import type { LiveFigure } from '@zero-point/core/link/liveReading';

/** What is logged: as it was typed, or as it was taken from a link. */
export type TypedOrCaptured = string | LiveFigure;

/** Its text, where there was one. */
export const typedTextOf = (said: TypedOrCaptured): string => (typeof said === 'string' ? said : '');
