import type { CalculatorPicture as Spec } from '@zero-point/core/calculators/form';
import { Circle, Line, Rect } from 'react-native-svg';
import { HandwheelDial } from '../../dial/HandwheelDial';
import { Ground } from '../../drawing/Ground';
import { Arrow, ContactCircle, Label, ScribedBlock } from '../../drawing/marks';
import { fitToView } from '../../drawing/geometry/view';
import { PassesDrawing } from '../../stations/boreAndFace/parts/PassesDrawing';
import { METAL } from '../../theme/palette';

interface DrawingProps {
  /** Undefined where nothing is answered yet, and there is nothing to be shown of how it is done. */
  spec: Spec | undefined;
  label: string;
  unit: 'mm' | 'in';
}

/** What is reckoned, drawn from the figures as they are typed. */
export function CalculatorDrawing({ spec, label, unit }: DrawingProps) {
  if (spec?.kind === 'passes') return <PassesDrawing passes={spec.passes} unit={unit} height="fill" />;
  return (
    <Ground
      height="fill"
      label={label}
      draw={(width, height) =>
        spec ? <Scene spec={spec} width={width} height={height} /> : <Empty width={width} height={height} />
      }
    />
  );
}

/** Scribed lines waiting for figures. */
const Empty = ({ width, height }: { width: number; height: number }) => (
  <>
    <Line x1={0} x2={width} y1={height / 2} y2={height / 2} stroke={METAL.silverSoft} strokeDasharray="10 6 2 6" />
    <Line x1={width / 2} x2={width / 2} y1={0} y2={height} stroke={METAL.silverSoft} strokeDasharray="10 6 2 6" />
  </>
);

interface SceneProps {
  spec: Exclude<Spec, { kind: 'passes' }>;
  width: number;
  height: number;
}

/** How each face is touched on the drawing: which way the contact goes, y down. */
const WAYS = {
  left: { x: 1, y: 0 },
  right: { x: -1, y: 0 },
  front: { x: 0, y: -1 },
  back: { x: 0, y: 1 },
} as const;

function Scene({ spec, width, height }: SceneProps) {
  const middle = { x: width / 2, y: height / 2 };
  switch (spec.kind) {
    case 'edge': {
      const way = WAYS[spec.face];
      const r = Math.min(height / 5, 34);
      const at = { x: middle.x - way.x * 6, y: middle.y - way.y * 6 };
      const part = {
        x: way.x > 0 ? at.x : way.x < 0 ? 0 : middle.x - width / 3,
        y: way.y > 0 ? at.y : way.y < 0 ? 0 : middle.y - height / 3,
        width: way.x > 0 ? width - at.x : way.x < 0 ? at.x : (2 * width) / 3,
        height: way.y > 0 ? height - at.y : way.y < 0 ? at.y : (2 * height) / 3,
      };
      const centre = { x: at.x - way.x * r, y: at.y - way.y * r };
      return (
        <>
          <ScribedBlock {...part} />
          <ContactCircle x={centre.x} y={centre.y} radius={r} />
          <Arrow
            from={{ x: centre.x - way.x * (r + 44), y: centre.y - way.y * (r + 30) }}
            to={{ x: centre.x - way.x * (r + 6), y: centre.y - way.y * (r + 6) }}
          />
        </>
      );
    }
    case 'between': {
      const view = fitToView({ left: -spec.width * 0.75, right: spec.width * 0.75, bottom: -1, top: 1 }, width, 1e6, 0);
      const [a, b] = [view.x(-spec.width / 2), view.x(spec.width / 2)];
      return (
        <>
          {spec.slot ? (
            <>
              <ScribedBlock x={-4} y={height * 0.2} width={a + 4} height={height * 0.6} />
              <ScribedBlock x={b} y={height * 0.2} width={width - b + 4} height={height * 0.6} />
            </>
          ) : (
            <ScribedBlock x={a} y={height * 0.2} width={b - a} height={height * 0.6} />
          )}
          <Line x1={middle.x} x2={middle.x} y1={6} y2={height - 6} stroke={METAL.brass} strokeWidth={2.5} />
          {[a, b].map((x, i) => {
            const out = (i === 0 ? -1 : 1) * (spec.slot ? -1 : 1);
            return <ContactCircle key={i} x={x + out * 12} y={middle.y} radius={12} />;
          })}
        </>
      );
    }
    case 'bore': {
      const r = height * 0.4;
      const contact = Math.max(5, Math.min(r * 0.4, (spec.radius / spec.diameter) * 2 * r));
      return (
        <>
          <Circle cx={middle.x} cy={middle.y} r={r} fill={METAL.blueDeep} stroke={METAL.silver} strokeWidth={2} />
          {[0, 1, 2, 3].map((i) => (
            <ContactCircle
              key={i}
              x={middle.x + Math.cos((i * Math.PI) / 2) * (r - contact)}
              y={middle.y + Math.sin((i * Math.PI) / 2) * (r - contact)}
              radius={contact}
            />
          ))}
          <Line
            x1={middle.x - 12}
            x2={middle.x + 12}
            y1={middle.y}
            y2={middle.y}
            stroke={METAL.brass}
            strokeWidth={2}
          />
          <Line
            x1={middle.x}
            x2={middle.x}
            y1={middle.y - 12}
            y2={middle.y + 12}
            stroke={METAL.brass}
            strokeWidth={2}
          />
        </>
      );
    }
    case 'holes': {
      const { centre, diameter, holes } = spec;
      const reach = diameter * 0.6;
      const view = fitToView(
        { left: centre.x - reach, right: centre.x + reach, bottom: centre.y - reach, top: centre.y + reach },
        width,
        height,
        10,
      );
      return (
        <>
          <Circle
            cx={view.x(centre.x)}
            cy={view.y(centre.y)}
            r={(diameter / 2) * view.scale}
            fill="none"
            stroke={METAL.silverSoft}
            strokeDasharray="10 5 2 5"
          />
          <Line
            x1={view.x(centre.x)}
            x2={width}
            y1={view.y(centre.y)}
            y2={view.y(centre.y)}
            stroke={METAL.silverSoft}
          />
          {holes.map(({ x, y }, i) => (
            <Circle
              key={i}
              cx={view.x(x)}
              cy={view.y(y)}
              r={i === 0 ? 8 : 6}
              fill={i === 0 ? METAL.brass : METAL.blueDeep}
              stroke={METAL.silver}
              strokeWidth={2}
            />
          ))}
        </>
      );
    }
    case 'tools': {
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
    case 'block': {
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
    case 'wheel':
      return <HandwheelDial {...spec} at={middle} r={height * 0.44} words={String(spec.line)} />;
    case 'limits': {
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
    case 'rule': {
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
  }
}
