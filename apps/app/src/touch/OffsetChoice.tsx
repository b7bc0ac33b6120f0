import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { Choice } from '../controls/Choice';
import { savePlan } from '../commands/savePlan';

interface OffsetChoiceProps {
  book: SetupState;
  label: string;
  /** It may stay untold, and that can be chosen too. */
  untold?: boolean;
}

/** Which work offset is set, on a control that keeps several. */
export function OffsetChoice({ book, label, untold = true }: OffsetChoiceProps) {
  const { machine, setup } = book;
  const names = machine.workOffsets ?? [];
  if (names.length < 2) return null;
  return (
    <Choice
      label={label}
      value={setup.workOffset ?? ''}
      options={[
        ...(untold ? [{ value: '', label: 'whichever is active' }] : []),
        ...names.map((name) => ({ value: name, label: name })),
      ]}
      onChange={(name) => savePlan(book, { workOffset: name === '' ? undefined : name })}
    />
  );
}

/** Asks for it where a figure of it is first entered; nothing once that was told. */
export const AskOffset = ({ book }: { book: SetupState }) =>
  book.setup.workOffset === undefined ? (
    <OffsetChoice book={book} label="Which one does the program call?" untold={false} />
  ) : null;
