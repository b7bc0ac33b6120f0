import type { Book } from '@zero-point/core/book/book';
import { wildReadings } from '@zero-point/core/book/wild';
import type { Reading } from '@zero-point/core/record/reading';
import { readingTitle } from '@zero-point/core/words/readingTitle';
import { ScrollView, View } from 'react-native';
import { ReadingList } from '../../answer/ReadingList';
import { GAP } from '../../frame/layout';
import { logStrike } from '../../record/log';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';

/** Log: every reading of the set-up, newest first, struck ones in their place. */
export default function LogScreen({ book }: { book: Book }) {
  const { palette } = useLook();
  const newest = [...book.readings].reverse();
  return (
    <ScrollView
      style={{ backgroundColor: palette.ground }}
      contentContainerStyle={{ padding: 16, paddingBottom: 16, gap: GAP, maxWidth: 760 }}
    >
      <Words kind="sentence">{sentence(book)}</Words>
      <Words tone="soft">
        Nothing here is ever erased. Strike out what was wrong and every answer follows; restore it and it counts again.
      </Words>
      {groupByDay(newest).map(({ day, readings }) => (
        <View key={day} style={{ gap: 4 }}>
          <Words tone="soft" style={{ fontWeight: '700' }}>
            {day}
          </Words>
          <ReadingList
            readings={readings}
            wild={[...wildReadings(book)]}
            unit={book.setup.units}
            titleOf={(reading) => readingTitle(book, reading)}
            onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
          />
        </View>
      ))}
    </ScrollView>
  );
}

function sentence({ readings }: Book): string {
  if (readings.length === 0) return 'No readings yet. They appear here as you log them in Datum and Heights.';
  const struck = readings.filter(({ struckBy }) => struckBy !== null).length;
  const all = readings.length === 1 ? '1 reading' : `${readings.length} readings`;
  return struck === 0 ? `${all}, none struck out.` : `${all}, ${struck} struck out.`;
}

const DAY = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

function groupByDay(readings: readonly Reading[]): { day: string; readings: Reading[] }[] {
  const groups = new Map<string, Reading[]>();
  for (const reading of readings) {
    const day = DAY.format(new Date(reading.takenAt));
    groups.set(day, [...(groups.get(day) ?? []), reading]);
  }
  return [...groups].map(([day, ofDay]) => ({ day, readings: ofDay }));
}
