import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { FieldBox } from './FieldBox';

interface TableFieldProps {
  label: string;
  hint: string;
  /** The table as it is, a line a row. */
  shown: string;
  /** Takes the text over, or says what is wrong with it. */
  onTake: (text: string) => string | undefined;
}

/** A small table typed or pasted, a line a row; what is refused stays as it was typed. */
export function TableField({ label, hint, shown, onTake }: TableFieldProps) {
  const [draft, setDraft] = useState<string | undefined>(undefined);
  const [error, setError] = useState<string | undefined>(undefined);
  const take = () => {
    const wrong = onTake(draft ?? shown);
    setError(wrong);
    if (wrong === undefined) setDraft(undefined);
  };
  return (
    <View style={styles.field}>
      <FieldBox
        label={label}
        hint={hint}
        rows={6}
        value={draft ?? shown}
        error={error}
        onChange={(text) => {
          setDraft(text);
          setError(undefined);
        }}
      />
      <Button mode="outlined" onPress={take} disabled={draft === undefined} style={styles.take}>
        Use this table
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: 4 }, take: { alignSelf: 'flex-start' } });
