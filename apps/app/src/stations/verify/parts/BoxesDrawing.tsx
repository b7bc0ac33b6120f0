import type { Obstacle, Obstacles } from '@zero-point/core/records/setup/obstacles';
import type { Part } from '@zero-point/core/records/shop/part';
import type { PartZero } from '@zero-point/core/records/setup/plan';
import { INCH, type LengthUnit } from '@zero-point/core/units/unit';
import { useMemo, useState } from 'react';
import { View as Area } from 'react-native';
import { Gesture, GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';
import { Rect } from 'react-native-svg';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Label } from '../../../drawing/marks';
import { Target } from '../../../drawing/Target';
import { METAL } from '../../../theme/palette';

interface BoxesDrawingProps {
  part: Part;
  partZero: PartZero;
  unit: LengthUnit;
  obstacles: Obstacles;
  chosen: string | undefined;
  /** A clamp put down with its middle here, mm in the part's own frame. */
  onPut: (x: number, y: number) => void;
  onChoose: (id: string) => void;
  /** A box dragged so far, mm. */
  onMove: (box: Obstacle, dx: number, dy: number) => void;
}

/** A dragged box lands on a round figure: half a millimetre, or a fortieth of an inch. */
const LANDS_ON: Readonly<Record<LengthUnit, number>> = { mm: 0.5, in: INCH / 40 };

/** The part from above with what stands round it: press where a clamp goes, drag a box to where it is. */
export function BoxesDrawing({ part, partZero, unit, obstacles, chosen, onPut, onChoose, onMove }: BoxesDrawingProps) {
  const [held, setHeld] = useState<{ id: string; x: number; y: number }>();
  const { x, y } = part.size;
  const places = [
    { label: 'at the left', x: 0, y: y / 2 },
    { label: 'at the right', x, y: y / 2 },
    { label: 'at the front', x: x / 2, y: 0 },
    { label: 'at the back', x: x / 2, y },
    { label: 'in the front left corner', x: 0, y: 0 },
    { label: 'in the front right corner', x, y: 0 },
    { label: 'in the back left corner', x: 0, y },
    { label: 'in the back right corner', x, y },
  ];
  const boxes = [...(obstacles.stock ? [obstacles.stock] : []), ...obstacles.boxes];
  const step = LANDS_ON[unit];
  const landed = (px: number, scale: number) => Math.round(px / scale / step) * step;
  return (
    <GestureHandlerRootView>
      <PlanDrawing
        part={part}
        partZero={partZero}
        zeroSet
        height={220}
        room={Math.max(x, y) / 6}
        label={`${part.name} with clamps and jaws, from above`}
        marks={(view) =>
          boxes.map((box) => {
            const by = held?.id === box.id ? held : { x: 0, y: 0 };
            return (
              <BoxMark
                key={box.id}
                name={box.name}
                left={view.x(box.from.x) + by.x}
                top={view.y(box.to.y) + by.y}
                width={(box.to.x - box.from.x) * view.scale}
                height={(box.to.y - box.from.y) * view.scale}
                chosen={box.id === chosen}
              />
            );
          })
        }
        targets={(view) => (
          <>
            {places.map((place) => (
              <Target
                key={place.label}
                label={`Put a clamp ${place.label}`}
                at={{ x: view.x(place.x), y: view.y(place.y), width: 48, height: 48 }}
                chosen={false}
                onPress={() => onPut(place.x, place.y)}
              />
            ))}
            {obstacles.boxes.map((box) => (
              <Handle
                key={box.id}
                left={view.x(box.from.x)}
                top={view.y(box.to.y)}
                width={(box.to.x - box.from.x) * view.scale}
                height={(box.to.y - box.from.y) * view.scale}
                onHold={(px, py) => {
                  onChoose(box.id);
                  setHeld({ id: box.id, x: px, y: py });
                }}
                onDone={(px, py) => {
                  setHeld(undefined);
                  const [dx, dy] = [landed(px, view.scale), -landed(py, view.scale)];
                  if (dx !== 0 || dy !== 0) onMove(box, dx, dy);
                }}
              />
            ))}
          </>
        )}
      />
    </GestureHandlerRootView>
  );
}

interface Place {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** Where a finger takes hold of a box; by keyboard its sides are typed. */
function Handle({
  left,
  top,
  width,
  height,
  onHold,
  onDone,
}: Place & { onHold: (px: number, py: number) => void; onDone: (px: number, py: number) => void }) {
  const gesture = useMemo(
    () =>
      Gesture.Pan()
        .runOnJS(true)
        .minDistance(4)
        .onUpdate(({ translationX, translationY }) => onHold(translationX, translationY))
        .onEnd(({ translationX, translationY }) => onDone(translationX, translationY)),
    [onHold, onDone],
  );
  return (
    <GestureDetector gesture={gesture}>
      <Area aria-hidden style={{ position: 'absolute', left, top, width, height }} />
    </GestureDetector>
  );
}

const BoxMark = ({ name, left, top, width, height, chosen }: Place & { name: string; chosen: boolean }) => (
  <>
    <Rect
      x={left}
      y={top}
      width={width}
      height={height}
      fill={METAL.band}
      stroke={METAL.brass}
      strokeWidth={chosen ? 3 : 1.6}
    />
    <Label x={left + 3} y={top + 14} anchor="start" size={12} colour={METAL.brass} words>
      {name}
    </Label>
  </>
);
