import type { Point } from '@zero-point/core/geometry/point';
import { Circle, G, Line, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Arrow, ContactCircle, Label } from './marks';
import type { View } from './geometry/view';

/** A touch of the feature in hand. */
export interface TouchPlace {
  id: string;
  /** Where it touches, mm in the part's own frame, and which way the tool goes. */
  at: Point;
  toward: Point;
  state: 'open' | 'taken' | 'now';
}

interface TouchMarksProps {
  touches: readonly TouchPlace[];
  view: View;
  /** Radius of contact and feeler together, mm. */
  radius: number;
  /** What is known already, as ±, on a plate beside the place in hand. */
  band: string | undefined;
}

/** Length of the arrow of approach, px. */
const APPROACH = 34;

/** Every touch of a feature: those taken, those to come, and the one in hand with its contact to scale and its approach. */
export function TouchMarks({ touches, view, radius, band }: TouchMarksProps) {
  return (
    <>
      {touches.map((touch) =>
        touch.state === 'now' ? (
          <TouchNow key={touch.id} touch={touch} view={view} radius={radius} band={band} />
        ) : (
          <Circle
            key={touch.id}
            cx={view.x(touch.at.x)}
            cy={view.y(touch.at.y)}
            r={6}
            fill={touch.state === 'taken' ? METAL.brass : METAL.blueDeep}
            stroke={METAL.brass}
            strokeWidth={2}
          />
        ),
      )}
    </>
  );
}

function TouchNow({
  touch,
  view,
  radius,
  band,
}: {
  touch: TouchPlace;
  view: View;
  radius: number;
  band: string | undefined;
}) {
  const at = { x: view.x(touch.at.x), y: view.y(touch.at.y) };
  // On the drawing y goes down.
  const toward = { x: touch.toward.x, y: -touch.toward.y };
  if (toward.x === 0 && toward.y === 0)
    return <ContactCircle x={at.x} y={at.y} radius={Math.max(radius * view.scale, 8)} />;
  const r = Math.max(radius * view.scale, 4);
  const centre = { x: at.x - toward.x * r, y: at.y - toward.y * r };
  const beside = r + 14;
  const start = { x: at.x - toward.y * beside, y: at.y + toward.x * beside };
  const half = 26;
  return (
    <G>
      <Line
        x1={at.x - toward.y * half}
        y1={at.y + toward.x * half}
        x2={at.x + toward.y * half}
        y2={at.y - toward.x * half}
        stroke={METAL.brass}
        strokeWidth={4}
      />
      <ContactCircle x={centre.x} y={centre.y} radius={r} />
      <Arrow
        from={{ x: start.x - toward.x * APPROACH, y: start.y - toward.y * APPROACH }}
        to={{ x: start.x - toward.x * 4, y: start.y - toward.y * 4 }}
      />
      {band !== undefined && (
        <BandPlate x={at.x + toward.x * 72} y={at.y + toward.y * 28}>
          {band}
        </BandPlate>
      )}
    </G>
  );
}

/** The ± on a plate of its own, so that it reads over whatever is scribed beneath. */
function BandPlate({ x, y, children }: { x: number; y: number; children: string }) {
  const width = children.length * 8.6 + 14;
  return (
    <>
      <Rect
        x={x - width / 2}
        y={y - 13}
        width={width}
        height={26}
        rx={4}
        fill={METAL.blueDeep}
        stroke={METAL.brass}
        strokeWidth={1}
      />
      <Label x={x} y={y + 5}>
        {children}
      </Label>
    </>
  );
}
