import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { AskDialog } from '../dialogs/PageDialog';
import { Words } from '../theme/AppText';

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
  'finder slipped',
];

/** Asks why a reading is struck out; the reason is kept beside it. */
export function StrikeDialog({ figure, onStrike, onCancel }: StrikeDialogProps) {
  return (
    <AskDialog title={`Why is ${figure} struck out?`} leave="Keep it" onLeave={onCancel}>
      <Words kind="note" tone="soft">
        It stays in the log, struck through, and can be restored.
      </Words>
      <View style={styles.reasons}>
        {REASONS.map((reason) => (
          <Button key={reason} mode="outlined" onPress={() => onStrike(reason)}>
            {reason}
          </Button>
        ))}
      </View>
    </AskDialog>
  );
}

const styles = StyleSheet.create({ reasons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
