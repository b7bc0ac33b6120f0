import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Dialog, Portal } from 'react-native-paper';
import { Press } from '../frame/Press';
import { SANS } from '../theme/faces';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';

interface SkipDialogProps {
  /** What is skipped. */
  what: string;
  reasons: readonly string[];
  onSkip: (reason: string) => void;
  onCancel: () => void;
}

/** Asks why a step is skipped; nothing is skipped without a reason. */
export function SkipDialog({ what, reasons, onSkip, onCancel }: SkipDialogProps) {
  const { palette } = useLook();
  const [own, setOwn] = useState('');
  const [missing, setMissing] = useState(false);
  const skip = () => (own.trim() === '' ? setMissing(true) : onSkip(own.trim()));
  return (
    <Portal>
      <Dialog visible onDismiss={onCancel} style={{ maxWidth: 460, width: '92%', alignSelf: 'center' }}>
        <Dialog.Content style={{ gap: 12 }}>
          <Words kind="sentence">Why is this skipped?</Words>
          <Words kind="note" tone="soft">
            {what}
          </Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {reasons.map((reason) => (
              <Press key={reason} onPress={() => onSkip(reason)}>
                <Words>{reason}</Words>
              </Press>
            ))}
          </View>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <TextInput
              aria-label="Another reason"
              placeholder="Another reason"
              placeholderTextColor={palette.inkSoft}
              value={own}
              maxLength={200}
              onChangeText={(text) => {
                setOwn(text);
                setMissing(false);
              }}
              onSubmitEditing={skip}
              style={{
                flex: 1,
                minHeight: 48,
                paddingHorizontal: 10,
                borderWidth: 1.5,
                borderRadius: 8,
                borderColor: missing ? palette.bad : palette.line,
                fontFamily: SANS,
                fontSize: 17,
                color: palette.ink,
              }}
            />
            <Press onPress={skip}>
              <Words>Skip</Words>
            </Press>
          </View>
          {missing && (
            <View role="alert">
              <Words kind="note" tone="bad">
                Type the reason, or choose one above.
              </Words>
            </View>
          )}
          <Press look="bare" onPress={onCancel} style={{ alignSelf: 'flex-end' }}>
            <Words style={{ fontWeight: '700' }}>Do not skip</Words>
          </Press>
        </Dialog.Content>
      </Dialog>
    </Portal>
  );
}
