import { gaugesOfKinds, type Need, type RoutineState } from '@zero-point/core/routines/routine';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { LengthField, TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface NeedsProps {
  needs: readonly Need[];
  state: RoutineState;
  onTell: (key: string, value: string) => void;
}

/** What a routine is done with, each already chosen where there is anything to choose from. */
export const RoutineNeeds = ({ needs, state, onTell }: NeedsProps) => (
  <View style={styles.list}>
    {needs.map((need) => (
      <NeedField key={need.key} need={need} state={state} onTell={(value) => onTell(need.key, value)} />
    ))}
  </View>
);

interface NeedFieldProps {
  need: Need;
  state: RoutineState;
  onTell: (value: string) => void;
}

function NeedField({ need, state: { gauges, machines, told, unit }, onTell }: NeedFieldProps) {
  const value = told[need.key] ?? '';
  switch (need.kind) {
    case 'gauge': {
      const options = gaugesOfKinds(gauges, need.of).map(({ id, name }) => ({ value: id, label: name }));
      if (options.length === 0)
        return <AppText tone="warn">{`${need.label}: the shop has none. Add one under Gauges first.`}</AppText>;
      return <Choice label={need.label} value={value} options={options} onChange={onTell} />;
    }
    case 'machine':
      return (
        <Choice
          label={need.label}
          value={value}
          options={machines
            .filter(({ retiredOn }) => retiredOn === undefined)
            .map(({ id, name }) => ({ value: id, label: name }))}
          onChange={onTell}
        />
      );
    case 'choice':
      return <Choice label={need.label} value={value} options={need.options} onChange={onTell} />;
    case 'length':
      return (
        <LengthField
          label={need.label}
          {...(need.hint !== undefined && { hint: need.hint })}
          unit={unit}
          value={Number(value)}
          onCommit={(mm) => onTell(String(mm))}
          check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      );
    case 'angles':
      return (
        <TextField
          label={need.label}
          {...(need.hint !== undefined && { hint: need.hint })}
          value={value}
          onCommit={onTell}
          check={(text) =>
            text.split(';').every((part) => /^\s*[-−+]?\d+([.,]\d+)?\s*(?:°\s*)?$/.test(part))
              ? undefined
              : 'Degrees with ; between, as 0; 120; 240.'
          }
        />
      );
  }
}

const styles = StyleSheet.create({ list: { gap: 14 } });
