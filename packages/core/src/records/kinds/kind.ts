/** The version of a document that nobody has saved yet. */
export const FIRST_VERSION = 'first';

/** What a plan begins from whose setup is not there yet: saving it starts the setup. */
export const NO_VERSION = 'none';

/** A thing another entry names: which kind it is of, under which field it is named. */
export interface Named {
  kind: string;
  id: string;
  field: string;
}

type Owner = 'setup' | 'shop';

interface Common<Name extends string, Field extends string, Of extends Owner, Collection extends string, Body> {
  name: Name;
  /** Its list or place in a setup's snapshot. */
  field: Field;
  /** Whose it is: one setup's, or the whole shop's. */
  of: Of;
  /** Its part of an address. */
  collection: Collection;
  /** What a person calls it. */
  title: string;
  /** What sending one does. */
  summary: string;
  /** Counts up when its schema (`schemas.ts`) no longer takes what was stored before. */
  version: number;
  /** What it names, so that nothing names what is not there. */
  names?: (body: Body) => Named[];
}

/** A row of the log: added, never changed. */
export interface RowKind<
  Name extends string,
  Field extends string,
  Of extends Owner,
  Collection extends string,
  Body,
  Kept,
> extends Common<Name, Field, Of, Collection, Body> {
  keeping: 'row';
  /** Told apart: no setup shows it. */
  apart?: true;
  /** As the log gives it back: its place and when it came. */
  asKept: (body: Body, stored: Stored) => Kept;
  /** When it was done. */
  when: (body: Body) => string;
}

type Shows = 'all' | 'one' | 'of-machine' | 'of-part';

/** A document: read and saved whole; a save names the version it began from. */
export interface DocumentKind<
  Name extends string,
  Field extends string,
  Of extends Owner,
  Collection extends string,
  Shown extends Shows,
  Body,
  Empty,
> extends Common<Name, Field, Of, Collection, Body> {
  keeping: 'document';
  /** Its own name among others of the kind; the empty text where there is but one. */
  key: (body: Body) => string;
  /**
   * How a setup shows it: all there are, the only one, or of a shop's things the one that goes with the setup's
   * machine or part.
   */
  shows: Shown;
  /** What stands there before it is first saved. */
  empty: Empty;
}

/** Where in the log a row stands, and when it came. */
export interface Stored {
  seq: number;
  receivedAt: string;
}

/** A row with its place in the log, as most kinds give it back. */
export const withStored = <Body extends object>(body: Body, stored: Stored): Body & Stored => ({ ...body, ...stored });

/** Describes a row, by what its body is; only there so that its types are read off it. */
export const rowKind =
  <Body>() =>
  <
    const Name extends string,
    const Field extends string,
    const Of extends Owner,
    const Collection extends string,
    Kept,
  >(
    kind: Omit<RowKind<Name, Field, Of, Collection, Body, Kept>, 'keeping'>,
  ): RowKind<Name, Field, Of, Collection, Body, Kept> => ({ ...kind, keeping: 'row' });

/** Describes a document, by what its body is; only there so that its types are read off it. */
export const documentKind =
  <Body>() =>
  <
    const Name extends string,
    const Field extends string,
    const Of extends Owner,
    const Collection extends string,
    const Shown extends Shows,
    Empty = undefined,
  >(
    kind: Omit<DocumentKind<Name, Field, Of, Collection, Shown, Body, Empty>, 'keeping'>,
  ): DocumentKind<Name, Field, Of, Collection, Shown, Body, Empty> => ({ ...kind, keeping: 'document' });
