import { View } from 'react-native';
import { Dialog, Portal } from 'react-native-paper';
import { Press } from '../frame/Press';
import { Words } from '../theme/Words';

interface StrikeDialogProps {
  figure: string;
  onStrike: (reason: string) => void;
  onCancel: () => void;
}

const REASONS = [
  'misread',
  'typed wrongly',
  'wrong face',
  'feeler forgotten',
  'chip or burr in the way',
  'contact slipped',
];

/** Asks why a reading is struck out; the reason is kept beside it. */
export function StrikeDialog({ figure, onStrike, onCancel }: StrikeDialogProps) {
  return (
    <Portal>
      <Dialog visible onDismiss={onCancel} style={{ maxWidth: 460, width: '92%', alignSelf: 'center' }}>
        <Dialog.Content style={{ gap: 12 }}>
          <Words kind="sentence">Why is {figure} struck out?</Words>
          <Words kind="note" tone="soft">
            It stays in the ledger, crossed through, and can be restored.
          </Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {REASONS.map((reason) => (
              <Press key={reason} onPress={() => onStrike(reason)}>
                <Words>{reason}</Words>
              </Press>
            ))}
          </View>
          <Press look="bare" onPress={onCancel} style={{ alignSelf: 'flex-end' }}>
            <Words style={{ fontWeight: '700' }}>Keep it</Words>
          </Press>
        </Dialog.Content>
      </Dialog>
    </Portal>
  );
}
