import { Circle, Line } from 'react-native-svg';
import { Arrow, ContactCircle, ScribedBlock } from '../../../drawing/marks';
import { fitToView } from '../../../drawing/geometry/view';
import { METAL } from '../../../theme/palette';
import type { SceneOf } from './scene';

/** How each face is touched on the drawing: which way the contact goes, y down. */
const WAYS = {
  left: { x: 1, y: 0 },
  right: { x: -1, y: 0 },
  front: { x: 0, y: -1 },
  back: { x: 0, y: 1 },
} as const;

/** A face touched from its side. */
export function EdgeScene({ spec, width, height }: SceneOf<'edge'>) {
  const middle = { x: width / 2, y: height / 2 };
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

/** Two faces and the middle between them. */
export function BetweenScene({ spec, width, height }: SceneOf<'between'>) {
  const middle = { x: width / 2, y: height / 2 };
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

/** A bore touched at four walls. */
export function BoreScene({ spec, height, width }: SceneOf<'bore'>) {
  const middle = { x: width / 2, y: height / 2 };
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
      <Line x1={middle.x - 12} x2={middle.x + 12} y1={middle.y} y2={middle.y} stroke={METAL.brass} strokeWidth={2} />
      <Line x1={middle.x} x2={middle.x} y1={middle.y - 12} y2={middle.y + 12} stroke={METAL.brass} strokeWidth={2} />
    </>
  );
}

/** A circle of holes, the first in brass. */
export function HolesScene({ spec, width, height }: SceneOf<'holes'>) {
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
      <Line x1={view.x(centre.x)} x2={width} y1={view.y(centre.y)} y2={view.y(centre.y)} stroke={METAL.silverSoft} />
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
