import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { PageDialog } from '../dialogs/PageDialog';
import { AppText } from '../theme/AppText';

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
    <PageDialog title={`Why is ${figure} struck out?`} leave="Keep it" onLeave={onCancel}>
      <AppText kind="note" tone="soft">
        It stays in the log, struck through, and can be restored.
      </AppText>
      <View style={styles.reasons}>
        {REASONS.map((reason) => (
          <Button key={reason} mode="outlined" onPress={() => onStrike(reason)}>
            {reason}
          </Button>
        ))}
      </View>
    </PageDialog>
  );
}

const styles = StyleSheet.create({ reasons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
