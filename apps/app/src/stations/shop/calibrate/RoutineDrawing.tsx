import type { RoutinePicture } from '@zero-point/core/routines/routine';
import { Circle, G, Line, Path } from 'react-native-svg';
import { Ground } from '../../../drawing/Ground';
import { Arrow, ContactCircle, Label, ScribedBlock } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';
import { TurnedTable } from './TurnedTable';

interface Size {
  width: number;
  tall: number;
}

/** The size the pictures are laid out for, px, and the most they are enlarged by on a larger ground. */
const LAID_OUT = { width: 390, tall: 210 } as const;
const MOST = 2.4;

/** What one question of a routine asks for, scribed; on a large ground as large as it can be read from far. */
export function RoutineDrawing({ picture, label }: { picture: RoutinePicture; label: string }) {
  return (
    <Ground
      height="fill"
      label={label}
      draw={(width, tall) => {
        const larger = Math.min(MOST, Math.max(1, Math.min(width / LAID_OUT.width, tall / LAID_OUT.tall)));
        return <G transform={`scale(${larger})`}>{drawn(picture, { width: width / larger, tall: tall / larger })}</G>;
      }}
    />
  );
}

function drawn(picture: RoutinePicture, size: Size) {
  switch (picture.kind) {
    case 'sides':
      return <Sides {...size} next={picture.next} />;
    case 'fixed':
      return <FixedFace {...size} />;
    case 'turn':
      return <HandTurned {...size} angle={picture.angle} />;
    case 'ring':
      return <InRing {...size} toward={picture.toward} turned={picture.turned} />;
    case 'onto':
      return <Onto {...size} tool={picture.tool} on={picture.on} raised={picture.raised} />;
    case 'jaws':
      return <Jaws {...size} thing={picture.thing} closed={picture.closed} />;
    case 'travel':
      return <Travel {...size} axis={picture.axis} />;
    case 'arrive':
      return <Arriving {...size} axis={picture.axis} plus={picture.plus} />;
    case 'rotary':
      return <TurnedTable {...size} picture={picture} />;
  }
}

/** A block from above, the contact at the side that is next. */
function Sides({ width, tall, next }: Size & { next: 'plus' | 'minus' }) {
  const [x, y] = [width / 2, tall / 2];
  const half = Math.min(70, width / 5);
  const high = Math.min(34, tall * 0.3);
  const side = next === 'plus' ? -1 : 1;
  const radius = Math.min(16, high * 0.6);
  return (
    <G>
      <ScribedBlock x={x - half} y={y - high} width={2 * half} height={2 * high} />
      <Label x={x} y={y + 5} words>
        held fast
      </Label>
      <ContactCircle x={x + side * (half + radius)} y={y} radius={radius} />
      <Arrow from={{ x: x + side * (half + 90), y }} to={{ x: x + side * (half + 2 * radius + 6), y }} />
    </G>
  );
}

/** One face come to again and again. */
function FixedFace({ width, tall }: Size) {
  const [x, y] = [width * 0.62, tall / 2];
  const high = Math.min(60, tall * 0.4);
  return (
    <G>
      <ScribedBlock x={x} y={y - high} width={width * 0.24} height={2 * high} />
      <ContactCircle x={x - 16} y={y} radius={Math.min(16, high * 0.5)} />
      <Arrow from={{ x: x - 130, y }} to={{ x: x - 38, y }} />
      <Path
        d={`M${x - 60} ${y + 22} q -30 18 -58 0`}
        stroke={METAL.silver}
        strokeWidth={1.6}
        strokeDasharray="5 4"
        fill="none"
      />
      <Label x={x - 90} y={y + 46} size={13} words>
        back off, and again
      </Label>
    </G>
  );
}

