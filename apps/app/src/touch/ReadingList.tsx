import { linkOf, textOf, unitOf } from '@zero-point/core/records/values/source';
import type { Reading } from '@zero-point/core/records/log/reading';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { CardButton } from '../controls/CardButton';
import { speak } from '../feedback/speak';
import { useOutbox } from '../stores/outbox';
import { Figure, AppText } from '../theme/AppText';
import { StrikeDialog } from './StrikeDialog';

interface ReadingListProps {
  readings: readonly Reading[];
  /** Ids of readings too far from the others. */
  wild: readonly string[];
  unit: LengthUnit;
  onStrike: (reading: Reading, action: 'strike' | 'restore', reason: string) => void;
  /** What was touched, for lists of more than one thing. */
  titleOf?: (reading: Reading) => string;
}

/** Readings as the log has them: struck ones stay in sight, waiting ones say so. */
export function ReadingList({ readings, wild, unit, onStrike, titleOf }: ReadingListProps) {
  const [striking, setStriking] = useState<Reading | undefined>(undefined);
  const waiting = useOutbox((state) => state.waiting);
  const waits = new Set(waiting.flatMap(({ entry }) => (entry.kind === 'reading' ? entry.body.id : [])));
  return (
    <View role="list" aria-label="Readings">
      {readings.map((reading, i) => (
        <ReadingRow
          key={reading.id}
          reading={reading}
          title={titleOf?.(reading) ?? `${i + 1}`}
          named={titleOf !== undefined}
          unit={unit}
          wild={wild.includes(reading.id)}
          waiting={waits.has(reading.id)}
          onPress={() => (reading.struckBy === null ? setStriking(reading) : onStrike(reading, 'restore', ''))}
        />
      ))}
      {striking && (
        <StrikeDialog
          figure={`${formatLength(striking.value, { unit })} ${unit}`}
          onCancel={() => setStriking(undefined)}
          onStrike={(reason) => {
            onStrike(striking, 'strike', reason);
            setStriking(undefined);
          }}
        />
      )}
    </View>
  );
}

interface ReadingRowProps {
  reading: Reading;
  title: string;
  /** The title is a name, not a number. */
  named: boolean;
  unit: LengthUnit;
  wild: boolean;
  waiting: boolean;
  onPress: () => void;
}

const TIME = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** One reading, quiet: what can be done with it shows once it is tapped. */
function ReadingRow({ reading, title, named, unit, wild, waiting, onPress }: ReadingRowProps) {
  const [open, setOpen] = useState(false);
  const struck = reading.struckBy !== null;
  const shown = formatLength(reading.value, { unit });
  const text = textOf(reading.source);
  const link = linkOf(reading.source);
  const typedOtherwise = text !== undefined && (unitOf(reading.source) !== unit || !/^[+\-−]?[\d.]+$/.test(text));
  return (
    <View role="listitem">
      <CardButton
        bare
        open={open}
        label={`${named ? `${title}, ` : ''}${shown} ${unit}${struck ? ', struck out' : ''}: what can be done with it`}
        onPress={() => setOpen(!open)}
      >
        {named && <AppText kind="note">{title}</AppText>}
        <View style={styles.figures}>
          {!named && (
            <AppText kind="note" tone="soft" style={styles.number}>
              {title}
            </AppText>
          )}
          <Figure size={20} tone={struck ? 'soft' : 'ink'} style={struck ? styles.struck : null}>
            {shown} {unit}
          </Figure>
          <AppText kind="note" tone="soft">
            {TIME.format(new Date(reading.takenAt))}
          </AppText>
        </View>
        {link !== undefined && (
          <AppText kind="note" tone="soft">
            taken from {link}
          </AppText>
        )}
        {link === undefined && typedOtherwise && (
          <AppText kind="note" tone="soft">
            typed “{text}”
          </AppText>
        )}
        {struck && (
          <AppText kind="note" tone="warn">
            struck out: {reading.struckReason}
          </AppText>
        )}
        {wild && !struck && (
          <AppText kind="note" tone="bad" style={styles.strong}>
            ▲ Far from the others. Touch again. Strike this one out if it was a mistake.
          </AppText>
        )}
        {waiting && (
          <AppText kind="note" tone="warn">
            waiting to be sent
          </AppText>
        )}
      </CardButton>
      {open && (
        <View style={styles.acts}>
          <Button
            mode="outlined"
            onPress={() => {
              setOpen(false);
              onPress();
            }}
            accessibilityLabel={`${struck ? 'Restore' : 'Strike out'} ${shown}`}
          >
            {struck ? 'Restore' : 'Strike out'}
          </Button>
          <Button onPress={() => speak(`${shown} ${unit}`)} accessibilityLabel={`Read ${shown} aloud`}>
            Read aloud
          </Button>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  figures: { flexDirection: 'row', alignItems: 'baseline', gap: 10 },
  number: { minWidth: 14 },
  struck: { textDecorationLine: 'line-through' },
  strong: { fontWeight: '700' },
  acts: { flexDirection: 'row', gap: 8, paddingBottom: 8 },
});
