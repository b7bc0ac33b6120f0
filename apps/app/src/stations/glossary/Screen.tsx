import { GLOSSARY, type GlossaryEntry } from '@zero-point/core/messages/basis/glossary';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Searchbar } from 'react-native-paper';
import { GAP } from '../../layout/layout';
import { TopBar } from '../../layout/TopBar';
import { AppText } from '../../theme/AppText';
import { useLook } from '../../theme/useLook';

const has = ({ term, means, also = [], not = [] }: GlossaryEntry, wanted: string): boolean =>
  [term, means, ...also, ...not].some((text) => text.toLowerCase().includes(wanted));

/** Every term of the app with what it is; the words of before lead to the one that is used now. */
export default function GlossaryScreen() {
  const { palette } = useLook();
  const [typed, setTyped] = useState('');
  const found = GLOSSARY.filter((entry) => has(entry, typed.trim().toLowerCase()));
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Glossary" back={{ to: '/settings', label: 'Back to Settings' }} />
      <View style={styles.search}>
        <Searchbar
          placeholder="Find a term"
          accessibilityLabel="Find a term"
          value={typed}
          onChangeText={setTyped}
          style={styles.field}
        />
      </View>
      <ScrollView role="main" tabIndex={0} contentContainerStyle={styles.list}>
        {found.length === 0 && <AppText tone="soft">{`No term has “${typed.trim()}”. Try another word.`}</AppText>}
        {found.map(({ term, means, not }) => (
          <View key={term} style={[styles.entry, { borderColor: palette.line }]}>
            <AppText kind="strong">{term}</AppText>
            <AppText>{means}</AppText>
            {not && typed.trim() !== '' && (
              <AppText kind="note" tone="soft">{`Also called: ${not.join(', ')}`}</AppText>
            )}
          </View>
        ))}
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  search: { paddingHorizontal: 16, paddingTop: 12, maxWidth: 760 },
  field: { minHeight: 56 },
  list: { padding: 16, gap: GAP, flexDirection: 'row', flexWrap: 'wrap' },
  entry: { flexGrow: 1, flexBasis: 300, maxWidth: 420, paddingVertical: 6, borderBottomWidth: 1, gap: 2 },
});
