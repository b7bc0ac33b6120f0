import { StyleSheet, View } from 'react-native';
import { useDue } from '../../../api/queries';
import { Fold } from '../../../answer/Fold';
import { LinkButton } from '../../../frame/LinkButton';
import { useSettings } from '../../../stores/settings';
import { Words } from '../../../theme/Words';

/** Gauges that are overdue, were dropped, come due or creep: each a way to measure it anew. */
export function DueList() {
  const unit = useSettings((state) => state.units);
  const due = useDue(unit).data ?? [];
  if (due.length === 0) return null;
  return (
    <Fold
      title={`${due.some(({ grave }) => grave) ? '▲ ' : ''}${due.length === 1 ? 'One gauge' : `${due.length} gauges`} to be looked at`}
    >
      <View role="list" style={styles.list}>
        {due.map(({ gaugeId, words, grave }) => (
          <View role="listitem" key={gaugeId}>
            <LinkButton to={`/shop/gauges/${gaugeId}`} label={words}>
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
