import type { Book } from '@zero-point/core/state/basis/setupState';
import { SCHOOL_NAMES } from '@zero-point/core/messages/basis/labels';
import { Choice } from '../../../controls/Choice';
import { keepMachine } from '../../../commands/saveMachine';

/** How this machine keeps its tools' lengths. */
export function SchoolChoice({ book }: { book: Book }) {
  const { machine } = book;
  const school = machine.habits.toolLengthSchool;
  return (
    <Choice
      label={`How the ${machine.name.toLowerCase()} keeps its lengths`}
      value={school}
      options={Object.entries(SCHOOL_NAMES).map(([value, label]) => ({ value: value as typeof school, label }))}
      onChange={(toolLengthSchool) =>
        keepMachine(book, { ...machine, habits: { ...machine.habits, toolLengthSchool } })
      }
    />
  );
}
