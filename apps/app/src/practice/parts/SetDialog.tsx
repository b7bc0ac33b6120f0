import type { Axis } from '@zero-point/core/schema/quantities';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { parseLength } from '@zero-point/core/units/parseLength';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, HelperText, TextInput } from 'react-native-paper';
import { PageDialog } from '../../dialogs/PageDialog';
import { AppText } from '../../theme/AppText';

interface SetDialogProps {
  axis: Axis;
  unit: LengthUnit;
  /** The collars are set by hand; a DRO by its keys. */
  collar: boolean;
  onSet: (value: number) => void;
  onLeave: () => void;
}

/** What a scale is to show where the mill stands now. */
export function SetDialog({ axis, unit, collar, onSet, onLeave }: SetDialogProps) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string>();
  const name = axis.toUpperCase();
  const set = () => {
    const read = parseLength(text, unit);
    if (read.ok) onSet(read.mm);
    else setWrong(read.code === 'empty' ? 'Type the figure it must show.' : read.message);
  };
  return (
    <PageDialog
      title={collar ? `Set the collar of ${name}` : `Set ${name} on the DRO`}
      leave="Leave it"
      onLeave={onLeave}
    >
      <AppText tone="soft">Nothing moves. Only the figure on the scale changes.</AppText>
      <View>
        <TextInput
          mode="outlined"
          label={`${name} must show, ${unit}`}
          accessibilityLabel={`${name} must show, ${unit}`}
          inputMode="text"
          autoFocus
          value={text}
          error={wrong !== undefined}
          onChangeText={(typed) => {
            setText(typed);
            setWrong(undefined);
          }}
          onSubmitEditing={set}
        />
        {wrong !== undefined && <HelperText type="error">{wrong}</HelperText>}
      </View>
      <Button mode="contained" onPress={set}>
        {`Set ${name}`}
      </Button>
    </PageDialog>
  );
}
