import { deriveState, type SetupState } from '@zero-point/core/state/basis/setupState';
import { withEntries } from '@zero-point/core/records/kinds/merge';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useMemo } from 'react';
import { usePractice, type RunningSession } from '../stores/practice';

/** A setup as it is in millimetres or inches: what is typed, said and shown; every figure in it is mm. */
const inUnit = ({ setup, machine, ...rest }: Snapshot, units: LengthUnit): Snapshot => ({
  ...rest,
  setup: { ...setup, units },
  machine: { ...machine, units },
});

/** A lesson's setup as it stands on this device, opened; undefined where there is no such lesson. */
export function usePracticeState(id: string): { running: RunningSession; book: SetupState } | undefined {
  const running = usePractice((state) => (state.running?.id === id ? state.running : undefined));
  useEffect(() => {
    usePractice.getState().open(id);
  }, [id]);
  const lesson = running?.lesson;
  const begun = running?.begun;
  const unit = running?.unit ?? 'mm';
  const given = running?.given;
  const entries = running?.entries;
  const book = useMemo(
    () =>
      lesson &&
      begun !== undefined &&
      given &&
      entries &&
      deriveState(withEntries(inUnit(lesson.snapshot(id, begun), unit), [...given, ...entries])),
    [id, lesson, begun, unit, given, entries],
  );
  return running && book ? { running, book } : undefined;
}
