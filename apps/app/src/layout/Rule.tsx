import { Link } from 'expo-router';
import { Pressable, ScrollView, useWindowDimensions, View, type LayoutChangeEvent } from 'react-native';
import { useEffect, useRef, useState } from 'react';
import Svg, { Path, Polygon, Rect } from 'react-native-svg';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { TARGET } from './layout';
import { useSettled } from './useSettled';

/** A long tick of the rule: where it leads, and whether what is done there is done, told by a tick as well. */
interface Mark {
  name: string;
  title: string;
  path: `/setup/${string}`;
  done: boolean;
}

interface RuleProps {
  stations: readonly Mark[];
  /** Where the brass cursor stands; nothing when beside the strip. */
  here: string | undefined;
  upright: boolean;
}

/** Thickness, px; a low page gets the thinner one. */
const THICKNESS = { across: 60, low: TARGET, upright: 168 };

/** Lower than this a page is low, px. */
const LOW = 720;
/** Most height of a station upright, px; on a low page they share what there is. */
const UPRIGHT_PITCH = 84;
/** Least width of a station across, px: its longest name. */
const ACROSS_PITCH = 112;
const MINOR = 10;

/** Progress along the stations as a steel rule: long ticks are stations, the brass cursor is where you are. */
export function Rule({ stations: marks, here, upright }: RuleProps) {
  const { palette } = useLook();
  const across = useWindowDimensions().height < LOW ? THICKNESS.low : THICKNESS.across;
  const [size, setSize] = useState({ width: 0, height: 0 });
  const strip = useRef<ScrollView>(null);
  const onLayout = ({ nativeEvent }: LayoutChangeEvent) => setSize(nativeEvent.layout);
  const at = marks.findIndex(({ name }) => name === here);
  const pitch = Math.max(ACROSS_PITCH, size.width / marks.length);
  const along = pitch * marks.length;
  const shared = Math.min(UPRIGHT_PITCH, size.height / marks.length);

  // The brass cursor is brought to the middle, its neighbours in sight on both sides.
  useEffect(() => {
    if (at >= 0) strip.current?.scrollTo({ x: (at + 0.5) * pitch - size.width / 2, animated: false });
  }, [at, pitch, size.width]);

  const settled = useSettled();
  const stations = (settled ? marks : []).map(({ name: station, title, path, done }) => (
    <Link key={station} href={path} asChild>
      <Pressable
        role="link"
        aria-current={station === here ? 'step' : undefined}
        aria-label={`${title}${done ? ', done' : ''}`}
        style={{
          ...(upright ? { flex: 1, maxHeight: UPRIGHT_PITCH } : { width: pitch, height: across }),
          minHeight: TARGET,
          paddingLeft: upright ? 34 : 2,
          paddingRight: upright ? 8 : 2,
          justifyContent: upright ? 'center' : 'flex-end',
          alignItems: upright ? 'flex-start' : 'center',
          paddingBottom: upright ? 0 : 5,
        }}
      >
        <AppText
          kind="note"
          lines={1}
          style={{ color: palette.steelInk, fontWeight: station === here ? '700' : '400', fontSize: 16 }}
        >
          {done ? '✓ ' : ''}
          {title}
        </AppText>
      </Pressable>
    </Link>
  ));
  return (
    <View
      role="navigation"
      aria-label="Stations"
      onLayout={onLayout}
      style={{
        backgroundColor: palette.steel,
        ...(upright ? { width: THICKNESS.upright } : { height: across }),
      }}
    >
      {upright ? (
        <>
          <Ticks count={marks.length} width={size.width} height={size.height} pitch={shared} upright here={at} />
          {stations}
        </>
      ) : (
        <ScrollView ref={strip} horizontal showsHorizontalScrollIndicator={false}>
          <Ticks
            count={marks.length}
            width={size.width === 0 ? 0 : along}
            height={across}
            pitch={pitch}
            upright={false}
            here={at}
          />
          {stations}
        </ScrollView>
      )}
    </View>
  );
}

interface TicksProps {
  width: number;
  height: number;
  pitch: number;
  upright: boolean;
  here: number;
  count: number;
}

function Ticks({ width, height, pitch, upright, here, count }: TicksProps) {
  const { palette } = useLook();
  const along = upright ? height : width;
  if (along === 0) return null;
  // One path a thickness: ninety lines of their own took a third of the page to draw.
  const path = { fine: '', strong: '' };
  for (let i = 0; i < Math.floor((along / pitch) * MINOR); i += 1) {
    const at = ((i + MINOR / 2) * pitch) / MINOR;
    const long = i % MINOR === 0 && i < count * MINOR;
    const length = long ? 22 : i % (MINOR / 2) === 0 ? 14 : 8;
    path[long ? 'strong' : 'fine'] += upright ? `M0 ${at}H${length}` : `M${at} 0V${length}`;
  }
  const at = (here + 0.5) * pitch;
  return (
    <View aria-hidden style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}>
      <Svg width={width} height={height}>
        <Path d={path.fine} stroke={palette.steelInk} strokeWidth={1} fill="none" />
        <Path d={path.strong} stroke={palette.steelInk} strokeWidth={2} fill="none" />
        {here >= 0 &&
          (upright ? (
            <>
              <Rect x={0} y={at - pitch / 2} width={5} height={pitch} fill={palette.cursor} />
              <Polygon
                points={`8,${at - 9} 8,${at + 9} 28,${at}`}
                fill={palette.cursor}
                stroke={palette.steelInk}
                strokeWidth={1}
              />
            </>
          ) : (
            <>
              <Rect x={at - pitch / 2} y={0} width={pitch} height={5} fill={palette.cursor} />
              <Polygon
                points={`${at - 9},5 ${at + 9},5 ${at},25`}
                fill={palette.cursor}
                stroke={palette.steelInk}
                strokeWidth={1}
              />
            </>
          ))}
      </Svg>
    </View>
  );
}
