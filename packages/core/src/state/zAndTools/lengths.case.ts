/** A reference tool and another, touched on one block. */
import type { Entry } from '../../records/kinds/entry';
import type { CalibrationFound, NewCalibration } from '../../records/shop/calibration';
import type { TouchedSubject } from '../../records/values/subject';
import type { Axis } from '../../schema/quantities';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { SetupState } from '../basis/setupState';
import { bookOf, plateSnapshot, presetDone, caseReading, withTools } from '../basis/snapshot.case';

const setupId = plateSnapshot.setup.id;
export const tools = [1, 2].map((number) => ({ id: `t${number}`, number, name: `Tool ${number}`, diameter: 6 }));
export const BEFORE = '2026-03-02T08:00:00.000Z';
export const TOUCHED = '2026-03-02T09:00:00.000Z';
export const AFTER = '2026-03-02T10:00:00.000Z';

export const touch = (
  subject: TouchedSubject,
  value: number,
  cutterId: string,
  takenAt = TOUCHED,
  gaugeId = 'block',
): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(subject, value, { axis: 'z', gaugeId, cutterId, takenAt }),
});

export const happened = (
  cutterId: string,
  from: string,
  found: CalibrationFound = { what: 'void', why: 'repaired' },
): Entry => ({
  kind: 'calibration',
  setupId: '',
  body: { id: `${cutterId} ${from}`, of: { kind: 'cutter', cutterId }, found, from, at: from } satisfies NewCalibration,
});

export const REFERENCE = touch({ kind: 'z-zero', tool: 1 }, -40, 't1');
export const SECOND = touch({ kind: 'tool-length', tool: 2 }, -52.31, 't2');

export const set = (axis: Axis, value: number): Entry => ({
  kind: 'zeroing',
  setupId,
  body: presetDone({ kind: 'z-zero', tool: 1 }, axis, value, `${axis} set`),
});

export const measured = (...more: Entry[]): SetupState =>
  bookOf({ ...plateSnapshot, ...withTools(tools) }, [REFERENCE, SECOND, ...more]);

type Row = NonNullable<Snapshot['toolTable']>['rows'][number];

/** The same with what the machine keeps of its second tool. */
export const keeping = (row: Partial<Row>, ...entries: Entry[]): SetupState =>
  bookOf(
    {
      ...plateSnapshot,
      ...withTools(tools),
      toolTable: {
        id: plateSnapshot.machine.id,
        school: 'reference-tool',
        rows: [{ number: 2, name: 'Tool 2', length: -12.3, keptAt: TOUCHED, ...row }],
      },
    },
    entries,
  );
