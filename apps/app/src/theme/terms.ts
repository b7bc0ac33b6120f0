import { useSyncExternalStore } from 'react';

/** A piece of a sentence; a term is pressed to read its line of the glossary. */
interface TermPiece {
  text: string;
  entry?: { term: string };
}

/** What the glossary gives to the sentences on a page, once its script is there. */
export interface Terms {
  split: (text: string) => readonly TermPiece[];
  open: (term: string) => void;
}

let terms: Terms | undefined;
const listeners = new Set<() => void>();

/** Has every sentence mark its terms from now on. */
export function setTerms(next: Terms): void {
  terms = next;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The terms of a sentence; undefined until the glossary is there, and a sentence is plain text until then. */
export const useTerms = (): Terms | undefined => useSyncExternalStore(subscribe, () => terms);
