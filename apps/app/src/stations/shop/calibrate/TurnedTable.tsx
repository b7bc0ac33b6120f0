import type { RotaryLetter } from '@zero-point/core/rotary/turn';
import type { RoutinePicture } from '@zero-point/core/routines/routine';
import { turnSeenFrom } from '@zero-point/core/messages/rotary/rotaryCentre';
import { Circle, G, Line } from 'react-native-svg';
import { Arrow, DatumMark, Label } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';

interface TurnedTableProps {
  width: number;
  tall: number;
  picture: Extract<RoutinePicture, { kind: 'rotary' }>;
}

/** Which way the two coordinates across an axis run on the page, seen from its plus end. */
const WAYS: Readonly<Record<RotaryLetter, { right: string; up: string }>> = {
  A: { right: '+Y', up: '+Z' },
  B: { right: '−X', up: '+Z' },
  C: { right: '+X', up: '+Y' },
};

/** A rotary axis seen from its plus end: what is touched on it, and how far it is turned. */
export function TurnedTable({ width, tall, picture }: TurnedTableProps) {
  const { axis } = picture;
  const [x, y] = [width / 2, tall / 2];
  const r = Math.min(tall * 0.4, 84);
  const way = WAYS[axis];
  return (
    <G>
      <Circle cx={x} cy={y} r={r} fill="rgba(228,235,241,0.07)" stroke={METAL.silver} strokeWidth={1.6} />
      {picture.what === 'bore' && (
        <Circle cx={x} cy={y} r={r * 0.34} fill="none" stroke={METAL.silver} strokeWidth={1.6} />
      )}
      {picture.what === 'ball' && <Ball x={x} y={y} r={r} turn={picture.turn} />}
      {picture.what === 'face' && <Face x={x} y={y} r={r} looks={picture.looks} />}
      <DatumMark x={x} y={y} set={false} />
      <Label x={12} y={22} anchor="start" size={13}>
        {picture.what === 'ball' ? `${axis} ${picture.command < 0 ? '−' : ''}${Math.abs(picture.command)}°` : axis}
      </Label>
      <Label x={12} y={40} anchor="start" size={13} words>
        {`seen ${turnSeenFrom(axis)}`}
      </Label>
      <Arrow from={{ x: x + r + 16, y: y + 20 }} to={{ x: x + r + 50, y: y + 20 }} colour={METAL.silver} />
      <Label x={x + r + 54} y={y + 25} anchor="start" size={13}>
        {way.right}
      </Label>
      <Arrow from={{ x: x + r + 16, y: y + 20 }} to={{ x: x + r + 16, y: y - 14 }} colour={METAL.silver} />
      <Label x={x + r + 24} y={y - 8} anchor="start" size={13}>
        {way.up}
      </Label>
    </G>
  );
}

interface OnTable {
  x: number;
  y: number;
  r: number;
}

/** A ball on the table, gone round from the right by what the part has turned. */
function Ball({ x, y, r, turn }: OnTable & { turn: number }) {
  const at = (turn * Math.PI) / 180;
  const far = r * 0.66;
  const ball = { x: x + far * Math.cos(at), y: y - far * Math.sin(at) };
  return (
    <G>
      <Line x1={x} y1={y} x2={x + far} y2={y} stroke={METAL.silver} strokeWidth={1} strokeDasharray="4 4" />
      <Line x1={x} y1={y} x2={ball.x} y2={ball.y} stroke={METAL.brass} strokeWidth={1.4} />
      <Circle cx={ball.x} cy={ball.y} r={Math.min(9, r * 0.2)} fill={METAL.brass} />
    </G>
  );
}

/** A rotary table face's bare face, upright or lying up, and what touches it. */
function Face({ x, y, r, looks }: OnTable & { looks: 'left' | 'right' | 'up' }) {
  const off = r * 0.3;
  const long = r * 0.7;
  if (looks === 'up') {
    return (
      <G>
        <Line x1={x - long} x2={x + long} y1={y - off} y2={y - off} stroke={METAL.brass} strokeWidth={4} />
        <Arrow from={{ x: x + long * 0.5, y: y - r * 1.1 }} to={{ x: x + long * 0.5, y: y - off - 4 }} />
      </G>
    );
  }
  const side = looks === 'right' ? 1 : -1;
  return (
    <G>
      <Line x1={x + side * off} x2={x + side * off} y1={y - long} y2={y + long} stroke={METAL.brass} strokeWidth={4} />
      <Arrow from={{ x: x + side * r * 1.3, y: y - long * 0.5 }} to={{ x: x + side * (off + 5), y: y - long * 0.5 }} />
    </G>
  );
}
