import type { InLine } from '@zero-point/core/alignment/inLine';
import { formatAngle } from '@zero-point/core/units/formatLength';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { MainAction } from '../../../controls/MainAction';

interface PassActionsProps {
  /** How the pass ended; undefined where it has no answer. */
  state: InLine | undefined;
  /** Why there is none is said above; then the pass begins again. */
  refused: boolean;
  /** How far the part lies turned, degrees; only a part's skew is carried on. */
  skew: number | undefined;
  carried: boolean;
  /** A plug that no sweep has confirmed. */
  onWord: boolean;
  onCarry: () => void;
  onAgain: () => void;
  onSweep: () => void;
  onDone: () => void;
}

/** What can be done once every place of a pass is read: the likely next thing below, the others above it. */
export function PassActions({ state, refused, skew, carried, onWord, ...on }: PassActionsProps) {
  const done = state === 'within' || carried;
  const again = (
    <Button mode="outlined" onPress={on.onAgain}>
      Read all places again
    </Button>
  );
  const sweep = 'Bolted, plug out: sweep it';
  return (
    <View style={styles.list}>
      {skew !== undefined && state !== 'within' && (
        <Button mode="outlined" onPress={on.onCarry}>
          {carried ? 'Carried on: put it back' : `Carry ${skew > 0 ? '+' : ''}${formatAngle(skew)} on`}
        </Button>
      )}
      {onWord && done && (
        <Button mode="outlined" onPress={on.onSweep}>
          {sweep}
        </Button>
      )}
      {(done || (onWord && !refused)) && !carried && again}
      {done ? (
        <MainAction
          label={carried ? 'Rotate the coordinates' : onWord ? 'Accept without a check sweep' : 'Log as aligned'}
          onPress={on.onDone}
        />
      ) : onWord && !refused ? (
        <MainAction label={sweep} onPress={on.onSweep} />
      ) : (
        <MainAction
          label={refused ? 'Start this pass again' : 'Corrected: read all places again'}
          onPress={on.onAgain}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 } });
