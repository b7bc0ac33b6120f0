import { DIALECTS } from '@zero-point/core/formats/dialect';
import { PLAINEST } from '@zero-point/core/records/values/dialects';
import { DIALECT_NAMES, type DialectName } from '@zero-point/core/records/values/dialects';
import { View } from 'react-native';
import { AppText } from '../theme/AppText';
import { Choice } from './Choice';

interface DialectChoiceProps {
  value: DialectName | undefined;
  onChange: (value: DialectName) => void;
}

/** The words a machine's controller understands, each with what to compare in its manual. */
export function DialectChoice({ value = PLAINEST, onChange }: DialectChoiceProps) {
  return (
    <View style={{ gap: 4 }}>
      <Choice
        label="This machine’s control accepts"
        value={value}
        options={DIALECT_NAMES.map((name) => ({ value: name, label: DIALECTS[name].name }))}
        onChange={onChange}
      />
      <AppText kind="note" tone="soft">
        {DIALECTS[value].says} Compare it with the machine’s manual.
      </AppText>
    </View>
  );
}
