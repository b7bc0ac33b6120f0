import { request } from './client';

/** A file that is no JSON at all. */
export class NoJson extends Error {
  constructor() {
    super('This is no file of a set-up. Choose one that was saved on the page Sheet, as a whole set-up.');
  }
}

/**
 * Opens the file of a whole set-up in this shop; its id here.
 *
 * @throws NoJson; ServerRefusal with what is wrong with it; ServerAway
 */
export async function openSetupFile(file: Blob): Promise<string> {
  let data: unknown;
  try {
    data = JSON.parse(await file.text());
  } catch {
    throw new NoJson();
  }
  const { id } = await request<{ id: string }>('POST', '/setup-files', data);
  return id;
}
