import { Circle, Line, Rect } from 'react-native-svg';
import { HandwheelDial } from '../../../dial/HandwheelDial';
import { Arrow, Label } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';
import type { SceneOf } from './scene';

/** Two tools whose tips differ. */
export function ToolsScene({ spec, width, height }: SceneOf<'tools'>) {
  const middle = { x: width / 2, y: height / 2 };
  const floor = height - 26;
  const gap = Math.max(-26, Math.min(26, -spec.other));
  const tools = [
    { x: middle.x - 60, tip: floor, name: 'reference' },
    { x: middle.x + 60, tip: floor - gap, name: 'this tool' },
  ];
  return (
    <>
      <Rect x={0} y={floor} width={width} height={6} fill={METAL.steel} />
      {tools.map(({ x, tip, name }) => (
        <Rect
          key={name}
          x={x - 9}
          y={4}
          width={18}
          height={tip - 4}
          fill={METAL.band}
          stroke={METAL.brass}
          strokeWidth={2}
        />
      ))}
      {tools.map(({ x, name }) => (
        <Label key={name} x={x} y={height - 5} size={13} words>
          {name}
        </Label>
      ))}
    </>
  );
}

/** A tool over a gauge. */
export function BlockScene({ width, height }: SceneOf<'block'>) {
  const middle = { x: width / 2, y: height / 2 };
  const tall = height * 0.32;
  const floor = height - 14;
  return (
    <>
      <Rect x={0} y={floor} width={width} height={20} fill={METAL.steel} />
      <Rect x={middle.x - 46} y={floor - tall} width={92} height={tall} fill={METAL.steel} stroke={METAL.silver} />
      <Rect
        x={middle.x - 10}
        y={2}
        width={20}
        height={floor - tall - 2}
        fill={METAL.band}
        stroke={METAL.brass}
        strokeWidth={2}
      />
      <Arrow from={{ x: middle.x + 70, y: floor - 4 }} to={{ x: middle.x + 70, y: floor - tall - 18 }} />
    </>
  );
}

/** A handwheel at its line. */
export function WheelScene({ spec, height, width }: SceneOf<'wheel'>) {
  const middle = { x: width / 2, y: height / 2 };
  return <HandwheelDial {...spec} at={middle} r={height * 0.44} words={String(spec.line)} />;
}

/** A tolerance, and where a size lies in it. */
export function LimitsScene({ spec, width, height }: SceneOf<'limits'>) {
  const middle = { x: width / 2, y: height / 2 };
  const { low, high, at } = spec;
  const span = Math.max(high - low, Math.abs((at ?? low) - low), Math.abs((at ?? high) - high)) * 1.3;
  const x = (mm: number) => middle.x + ((mm - (low + high) / 2) / span) * (width / 2 - 20);
  return (
    <>
      <Rect
        x={x(low)}
        y={height * 0.25}
        width={Math.max(4, x(high) - x(low))}
        height={height * 0.5}
        fill={METAL.band}
        stroke={METAL.brass}
        strokeWidth={2}
      />
      <Line x1={0} x2={width} y1={middle.y} y2={middle.y} stroke={METAL.silverSoft} />
      {at !== null && <Circle cx={x(at)} cy={middle.y} r={8} fill={METAL.silver} />}
    </>
  );
}

/** A length on a rule in sixteenths of an inch. */
export function RuleScene({ spec, width, height }: SceneOf<'rule'>) {
  const inch = 25.4;
  const most = Math.max(inch, Math.abs(spec.mm) * 1.25);
  const x = (mm: number) => 16 + (mm / most) * (width - 32);
  const sixteenths = Math.floor((most / inch) * 16);
  return (
    <>
      <Rect x={8} y={height * 0.3} width={width - 16} height={height * 0.5} fill={METAL.steel} />
      {sixteenths < 400 &&
        Array.from({ length: sixteenths + 1 }, (_, i) => (
          <Line
            key={i}
            x1={x((i * inch) / 16)}
            x2={x((i * inch) / 16)}
            y1={height * 0.3}
            y2={height * 0.3 + (i % 16 === 0 ? 0.34 : i % 8 === 0 ? 0.24 : i % 4 === 0 ? 0.17 : 0.1) * height}
            stroke={METAL.steelInk}
            strokeWidth={i % 16 === 0 ? 2 : 1}
          />
        ))}
      <Line
        x1={x(Math.abs(spec.mm))}
        x2={x(Math.abs(spec.mm))}
        y1={8}
        y2={height - 8}
        stroke={METAL.brass}
        strokeWidth={3}
      />
    </>
  );
}
