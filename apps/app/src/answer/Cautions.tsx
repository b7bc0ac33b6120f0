import type { Caution } from '@zero-point/core/cautions/caution';
import { StyleSheet, View } from 'react-native';
import { TickBox } from '../controls/TickBox';
import { AppText } from '../theme/AppText';

interface CautionsProps {
  cautions: readonly Caution[];
  ticked: readonly string[];
  onTick: (id: string) => void;
}

/** Cautions where they apply; those where a miss hurts have a box that must be ticked by hand. */
export const Cautions = ({ cautions, ticked, onTick }: CautionsProps) => (
  <View style={styles.list}>
    {cautions.map(({ id, text, mustTick }) =>
      mustTick ? (
        <TickBox key={id} grave label={text} ticked={ticked.includes(id)} onTick={() => onTick(id)} />
      ) : (
        <AppText key={id} kind="note" tone="soft">
          △ {text}
        </AppText>
      ),
    )}
  </View>
);

const styles = StyleSheet.create({ list: { gap: 6 } });
