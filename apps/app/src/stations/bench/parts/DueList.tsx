import type { DueLine } from '@zero-point/core/messages/gauges/dueList';
import { StyleSheet, View } from 'react-native';
import { useDue } from '../../../api/setupList';
import { Fold } from '../../../answer/Fold';
import { LinkButton } from '../../../controls/LinkButton';
import { useSettings } from '../../../stores/settings';
import { AppText } from '../../../theme/AppText';

/** Height of a fold's line, px. */
const FOLD = 48;

/** Where a thing is measured again. */
const pageOf = (of: DueLine['of']): string =>
  of.kind === 'rotary'
    ? `/shop/machines/${of.machineId}?axis=${of.axis}`
    : of.kind === 'gauge'
      ? `/shop/gauges/${of.gaugeId}`
      : '/shop';

/**
 * What is overdue, was dropped, comes due or creeps: each a way to measure it again. Its line has its place from the start,
 * so that the cards under it never move away from a thumb.
 */
export function DueList() {
  const unit = useSettings((state) => state.units);
  const { data: due, isPending } = useDue(unit);
  if (!due || due.length === 0)
    return (
      <View style={styles.line}>
        {!isPending && due && (
          <AppText kind="note" tone="soft">
            ✓ No gauge is due for a check.
          </AppText>
        )}
      </View>
    );
  return (
    <Fold
      title={`${due.some(({ grave }) => grave) ? '▲ ' : ''}${due.length === 1 ? 'One thing' : `${due.length} things`} to be looked at`}
    >
      <View role="list" style={styles.list}>
        {due.map(({ of, words, grave }) => (
          <View role="listitem" key={words}>
            <LinkButton to={pageOf(of) as '/shop'} label={words}>
              <AppText tone={grave ? 'warn' : 'ink'}>
                {grave ? '▲ ' : ''}
                {words}
              </AppText>
            </LinkButton>
          </View>
        ))}
      </View>
    </Fold>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 }, line: { minHeight: FOLD, justifyContent: 'center' } });
