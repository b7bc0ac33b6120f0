/** Reads a chosen file as it is now, however often it was written since. */
export type Reread = () => Promise<File>;

/** What a browser that hands out files by handle has; others give the file alone. */
interface Picker {
  showOpenFilePicker?: () => Promise<readonly { getFile: Reread }[]>;
}

const picker = (): Picker => (typeof window === 'undefined' ? {} : (window as Picker));

/** Whether this browser gives a file that can be read again after it was written again: some do, over a secure connection. */
export const hasHandles = (): boolean => picker().showOpenFilePicker !== undefined;

/**
 * Asks for a file by handle.
 *
 * @returns undefined where the person chose none
 * @throws DOMException where the browser refuses it
 */
export async function pickHandle(): Promise<{ file: File; reread: Reread } | undefined> {
  try {
    const [handle] = (await picker().showOpenFilePicker?.()) ?? [];
    return handle && { file: await handle.getFile(), reread: () => handle.getFile() };
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return undefined;
    throw error;
  }
}
