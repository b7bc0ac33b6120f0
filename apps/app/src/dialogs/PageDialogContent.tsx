import { createFocusTrap } from 'focus-trap';
import { useEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Dialog, Portal } from 'react-native-paper';

export interface PageDialogProps {
  title: string;
  /** What leaves it without doing anything; Escape does so too. */
  leave: string;
  onLeave: () => void;
  children: ReactNode;
}

/** Something asked over the page, with a way out of it: see `AskDialog.tsx`. */
const AskedDialog = (props: PageDialogProps) => (
  <Portal>
    <Dialog visible onDismiss={props.onLeave} style={styles.dialog}>
      <Asked {...props} />
    </Dialog>
  </Portal>
);

/** What is asked has the keyboard to itself, and gives it back to what was pressed before. */
function Asked({ title, leave, onLeave, children }: PageDialogProps) {
  const asked = useRef<View>(null);
  const newest = useRef(onLeave);
  useEffect(() => {
    newest.current = onLeave;
  });
  useEffect(() => {
    // On the web a view is its element.
    const element = asked.current as unknown as HTMLElement;
    const trap = createFocusTrap(element, {
      // A field that asked for the focus keeps it; else the title is heard first, and Tab goes to the first thing.
      initialFocus: () =>
        element.contains(document.activeElement) ? (document.activeElement as HTMLElement) : element,
      fallbackFocus: element,
      delayInitialFocus: false,
      preventScroll: true,
      // The page dimmed around it can be tapped to leave.
      allowOutsideClick: true,
      tabbableOptions: { displayCheck: 'none' },
      onDeactivate: () => newest.current(),
    }).activate();
    return () => {
      trap.deactivate({ onDeactivate: () => undefined });
    };
  }, []);
  return (
    <View ref={asked} role="dialog" aria-modal aria-label={title} tabIndex={-1}>
      <Dialog.Title>{title}</Dialog.Title>
      <Dialog.Content style={styles.content}>{children}</Dialog.Content>
      <Dialog.Actions>
        <Button onPress={onLeave}>{leave}</Button>
      </Dialog.Actions>
    </View>
  );
}

const styles = StyleSheet.create({
  dialog: { maxWidth: 480, width: '92%', alignSelf: 'center' },
  content: { gap: 12 },
});

export default AskedDialog;
