import type { LogLine } from '@zero-point/core/messages/basis/logLine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { FlatList, StyleSheet, View } from 'react-native';
import { Divider, Searchbar } from 'react-native-paper';
import { request } from '../../api/client';
import { LinkButton } from '../../controls/LinkButton';
import { OutboxLine } from '../../delivery/OutboxLine';
import { RequestTrouble } from '../../delivery/RequestTrouble';
import { Loading } from '../../layout/States';
import { TopBar } from '../../layout/TopBar';
import { useLook } from '../../theme/useLook';
import { Figure, AppText } from '../../theme/AppText';
import { stationPath } from '../path';
import { momentWords } from '../../layout/formatMoment';

/** The log of the whole shop: the latest readings of every setup, found by any words of theirs. */
export default function ShopLogScreen() {
  const { palette } = useLook();
  const [wanted, setWanted] = useState('');
  const log = useQuery({ queryKey: ['bench', 'log'], queryFn: () => request<LogLine[]>('GET', '/log') });
  const words = wanted.trim().toLowerCase().split(/\s+/);
  const shown = log.data?.filter(({ setup, title, gauge }) =>
    words.every((word) => `${setup} ${title} ${gauge}`.toLowerCase().includes(word)),
  );
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="The whole shop’s log" back={{ to: '/', label: 'Back to Home' }} />
      <OutboxLine />
      <View role="main" style={styles.page}>
        <View style={styles.head}>
          <Searchbar
            value={wanted}
            onChangeText={setWanted}
            placeholder="Setup, axis, face, tool or gauge"
            accessibilityLabel="Find readings"
            style={[styles.search, { backgroundColor: palette.surface, borderColor: palette.edge }]}
          />
        </View>
        {log.isPending && <Loading what="the log" />}
        {log.isError && !log.data && (
          <RequestTrouble
            error={log.error}
            away="Your log on this device is safe. Find it in the setup’s own log."
            retry={() => void log.refetch()}
          />
        )}
        {shown?.length === 0 && (
          <View style={styles.head}>
            <AppText>{log.data?.length === 0 ? 'No readings yet.' : 'No reading matches.'}</AppText>
          </View>
        )}
        <FlatList
          role="list"
          aria-label="Readings of the shop"
          data={shown ?? []}
          keyExtractor={({ id }) => id}
          contentContainerStyle={styles.list}
          ItemSeparatorComponent={Divider}
          renderItem={({ item }) => <Line line={item} />}
        />
      </View>
    </View>
  );
}

function Line({ line }: { line: LogLine }) {
  const { setupId, setup, title, gauge, value, unit, takenAt, struck, wild } = line;
  return (
    <View role="listitem">
      <LinkButton bare to={stationPath(setupId, 'log')} label={`${title}, ${setup}`}>
        <View style={styles.line}>
          <View style={styles.words}>
            <AppText>{title}</AppText>
            <AppText kind="note" tone="soft">
              {setup} · {gauge} · {momentWords(takenAt)}
            </AppText>
            {struck !== null && (
              <AppText kind="note" tone="warn">
                struck out: {struck}
              </AppText>
            )}
            {wild && (
              <AppText kind="note" tone="bad">
                ▲ far from the others
              </AppText>
            )}
          </View>
          <Figure size={18} tone={struck === null ? 'ink' : 'soft'}>
            {formatLengthUnit(value, { unit })}
          </Figure>
        </View>
      </LinkButton>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0 },
  head: { padding: 16, paddingBottom: 8, maxWidth: 760 },
  search: { borderWidth: 1.5 },
  list: { paddingHorizontal: 4, paddingBottom: 16, maxWidth: 900 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 12, paddingVertical: 6 },
  words: { flex: 1, minWidth: 0 },
});
