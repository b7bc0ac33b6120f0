import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { depthOfStop, type Machining } from '@zero-point/core/state/holes/machiningOrder';
import { Refusal } from '@zero-point/core/problem/problem';
import type { ProgramForm } from '@zero-point/core/records/setup/cutPlan';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface UnderFieldsProps {
  book: SetupState;
  form: ProgramForm;
  machinings: readonly Machining[];
  onChange: (change: Partial<ProgramForm>) => void;
}

/** How far the lowest of these tools comes out under the part, mm; undefined where none does, or it is not known. */
function lowest(book: SetupState, machinings: readonly Machining[]): number | undefined {
  try {
    const below = machinings.flatMap(({ stops }) => stops.map((stop) => depthOfStop(book, stop).below));
    const most = Math.max(0, ...below);
    return most > 0 ? most : undefined;
  } catch (error) {
    if (error instanceof Refusal) return undefined;
    throw error;
  }
}

/** What lies under a part that is drilled through, and how far a tool may come out there. */
export function BreakThroughFields({ book, form, machinings, onChange }: UnderFieldsProps) {
  const unit = book.setup.units;
  const below = lowest(book, machinings);
  if (below === undefined) return null;
  const { under } = form;
  return (
    <View style={{ gap: 8 }}>
      <Choice
        label={`Tools break through by ${formatLengthUnit(below, { unit })} below the part. What is there?`}
        value={under?.what ?? 'unsaid'}
        options={[
          { value: 'free', label: 'A gap' },
          { value: 'board', label: 'A spoil board they may cut' },
          { value: 'solid', label: 'The table, vise or parallels' },
        ]}
        onChange={(what) => {
          if (what === 'unsaid') return;
          // How much room there is, is asked: none until it was typed.
          onChange({ under: { what, room: 0 } });
        }}
      />
      <FieldRow>
        {under && under.what !== 'solid' && (
          <LengthField
            label={under.what === 'free' ? 'Room under the part' : 'Depth they may cut into the board'}
            unit={unit}
            value={under.room}
            onCommit={(room) => onChange({ under: { ...under, room } })}
            check={(mm) => (mm >= 0 ? undefined : 'It must not be negative.')}
          />
        )}
        <LengthField
          label="Full diameter breaks through by"
          unit={unit}
          value={form.breakThrough}
          onCommit={(breakThrough) => onChange({ breakThrough })}
          check={(mm) => (mm >= 0 && mm <= 20 ? undefined : `From 0 to ${formatLengthUnit(20, { unit })}.`)}
        />
      </FieldRow>
      {under?.what === 'solid' && (
        <AppText tone="bad" style={{ fontWeight: '700' }}>
          ▲ The tools would cut what is below. Raise the part on parallels clear of the holes, or put a board under it.
        </AppText>
      )}
    </View>
  );
}
