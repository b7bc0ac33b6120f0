import Svg, { Line, Polygon } from 'react-native-svg';
import { useLook } from '../theme/useLook';

interface MiniRuleProps {
  /** How many stations, and which of them are done. */
  stations: readonly { done: boolean }[];
  /** Where the brass cursor stands. */
  here: number;
}

const PITCH = 20;
const HEIGHT = 18;

/** The rule in small: a tick a station, long where it is done, and the brass cursor at the next thing to do. */
export function MiniRule({ stations, here }: MiniRuleProps) {
  const { palette } = useLook();
  const width = PITCH * stations.length;
  const at = (here + 0.5) * PITCH;
  return (
    <Svg width={width} height={HEIGHT} aria-hidden>
      <Line x1={0} x2={width} y1={1} y2={1} stroke={palette.ink} strokeWidth={2} />
      {stations.map(({ done }, i) => (
        <Line
          key={i}
          x1={(i + 0.5) * PITCH}
          x2={(i + 0.5) * PITCH}
          y1={0}
          y2={done ? HEIGHT - 3 : 8}
          stroke={palette.ink}
          strokeWidth={done ? 3 : 1.5}
        />
      ))}
      <Polygon points={`${at - 6},2 ${at + 6},2 ${at},${HEIGHT - 2}`} fill={palette.cursor} />
    </Svg>
  );
}
