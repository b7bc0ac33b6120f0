/** @jest-environment node */
import { deriveState } from '@zero-point/core/state/basis/setupState';
import { programSetting } from '@zero-point/core/state/verify/programContext';
import { plateSnapshot, caseReading, rowOf, settingBody } from '@zero-point/core/state/basis/snapshot.case';
import { checkProgram, programBytes } from '@zero-point/core/program/checkProgram';
import { POST_A_POCKET } from '@zero-point/core/program/fixtures/clean.case';
import { PLATE_MILLED } from '@zero-point/core/program/fixtures/plate.case';
import { stretchOfLine } from '@zero-point/core/program/interpreter/lineNavigation';
import { withEntries } from '@zero-point/core/records/kinds/merge';
import { recheckView } from './againView';
import { exaggeration, kindChanged, lacking, measuringGauges, startDraft, type MeasureDraft } from './measureView';
import { findingCount, cursorView, isStale, readLineText, worldOf } from './programView';

const checked = checkProgram(programBytes(POST_A_POCKET), PLATE_MILLED);
const lines = POST_A_POCKET.split('\n');
const lineOf = (start: string) => lines.findIndex((line) => line.startsWith(start)) + 1;

describe('a program on the screen', () => {
  test('the cursor tells place, way and what is in force, in the setup’s unit', () => {
    const at = stretchOfLine(checked.path, lineOf('N75'));
    expect(cursorView(checked, at, 'mm')).toEqual({
      line: lineOf('N75'),
      tool: 5,
      place: { X: '66.000', Y: '58.000', Z: '−2.000' },
      how: 'feed',
      modal: 'T5 · H5 · G54 · G90 · M3 S4000 · F 400 mm/min',
    });
    expect(cursorView(checked, at, 'in').place.X).toBe('2.5984');
  });

  test('where the program does not say a place, that is said', () => {
    expect(cursorView(checked, 0, 'mm').place.Z).toBe('not entered');
  });

  test('a line is read from the file by where it begins', async () => {
    const file = new File([POST_A_POCKET], 'pocket.nc');
    expect(await readLineText(file, checked, lineOf('N75'))).toBe('N75 G3 X66. Y58. Z-2. I-4. J0.');
    expect(await readLineText(file, checked, 10_000)).toBe('');
  });

  test('what is in sight holds the path, the stock and every box', () => {
    const above = worldOf(checked, PLATE_MILLED, 'above');
    expect(above).toMatchObject({ left: 0, right: 184, bottom: -20, top: 116 });
    const front = worldOf(checked, PLATE_MILLED, 'front');
    expect([front.bottom, front.top]).toEqual([-9.5, 25]);
  });

  test('counts by level, and notices when something was set since', () => {
    expect([findingCount(checked.findings, 'stop'), findingCount(checked.findings, 'mind')]).toEqual([0, 0]);
    const book = deriveState(plateSnapshot);
    expect(isStale(book, programSetting(book))).toBe(false);
    expect(isStale(book, { ...programSetting(book), lift: 5 })).toBe(true);
  });
});

describe('what is measured next', () => {
  const book = deriveState({
    ...plateSnapshot,
    patterns: [
      {
        id: 'two',
        name: 'Two',
        kind: 'points',
        holeDiameter: 4.2,
        points: [
          { x: 10, y: 10 },
          { x: 30, y: 10 },
        ],
      },
    ],
  });
  const draft = startDraft(book);
  const hole = (number: number) => ({ pattern: 'two', hole: number });

  test('begins with the first hole, its size for a pin', () => {
    expect(draft).toMatchObject({ kind: 'size', from: hole(1), pin: 4.2 });
    expect(lacking(draft)).toBeUndefined();
  });

  test('a hole is measured from inside, all else from outside, and a gauge that cannot is left for one that can', () => {
    const of = (kind: 'caliper' | 'micrometer' | 'bore-gauge') => ({ id: kind, name: kind, kind, nominal: 0 });
    const shop = { ...book, gauges: [of('bore-gauge'), of('micrometer'), of('caliper')] };
    const ids = (kind: MeasureDraft['kind']) => measuringGauges(shop, kind).map(({ id }) => id);
    expect(ids('size')).toEqual(['caliper', 'bore-gauge']);
    for (const kind of ['chord', 'edge', 'height', 'wall'] as const)
      expect(ids(kind)).toEqual(['caliper', 'micrometer']);
    const inside = { ...draft, gaugeId: 'bore-gauge' };
    expect(kindChanged(shop, inside, 'wall').gaugeId).toBe('caliper');
    expect(kindChanged(shop, { ...draft, gaugeId: 'micrometer' }, 'wall').gaugeId).toBe('micrometer');
    expect(kindChanged({ ...shop, gauges: [of('micrometer')] }, inside, 'size').gaugeId).toBeUndefined();
  });

  test('over pins both holes are pressed again, and must be two', () => {
    const over: MeasureDraft = { ...draft, ...kindChanged(book, draft, 'chord') };
    expect(lacking(over)).toBe('Choose the first hole on the drawing.');
    expect(lacking({ ...over, from: hole(1) })).toBe('Choose the other hole on the drawing.');
    expect(lacking({ ...over, from: hole(1), to: hole(1) })).toMatch(/the same one/);
    expect(lacking({ ...over, from: hole(1), to: hole(2) })).toBeUndefined();
  });

  test('a wall wants its name and what it should be', () => {
    const wall: MeasureDraft = { ...draft, ...kindChanged(book, draft, 'wall') };
    expect(lacking(wall)).toBe('Enter the nominal size.');
    expect(lacking({ ...wall, name: ' ', should: 4 })).toBe('Enter what it is.');
    expect(lacking({ ...wall, should: 4 })).toBeUndefined();
  });

  test('differences are drawn larger by a round factor, never smaller than they are', () => {
    expect(exaggeration(0.03, 20)).toBe(500);
    expect(exaggeration(0.02, 20)).toBe(1000);
    expect(exaggeration(0, 20)).toBe(1);
    expect(exaggeration(40, 20)).toBe(1);
  });
});

