import type { DueLine } from '@zero-point/core/words/dueList';
import { StyleSheet, View } from 'react-native';
import { useDue } from '../../../api/queries';
import { Fold } from '../../../answer/Fold';
import { LinkButton } from '../../../frame/LinkButton';
import { useSettings } from '../../../stores/settings';
import { Words } from '../../../theme/Words';

/** Where a thing is measured anew. */
const pageOf = (of: DueLine['of']): string =>
  of.kind === 'rotary'
    ? `/shop/machines/${of.machineId}?axis=${of.axis}`
    : of.kind === 'gauge'
      ? `/shop/gauges/${of.gaugeId}`
      : '/shop';

/** What is overdue, was dropped, comes due or creeps: each a way to measure it anew. */
export function DueList() {
  const unit = useSettings((state) => state.units);
  const due = useDue(unit).data ?? [];
  if (due.length === 0) return null;
  return (
    <Fold
      title={`${due.some(({ grave }) => grave) ? '▲ ' : ''}${due.length === 1 ? 'One thing' : `${due.length} things`} to be looked at`}
    >
      <View role="list" style={styles.list}>
        {due.map(({ of, words, grave }) => (
          <View role="listitem" key={words}>
            <LinkButton to={pageOf(of) as '/shop'} label={words}>
              <Words tone={grave ? 'warn' : 'ink'}>
                {grave ? '▲ ' : ''}
                {words}
              </Words>
            </LinkButton>
          </View>
        ))}
      </View>
    </Fold>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 } });
