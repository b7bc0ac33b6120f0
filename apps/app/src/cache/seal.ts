import { ownBuild } from '../api/offline';

/**
 * A seal on what is kept on the device: the build that wrote it and a sum over it. What this very build wrote, whole, needs no
 * reading field by field, which would cost a page that is loaded again the script of every schema.
 */

/** A sum over a text, by Fowler, Noll and Vo (FNV-1a, 32 bit). */
function sumOf(text: string): string {
  let sum = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) sum = Math.imul(sum ^ text.charCodeAt(i), 0x01000193);
  return (sum >>> 0).toString(36);
}

/** A text under the seal of this build; a page without a build, as in development, seals nothing. */
export const sealed = (json: string, build = ownBuild()): string =>
  build === undefined ? json : `${build} ${sumOf(json)}\n${json}`;

/** What stood under a seal, and whether this build wrote it just so. */
export function unsealed(text: string, build = ownBuild()): { json: string; own: boolean } {
  const end = text.indexOf('\n');
  if (text.startsWith('{') || end < 0) return { json: text, own: false };
  const json = text.slice(end + 1);
  return { json, own: build !== undefined && text.slice(0, end) === `${build} ${sumOf(json)}` };
}
