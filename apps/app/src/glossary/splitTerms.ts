import { GLOSSARY, type GlossaryEntry } from '@zero-point/core/messages/basis/glossary';

/** A piece of a sentence: plain text, or a term with its line of the glossary. */
export interface SentencePiece {
  text: string;
  entry?: GlossaryEntry;
}

const forms = new Map(GLOSSARY.flatMap((entry) => [entry.term, ...(entry.also ?? [])].map((form) => [form, entry])));

/** Too common in a sentence to be worth a line under each: they are found in the list. */
const COMMON = new Set([
  'line',
  'lines',
  'set',
  'touch',
  'touches',
  'face',
  'faces',
  'program',
  'programs',
  'index',
  'log',
  'feed',
  'home',
  'setup',
  'setups',
]);

// The longest form first: "bearing edge finder" before "edge finder" before "finder".
const TERMS = new RegExp(
  `\\b(${[...forms.keys()]
    .filter((form) => !COMMON.has(form))
    .sort((a, b) => b.length - a.length)
    .join('|')})\\b`,
  'gi',
);

const entryOf = (word: string): GlossaryEntry | undefined => forms.get(word) ?? forms.get(word.toLowerCase());

/** A sentence in pieces, each of its terms once, where it comes first. */
export function splitTerms(text: string): SentencePiece[] {
  const pieces: SentencePiece[] = [];
  const seen = new Set<GlossaryEntry>();
  let from = 0;
  for (const { 0: word, index } of text.matchAll(TERMS)) {
    const entry = entryOf(word);
    if (!entry || seen.has(entry)) continue;
    seen.add(entry);
    if (index > from) pieces.push({ text: text.slice(from, index) });
    pieces.push({ text: word, entry });
    from = index + word.length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from) });
  return pieces;
}
