import assert from 'node:assert/strict';
import { test } from 'node:test';
import { allStrings, withoutFigures } from '../lib/strings.mjs';

/** Words a machinist does not use, or uses for something else; `docs/glossary.md` has what is said instead. */
const RETIRED = [
  /\bset-ups?\b/i,
  /\breadouts?\b/i,
  /\bspring finder/i,
  /\bring finder/i,
  /\bcontact light/i,
  /\bsetting ring/i,
  /\btapered plug/i,
  /\breckon/i,
  /\bledger/i,
  /\bpreset/i,
  /\brev\/min/,
  /\blost motion/i,
  /\bwild reading/i,
  /\bmachining cent/i,
  /\bwhat touches/i,
  /\bturning table/i,
  /\bplatter/i,
  /\bair pass/i,
  /\bedge speed/i,
  /\bdriven? to\b/i,
  /\bon your word\b/i,
  /\bon my word\b/i,
  /\bturned inserts/i,
  /\bslips?\b(?!-fit)/i,
  /\bschools?\b/i,
  /\bstands\b/i,
  /\banew\b/i,
  /\b(tape)\b(?! or screws| lets go|:|s?,)/i,
  /\bthe bench\b(?! mill)/i,
];

/** Where a retired word is the right one: what slips, the tape that holds. */
const RIGHT = /slipped under|slip fit|Tape or screws|under tape|With tape|tape it to|double-sided tape/i;

/** The glossary names the retired words, each beside the one that is used now. */
const GLOSSARY = 'packages/core/src/messages/basis/glossary.ts';

const strings = allStrings().filter(({ file }) => file !== GLOSSARY);

test('all texts are found', () => {
  assert.ok(strings.length > 3000, `${strings.length} texts`);
});

for (const word of RETIRED)
  test(`nothing shown says ${word}`, () => {
    assert.deepEqual(
      strings
        .map(({ file, line, text }) => ({ at: `${file}:${line}`, said: withoutFigures(text, '…') }))
        .filter(({ said }) => word.test(said) && !RIGHT.test(said))
        .map(({ at, said }) => `${at} ${said}`),
      [],
    );
  });

test('no button only says that something is done: it says what is logged', () => {
  assert.deepEqual(
    strings.filter(({ text }) => /^(Done|Type):/.test(text)).map(({ file, line, text }) => `${file}:${line} ${text}`),
    [],
  );
});

/** Sentences are short: counted by words, a figure that is put in as one. */
const LONGEST = 20;

test(`no sentence has more than ${LONGEST} words`, () => {
  assert.deepEqual(
    strings.flatMap(({ file, line, text }) =>
      withoutFigures(text, '1')
        .replaceAll(/<[^<>]*>/g, '. ')
        .split(/(?<=[.!?:;])\s+/)
        .filter((sentence) => sentence.split(/\s+/).filter((word) => /[A-Za-z0-9]/.test(word)).length > LONGEST)
        .map((sentence) => `${file}:${line} ${sentence}`),
    ),
    [],
  );
});
