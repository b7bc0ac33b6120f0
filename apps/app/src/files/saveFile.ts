import { saveAs } from 'file-saver';

/** Hands a text to the person as a file, made on the device so that it works with the server away. */
export const saveFile = (text: string, type: string, name: string): void => saveAs(new Blob([text], { type }), name);
