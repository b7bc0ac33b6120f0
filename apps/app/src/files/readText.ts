import { decodeText } from '@zero-point/core/formats/decodeText';
import { Refusal } from '@zero-point/core/problem/problem';

/** A size in words: `20 MB`. */
const sizeWords = (bytes: number): string =>
  bytes >= 1_000_000 ? `${Math.round(bytes / 1_000_000)} MB` : `${Math.round(bytes / 1000)} kB`;

/**
 * A file as text. Its size is looked at before anything of it is read.
 *
 * @param largest bytes
 * @throws Refusal `too-large`, `no-text`
 */
export async function readText(file: Blob, largest: number): Promise<string> {
  if (file.size > largest)
    throw new Refusal({
      code: 'too-large',
      field: 'file',
      message: `The file has ${sizeWords(file.size)}; at most ${sizeWords(largest)} are read. Choose another, or split it.`,
    });
  return decodeText(new Uint8Array(await file.arrayBuffer()));
}
