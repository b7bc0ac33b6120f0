import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { OverwrittenZero } from '@zero-point/core/state/datum/overwrittenZero';
import { overwriteWords } from '@zero-point/core/messages/datum/overwrittenZero';
import { Button } from 'react-native-paper';
import { PageDialog } from '../../../dialogs/PageDialog';
import { MainAction } from '../../../controls/MainAction';
import { AppText } from '../../../theme/AppText';
import { addLocalDatum } from '../commands';

export interface OverwriteDialogProps {
  book: SetupState;
  /** The feature that would be set. */
  name: string;
  zero: OverwrittenZero;
  onKept: () => void;
  onOverwrite: () => void;
  onLeave: () => void;
}

/** Before a first zero is lost: the feature is kept as a second one, unless somebody says that the first is to go. */
export default function OverwriteDialog({ book, name, zero, onKept, onOverwrite, onLeave }: OverwriteDialogProps) {
  const { lost, instead } = overwriteWords(book, name, zero);
  const { datumPlan, machine } = book;
  const spare = machine.workOffsets?.[datumPlan.local.length + 1];
  const keep = () => {
    const called = name.charAt(0).toUpperCase() + name.slice(1);
    addLocalDatum(book, { name: called, at: zero.at, ...(spare !== undefined && { workOffset: spare }) });
    onKept();
  };
  return (
    <PageDialog title="Part zero is already set" leave="Back to the page" onLeave={onLeave}>
      <AppText tone="bad" style={{ fontWeight: '700' }}>
        ▲ {lost}
      </AppText>
      <AppText>{instead}</AppText>
      <MainAction label="Keep it as a second zero" onPress={keep} />
      <Button mode="outlined" onPress={onOverwrite}>
        Overwrite part zero
      </Button>
    </PageDialog>
  );
}
