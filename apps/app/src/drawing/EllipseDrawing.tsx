import type { Ellipse } from '@zero-point/core/metrology/fits/ellipse';
import { Ellipse as SvgEllipse } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { DatumMark, Label } from './marks';

interface EllipseDrawingProps {
  /** As reckoned, and as tried. */
  reckoned: Ellipse;
  tried: Ellipse | undefined;
  label: string;
  /** How much it is enlarged, in words, from the enlargement. */
  scaleWords: (times: number) => string;
}

const HEIGHT = 260;

/** Drawn size of the longest half axis, px; and px to the millimetre of a common screen, for saying how much it is enlarged. */
const REACH = 104;
const PX_PER_MM = 3.78;

/** Part zero as a point that is not known exactly: where it lies in 95 of 100 cases, enlarged. */
export function EllipseDrawing({ reckoned, tried, label, scaleWords }: EllipseDrawingProps) {
  const longest = Math.max(reckoned.long, tried?.long ?? 0);
  const scale = longest > 0 ? REACH / longest : 0;
  return (
    <Ground
      height={HEIGHT}
      label={label}
      draw={(width) => {
        const [x, y] = [width / 2, HEIGHT / 2 - 6];
        const shape = ({ long, short, angle }: Ellipse) => ({
          cx: x,
          cy: y,
          rx: Math.max(1, long * scale),
          ry: Math.max(1, short * scale),
          transform: `rotate(${-angle} ${x} ${y})`,
        });
        return (
          <>
            <SvgEllipse {...shape(reckoned)} fill={METAL.band} stroke={METAL.brass} strokeWidth={2} />
            {tried && (
              <SvgEllipse {...shape(tried)} fill="none" stroke={METAL.silver} strokeWidth={2} strokeDasharray="6 5" />
            )}
            <DatumMark x={x} y={y} set />
            <Label x={12} y={HEIGHT - 10} anchor="start" size={13} colour={METAL.silver} words>
              {scaleWords(Math.max(1, Math.round(scale / PX_PER_MM)))}
            </Label>
          </>
        );
      }}
    />
  );
}
