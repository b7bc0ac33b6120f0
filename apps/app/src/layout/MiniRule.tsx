import Svg, { Path } from 'react-native-svg';
import { useLook } from '../theme/useLook';

interface MiniRuleProps {
  /** How many stations, and which of them are done. */
  stations: readonly { done: boolean }[];
  /** Where the brass cursor stands. */
  here: number;
}

const PITCH = 20;
const HEIGHT = 18;

/** Ticks of one kind as a single path: a bench has many of these rules. */
const ticks = (stations: MiniRuleProps['stations'], long: boolean, tall: number): string =>
  stations.map(({ done }, i) => (done === long ? `M${(i + 0.5) * PITCH} 0V${tall}` : '')).join('');

/** The rule in small: a tick a station, long where it is done, and the brass cursor at the next thing to do. */
export function MiniRule({ stations, here }: MiniRuleProps) {
  const { palette } = useLook();
  const width = PITCH * stations.length;
  const at = (here + 0.5) * PITCH;
  return (
    <Svg width={width} height={HEIGHT} aria-hidden>
      <Path d={`M0 1H${width}${ticks(stations, true, HEIGHT - 3)}`} stroke={palette.ink} strokeWidth={2.5} />
      <Path d={ticks(stations, false, 8)} stroke={palette.ink} strokeWidth={1.5} />
      <Path d={`M${at - 6} 2H${at + 6}L${at} ${HEIGHT - 2}Z`} fill={palette.cursor} />
    </Svg>
  );
}