/** What turns in the spindle, seen along it, an indicator at it. */
function HandTurned({ width, tall, angle }: Size & { angle: number }) {
  const [x, y] = [width / 2, tall / 2];
  const r = Math.min(52, tall * 0.32);
  const at = { x: x + r * Math.cos((angle * Math.PI) / 180), y: y - r * Math.sin((angle * Math.PI) / 180) };
  return (
    <G>
      <Circle cx={x} cy={y} r={r} fill={METAL.band} stroke={METAL.silver} strokeWidth={1.8} />
      <Line x1={x} y1={y} x2={at.x} y2={at.y} stroke={METAL.brass} strokeWidth={2.4} />
      <Label x={x} y={y + r + 18} size={13}>{`${angle}°`}</Label>
      <Line x1={x + r + 2} x2={x + r + 60} y1={y} y2={y} stroke={METAL.brass} strokeWidth={3} />
      <Circle cx={x + r + 78} cy={y} r={18} fill="none" stroke={METAL.brass} strokeWidth={2} />
      <Line x1={x + r + 78} x2={x + r + 86} y1={y} y2={y - 11} stroke={METAL.brass} strokeWidth={2} />
    </G>
  );
}

const TOWARD = { 'x+': [1, 0], 'x-': [-1, 0], 'y+': [0, -1], 'y-': [0, 1] } as const;

/** A ring from above, the ball toward the wall that is next. */
function InRing({ width, tall, toward, turned }: Size & { toward: keyof typeof TOWARD; turned: boolean }) {
  const [x, y] = [width / 2, tall / 2];
  const outer = Math.min(tall * 0.45, 90);
  const bore = outer * 0.74;
  const ball = bore * 0.28;
  const [dx, dy] = TOWARD[toward];
  const reach = bore - ball;
  return (
    <G>
      <Circle cx={x} cy={y} r={outer} fill="rgba(228,235,241,0.07)" stroke={METAL.silver} strokeWidth={1.6} />
      <Circle cx={x} cy={y} r={bore} fill={METAL.blueDeep} stroke={METAL.silver} strokeWidth={1.8} />
      <ContactCircle x={x + dx * reach} y={y + dy * reach} radius={ball} />
      <Arrow from={{ x, y }} to={{ x: x + dx * (reach - ball - 2), y: y + dy * (reach - ball - 2) }} />
      <Label x={x + outer + 12} y={y - 4} anchor="start" size={13} words>
        {turned ? 'spindle half' : 'spindle as'}
      </Label>
      <Label x={x + outer + 12} y={y + 14} anchor="start" size={13} words>
        {turned ? 'a turn on' : 'fixed'}
      </Label>
    </G>
  );
}

/** From the front: a tool coming down onto something. */
function Onto({ width, tall, tool, on, raised }: Size & { tool: string; on: string; raised: boolean }) {
  const x = width / 2;
  const floor = tall - Math.min(26, tall * 0.2);
  const block = on === 'surface' ? 0 : Math.min(30, tall * 0.22);
  const top = floor - block;
  return (
    <G>
      <Line x1={x - 150} x2={x + 150} y1={floor} y2={floor} stroke={METAL.silver} strokeWidth={1.8} />
      {block > 0 && <ScribedBlock x={x - 46} y={top} width={92} height={block} />}
      <Label x={x + 64} y={top + (block > 0 ? block / 2 + 5 : -8)} anchor="start" size={13} words>
        {on}
      </Label>
      <Line x1={x} x2={x} y1={8} y2={top - 12} stroke={METAL.brass} strokeWidth={7} />
      <Circle cx={x} cy={top - 9} r={8} fill={METAL.brass} />
      <Label x={x - 26} y={Math.max(20, top / 2)} anchor="end" size={13} words>
        {tool}
      </Label>
      {raised ? (
        <Arrow from={{ x: x + 26, y: Math.max(24, top - 14) }} to={{ x: x + 26, y: 8 }} />
      ) : (
        <Arrow from={{ x: x + 26, y: 8 }} to={{ x: x + 26, y: Math.max(24, top - 14) }} />
      )}
    </G>
  );
}

