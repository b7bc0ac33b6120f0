import type { DocumentEntry, Entry, RowEntry } from '@zero-point/core/records/kinds/entry';
import type { BodyOf, DocumentName, RowName, SetupKind, ShopKind } from '@zero-point/core/records/kinds/kinds';
import { keyOf, versionOf } from '@zero-point/core/records/kinds/merge';
import { uuidv7 } from 'uuidv7';
import { useOutbox } from '../stores/outbox';
import { isPractice, logInPractice } from './practiceLog';

/** What is shown of documents: a book or the shop, with the version of each. */
export interface Versioned {
  versions: Readonly<Record<string, string>>;
}

/** What is logged on the practice mill stays on this device; everything else is the shop's. */
function log(shownIn: string, entry: Entry): void {
  if (isPractice(shownIn)) logInPractice(shownIn, entry);
  else useOutbox.getState().log(entry);
}

/**
 * Logs a row of a setup, or of the shop.
 *
 * @param shownIn the setup on whose pages that is done: what is found of a gauge in practice is no part of the shop
 */
export const logRow = (entry: RowEntry, shownIn: string = entry.setupId): void => log(shownIn, entry);

/** The setup whose pages show a document; the shop's own where none does. */
const shownBy = (shown: Versioned): string =>
  'setup' in shown ? ((shown.setup as { id?: string } | undefined)?.id ?? '') : '';

function save(shown: Versioned, setupId: string, kind: DocumentName, body: unknown): void {
  const part = { kind, body } as Pick<DocumentEntry, 'kind' | 'body'>;
  const began = versionOf(shown.versions, kind, keyOf(part));
  log(shownBy(shown), { ...part, setupId, began, version: uuidv7() } as DocumentEntry);
}

/** Saves a document of a setup, from the version that is shown. */
export const saveInSetup = <K extends Exclude<SetupKind, RowName>>(
  book: Versioned & { setup: { id: string } },
  kind: K,
  body: BodyOf<K>,
): void => save(book, book.setup.id, kind, body);

/** Saves a thing of the shop, from the version that is shown. */
export const saveThing = <K extends Exclude<ShopKind, RowName>>(shown: Versioned, kind: K, body: BodyOf<K>): void =>
  save(shown, '', kind, body);
