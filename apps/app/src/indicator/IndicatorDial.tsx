import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, G, Line, Path, Polygon, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../theme/faces';
import { METAL } from '../theme/palette';
import { dialAngle, pointerAngle, shortWay } from './dialAngle';

export interface DialFace {
  /** One turn of the pointer, the step of its lines, and how far it can be from zero, mm. */
  perTurn: number;
  resolution: number;
  range: number;
  /** +1 where pressing the stylus in counts up. */
  sense: 1 | -1;
}

interface IndicatorDialProps {
  face: DialFace;
  /** Reading shown, mm; undefined while nothing is typed or swept. */
  value: number | undefined;
  unit: LengthUnit;
  size: number;
  /** Leave out to show only. */
  onChange?: (value: number) => void;
}

const BIG_LINES = 10;

/**
 * The indicator: its pointer is swept with a finger, or by the arrow keys, or follows what is typed.
 * Which way is plus is written on its face, and the stylus shows which way is pressed.
 */
export function IndicatorDial({ face, value, unit, size, onChange }: IndicatorDialProps) {
  const grip = useRef<{ angle: number; reading: number } | undefined>(undefined);
  const box = useRef<View>(null);
  const centre = size / 2;
  const shown = value ?? 0;
  const label = `Indicator, pressed in is ${face.sense === 1 ? 'plus' : 'minus'}`;
  const reach = `one turn is ${formatLengthUnit(face.perTurn, { unit })}, range ${formatLengthUnit(face.range, { unit })} either way`;

  const fingerAngle = ({ nativeEvent }: GestureResponderEvent): number => {
    const element = box.current as unknown as HTMLElement | null;
    const rect = element?.getBoundingClientRect();
    if (!rect) return 0;
    const x = nativeEvent.pageX - window.scrollX - rect.left - centre;
    const y = nativeEvent.pageY - window.scrollY - rect.top - centre;
    return (Math.atan2(x, -y) * 180) / Math.PI;
  };
  const set = (reading: number) => onChange?.(dialAngle(reading, face.resolution, face.range));
  const keys: Record<string, number> = {
    ArrowUp: 1,
    ArrowRight: 1,
    ArrowDown: -1,
    ArrowLeft: -1,
    PageUp: 10,
    PageDown: -10,
  };

  return (
    <View
      ref={box}
      {...(onChange
        ? {
            role: 'slider' as const,
            tabIndex: 0 as const,
            'aria-label': label,
            'aria-description': reach,
            'aria-valuemin': -face.range,
            'aria-valuemax': face.range,
            'aria-valuenow': shown,
            'aria-valuetext': formatLengthUnit(shown, { unit, plus: true }),
            onStartShouldSetResponder: () => true,
            onMoveShouldSetResponder: () => true,
            onResponderTerminationRequest: () => false,
            onResponderGrant: (event: GestureResponderEvent) => {
              grip.current = { angle: fingerAngle(event), reading: shown };
            },
            onResponderMove: (event: GestureResponderEvent) => {
              if (!grip.current) return;
              const angle = fingerAngle(event);
              const reading = grip.current.reading + (shortWay(grip.current.angle, angle) / 360) * face.perTurn;
              // The grip goes along, so that a finger can go round more than once.
              grip.current = { angle, reading: Math.max(-face.range, Math.min(face.range, reading)) };
              set(grip.current.reading);
            },
            onResponderRelease: () => {
              grip.current = undefined;
            },
            ...({
              onKeyDown: (event: { key: string; preventDefault: () => void }) => {
                const steps = keys[event.key];
                if (steps === undefined) return;
                event.preventDefault();
                set(shown + steps * face.resolution);
              },
            } as object),
          }
        : { role: 'img' as const, 'aria-label': label })}
      style={[{ width: size, height: size }, onChange && ({ touchAction: 'none', cursor: 'grab' } as object)]}
    >
      <Svg width={size} height={size} aria-hidden>
        <Circle cx={centre} cy={centre} r={centre - 3} fill={METAL.steel} stroke={METAL.steelInk} strokeWidth={3} />
        <Lines face={face} unit={unit} size={size} />
        <Sense sense={face.sense} size={size} />
        <Pointer angle={pointerAngle(shown, face.perTurn)} size={size} faint={value === undefined} />
        <Turns reading={shown} face={face} size={size} />
      </Svg>
    </View>
  );
}

