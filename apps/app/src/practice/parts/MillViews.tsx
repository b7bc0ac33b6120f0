import { boxOf } from '@zero-point/core/practice/mill/box';
import { feel, nearest } from '@zero-point/core/practice/mill/contact';
import { tipOf } from '@zero-point/core/practice/mill/toolTip';
import type { Mill } from '@zero-point/core/practice/mill/mill';
import { StyleSheet, View } from 'react-native';
import { Circle, ClipPath, Defs, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Ground } from '../../drawing/Ground';
import { METAL } from '../../theme/palette';

/** What is to be seen round the part, mm. */
const ROUND = 34;

/** Height above the part that is in the front view, and what lies below its top, mm. */
const ABOVE = 84;
const BELOW = 18;

/** So far a finder's end is seen to swing while it is free, and to stand aside along the face when it has jumped, mm. */
const SWING = 0.9;
const ASIDE = 1.6;

/** The mill from above and from the front, to scale: what an eye sees, which is not enough for a hundredth. */
export function MillViews({ mill, height }: { mill: Mill; height: number | 'fill' }) {
  const box = boxOf(mill) ?? mill.hidden;
  const names = { above: 'The part and the tool from above', front: 'The part and the tool from the front' };
  return (
    <View style={[styles.views, height === 'fill' ? styles.fill : { height }]}>
      <View style={styles.view}>
        <Ground
          height="fill"
          label={names.above}
          draw={(width, high) => {
            const scale = Math.min(width / (box.size.x + 2 * ROUND), high / (box.size.y + 2 * ROUND));
            const x = (mm: number) => width / 2 + (mm - box.corner.x - box.size.x / 2) * scale;
            const y = (mm: number) => high / 2 - (mm - box.corner.y - box.size.y / 2) * scale;
            return (
              <G>
                <Above mill={mill} x={x} y={y} scale={scale} />
                <CloseUp mill={mill} width={width} height={high} />
                <From where="from above" width={width} />
              </G>
            );
          }}
        />
      </View>
      <View style={styles.view}>
        <Ground
          height="fill"
          label={names.front}
          draw={(width, high) => {
            const scale = Math.min(width / (box.size.x + 2 * ROUND), high / (ABOVE + BELOW));
            const x = (mm: number) => width / 2 + (mm - box.corner.x - box.size.x / 2) * scale;
            const y = (mm: number) => high - (BELOW + mm - box.top) * scale;
            return (
              <G>
                <Front mill={mill} x={x} y={y} scale={scale} />
                <From where="from the front" width={width} />
              </G>
            );
          }}
        />
      </View>
    </View>
  );
}

interface SideProps {
  mill: Mill;
  /** The mill's own frame to px. */
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
}

/** So near, mm, the end is looked at closely; drawn so many px a mm, in a round so wide. */
const CLOSE = 1.2;
const CLOSE_SCALE = 26;
const LENS = 30;

/** What an eye sees close by: the contact's edge and the face it comes to, turned so that the face stands upright. */
function CloseUp({ mill, width, height }: { mill: Mill; width: number; height: number }) {
  const near = nearest(mill);
  if (!near || near.surface === 'top' || Math.abs(near.gap) > CLOSE || height < 2 * LENS + 8) return null;
  const [cx, cy] = [width - LENS - 6, height - LENS - 6];
  // What lies between is as thick as it is, and the face on the right.
  const face = cx + 10;
  const edge = face - near.gap * CLOSE_SCALE;
  return (
    <G>
      <Defs>
        <ClipPath id="lens">
          <Circle cx={cx} cy={cy} r={LENS} />
        </ClipPath>
      </Defs>
      <Circle cx={cx} cy={cy} r={LENS} fill={METAL.blueDeep} stroke={METAL.silverSoft} strokeWidth={1.5} />
      <G clipPath="url(#lens)">
        <Rect x={face} y={cy - LENS} width={2 * LENS} height={2 * LENS} fill={METAL.band} stroke={METAL.silver} />
        <Circle cx={edge - EDGE} cy={cy} r={EDGE} fill={METAL.band} stroke={METAL.brass} strokeWidth={2} />
      </G>
      <SvgText x={cx} y={cy + LENS - 6} textAnchor="middle" fill={METAL.silver} fontSize={13}>
        close
      </SvgText>
    </G>
  );
}

/** The contact's edge is so little bent, close by, px. */
const EDGE = 90;

/** Where one looks from, in the corner that is least in the way. */
const From = ({ where, width }: { where: string; width: number }) => (
  <SvgText x={width - 8} y={16} textAnchor="end" fill={METAL.silverSoft} fontSize={13}>
    {where}
  </SvgText>
);

/** Where the end of a finder stands that has jumped: aside, along the face it found. */
function aside(mill: Mill): { x: number; y: number } {
  const { held, rpm } = mill;
  if (held?.kind !== 'spring-finder' || rpm === 0 || feel(mill) !== 'found') return { x: 0, y: 0 };
  const surface = nearest(mill)?.surface;
  return surface === 'front' || surface === 'back' ? { x: ASIDE, y: 0 } : { x: 0, y: -ASIDE };
}

/** A boss is drawn so high, mm; and what stands on the part. */
const BOSS = 6;
const ON_PART: ReadonlySet<string> = new Set(['setter']);

const SCRIBED = { fill: 'none', stroke: METAL.silver, strokeWidth: 1.5 } as const;

