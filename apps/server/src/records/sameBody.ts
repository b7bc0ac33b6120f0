import { isDeepStrictEqual } from 'node:util';

/** Whether two bodies say the same, as the record tells them apart: as JSON, so that -0 is 0 and what is left out is undefined. */
export const sameBody = (a: unknown, b: unknown): boolean =>
  isDeepStrictEqual(JSON.parse(JSON.stringify(a)), JSON.parse(JSON.stringify(b)));
