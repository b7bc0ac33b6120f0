import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { OptionalLengthField } from '../../../keypad/Fields';
import { saveThing } from '../../../commands/logEntry';

/** Whether the part is cut from a block or a bar that lies along an axis; a bar has one diameter, across and up. */
export function StockForm({ book }: { book: SetupState }) {
  const { part, setup } = book;
  const { bar, ...block } = part;
  const across = bar === 'x' ? 'y' : 'x';
  const told = !part.untold?.includes(across) && part.size[across] === part.size.z;
  return (
    <View style={styles.form}>
      <Choice
        label="The stock is"
        value={bar ?? 'block'}
        options={[
          { value: 'block', label: 'a block or plate' },
          { value: 'x', label: 'a round bar along X' },
          { value: 'y', label: 'a round bar along Y' },
        ]}
        // Its sizes stay as they are until a diameter is given.
        onChange={(form) => saveThing(book, 'part', form === 'block' ? block : { ...part, bar: form })}
      />
      {bar !== undefined && (
        <OptionalLengthField
          label="Diameter of the bar"
          hint="Across it, touch both sides and take the middle."
          unit={setup.units}
          value={told ? part.size.z : undefined}
          onCommit={(diameter) =>
            diameter !== undefined &&
            saveThing(book, 'part', {
              ...part,
              size: { ...part.size, [across]: diameter, z: diameter },
              untold: part.untold?.filter((axis) => axis !== across && axis !== 'z'),
            })
          }
          check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 12 } });