/** A smaller dial has no room for figures at its sides, nor for more than a word beneath its middle, px. */
const ROOM_FOR_SIDES = 120;

/** Lines all round: ten long ones a turn, a short one at each fifth of it. */

function Lines({ face, unit, size }: { face: DialFace; unit: LengthUnit; size: number }) {
  const centre = size / 2;
  const outer = centre - 7;
  const lines = Array.from({ length: BIG_LINES * 5 }, (_, i) => {
    const big = i % 5 === 0;
    return (
      <Line
        key={i}
        x1={centre}
        x2={centre}
        y1={centre - outer}
        y2={centre - outer + (big ? 10 : 5)}
        stroke={METAL.steelInk}
        strokeWidth={big ? 2 : 1}
        transform={`rotate(${(i * 360) / (BIG_LINES * 5)} ${centre} ${centre})`}
      />
    );
  });
  const quarter = face.perTurn / 4;
  const decimals = unit === 'mm' ? (quarter >= 0.1 ? 2 : 3) : 4;
  const word = (mm: number, plus = false) => formatLength(mm, { unit, decimals, plus });
  const r = outer - 21;
  const text = { fontSize: 12, fontWeight: '700' as const, fontFamily: MONO, fill: METAL.steelInk };
  return (
    <G>
      {lines}
      <SvgText x={centre} y={centre - r + 4} textAnchor="middle" {...text} fontSize={15}>
        0
      </SvgText>
      {size >= ROOM_FOR_SIDES && (
        <>
          <SvgText x={centre + r + 8} y={centre + 4} textAnchor="end" {...text}>
            {word(quarter, true)}
          </SvgText>
          <SvgText x={centre - r - 8} y={centre + 4} textAnchor="start" {...text}>
            {word(-quarter)}
          </SvgText>
        </>
      )}
    </G>
  );
}

/** Which way is plus, said twice: an arrow round the face, and the words under it. */
function Sense({ sense, size }: { sense: 1 | -1; size: number }) {
  const centre = size / 2;
  const r = centre * 0.5;
  const small = size < ROOM_FOR_SIDES;
  const end = { x: centre + r * Math.sin(0.9), y: centre - r * Math.cos(0.9) };
  return (
    <G>
      <Path
        d={`M${centre + r * Math.sin(0.25)} ${centre - r * Math.cos(0.25)} A${r} ${r} 0 0 1 ${end.x} ${end.y}`}
        fill="none"
        stroke="#6d4c08"
        strokeWidth={2.5}
      />
      <Polygon
        points={`${end.x - 7},${end.y - 3} ${end.x + 3},${end.y - 6} ${end.x + 3},${end.y + 6}`}
        fill="#6d4c08"
      />
      <SvgText
        x={centre}
        y={centre + centre * 0.36}
        textAnchor="middle"
        fontSize={small ? 12 : 14}
        fontWeight="700"
        fontFamily={SANS}
        fill={METAL.steelInk}
      >
        {`${small ? 'press' : 'pressed ='} ${sense === 1 ? '+' : '−'}`}
      </SvgText>
    </G>
  );
}

function Pointer({ angle, size, faint }: { angle: number; size: number; faint: boolean }) {
  const centre = size / 2;
  const tip = centre - 14;
  return (
    <G transform={`rotate(${angle} ${centre} ${centre})`} opacity={faint ? 0.4 : 1}>
      <Line x1={centre} x2={centre} y1={centre + 12} y2={centre - tip} stroke="#8c1a12" strokeWidth={3} />
      <Circle cx={centre} cy={centre} r={5} fill="#8c1a12" />
    </G>
  );
}

/** How many turns from zero the pointer is, and how many it may go: the range. */
function Turns({ reading, face, size }: { reading: number; face: DialFace; size: number }) {
  const turns = Math.trunc(reading / face.perTurn + Math.sign(reading) * 1e-9);
  const small = size < ROOM_FOR_SIDES;
  if (small && turns === 0) return null;
  return (
    <SvgText
      x={size / 2}
      y={size * 0.785}
      textAnchor="middle"
      fontSize={11}
      fontWeight="700"
      fontFamily={MONO}
      fill={METAL.steelInk}
    >
      {`turn ${turns === 0 ? '0' : `${turns > 0 ? '+' : '−'}${Math.abs(turns)}`}${small ? '' : ` of ±${Number((face.range / face.perTurn).toFixed(1))}`}`}
    </SvgText>
  );
}