/** Between the jaws of an instrument, from the front. */
function Jaws({ width, tall, thing, closed }: Size & { thing: string; closed: boolean }) {
  const [x, y] = [width / 2, tall / 2];
  const half = closed ? 1 : Math.min(34, width / 9);
  const high = Math.min(46, tall * 0.36);
  const jaw = (side: 1 | -1) =>
    `M${x + side * half} ${y - high} v${2 * high} h${side * 20} v${-2 * high} z M${x + side * half} ${y - high} h${side * 60}`;
  return (
    <G>
      <Path d={jaw(-1)} stroke={METAL.silver} strokeWidth={1.8} fill="rgba(228,235,241,0.07)" />
      <Path d={jaw(1)} stroke={METAL.silver} strokeWidth={1.8} fill="rgba(228,235,241,0.07)" />
      {!closed && (
        <>
          <ScribedBlock x={x - half} y={y - 14} width={2 * half} height={28} />
          <Label x={x} y={y + high + 16} size={13} words>
            {thing}
          </Label>
        </>
      )}
      <Arrow from={{ x: x - half - 80, y: y + 4 }} to={{ x: x - half - 24, y: y + 4 }} />
      <Arrow from={{ x: x + half + 80, y: y + 4 }} to={{ x: x + half + 24, y: y + 4 }} />
    </G>
  );
}

/** A block between an indicator and a stop on the table. */
function Travel({ width, tall, axis }: Size & { axis: string }) {
  // Which way it goes stands beneath, and stays in the drawing however low that is.
  const [x, y] = [width / 2, Math.min(tall / 2, tall - 49)];
  return (
    <G>
      <Line x1={x - 150} x2={x + 150} y1={y + 20} y2={y + 20} stroke={METAL.silver} strokeWidth={1.8} />
      <ScribedBlock x={x - 120} y={y - 14} width={24} height={34} />
      <ScribedBlock x={x - 96} y={y - 6} width={100} height={26} />
      {tall >= 66 && (
        <Label x={x - 46} y={y + 11} size={13} words>
          block
        </Label>
      )}
      <Line x1={x + 6} x2={x + 50} y1={y + 6} y2={y + 6} stroke={METAL.brass} strokeWidth={3} />
      <Circle cx={x + 68} cy={y + 6} r={17} fill="none" stroke={METAL.brass} strokeWidth={2} />
      <Line x1={x + 68} x2={x + 68} y1={y + 6} y2={y - 7} stroke={METAL.brass} strokeWidth={2} />
      <Arrow from={{ x: x - 60, y: y + 40 }} to={{ x: x + 30, y: y + 40 }} />
      <Label x={x + 50} y={y + 45} anchor="start">{`${axis}+`}</Label>
    </G>
  );
}

/** The table against an indicator, and the side it is arrived at from. */
function Arriving({ width, tall, axis, plus }: Size & { axis: string; plus: boolean }) {
  const x = width / 2;
  // Low as the drawing may be, the table and what is written above it stay in.
  const y = Math.min(tall / 2 + 14, tall - 28);
  const top = Math.max(4, y - 44);
  const from = plus ? -1 : 1;
  return (
    <G>
      <ScribedBlock x={x - 60} y={y - 4} width={120} height={28} />
      <Label x={x} y={y + 16} words>
        table
      </Label>
      <Line x1={x} x2={x} y1={top} y2={y - 6} stroke={METAL.brass} strokeWidth={2} strokeDasharray="5 4" />
      <Label x={x + 8} y={Math.max(14, y - 26)} size={13} anchor="start" colour={METAL.brass} words>
        indicator at zero
      </Label>
      <Arrow from={{ x: x + from * 150, y: y + 10 }} to={{ x: x + from * 68, y: y + 10 }} />
      <Label x={x + from * 110} y={y - 4}>{`${axis}${plus ? '+' : '−'}`}</Label>
    </G>
  );
}
