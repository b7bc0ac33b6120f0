import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { wildReadings } from '@zero-point/core/state/checks/outliers';
import { readingTitle } from '@zero-point/core/messages/basis/readingTitle';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Fold } from '../../answer/Fold';
import { ReadingList } from '../../touch/ReadingList';
import { Choice } from '../../controls/Choice';
import { GAP } from '../../layout/layout';
import { LinkButton } from '../../controls/LinkButton';
import { logStrike } from '../../commands/logTouch';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { EVERYTHING, logView, type LogFilter } from './view';

const DAY = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

const dayOf = (moment: string): string => DAY.format(new Date(moment));

const WHAT: Readonly<Record<LogFilter['what'], string>> = {
  all: 'All',
  x: 'X',
  y: 'Y',
  z: 'Z',
  dial: 'Dial',
  size: 'Sizes',
};

/** Log: every reading of the setup, newest first, struck ones in their place. */
export default function LogScreen({ book }: { book: SetupState }) {
  const { palette } = useLook();
  const [filter, setFilter] = useState(EVERYTHING);
  const view = useMemo(() => logView(book, filter, dayOf), [book, filter]);
  return (
    <ScrollView style={{ backgroundColor: palette.ground }} contentContainerStyle={styles.body}>
      <AppText kind="sentence">{view.sentence}</AppText>
      <AppText tone="soft">
        Nothing is ever erased. Choose a reading to strike it out or restore it. Every answer follows.
      </AppText>
      {book.readings.length > 1 && (
        <Fold title={filter === EVERYTHING ? 'Show only some' : 'Only some are shown'}>
          <Choice
            label="Read on"
            value={filter.what}
            options={view.whats.map((value) => ({ value, label: WHAT[value] }))}
            onChange={(what) => setFilter({ ...filter, what })}
          />
          <Choice
            label="With"
            value={filter.gaugeId}
            options={[
              { value: '', label: 'Any gauge' },
              ...view.gauges.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            onChange={(gaugeId) => setFilter({ ...filter, gaugeId })}
          />
        </Fold>
      )}
      {view.days.map(({ day, readings }) => (
        <View key={day}>
          <AppText kind="strong" tone="soft">
            {day}
          </AppText>
          <ReadingList
            readings={readings}
            wild={[...wildReadings(book)]}
            unit={book.setup.units}
            titleOf={(reading) => readingTitle(book, reading)}
            onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
          />
        </View>
      ))}
      <LinkButton to="/log" label="The whole shop’s log" />
    </ScrollView>
  );
}

const styles = StyleSheet.create({ body: { padding: 16, gap: GAP, maxWidth: 760 } });