test('a face touched again should show its edge, half the finder before it', () => {
  const set = settingBody({ opens: 'x-set' });
  const touched = withEntries(plateSnapshot, [
    rowOf('reading', caseReading({ kind: 'face', face: 'left' }, -5.01)),
    rowOf('zeroing', set),
  ]);
  const now = Date.parse(set.at);
  const book = deriveState(touched);
  expect(recheckView(book, now, undefined)).toMatchObject({
    sentence: expect.stringMatching(/^Touch the left face again, coming from the left: X should show −5\.000 mm ±/),
    touch: { axis: 'x', approach: 1, times: 0 },
    first: 'datum',
  });
  expect(recheckView(book, now, 'face right').touch?.expected.reading).toBeCloseTo(plateSnapshot.part.size.x + 5, 9);
  expect(recheckView(book, now, 'face front')).toMatchObject({
    touch: undefined,
    sentence: 'Y is not set yet: find it in Datum first.',
  });
  expect(recheckView(book, now, 'z')).toMatchObject({
    sentence: 'Z is not set yet: touch off and set it in Z & tools first.',
    first: 'heights',
  });
});

describe('a bore touched again', () => {
  const bore = { kind: 'bore' as const, id: 'bearing', name: 'bearing bore', at: { x: 62, y: 58 }, diameter: 26 };
  const set = { ...plateSnapshot, part: { ...plateSnapshot.part, shapes: [bore] } };
  const bothSet = withEntries(set, [
    rowOf('zeroing', settingBody({ opens: 'x-set' })),
    rowOf('zeroing', settingBody({ id: 'y-set', axis: 'y', opens: 'y-set' })),
  ]);
  const wall = (value: number, approach: 1 | -1) =>
    rowOf(
      'reading',
      caseReading({ kind: 'return-round', after: 'x-set', of: 'bearing' }, value, {
        axis: 'x',
        approach,
        gaugeId: 'spring',
        epoch: 'x-set',
      }),
    );

  test('asks for one wall after the other, the least touched first', () => {
    const sentenceAfter = (...touched: ReturnType<typeof wall>[]) =>
      recheckView(deriveState(withEntries(bothSet, touched)), 0, 'round bearing').sentence;
    expect(sentenceAfter()).toMatch(
      /^Touch bearing bore at its left wall, from inside, Y at its middle: X should show 54\.000 mm/,
    );
    expect(sentenceAfter(wall(54, -1))).toMatch(
      /at its right wall, from inside, Y at its middle: X should show 70\.000 mm/,
    );
    expect(sentenceAfter(wall(54, -1), wall(70, 1))).toMatch(
      /at its front wall, from inside, X at its middle: Y should show 50\.000/,
    );
  });

  test('a finder that does not go in is said, with where to choose another', () => {
    const narrow = { ...bothSet, part: { ...set.part, shapes: [{ ...bore, diameter: 8 }] } };
    expect(recheckView(deriveState(narrow), 0, 'round bearing')).toMatchObject({
      touch: undefined,
      sentence: 'Edge finder does not go into bearing bore: choose a smaller one in Plan.',
      first: 'plan',
    });
  });
});
