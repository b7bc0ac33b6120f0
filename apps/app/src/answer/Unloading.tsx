import type { Machine } from '@zero-point/core/records/shop/machine';
import { unloadingSteps } from '@zero-point/core/workholding/unloading';
import { StyleSheet, View } from 'react-native';
import { AppText } from '../theme/AppText';
import { Fold } from './Fold';

/** How a cutter is taken out on this machine, folded away until a change comes. */
export function Unloading({ machine }: { machine: Pick<Machine, 'kind'> }) {
  return (
    <Fold title="Taking the cutter out">
      <View role="list" aria-label="Taking the cutter out" style={styles.list}>
        {unloadingSteps(machine).map(({ id, text, hurts }, i) => (
          <View role="listitem" key={id}>
            <AppText tone={hurts ? 'warn' : 'ink'}>
              {i + 1}. {hurts ? '▲ ' : ''}
              {text}
            </AppText>
          </View>
        ))}
      </View>
    </Fold>
  );
}

const styles = StyleSheet.create({ list: { gap: 4 } });
