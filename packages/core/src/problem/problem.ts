/**
 * What went wrong, in a form people and programs can act on.
 * The server sends the same thing as an RFC 9457 problem document.
 */
export interface ProblemInfo {
  /** Short, stable, kebab-case name of the kind of problem. */
  code: string;
  /** Path of the field it is about, e.g. `contact.diameter`; empty when it is about the whole. */
  field: string;
  /** One sentence: what is wrong and how to mend it. */
  message: string;
}

/** Thrown by a calculation that cannot answer honestly with what it was given. */
export class Refusal extends Error implements ProblemInfo {
  readonly code: string;
  readonly field: string;

  constructor(info: ProblemInfo) {
    super(info.message);
    this.name = 'Refusal';
    this.code = info.code;
    this.field = info.field;
  }
}
