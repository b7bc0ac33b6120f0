/** A phrase as it begins a sentence or a heading. */
export const capitalize = (phrase: string): string => phrase.charAt(0).toUpperCase() + phrase.slice(1);

/** A name as it goes within a sentence: its first word is small, an abbreviation or the name of an axis stays. */
export const midSentence = (name: string): string => name.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());

/** What a person is asked to do next, in parts, so that it can be said in more than one sentence. */
export interface Ask {
  /** As it goes within a sentence: "touch the left face". */
  act: string;
  /** "coming from the left". */
  way?: string;
  /** A sentence of its own behind it. */
  more?: string;
}

/** An asking as a sentence; `lead` goes before it, `again` says that it was done before. */
export function askWords({ act, way, more }: Ask, { lead = '', again = false } = {}): string {
  const clause = `${act}${again ? ' again' : ''}${way === undefined ? '' : `, ${way}`}`;
  return `${lead === '' ? capitalize(clause) : `${lead} ${clause}`}.${more === undefined ? '' : ` ${more}`}`;
}