function Above({ mill, x, y, scale }: SideProps) {
  const { hidden, held, at, rpm, work } = mill;
  const box = boxOf(mill) ?? hidden;
  const round = hidden.bore ?? hidden.boss;
  const bored = work?.kind === 'boring' ? work.bore : round?.diameter;
  const radius = ((held?.diameter ?? 0) / 2) * scale;
  const off = aside(mill);
  const free = held?.kind === 'spring-finder' && rpm > 0 && feel(mill) === 'clear';
  return (
    <G>
      <G rotation={-(hidden.turned ?? 0)} originX={x(box.corner.x)} originY={y(box.corner.y)}>
        <Rect
          {...SCRIBED}
          x={x(box.corner.x)}
          y={y(box.corner.y + box.size.y)}
          width={box.size.x * scale}
          height={box.size.y * scale}
        />
        {round && (
          <Circle
            {...SCRIBED}
            cx={x(box.corner.x + round.x)}
            cy={y(box.corner.y + round.y)}
            r={((bored ?? 0) / 2) * scale}
          />
        )}
        {mill.events.map(
          (event, i) =>
            event.kind === 'spotted' && (
              <Circle
                key={i}
                cx={x(box.corner.x + event.at.x)}
                cy={y(box.corner.y + event.at.y)}
                r={3}
                fill={METAL.silver}
              />
            ),
        )}
      </G>
      {work?.kind === 'chuck' && (
        <SvgText
          x={x(box.corner.x + box.size.x / 2)}
          y={y(box.corner.y) - 6}
          textAnchor="middle"
          fill={METAL.silver}
          fontSize={13}
        >
          {`${work.mark}°`}
        </SvgText>
      )}
      <Line x1={x(at.x) - 8} x2={x(at.x) + 8} y1={y(at.y)} y2={y(at.y)} stroke={METAL.brass} strokeWidth={1} />
      <Line x1={x(at.x)} x2={x(at.x)} y1={y(at.y) - 8} y2={y(at.y) + 8} stroke={METAL.brass} strokeWidth={1} />
      {held && (
        <Circle
          cx={x(at.x + off.x)}
          cy={y(at.y + off.y)}
          r={radius}
          fill={METAL.band}
          stroke={METAL.brass}
          strokeWidth={2}
        />
      )}
      {free && (
        <Circle
          cx={x(at.x)}
          cy={y(at.y)}
          r={radius + SWING * scale}
          fill="none"
          stroke={METAL.brass}
          strokeWidth={1}
          strokeDasharray="3 3"
        />
      )}
    </G>
  );
}

function Front({ mill, x, y, scale }: SideProps) {
  const { hidden, held, at, between } = mill;
  const box = boxOf(mill) ?? hidden;
  const tip = tipOf(mill);
  const half = ((held?.diameter ?? 4) / 2) * scale;
  const end = Math.min(12, held?.length ?? 0) * scale;
  return (
    <G>
      <Rect {...SCRIBED} x={x(box.corner.x)} y={y(box.top)} width={box.size.x * scale} height={box.size.z * scale} />
      {hidden.boss && (
        <Rect
          {...SCRIBED}
          x={x(box.corner.x + hidden.boss.x - hidden.boss.diameter / 2)}
          y={y(box.top + BOSS)}
          width={hidden.boss.diameter * scale}
          height={BOSS * scale}
        />
      )}
      {between && ON_PART.has(between.kind) && (
        <Rect
          x={x(box.corner.x + box.size.x / 2) - 8}
          y={y(box.top + between.thickness)}
          width={16}
          height={between.thickness * scale}
          fill={METAL.steel}
          stroke={METAL.steelInk}
        />
      )}
      {hidden.bore &&
        [-1, 1].map((side) => (
          <Line
            key={side}
            x1={x(box.corner.x + (hidden.bore?.x ?? 0) + (side * (hidden.bore?.diameter ?? 0)) / 2)}
            x2={x(box.corner.x + (hidden.bore?.x ?? 0) + (side * (hidden.bore?.diameter ?? 0)) / 2)}
            y1={y(box.top)}
            y2={y(box.top - box.size.z)}
            stroke={METAL.silver}
            strokeWidth={1}
            strokeDasharray="4 3"
          />
        ))}
      {between?.kind === 'block' && (
        <Rect
          x={x(at.x) + (mill.under ? -half * 2 : half + 6)}
          y={y(box.top + between.thickness)}
          width={Math.max(half * 4, 14)}
          height={between.thickness * scale}
          fill={METAL.steel}
          stroke={METAL.steelInk}
        />
      )}
      {held && (
        <>
          <Rect
            x={x(at.x) - half}
            y={0}
            width={2 * half}
            height={Math.max(0, y(tip) - end)}
            fill={METAL.band}
            stroke={METAL.brass}
            strokeWidth={1.5}
          />
          <Rect
            x={x(at.x + aside(mill).x) - half}
            y={Math.max(0, y(tip) - end)}
            width={2 * half}
            height={Math.max(0, Math.min(end, y(tip)))}
            fill={METAL.band}
            stroke={METAL.brass}
            strokeWidth={2}
          />
        </>
      )}
      {between && between.kind !== 'block' && !ON_PART.has(between.kind) && (
        <Line
          x1={x(at.x) + half + 2}
          x2={x(at.x) + half + 2}
          y1={y(tip) - 26}
          y2={y(tip)}
          stroke={METAL.silver}
          strokeWidth={2.5}
        />
      )}
    </G>
  );
}

const styles = StyleSheet.create({
  views: { flexDirection: 'row', gap: 2 },
  fill: { flex: 1, minHeight: 92 },
  view: { flex: 1, minWidth: 0 },
});
