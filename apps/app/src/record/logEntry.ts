import type { DocumentEntry, RowEntry } from '@zero-point/core/record/entry';
import type { BodyOf, DocumentName, RowName, SetupKind, ShopKind } from '@zero-point/core/record/kinds';
import { keyOf, versionOf } from '@zero-point/core/record/merge';
import { uuidv7 } from 'uuidv7';
import { useOutbox } from '../stores/outbox';

/** What is shown of documents: a book or the shop, with the version of each. */
export interface Versioned {
  versions: Readonly<Record<string, string>>;
}

/** Logs a row of a set-up, or of the shop. */
export const logRow = (entry: RowEntry): void => useOutbox.getState().log(entry);

function save(shown: Versioned, setupId: string, kind: DocumentName, body: unknown): void {
  const part = { kind, body } as Pick<DocumentEntry, 'kind' | 'body'>;
  const began = versionOf(shown.versions, kind, keyOf(part));
  useOutbox.getState().log({ ...part, setupId, began, version: uuidv7() } as DocumentEntry);
}

/** Saves a document of a set-up, from the version that is shown. */
export const saveInSetup = <K extends Exclude<SetupKind, RowName>>(
  book: Versioned & { setup: { id: string } },
  kind: K,
  body: BodyOf<K>,
): void => save(book, book.setup.id, kind, body);

/** Saves a thing of the shop, from the version that is shown. */
export const saveThing = <K extends Exclude<ShopKind, RowName>>(shown: Versioned, kind: K, body: BodyOf<K>): void =>
  save(shown, '', kind, body);
