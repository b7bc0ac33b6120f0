import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../../answer/Fold';
import { FieldRow } from '../../../../keypad/FieldRow';
import { AppText } from '../../../../theme/AppText';
import { readLength } from '../../../../commands/logTouch';
import { DraftField } from '../../../../keypad/DraftField';
import type { MoveView } from './moveModes';

/** Says where the machine stands, when it is not where the last hole left it. */
export function MachinePosition({ book, drive }: { book: SetupState; drive: MoveView }) {
  const unit = book.setup.units;
  const shown = { x: formatLength(drive.from.x, { unit }), y: formatLength(drive.from.y, { unit }) };
  const [text, setText] = useState<{ x?: string; y?: string }>({});
  const [wrong, setWrong] = useState<string | undefined>(undefined);
  const take = () => {
    const [x, y] = [readLength(book, 'x', text.x ?? shown.x), readLength(book, 'y', text.y ?? shown.y)];
    const bad = !x.ok ? `X: ${x.message}` : !y.ok ? `Y: ${y.message}` : undefined;
    setWrong(bad);
    if (x.ok && y.ok) {
      drive.standAt({ x: x.mm, y: y.mm });
      setText({});
    }
  };
  return (
    <Fold title="The machine is somewhere else">
      <View style={{ gap: 8 }}>
        <FieldRow>
          <DraftField
            label="X shows"
            value={text.x ?? shown.x}
            onChange={(x) => setText({ ...text, x })}
            onSubmit={take}
          />
          <DraftField
            label="Y shows"
            value={text.y ?? shown.y}
            onChange={(y) => setText({ ...text, y })}
            onSubmit={take}
          />
        </FieldRow>
        {wrong !== undefined && (
          <View role="alert">
            <AppText tone="bad">{wrong}</AppText>
          </View>
        )}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Button mode="outlined" onPress={take}>
            Continue from there
          </Button>
          {drive.stands && (
            <Button mode="text" onPress={() => drive.standAt(undefined)}>
              No, it is at the last hole
            </Button>
          )}
        </View>
      </View>
    </Fold>
  );
}
