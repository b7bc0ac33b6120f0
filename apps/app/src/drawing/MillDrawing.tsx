import type { AlignmentTask } from '@zero-point/core/records/values/subject';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Label } from './marks';
import { Target } from './Target';

export interface MillPlace {
  task: AlignmentTask;
  /** Full name, for people who cannot see the drawing. */
  title: string;
  /** Word on the drawing, with a tick once it is in line. */
  word: string;
  done: boolean;
}

interface MillDrawingProps {
  height: number | 'fill';
  label: string;
  places: readonly MillPlace[];
  onChoose: (task: AlignmentTask) => void;
}

/** Where each place is on a drawing 380 wide and 270 high, and how large it is to touch. */
const SPOTS: Readonly<Record<AlignmentTask, { x: number; y: number; width: number; height: number }>> = {
  head: { x: 196, y: 48, width: 110, height: 60 },
  vise: { x: 40, y: 196, width: 60, height: 66 },
  skew: { x: 104, y: 150, width: 64, height: 60 },
  centre: { x: 196, y: 178, width: 72, height: 76 },
  chuck: { x: 312, y: 138, width: 84, height: 54 },
  level: { x: 312, y: 202, width: 120, height: 48 },
};

const WIDE = 380;
const TALL = 270;

/** The mill from the front with all that can be lined up: tap what you will line up. */
export function MillDrawing({ height, label, places, onChoose }: MillDrawingProps) {
  const scaleOf = (width: number, tall: number) => Math.min(width / WIDE, tall / TALL);
  const leftOf = (width: number, scale: number) => (width - WIDE * scale) / 2;
  const topOf = (tall: number, scale: number) => (tall - TALL * scale) / 2;
  return (
    <Ground
      height={height}
      label={label}
      draw={(width, tall) => {
        const scale = scaleOf(width, tall);
        return (
          <G transform={`translate(${leftOf(width, scale)} ${topOf(tall, scale)}) scale(${scale})`}>
            <Mill />
            {places.map(({ task, word, done }) => (
              <Label
                key={task}
                x={SPOTS[task].x}
                y={SPOTS[task].y + 5}
                colour={METAL.brass}
                size={16}
                words
              >{`${done ? '✓ ' : ''}${word}`}</Label>
            ))}
          </G>
        );
      }}
      touch={(width, tall) => {
        const scale = scaleOf(width, tall);
        return places.map(({ task, title }) => {
          const spot = SPOTS[task];
          return (
            <Target
              key={task}
              label={title}
              chosen={false}
              onPress={() => onChoose(task)}
              at={{
                x: leftOf(width, scale) + spot.x * scale,
                y: topOf(tall, scale) + spot.y * scale,
                width: spot.width * scale,
                height: spot.height * scale,
              }}
            />
          );
        });
      }}
    />
  );
}

const LINE = { stroke: METAL.silver, strokeWidth: 1.6, fill: 'rgba(228,235,241,0.07)' };
const TOUCH = { stroke: METAL.brass, strokeWidth: 1.8, fill: 'rgba(240,198,103,0.12)', strokeDasharray: '2 5' };

function Mill() {
  const box = (x: number, y: number, width: number, height: number, style: object = LINE) => (
    <Rect x={x} y={y} width={width} height={height} {...style} />
  );
  return (
    <>
      {box(136, 14, 120, 68, TOUCH)}
      {box(180, 82, 32, 26)}
      <Path d="M188 108 H204 L200 124 H192 Z" {...LINE} />
      <Line x1={196} x2={196} y1={128} y2={246} stroke={METAL.silverSoft} strokeDasharray="10 4 2 4" />
      {box(8, 230, 364, 18)}
      {box(16, 166, 46, 64, TOUCH)}
      {box(62, 206, 84, 24)}
      {box(146, 186, 8, 44)}
      {box(70, 126, 70, 56, TOUCH)}
      {box(76, 182, 8, 24)}
      {box(126, 182, 8, 24)}
      {box(162, 150, 68, 80, TOUCH)}
      <Circle cx={196} cy={166} r={3} fill={METAL.brass} />
      {box(256, 180, 112, 50, TOUCH)}
      {box(270, 112, 84, 54, TOUCH)}
      {box(282, 166, 60, 14)}
    </>
  );
}
