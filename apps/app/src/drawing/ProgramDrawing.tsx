import type { Path as ToolPath } from '@zero-point/core/program/motion/path';
import type { Box } from '@zero-point/core/program/checkContext';
import { memo, useMemo, useState } from 'react';
import { StyleSheet, View as Area } from 'react-native';
import { Gesture, GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { DatumMark, Label } from './marks';
import { programTraces, type Side } from './geometry/programTraces';
import { fitToView, type View, type World } from './geometry/view';

interface ProgramDrawingProps {
  path: ToolPath;
  side: Side;
  stock: Box | undefined;
  boxes: readonly Box[];
  /** How far the part lies turned, degrees. */
  turn: number;
  /** Of the program's tools the one that is shown alone, by its place; all where there is none. */
  tool: number | undefined;
  /** The stretch the cursor stands at the end of. */
  cursor: number;
  radius: number;
  /** Everything that is to be seen, mm. */
  world: World;
  /** Steps nearer: 0 shows all. */
  nearer: number;
  height: number | 'fill';
  label: string;
}

const INSET = 26;

/** How much nearer one step is. */
const NEARER = 1.6;

const clampZ = (z: number, least: number): number => (Number.isFinite(z) ? z : least);

/** How far a drawing is moved, px, and brought nearer about its middle. */
interface Moved {
  x: number;
  y: number;
  scale: number;
}

const HOME: Moved = { x: 0, y: 0, scale: 1 };

/** Where it was let go, and how it is held since. */
const AT_REST: { moved: Moved; held: Moved } = { moved: HOME, held: HOME };

/** One movement behind another: what was moved before is brought nearer with the rest. */
const after = (before: Moved, held: Moved): Moved => ({
  x: before.x * held.scale + held.x,
  y: before.y * held.scale + held.y,
  scale: before.scale * held.scale,
});

/** Where a program takes its tools, from above or from the front: dragged with a finger, nearer with two. */
export function ProgramDrawing(props: ProgramDrawingProps) {
  const { world, nearer, side } = props;
  const [{ moved, held }, setHand] = useState(AT_REST);
  // Another side or step begins from the middle again.
  const [of, setOf] = useState({ side, nearer });
  if (of.side !== side || of.nearer !== nearer) {
    setOf({ side, nearer });
    setHand(AT_REST);
  }
  const gesture = useMemo(() => {
    const hold = (change: Partial<Moved>) => setHand((hand) => ({ ...hand, held: { ...hand.held, ...change } }));
    const done = () => setHand((hand) => ({ moved: after(hand.moved, hand.held), held: HOME }));
    const pan = Gesture.Pan()
      .runOnJS(true)
      .minDistance(4)
      .onUpdate(({ translationX, translationY }) => hold({ x: translationX, y: translationY }))
      .onEnd(done);
    const pinch = Gesture.Pinch()
      .runOnJS(true)
      .onUpdate(({ scale }) => hold({ scale }))
      .onEnd(done);
    return Gesture.Simultaneous(pan, pinch);
  }, []);
  const viewOf = (width: number, height: number): View =>
    seen(
      fitToView(world, width, height, Math.min(INSET, height / 5)),
      width,
      height,
      NEARER ** nearer * moved.scale,
      moved,
    );
  return (
    <GestureHandlerRootView style={[styles.window, props.height === 'fill' ? styles.fill : { height: props.height }]}>
      <GestureDetector gesture={gesture}>
        {/* The sheet that is drawn already is moved as it is: drawn again it is once the finger lets go. */}
        <Area
          style={[styles.sheet, { transform: [{ translateX: held.x }, { translateY: held.y }, { scale: held.scale }] }]}
        >
          <Ground
            height="fill"
            label={props.label}
            draw={(width, height) => {
              const view = viewOf(width, height);
              return (
                <>
                  <Boxes {...props} view={view} />
                  <Traces
                    path={props.path}
                    side={side}
                    scale={view.scale}
                    left={view.x(0)}
                    top={view.y(0)}
                    width={width}
                    height={height}
                    tool={props.tool}
                  />
                  <DatumMark x={view.x(0)} y={view.y(0)} set />
                </>
              );
            }}
            touch={(width, height) => (
              <Area pointerEvents="none" style={styles.over}>
                <Svg width={width} height={height}>
                  <Cursor {...props} view={viewOf(width, height)} />
                </Svg>
              </Area>
            )}
          />
        </Area>
      </GestureDetector>
    </GestureHandlerRootView>
  );
}

/** The view as it is moved and brought nearer about the middle of the drawing. */
function seen(base: View, width: number, height: number, scale: number, by: { x: number; y: number }): View {
  return {
    scale: base.scale * scale,
    x: (mm) => width / 2 + (base.x(mm) - width / 2) * scale + by.x,
    y: (mm) => height / 2 + (base.y(mm) - height / 2) * scale + by.y,
  };
}

interface TracesProps {
  path: ToolPath;
  side: Side;
  scale: number;
  left: number;
  top: number;
  width: number;
  height: number;
  tool: number | undefined;
}

/** Made again only when what is in sight has changed, never while a finger drags it. */
const Traces = memo(function Traces({ path, side, scale, left, top, width, height, tool }: TracesProps) {
  const traces = useMemo(
    () =>
      programTraces(path, side, { scale, x: (mm) => left + mm * scale, y: (mm) => top - mm * scale }, width, height),
    [path, side, scale, left, top, width, height],
  );
  return traces.map((trace) => {
    const behind = tool !== undefined && trace.tool !== tool;
    return (
      <Path
        key={`${trace.tool} ${trace.rapid}`}
        d={trace.d}
        fill="none"
        stroke={trace.rapid ? METAL.silverSoft : METAL.silver}
        strokeWidth={trace.rapid ? 1 : 1.8}
        strokeDasharray={trace.rapid ? '2 5' : undefined}
        opacity={behind ? 0.18 : 1}
      />
    );
  });
});

/** Stock and what stands round it: the stock scribed, boxes hatched. */
function Boxes({ stock, boxes, side, view, turn, world }: ProgramDrawingProps & { view: View }) {
  const rect = ({ x, y, z }: Box) => {
    const [low, high] = side === 'above' ? y : [clampZ(z[0], world.bottom), z[1]];
    return {
      x: view.x(x[0]),
      y: view.y(high),
      width: (x[1] - x[0]) * view.scale,
      height: (high - low) * view.scale,
    };
  };
  const turned = side === 'above' && turn !== 0 ? `rotate(${-turn} ${view.x(0)} ${view.y(0)})` : undefined;
  return (
    <G {...(turned !== undefined && { transform: turned })}>
      {stock && <Rect {...rect(stock)} fill="rgba(228,235,241,0.10)" stroke={METAL.silver} strokeWidth={1.4} />}
      {boxes.map((box, i) => {
        const at = rect(box);
        return (
          <G key={i}>
            <Rect {...at} fill={METAL.band} stroke={METAL.brass} strokeWidth={2} />
            <Line x1={at.x} y1={at.y} x2={at.x + at.width} y2={at.y + at.height} stroke={METAL.brass} strokeWidth={1} />
            <Label x={at.x + 4} y={at.y + 15} anchor="start" size={13} colour={METAL.brass} words>
              {box.name}
            </Label>
          </G>
        );
      })}
    </G>
  );
}

/** Where the tool stands now. */
function Cursor({ path, side, cursor, radius, view }: ProgramDrawingProps & { view: View }) {
  const [x, up] = [path.x[cursor] ?? NaN, (side === 'above' ? path.y : path.z)[cursor] ?? NaN];
  if (Number.isNaN(x + up)) return null;
  const at = { x: view.x(x), y: view.y(up) };
  const r = Math.max(radius * view.scale, 4);
  return side === 'above' ? (
    <G>
      <Circle cx={at.x} cy={at.y} r={r} fill={METAL.band} stroke={METAL.brass} strokeWidth={2.4} />
      <Circle cx={at.x} cy={at.y} r={2} fill={METAL.brass} />
    </G>
  ) : (
    <G>
      <Rect
        x={at.x - r}
        y={at.y - 46}
        width={2 * r}
        height={46}
        fill={METAL.band}
        stroke={METAL.brass}
        strokeWidth={2.4}
      />
      <Line x1={at.x - r - 6} x2={at.x + r + 6} y1={at.y} y2={at.y} stroke={METAL.brass} strokeWidth={2.4} />
    </G>
  );
}

/** A layer of its own: what moves on it paints nothing of the others again. A style of the web only. */
const LAYER: object = { willChange: 'transform' };

const styles = StyleSheet.create({
  window: { overflow: 'hidden', backgroundColor: METAL.blue },
  fill: { flex: 1, minHeight: 0 },
  sheet: { flex: 1, minHeight: 0, ...LAYER },
  over: { position: 'absolute', left: 0, top: 0, ...LAYER },
});
