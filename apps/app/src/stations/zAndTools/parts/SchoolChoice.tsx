import { midSentence } from '@zero-point/core/messages/basis/grammar';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { LENGTH_METHOD_NAMES } from '@zero-point/core/messages/basis/labels';
import { Choice } from '../../../controls/Choice';
import { saveMachine } from '../../../commands/saveMachine';

/** How this machine keeps its tools' lengths. */
export function LengthMethodChoice({ book }: { book: SetupState }) {
  const { machine } = book;
  const school = machine.habits.toolLengthSchool;
  return (
    <Choice
      label={`How the ${midSentence(machine.name)} keeps its lengths`}
      value={school}
      options={Object.entries(LENGTH_METHOD_NAMES).map(([value, label]) => ({ value: value as typeof school, label }))}
      onChange={(toolLengthSchool) =>
        saveMachine(book, { ...machine, habits: { ...machine.habits, toolLengthSchool } })
      }
    />
  );
}
