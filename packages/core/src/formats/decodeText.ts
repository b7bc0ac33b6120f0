import { Refusal } from '../problem/problem';

/** Signs that no text file has: what is left when bytes are no text, or of an encoding that does not say itself. */
const NO_TEXT = /[\u0000-\u0008\u000E-\u0019\u001B-\u001F]/;

/** So far into a text its signs are looked at. */
const LOOKED_AT = 100_000;

/** Which encoding a byte-order mark says; undefined without one. */
function marked([a, b]: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  return a === 0xfe && b === 0xff ? 'utf-16be' : undefined;
}

/** UTF-8; else the one byte a sign that older programs write. */
function plain(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/**
 * A file's bytes as text, its byte-order mark left out.
 *
 * @throws Refusal `no-text` when they are none
 */
export function decodeText(bytes: Uint8Array): string {
  const encoding = marked(bytes);
  const text = encoding ? new TextDecoder(encoding).decode(bytes) : plain(bytes);
  if (!NO_TEXT.test(text.slice(0, LOOKED_AT))) return text;
  throw new Refusal({
    code: 'no-text',
    field: 'file',
    message: 'This is no text file, or one of an unknown encoding. Save it as text in UTF-8, or choose another.',
  });
}
