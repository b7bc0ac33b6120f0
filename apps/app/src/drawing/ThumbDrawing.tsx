import type { SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import { Circle, Line } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { ScribedBlock } from './marks';
import { fitToView } from './geometry/view';

const INSET = 9;
const CROSS = 6;

/** A part small: its outline, its holes, and where zero is. */
export function ThumbDrawing({ part, label }: { part: SetupStatus['part']; label: string }) {
  return (
    <Ground
      height="fill"
      label={label}
      draw={(width, tall) => {
        const view = fitToView({ left: 0, bottom: 0, right: part.size.x, top: part.size.y }, width, tall, INSET);
        const zero = { x: view.x(part.zero.x), y: view.y(part.zero.y) };
        return (
          <>
            <ScribedBlock
              x={view.x(0)}
              y={view.y(part.size.y)}
              width={part.size.x * view.scale}
              height={part.size.y * view.scale}
            />
            {part.holes.map((hole, i) => (
              <Circle
                key={i}
                cx={view.x(hole.x)}
                cy={view.y(hole.y)}
                r={Math.max(1, (hole.diameter / 2) * view.scale)}
                fill="none"
                stroke={METAL.silverSoft}
                strokeWidth={1}
              />
            ))}
            <Line
              x1={zero.x - CROSS}
              x2={zero.x + CROSS}
              y1={zero.y}
              y2={zero.y}
              stroke={METAL.brass}
              strokeWidth={2}
            />
            <Line
              x1={zero.x}
              x2={zero.x}
              y1={zero.y - CROSS}
              y2={zero.y + CROSS}
              stroke={METAL.brass}
              strokeWidth={2}
            />
          </>
        );
      }}
    />
  );
}
