import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal } from 'react-native-paper';

interface AskDialogProps {
  title: string;
  /** What leaves it without doing anything. */
  leave: string;
  onLeave: () => void;
  children: ReactNode;
}

/** Something asked over the page, with a way out of it. */
export const AskDialog = ({ title, leave, onLeave, children }: AskDialogProps) => (
  <Portal>
    <Dialog visible onDismiss={onLeave} style={styles.dialog}>
      <View role="dialog" aria-modal aria-label={title}>
        <Dialog.Title>{title}</Dialog.Title>
        <Dialog.Content style={styles.content}>{children}</Dialog.Content>
        <Dialog.Actions>
          <Button onPress={onLeave}>{leave}</Button>
        </Dialog.Actions>
      </View>
    </Dialog>
  </Portal>
);

const styles = StyleSheet.create({
  dialog: { maxWidth: 480, width: '92%', alignSelf: 'center' },
  content: { gap: 12 },
});
