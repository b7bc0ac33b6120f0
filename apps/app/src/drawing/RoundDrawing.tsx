import { cosDegrees, sinDegrees } from '@zero-point/core/units/degrees';
import { Circle, G, Line } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Arrow, Label } from './marks';

/** A place round the circle, degrees counter-clockwise from the right. */
export interface RoundPlace {
  angle: number;
  /** What stands beside it. */
  name: string;
  state: 'open' | 'read' | 'now';
}

interface RoundDrawingProps {
  height: number | 'fill';
  label: string;
  places: readonly RoundPlace[];
  /** What is swept: a hole, a round part, or a flat table. */
  what: 'bore' | 'boss' | 'table';
  /** Which way to move, in any length: drawn as an arrow from the middle. */
  move?: { x: number; y: number } | undefined;
}

/** Lower than this there is room for the name of the place in hand alone, px. */
const LOW = 130;

/** Seen from above: what is swept, where it is read, and which way to move. */
export function RoundDrawing({ height, label, places, what, move }: RoundDrawingProps) {
  return (
    <Ground
      height={height}
      label={label}
      draw={(width, tall) => {
        const c = { x: width / 2, y: tall / 2 };
        const r = Math.min(width, tall) * 0.32;
        const many = places.length > 12;
        const low = tall < LOW;
        const now = places.find(({ state }) => state === 'now');
        const lettering = Math.max(15, r / 10);
        const length = move ? Math.hypot(move.x, move.y) : 0;
        return (
          <>
            {what === 'bore' && <Circle cx={c.x} cy={c.y} r={r + 16} fill="rgba(228,235,241,0.12)" />}
            <Circle
              cx={c.x}
              cy={c.y}
              r={r}
              fill={what === 'table' ? 'none' : what === 'bore' ? METAL.blueDeep : 'rgba(228,235,241,0.14)'}
              stroke={METAL.silver}
              strokeWidth={1.8}
              strokeDasharray={what === 'table' ? '7 5' : undefined}
            />
            <Line x1={c.x - 8} x2={c.x + 8} y1={c.y} y2={c.y} stroke={METAL.silverSoft} strokeWidth={1.2} />
            <Line x1={c.x} x2={c.x} y1={c.y - 8} y2={c.y + 8} stroke={METAL.silverSoft} strokeWidth={1.2} />
            {places.map(({ angle, name, state }) => {
              const [ux, uy] = [cosDegrees(angle), -sinDegrees(angle)];
              const at = { x: c.x + ux * r, y: c.y + uy * r };
              const colour = state === 'now' ? METAL.brass : METAL.silver;
              return (
                <G key={`${angle}`}>
                  <Circle
                    cx={at.x}
                    cy={at.y}
                    r={state === 'now' ? 9 : many ? 2.5 : 5}
                    fill={state === 'open' ? 'none' : colour}
                    stroke={colour}
                    strokeWidth={2}
                  />
                  {!many && !low && (
                    <Label
                      x={c.x + ux * (r + 20)}
                      y={c.y + uy * (r + 16) + 5}
                      anchor={ux > 0.3 ? 'start' : ux < -0.3 ? 'end' : 'middle'}
                      size={lettering}
                      colour={colour}
                      words
                    >
                      {name}
                    </Label>
                  )}
                </G>
              );
            })}
            {low && now && (
              <Label x={c.x + r + 26} y={c.y + 5} anchor="start" size={15} colour={METAL.brass} words>
                {now.name}
              </Label>
            )}
            {move && length > 0 && (
              <Arrow from={c} to={{ x: c.x + (move.x / length) * r * 0.72, y: c.y - (move.y / length) * r * 0.72 }} />
            )}
          </>
        );
      }}
    />
  );
}
