import { CALCULATORS } from '@zero-point/core/calculators/list';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Fold } from '../answer/Fold';
import { GAP } from '../layout/layout';
import { LinkButton } from '../controls/LinkButton';
import { OutboxLine } from '../delivery/OutboxLine';
import { TopBar } from '../layout/TopBar';
import { useWide } from '../layout/useLayoutSize';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { useKeptResults } from './useReckonings';
import { calculatorsByUse } from './view';
import { momentWords } from '../layout/formatMoment';

/** At once: everything that can be reckoned without a setup, what was used last first, and what was reckoned. */
export default function AtOnceList() {
  const { palette } = useLook();
  const wide = useWide();
  const kept = useKeptResults();
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Calculators" back={{ to: '/', label: 'Back to Home' }} />
      <OutboxLine />
      <ScrollView role="main" contentContainerStyle={styles.body}>
        <AppText kind="sentence">Choose a calculator. No setup is needed.</AppText>
        <View role="list" style={styles.list}>
          {calculatorsByUse(kept).map(({ name, title, about }) => (
            <View role="listitem" key={name} style={wide ? styles.half : styles.whole}>
              <LinkButton to={`/at-once/${name}`} label={`${title}: ${about}`}>
                <View style={styles.link}>
                  <AppText kind="strong">{title}</AppText>
                  <AppText kind="note" tone="soft">
                    {about}
                  </AppText>
                </View>
              </LinkButton>
            </View>
          ))}
        </View>
        {kept.length > 0 && (
          <Fold title={`Earlier results:  ${kept.length}`}>
            {kept.map(({ id, name, answer, at }) => (
              <View key={id} style={[styles.kept, { borderColor: palette.line }]}>
                <AppText kind="note" tone="soft">
                  {CALCULATORS.find((one) => one.name === name)?.title ?? name} · {momentWords(at)}
                </AppText>
                <AppText>{answer[0]}</AppText>
              </View>
            ))}
          </Fold>
        )}
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, paddingTop: 4, gap: GAP, maxWidth: 1000 },
  list: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  half: { width: '49%' },
  whole: { width: '100%' },
  link: { paddingVertical: 6 },
  kept: { borderBottomWidth: 1, paddingVertical: 4 },
});
