import type { CalculatorField } from '@zero-point/core/calculators/form';
import { StyleSheet, View } from 'react-native';
import { CardButton } from '../../controls/CardButton';
import { Choice } from '../../controls/Choice';
import { FieldBox } from '../../keypad/FieldBox';
import { Figure, AppText } from '../../theme/AppText';

interface FieldRowsProps {
  fields: readonly CalculatorField[];
  values: Readonly<Record<string, string>>;
  unit: string;
  /** The field in the keypad's hand. */
  chosen: string | undefined;
  onChoose: (key: string) => void;
  onChange: (key: string, value: string) => void;
}

/** Every field with what stands in it; a tap takes it into the keypad's hand. */
export const FieldRows = ({ fields, values, unit, chosen, onChoose, onChange }: FieldRowsProps) => (
  <View style={styles.rows}>
    {fields.map((field) => {
      const { key, label, kind, options = [], optional } = field;
      const value = values[key] ?? '';
      if (kind === 'choice')
        return (
          <Choice key={key} label={label} value={value} options={options} onChange={(next) => onChange(key, next)} />
        );
      if (kind === 'text')
        return <FieldBox key={key} label={label} value={value} onChange={(text) => onChange(key, text)} />;
      return (
        <CardButton
          key={key}
          role="radio"
          chosen={key === chosen}
          label={`${label}: ${value === '' ? 'empty' : value}`}
          onPress={() => onChoose(key)}
        >
          <View style={styles.row}>
            <View style={styles.label}>
              <AppText kind="note">
                {label}
                {optional && value === '' ? ' (may stay empty)' : ''}
              </AppText>
            </View>
            <Figure size={19}>{value === '' ? '·' : value}</Figure>
            <Figure size={15} tone="soft">
              {kind === 'length' ? unit : (field.unit ?? '')}
            </Figure>
          </View>
        </CardButton>
      );
    })}
  </View>
);

const styles = StyleSheet.create({
  rows: { gap: 6, maxWidth: 560 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  label: { flex: 1, minWidth: 0 },
});
