import { Refusal } from '@zero-point/core/problem/problem';
import { readText } from '../files/readText';
import { request } from './client';

/** As much as the server takes, bytes. */
const LARGEST = 40_000_000;

/** A file that is no JSON at all. */
export class NoJson extends Error {
  constructor() {
    super('This file is not a Zero Point setup. Choose one saved under Setup sheet as a whole setup.');
  }
}

/**
 * Opens the file of a whole setup in this shop; its id here.
 *
 * @throws NoJson; Refusal where it is too large; ServerRefusal with what is wrong with it; ServerAway
 */
export async function openSetupFile(file: Blob): Promise<string> {
  let data: unknown;
  try {
    data = JSON.parse(await readText(file, LARGEST));
  } catch (error) {
    if (error instanceof Refusal && error.code === 'too-large') throw error;
    throw new NoJson();
  }
  const { id } = await request<{ id: string }>('POST', '/setup-files', data);
  return id;
}
