import type { Axis } from '@zero-point/core/schema/quantities';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useRef, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { TARGET } from '../../layout/layout';
import { useLook } from '../../theme/useLook';
import { Figure, AppText } from '../../theme/AppText';

interface StepRowProps {
  axis: Axis;
  /** What its scale shows, mm. */
  mm: number;
  unit: LengthUnit;
  /** So far one press goes, mm; and as it is said, where that is not in mm. */
  step: number;
  says?: string;
  /** Goes so far, mm, + toward plus. */
  onStep: (by: number) => void;
  children?: ReactNode;
}

/** Which way plus goes, as a person stands before the mill. */
const WAYS: Readonly<Record<Axis, readonly [minus: string, plus: string]>> = {
  x: ['left', 'right'],
  y: ['toward you', 'away'],
  z: ['down', 'up'],
};

/** A button held down goes on by itself after so long, and then so often, ms. */
const HELD = 350;
const EVERY = 70;

/** One axis: what its scale shows, and a step either way. */
export function StepRow({ axis, mm, unit, step, says, onStep, children }: StepRowProps) {
  const { palette } = useLook();
  const name = axis.toUpperCase();
  const [minus, plus] = WAYS[axis];
  const far = `${says ?? step} ${says === undefined ? 'mm' : unit}`;
  return (
    <View style={[styles.row, { borderColor: palette.line }]}>
      <StepButton icon="minus" label={`${name} ${minus} by ${far}`} onStep={() => onStep(-step)} />
      <View style={styles.figure} accessible accessibilityLabel={`${name} shows ${formatLength(mm, { unit })} ${unit}`}>
        <AppText kind="strong">{name}</AppText>
        <Figure size={24}>{formatLength(mm, { unit, plus: true })}</Figure>
        <AppText kind="note" tone="soft">
          {unit}
        </AppText>
      </View>
      <StepButton icon="plus" label={`${name} ${plus} by ${far}`} onStep={() => onStep(step)} />
      {children}
    </View>
  );
}

/** A step at a press; held down, one after the other until it is let go. */
function StepButton({ icon, label, onStep }: { icon: 'plus' | 'minus'; label: string; onStep: () => void }) {
  const latest = useRef(onStep);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(() => {
    latest.current = onStep;
  });
  const ran = useRef(false);
  const stop = () => clearTimeout(timer.current);
  useEffect(() => stop, []);
  const goOn = () => {
    ran.current = true;
    latest.current();
    timer.current = setTimeout(goOn, EVERY);
  };
  return (
    <IconButton
      icon={icon}
      mode="outlined"
      size={26}
      accessibilityLabel={label}
      style={styles.step}
      // Let go after it went on by itself, it stops there: not one step more.
      onPress={() => {
        if (!ran.current) onStep();
        ran.current = false;
      }}
      onPressIn={() => {
        stop();
        ran.current = false;
        timer.current = setTimeout(goOn, HELD);
      }}
      onPressOut={stop}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 6, borderBottomWidth: 1, paddingVertical: 2 },
  figure: { flex: 1, flexDirection: 'row', alignItems: 'baseline', justifyContent: 'center', gap: 8, minWidth: 0 },
  step: { width: TARGET + 8, height: TARGET + 2, margin: 0, borderRadius: 8 },
});
