/**
 * A part saved by one device and touched by another: what was touched may be of a shape that the part does not have. All that
 * is told of it names it as unknown, and nothing that a page or the server opens falls over it.
 */
import { recheckTargets } from '../../state/verify/recheckTargets';
import { agreements } from '../../state/checks/agreements';
import type { SetupState } from '../../state/basis/setupState';
import { foundFeatures } from '../../state/datum/foundFeatures';
import { programSetting } from '../../state/verify/programContext';
import { progressOf } from '../../state/status/setupProgress';
import { openReadBacks } from '../../state/readBack/readBack';
import { bookOf, plateSnapshot, presetDone, caseReading } from '../../state/basis/snapshot.case';
import { tableAnswer } from '../../state/zAndTools/toolTable';
import type { Entry } from '../../records/kinds/entry';
import type { DialSubject, Subject, TouchedSubject } from '../../records/values/subject';
import { sheetOf } from '../../sheet/sheetOf';
import { readingTitle } from './readingTitle';
import { subjectWords } from './subjectLabel';

const setupId = plateSnapshot.setup.id;
const GONE = 'bore-that-is-no-more';
const AT = '2026-11-25T09:00:00.000Z';

const TOUCHED: readonly TouchedSubject[] = [
  { kind: 'face', face: 'left', of: GONE },
  { kind: 'round', of: GONE },
  { kind: 'standing', of: GONE },
  { kind: 'return', after: 'z', face: 'left', of: GONE },
  { kind: 'return-round', after: 'z', of: GONE },
  { kind: 'return-z', after: 'z', tool: 9 },
  { kind: 'z-zero', tool: 9 },
  { kind: 'tool-length', tool: 9 },
  { kind: 'tool-spot', tool: 9 },
  { kind: 'tool-spot' },
  { kind: 'master', master: 'no-such-master' },
  { kind: 'alignment', task: 'skew', place: 10, pass: 1 },
];

const DIALS: readonly DialSubject[] = [
  { kind: 'sweep', of: GONE, place: 0, pass: 1 },
  { kind: 'run-out', tool: 9, height: 5, place: 0, pass: 1 },
  { kind: 'alignment', task: 'head', place: 0, pass: 1 },
];

const SETTINGS: readonly Subject[] = [
  ...TOUCHED,
  { kind: 'middle', axis: 'x', of: GONE },
  { kind: 'corner', corner: 'front-left', of: GONE },
  { kind: 'hole-line', from: GONE, to: 'another' },
  { kind: 'datum', datum: 'no-such-datum' },
  { kind: 'lost', why: 'power-loss' },
];

const axisOf = (subject: Subject): 'x' | 'z' =>
  ['z-zero', 'tool-length', 'tool-spot', 'return-z', 'master'].includes(subject.kind) ? 'z' : 'x';

const readingOf = (subject: TouchedSubject, gaugeId = 'no-such-gauge'): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(subject, 12.5, { axis: axisOf(subject), gaugeId }),
});

const dialOf = (subject: DialSubject, place: number): Entry => ({
  kind: 'reading',
  setupId,
  body: {
    on: 'dial',
    id: `dial-${subject.kind}-${place}`,
    subject: { ...subject, place },
    gaugeId: 'no-such-gauge',
    value: 0.01,
    source: { by: 'typed', text: '0.01', unit: 'mm' },
    ticked: [],
    takenAt: AT,
  },
});

const settingOf = (subject: Subject): Entry => ({
  kind: 'zeroing',
  setupId,
  body: presetDone(subject as TouchedSubject, axisOf(subject), 0, `set-${subject.kind}`),
});

/** All that a page, the sheet and the server's log make of a setup. */
function openEverything(book: SetupState): string {
  const told = [
    ...book.readings.map((one) => readingTitle(book, one)),
    ...book.zeroings.map(({ subject }) => subjectWords(book, subject)),
  ];
  agreements(book);
  progressOf(book);
  foundFeatures(book);
  recheckTargets(book, AT);
  tableAnswer(book);
  openReadBacks(book, Date.parse(AT));
  programSetting(book);
  sheetOf(book, AT);
  return told.join('\n');
}

describe('what was touched of a shape the part does not have', () => {
  test.each(TOUCHED)('%j', (subject) => {
    const told = openEverything(bookOf(plateSnapshot, [readingOf(subject), settingOf(subject)]));
    // With a gauge that the shop has an answer is tried.
    const gauge = axisOf(subject) === 'z' ? 'block' : 'spring';
    openEverything(bookOf(plateSnapshot, [readingOf(subject, gauge), readingOf(subject, gauge), settingOf(subject)]));
    expect(told).not.toMatch(/undefined|\[object/);
    if ('of' in subject) expect(told).toContain('unknown');
  });
  test.each(DIALS)('%j', (subject) => {
    const told = openEverything(
      bookOf(
        plateSnapshot,
        [0, 90, 180, 270].map((place) => dialOf(subject, place)),
      ),
    );
    expect(told).not.toMatch(/undefined|\[object/);
  });
  test.each(SETTINGS)('set from %j', (subject) => {
    expect(openEverything(bookOf(plateSnapshot, [settingOf(subject)]))).not.toMatch(/undefined|\[object/);
  });
  test('all at once', () => {
    const entries = [...TOUCHED.map((one) => readingOf(one)), ...SETTINGS.map(settingOf)];
    expect(openEverything(bookOf(plateSnapshot, entries)).split('\n').length).toBe(TOUCHED.length + SETTINGS.length);
  });
});
