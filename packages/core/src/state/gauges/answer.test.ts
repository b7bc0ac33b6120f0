import {
  uncertainty as uncertaintySchema,
  working as tapeSchema,
  cautions as cautionsSchema,
} from '../../schema/results';
import { notes as notesSchema } from '../../schema/note';
import type { Bore } from '../../records/setup/cutPlan';
import type { Entry } from '../../records/kinds/entry';
import type { Face } from '../../records/values/subject';
import { tapeErrors } from '../../working/working.case';
import { alignmentShop, configured, readPass } from '../alignment/alignment.case';
import type { StateAnswer } from './answer';
import { featureAnswer } from '../datum/featureAnswer';
import { bookOf, dialRead, plateSnapshot, caseReading, sizeRead, withTools } from '../basis/snapshot.case';
import { alignmentPass } from '../alignment/taskAnswer';
import { boreAnswer } from '../boreAndFace/bore';
import { toolLengthAnswer, zZeroAnswer } from '../zAndTools/zZero';
import { runOutRings, runOutPlaces, toolRunOut } from '../zAndTools/runOut';

const setupId = plateSnapshot.setup.id;
const read = (body: Extract<Entry, { kind: 'reading' }>['body']): Entry => ({ kind: 'reading', setupId, body });
const mill = { id: 't2', number: 2, name: 'End mill', diameter: 6, teeth: 2 };
const bore: Bore = { id: 'b', name: 'Bore', low: 26, high: 26.021, counts: 'radius', step: 0.005, gaugeId: 'pin' };

const face = (name: Face, ...values: number[]) =>
  values.map((value) => read(caseReading({ kind: 'face', face: name }, value)));
const touched = bookOf({ ...plateSnapshot, ...withTools([{ ...mill, id: 't1', number: 1 }, mill]) }, [
  ...face('left', -5, -5.004),
  ...face('right', 189, 189.01),
  read(caseReading({ kind: 'z-zero', tool: 1 }, 37.42)),
  read(caseReading({ kind: 'tool-length', tool: 2 }, 25.11)),
  read(sizeRead({ kind: 'bore-size', of: 'b' }, 25.4)),
  ...runOutPlaces(mill).map((place, i) =>
    read(dialRead({ kind: 'run-out', tool: 2, height: runOutRings(mill)[0].height, place, pass: 1 }, i * 0.01)),
  ),
]);
const task = <T extends Parameters<typeof configured>[1]>(name: T, ...values: number[]) => {
  const alignment = configured(alignmentShop, name);
  return alignmentPass(readPass(alignmentShop, alignment, values), alignment, 1).answer;
};

const ANSWERS: [string, string, StateAnswer<string> | undefined][] = [
  ['a face', 'feature', featureAnswer(touched, { kind: 'face', face: 'left' })],
  ['a middle', 'feature', featureAnswer(touched, { kind: 'middle', axis: 'x' })],
  ['Z zero', 'z-zero', zZeroAnswer(touched)],
  ['a tool’s length', 'tool-length', toolLengthAnswer(touched, 2)],
  ['a run-out', 'run-out', toolRunOut(touched, mill)],
  ['a bore', 'bore', boreAnswer(touched, bore).answer],
  ['a vise', 'alignment', task('vise', 0, 0.06)],
  ['a head', 'alignment', task('head', 0, 0.1, 0, 0.02)],
  ['a level', 'alignment', task('level', 0, 0.03)],
  ['a chuck', 'alignment', task('chuck', 0, 0.1, 0.02, 0.04)],
];

describe.each(ANSWERS)('%s', (_, kind, answer) => {
  test('has the one shape: kind, readings, ±, verdict, tape, cautions, notes', () => {
    expect(answer?.kind).toBe(kind);
    expect(answer?.readings.length).toBeGreaterThan(0);
    expect(uncertaintySchema.safeParse(answer?.uncertainty).error).toBeUndefined();
    expect(['good', 'marginal', 'poor']).toContain(answer?.verdict);
    expect(tapeSchema.safeParse(answer?.tape).error).toBeUndefined();
    expect(cautionsSchema.safeParse(answer?.cautions).error).toBeUndefined();
    expect(notesSchema.safeParse(answer?.notes).error).toBeUndefined();
  });

  test('its tape comes to what it says, and its ± is more than nothing', () => {
    expect(answer && tapeErrors(answer.tape)).toEqual([]);
    expect(answer?.uncertainty.U).toBeGreaterThan(0);
  });
});
