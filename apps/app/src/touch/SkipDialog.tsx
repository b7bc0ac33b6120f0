import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, HelperText, TextInput } from 'react-native-paper';
import { PageDialog } from '../dialogs/PageDialog';
import { AppText } from '../theme/AppText';

interface SkipDialogProps {
  /** What is skipped. */
  what: string;
  reasons: readonly string[];
  onSkip: (reason: string) => void;
  onCancel: () => void;
}

/** Asks why a step is skipped; nothing is skipped without a reason. */
export function SkipDialog({ what, reasons, onSkip, onCancel }: SkipDialogProps) {
  const [own, setOwn] = useState('');
  const [missing, setMissing] = useState(false);
  const skip = () => (own.trim() === '' ? setMissing(true) : onSkip(own.trim()));
  return (
    <PageDialog title="Why is this skipped?" leave="Do not skip" onLeave={onCancel}>
      <AppText kind="note" tone="soft">
        {what}
      </AppText>
      <View style={styles.reasons}>
        {reasons.map((reason) => (
          <Button key={reason} mode="outlined" onPress={() => onSkip(reason)}>
            {reason}
          </Button>
        ))}
      </View>
      <View style={styles.own}>
        <TextInput
          mode="outlined"
          aria-label="Another reason"
          placeholder="Another reason"
          value={own}
          maxLength={200}
          error={missing}
          onChangeText={(text) => {
            setOwn(text);
            setMissing(false);
          }}
          onSubmitEditing={skip}
          style={styles.field}
        />
        <Button mode="outlined" onPress={skip}>
          Skip
        </Button>
      </View>
      {missing && (
        <HelperText type="error" role="alert">
          Type the reason, or choose one above.
        </HelperText>
      )}
    </PageDialog>
  );
}

const styles = StyleSheet.create({
  reasons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  own: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  field: { flex: 1, minWidth: 0 },
});
