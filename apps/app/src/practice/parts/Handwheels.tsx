import type { Mill } from '@zero-point/core/practice/mill/mill';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import { lineAt, wheelOf, type Wheel as WheelFacts } from '@zero-point/core/practice/handwheel';
import { shows } from '@zero-point/core/practice/mill/scaleReading';
import type { Approach, Axis } from '@zero-point/core/schema/quantities';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Gesture, GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import { Button } from 'react-native-paper';
import { HandwheelDial } from '../../dial/HandwheelDial';
import { Ground } from '../../drawing/Ground';
import { Figure, AppText } from '../../theme/AppText';
import { createWheelHand } from './wheelHand';

interface HandwheelsProps {
  axes: readonly Axis[];
  unit: LengthUnit;
  mill: Mill;
  onAct: (what: MillAct) => void;
  /** Asks what a scale is to show. */
  onSet: (axis: Axis) => void;
}

/** What clockwise does, as a person stands before the mill. */
const CLOCKWISE: Readonly<Record<Axis, string>> = { x: 'right', y: 'away', z: 'up' };

const HEIGHT = 132;
const MARK = 10;

/** Three handwheels, each turned by dragging round it, by the mouse wheel, or by the arrow keys; a line at a time. */
export function Handwheels({ axes, unit, mill, onAct, onSet }: HandwheelsProps) {
  return (
    <GestureHandlerRootView style={styles.row}>
      {axes.map((axis) => (
        <Wheel
          key={axis}
          axis={axis}
          unit={unit}
          shown={shows(mill, axis)}
          step={mill.spec.step[axis]}
          {...wheelOf(mill.spec, axis)}
          onAct={onAct}
          onSet={onSet}
        />
      ))}
    </GestureHandlerRootView>
  );
}

interface WheelProps extends Pick<HandwheelsProps, 'unit' | 'onAct' | 'onSet'>, WheelFacts {
  axis: Axis;
  /** What its scale shows, mm. */
  shown: number;
  /** Least travel that counts, mm. */
  step: number;
}

const KEYS: Readonly<Record<string, Approach>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

/** One wheel with its collar and what its scale shows; drawn again only when that changes. */
const Wheel = memo(function Wheel({ axis, unit, shown, step, perTurn, lines, onAct, onSet }: WheelProps) {
  const [hand] = useState(createWheelHand);
  const box = useRef<View>(null);
  // One notch of the mouse wheel is one line; the page does not scroll under it.
  useEffect(() => {
    const element = box.current as unknown as HTMLElement | null;
    const byLine = (way: number) => onAct({ do: 'move', axis, by: way * (perTurn / lines), wheel: true });
    const notch = (event: WheelEvent) => {
      event.preventDefault();
      byLine(event.deltaY < 0 ? 1 : -1);
    };
    const key = (event: KeyboardEvent) => {
      const way = KEYS[event.key];
      if (way === undefined) return;
      event.preventDefault();
      event.stopPropagation();
      byLine(way);
    };
    element?.addEventListener('wheel', notch, { passive: false });
    element?.addEventListener('keydown', key);
    return () => {
      element?.removeEventListener('wheel', notch);
      element?.removeEventListener('keydown', key);
    };
  }, [axis, perTurn, lines, onAct]);
  const gesture = useMemo(
    () =>
      Gesture.Pan()
        .runOnJS(true)
        .minDistance(0)
        .onBegin(hand.take)
        .onUpdate((event) => {
          const by = hand.turn(event, step, perTurn);
          if (by !== 0) onAct({ do: 'move', axis, by, wheel: true });
        })
        .onFinalize(hand.letGo),
    [hand, axis, step, perTurn, onAct],
  );
  const line = lineAt(shown, { perTurn, lines });
  return (
    <View style={styles.wheel}>
      <GestureDetector gesture={gesture}>
        <View
          ref={box}
          style={styles.dial}
          tabIndex={0}
          role="slider"
          aria-label={`Handwheel of ${axis.toUpperCase()}, clockwise goes ${CLOCKWISE[axis]}`}
          aria-valuenow={shown}
          aria-valuetext={`${formatLength(shown, { unit })} ${unit}`}
          onLayout={({ nativeEvent: { layout } }) => {
            hand.place({ x: layout.width / 2, y: layout.height / 2 });
          }}
        >
          <Ground
            height={HEIGHT}
            label={`Collar of ${axis.toUpperCase()} at line ${Math.round(line) % lines}`}
            draw={(width) => (
              <HandwheelDial
                lines={lines}
                line={line}
                at={{ x: width / 2, y: HEIGHT / 2 + MARK / 2 }}
                r={Math.min(width, HEIGHT) / 2 - MARK}
                words={`line ${Math.round(line) % lines}`}
              />
            )}
          />
        </View>
      </GestureDetector>
      <View style={styles.figure}>
        <AppText kind="strong">{axis.toUpperCase()}</AppText>
        <Figure size={15}>{`${formatLength(shown, { unit, plus: true })} ${unit}`}</Figure>
      </View>
      <AppText kind="note" tone="soft">
        {`↻ ${CLOCKWISE[axis]}`}
      </AppText>
      <Button compact mode="outlined" onPress={() => onSet(axis)} accessibilityLabel={`Set ${axis.toUpperCase()}`}>
        Set
      </Button>
    </View>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 6 },
  wheel: { flex: 1, minWidth: 0, gap: 2 },
  dial: { borderRadius: 8, overflow: 'hidden', touchAction: 'none', cursor: 'grab' } as object,
  figure: { flexDirection: 'row', alignItems: 'baseline', gap: 4 },
});
