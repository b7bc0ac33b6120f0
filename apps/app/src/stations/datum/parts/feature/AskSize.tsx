import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { OptionalLengthField } from '../../../../keypad/Fields';
import { AppText } from '../../../../theme/AppText';
import { savePartSize } from '../../../../commands/savePlan';

interface AskSizeProps {
  book: SetupState;
  axis: 'x' | 'y';
  onLater: () => void;
}

/** Asks for a size of the part where a place first hangs on it. */
export function AskSize({ book, axis, onLater }: AskSizeProps) {
  const { setup } = book;
  return (
    <View style={styles.ask}>
      <AppText kind="sentence" live>
        {axis === 'x' ? 'How long is the part, left to right?' : 'How deep is the part, front to back?'}
      </AppText>
      <AppText kind="note" tone="soft">
        Its distance from part zero depends on it. Not known? Touch the faces at zero first.
      </AppText>
      <OptionalLengthField
        label={axis === 'x' ? 'Length X' : 'Depth Y'}
        unit={setup.units}
        value={undefined}
        onCommit={(mm) => mm !== undefined && savePartSize(book, axis, mm)}
        check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero.')}
      />
      <Button onPress={onLater} style={styles.later}>
        Later: touch something else
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ ask: { gap: 8, maxWidth: 480 }, later: { alignSelf: 'flex-start' } });
