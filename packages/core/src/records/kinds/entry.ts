import { z } from 'zod';
import { id } from '../../schema/quantities';
import type { BodyOf, DocumentName, RowName, ShopKind } from './kinds';

/** Whose an entry is: of a setup by its id; of the whole shop where that is empty. */
type Owner<K> = K extends ShopKind ? { setupId: '' } : { setupId: string };

/** A row that somebody added. */
export type RowEntry = { [K in RowName]: { kind: K; body: BodyOf<K> } & Owner<K> }[RowName];

/** A document that somebody saved: the version it makes, and the one it began from. */
export type DocumentEntry = {
  [K in DocumentName]: { kind: K; body: BodyOf<K>; version: string; began: string } & Owner<K>;
}[DocumentName];

/** Something a person did that must reach the record exactly once. */
export type Entry = RowEntry | DocumentEntry;

/** An entry as the record has it: with its place, by which later ones are asked for. */
export type KeptEntry = Entry & { seq: number; receivedAt: string };

/** A save as it is sent. */
export const savedBody = <S extends z.ZodType>(schema: S) =>
  z.object({
    /** A name for what is saved now, made by who saves it. */
    version: id,
    /** The version it began from; `first` where nobody had saved it yet. */
    began: id,
    body: schema,
  });
