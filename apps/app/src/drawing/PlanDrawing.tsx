import type { Part } from '@zero-point/core/records/shop/part';
import type { PartZero } from '@zero-point/core/records/setup/plan';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import type { Point } from '@zero-point/core/geometry/point';
import type { ReactNode } from 'react';
import { Circle } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { DatumMark, Label, ScribedBlock } from './marks';
import { ShapeMarks } from './FeatureHints';
import { fitToView, type View, type World } from './geometry/view';

interface PlanDrawingProps {
  part: Part;
  partZero: PartZero;
  /** Whether both axes have been set. */
  zeroSet: boolean;
  height: number | 'fill';
  label: string;
  /** Room kept free around the part, mm, for a contact that comes from outside. */
  room?: number;
  /** Room for lettering outside the part, px. */
  inset?: number;
  /** Part of it to show on a drawing so wide and high, mm in the part's own frame; all of it where there is none. */
  focus?: ((width: number, height: number) => World | undefined) | undefined;
  /** Marks over the part; coordinates in the part's own frame. */
  marks?: (view: View) => ReactNode;
  /** Places to touch, laid over the drawing. */
  targets?: (view: View) => ReactNode;
  /** Whether the holes drawn on the part are shown; they step back behind a pattern. */
  drawnHoles?: 'plain' | 'faint';
}

/** A lower drawing has no room for words under the part, px. */
const ROOM_FOR_CAPTION = 240;

/** Room for marks that stand outside the part whatever the scale, px. */
const INSET = 36;

/** Room round a part of it that is shown alone, px. */
const FOCUS_INSET = 6;

/** The part from above as marked-out metal: outline, drawn holes, part zero. */
export function PlanDrawing({
  part,
  partZero,
  zeroSet,
  height,
  label,
  room = 0,
  inset = INSET,
  focus,
  marks,
  targets,
  drawnHoles = 'plain',
}: PlanDrawingProps) {
  const viewOf = (width: number, tall: number) => {
    const near = focus?.(width, tall);
    return fitToView(
      near ?? { left: -room, bottom: -room, right: part.size.x + room, top: part.size.y + room },
      width,
      tall,
      // A low drawing keeps more of itself for the part.
      near ? FOCUS_INSET : Math.min(Math.max(18, inset - room), tall / 4),
    );
  };
  const zero: Point = zeroOf(part, partZero);
  return (
    <Ground
      height={height}
      label={label}
      draw={(width, tall) => {
        const view = viewOf(width, tall);
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
                r={(hole.diameter / 2) * view.scale}
                fill="none"
                stroke={METAL.silverSoft}
                strokeWidth={1}
                opacity={drawnHoles === 'faint' ? 0.5 : 1}
              />
            ))}
            <ShapeMarks part={part} view={view} />
            <DatumMark x={view.x(zero.x)} y={view.y(zero.y)} set={zeroSet} />
            {tall > ROOM_FOR_CAPTION && (
              <Label x={12} y={tall - 10} anchor="start" size={13} colour={METAL.silverSoft} words>
                from above: X right, Y away from you
              </Label>
            )}
            {marks?.(view)}
          </>
        );
      }}
      touch={targets && ((width, tall) => targets(viewOf(width, tall)))}
    />
  );
}
