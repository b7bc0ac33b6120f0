import type { Mill } from '@zero-point/core/practice/mill/mill';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import { shows } from '@zero-point/core/practice/mill/scaleReading';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { Axis } from '@zero-point/core/schema/quantities';
import { StyleSheet } from 'react-native';
import { Button } from 'react-native-paper';
import { StepRow } from './StepRow';

interface AxisRowProps {
  mill: Mill;
  axis: Axis;
  unit: LengthUnit;
  /** So far one press goes, mm, and as it is said in that unit. */
  step: number;
  says: string;
  onAct: (what: MillAct) => void;
  /** Asks what the scale is to show. */
  onSet: () => void;
}

/** One axis of the practice mill: what its scale shows, a step either way, and setting it. */
export const AxisRow = ({ mill, axis, unit, step, says, onAct, onSet }: AxisRowProps) => (
  <StepRow
    axis={axis}
    mm={shows(mill, axis)}
    unit={unit}
    step={step}
    says={says}
    onStep={(by) => onAct({ do: 'move', axis, by })}
  >
    <Button mode="outlined" compact onPress={onSet} accessibilityLabel={`Set ${axis.toUpperCase()}`} style={styles.set}>
      Set
    </Button>
  </StepRow>
);

const styles = StyleSheet.create({ set: { minWidth: 64 } });
