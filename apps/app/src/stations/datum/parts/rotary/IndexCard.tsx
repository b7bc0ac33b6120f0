import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { PartIndex } from '@zero-point/core/records/setup/indexPlan';
import type { IndexTableOutput } from '@zero-point/core/rotary/indexTable.schema';
import { degrees } from '@zero-point/core/routines/routine';
import { faceUp } from '@zero-point/core/rotary/faceUp';
import { partTurn } from '@zero-point/core/rotary/turn';
import { indexProblemWords, turnSeenFrom } from '@zero-point/core/messages/rotary/rotaryCentre';
import { StyleSheet, View } from 'react-native';
import { Button, Surface } from 'react-native-paper';
import { Circle, G, Line, Rect } from 'react-native-svg';
import { Ground } from '../../../../drawing/Ground';
import { Label } from '../../../../drawing/marks';
import { Choice } from '../../../../controls/Choice';
import { FieldRow } from '../../../../keypad/FieldRow';
import { AngleField, TextField } from '../../../../keypad/Fields';
import { METAL } from '../../../../theme/palette';
import { useLook } from '../../../../theme/useLook';
import { AppText } from '../../../../theme/AppText';
import { FigureLine } from '../../../../answer/FigureLine';
import { Fold } from '../../../../answer/Fold';

interface IndexCardProps {
  index: PartIndex;
  row: IndexTableOutput['rows'][number] | undefined;
  book: SetupState;
  onChange: (index: PartIndex) => void;
  onRemove: () => void;
}

/** One face that comes up: its angles as drawn, part zero there with its ±, and what is wrong with it. */
export function IndexCard({ index, row, book, onChange, onRemove }: IndexCardProps) {
  const { palette } = useLook();
  const { machine, setup, indexPlan } = book;
  const unit = setup.units;
  const rotary = machine.rotary ?? [];
  const angles = rotary.map(({ name }) => `${name} ${degrees(index[name] ?? 0)}`).join(', ');
  return (
    <Surface
      elevation={0}
      role="listitem"
      style={[styles.card, { borderColor: palette.edge, backgroundColor: palette.surface }]}
    >
      <AppText kind="strong">{`${index.name}: ${angles}${index.workOffset !== undefined && indexPlan.school === 'per-index' ? `, ${index.workOffset}` : ''}`}</AppText>
      <Turned index={index} book={book} />
      <AppText>{upWords(index, book)}</AppText>
      {row && (
        <View style={styles.figures}>
          {(['x', 'y', 'z'] as const).map((axis) => (
            <FigureLine key={axis} say={axis.toUpperCase()} value={row.datum[axis]} U={row.U[axis]} unit={unit} />
          ))}
        </View>
      )}
      {row?.problems.map((problem) => (
        <AppText key={problem.code} tone="bad">
          ✗ {indexProblemWords(problem, unit)}
        </AppText>
      ))}
      <Fold title={`Change ${index.name}`} open={!row}>
        <TextField
          label="Face that comes up"
          value={index.name}
          onCommit={(name) => onChange({ ...index, name })}
          check={(name) => (name.trim() === '' ? 'Give it a name.' : undefined)}
        />
        <FieldRow>
          {rotary.map(({ name }) => (
            <AngleField
              key={name}
              label={`${name}, as commanded`}
              value={index[name] ?? 0}
              onCommit={(angle) => onChange({ ...index, [name]: angle })}
            />
          ))}
        </FieldRow>
        {indexPlan.school === 'per-index' && (machine.workOffsets ?? []).length > 0 && (
          <Choice
            label="Its work offset"
            value={index.workOffset ?? ''}
            options={(machine.workOffsets ?? []).map((name) => ({ value: name, label: name }))}
            onChange={(workOffset) => onChange({ ...index, workOffset })}
          />
        )}
        <Button mode="text" onPress={onRemove} style={styles.remove}>
          {`Leave ${index.name} out`}
        </Button>
      </Fold>
    </Surface>
  );
}

/** Which face of the part looks up, so that a wrong sign is seen before it is cut. */
function upWords(index: PartIndex, { machine }: SetupState): string {
  const face = faceUp(
    (machine.rotary ?? []).map(({ name, confirmed, sense }) => ({
      name,
      sense: confirmed ?? sense,
      command: index[name] ?? 0,
    })),
  );
  return face === null
    ? 'No face of the part looks straight up.'
    : `The part’s ${face === 'under' ? 'under side' : face} looks up.`;
}

/** How the part stands at an index, seen from the plus end of each axis that turns it. */
function Turned({ index, book }: { index: PartIndex; book: SetupState }) {
  const rotary = book.machine.rotary ?? [];
  const label = rotary.map(({ name }) => `${name} at ${degrees(index[name] ?? 0)}`).join(', ');
  return (
    <Ground
      height={96}
      label={`${index.name}: ${label}`}
      draw={(width, tall) =>
        rotary.map(({ name, confirmed, sense }, i) => {
          const x = (width * i) / rotary.length + 30;
          const y = tall / 2;
          const turn = partTurn({ sense: confirmed ?? sense, command: index[name] ?? 0 });
          return (
            <G key={name}>
              <Circle cx={x} cy={y} r={26} fill="none" stroke={METAL.silver} strokeWidth={1.4} />
              <G transform={`rotate(${-turn} ${x} ${y})`}>
                <Rect
                  x={x - 22}
                  y={y - 12}
                  width={44}
                  height={24}
                  fill={METAL.band}
                  stroke={METAL.silver}
                  strokeWidth={1.4}
                />
                <Line x1={x - 22} x2={x + 22} y1={y - 12} y2={y - 12} stroke={METAL.brass} strokeWidth={4} />
              </G>
              <Label x={x + 31} y={y - 4} anchor="start" size={13}>{`${name} ${degrees(index[name] ?? 0)}`}</Label>
              <Label x={x + 31} y={y + 14} anchor="start" size={13} words>
                {turnSeenFrom(name)}
              </Label>
            </G>
          );
        })
      }
    />
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1.5, borderRadius: 8, padding: 12, gap: 10 },
  figures: { gap: 4 },
  remove: { alignSelf: 'flex-start' },
});
