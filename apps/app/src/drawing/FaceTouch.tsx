import type { Face } from '@zero-point/core/contract/ledger';
import type { Part } from '@zero-point/core/contract/shop';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import { Line, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Arrow, ContactCircle, Label } from './marks';
import { Target } from './Target';
import type { View } from './view';

/** Ends and middle of a face on the drawing, px. */
export function faceOnDrawing(part: Part, face: Face, view: View) {
  const { axis, approach } = FACE_TOUCH[face];
  const at = approach === 1 ? 0 : part.size[axis];
  const ends =
    axis === 'x'
      ? { x1: view.x(at), y1: view.y(0), x2: view.x(at), y2: view.y(part.size.y) }
      : { x1: view.x(0), y1: view.y(at), x2: view.x(part.size.x), y2: view.y(at) };
  const toward = axis === 'x' ? { x: approach, y: 0 } : { x: 0, y: -approach };
  return { ...ends, middle: { x: (ends.x1 + ends.x2) / 2, y: (ends.y1 + ends.y2) / 2 }, toward };
}

/** Length of the arrow of approach, px. */
const APPROACH = 34;

interface FaceMarkProps {
  part: Part;
  face: Face;
  view: View;
  /** Radius of contact and feeler together, mm. */
  radius: number;
  /** What is known of the face already, as ±. */
  band: string | undefined;
}

/** The face being touched: the contact to scale against it, the arrow of approach, and its soft band. */
export function FaceMark({ part, face, view, radius, band }: FaceMarkProps) {
  const { x1, y1, x2, y2, middle, toward } = faceOnDrawing(part, face, view);
  const r = radius * view.scale;
  const centre = { x: middle.x - toward.x * r, y: middle.y - toward.y * r };
  const beside = Math.max(r, 4) + 16;
  const start = { x: middle.x - toward.y * beside, y: middle.y + toward.x * beside };
  const bandWidth = 10;
  return (
    <>
      {band !== undefined && (
        <Rect
          x={Math.min(x1, x2) - (toward.x === 0 ? 0 : bandWidth / 2)}
          y={Math.min(y1, y2) - (toward.y === 0 ? 0 : bandWidth / 2)}
          width={toward.x === 0 ? Math.abs(x2 - x1) : bandWidth}
          height={toward.y === 0 ? Math.abs(y2 - y1) : bandWidth}
          fill={METAL.band}
        />
      )}
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={METAL.brass} strokeWidth={4} />
      <ContactCircle x={centre.x} y={centre.y} radius={r} />
      <Arrow
        from={{ x: start.x - toward.x * APPROACH, y: start.y - toward.y * APPROACH }}
        to={{ x: start.x - toward.x * 4, y: start.y - toward.y * 4 }}
      />
      {band !== undefined && (
        <BandPlate x={middle.x + toward.x * 72} y={middle.y + toward.y * 28}>
          {band}
        </BandPlate>
      )}
    </>
  );
}

/** The ± of a face on a plate of its own, so that it reads over whatever is scribed beneath. */
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

/** A face that can be tapped, while none is chosen: its name inside, a brass dash along it. */
export function FaceHint({ part, face, view }: { part: Part; face: Face; view: View }) {
  const { x1, y1, x2, y2, middle, toward } = faceOnDrawing(part, face, view);
  const inside = toward.x === 0 ? 20 : 32;
  return (
    <>
      <Line
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={METAL.brass}
        strokeWidth={3}
        strokeDasharray="2 10"
        strokeLinecap="round"
      />
      <Label x={middle.x + toward.x * inside} y={middle.y + toward.y * inside + 5} colour={METAL.brass} size={15} words>
        {face}
      </Label>
    </>
  );
}

interface FaceTargetProps {
  part: Part;
  face: Face;
  view: View;
  chosen: boolean;
  label: string;
  onPress: () => void;
}

const THICK = 60;

/** The whole length of a face can be tapped, and a good way to either side of it. */
export function FaceTarget({ part, face, view, chosen, label, onPress }: FaceTargetProps) {
  const { x1, y1, x2, y2, middle, toward } = faceOnDrawing(part, face, view);
  const along = Math.max(Math.abs(x2 - x1), Math.abs(y2 - y1)) - THICK / 2;
  return (
    <Target
      label={label}
      chosen={chosen}
      onPress={onPress}
      at={{ ...middle, width: toward.x === 0 ? along : THICK, height: toward.y === 0 ? along : THICK }}
    />
  );
}
