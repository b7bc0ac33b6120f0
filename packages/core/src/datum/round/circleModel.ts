import { circleFit } from '../../metrology/fits/circleFit';
import type { Model, UncertaintySource } from '../../metrology/propagate';
import { pooledVariance, stoppedRunOutPart, TOUCH_PART } from '../../metrology/touchBudget';
import type { CircleInput } from './circle.schema';
import { stoppedTirPart, touchSources } from '../touchSources';

/**
 * A bore or boss as a model: each touch off along its own radius (the contact's size, alike at all, moves no centre), and a standing contact off by one eccentricity, taken
 * along each axis by itself. Its figures: X, Y of the centre, mm.
 */
export function circleModel(input: CircleInput): Model {
  const { touches, method, uTouch } = input;
  const fit = circleFit(touches);
  const squares = fit.residuals.reduce((sum, off) => sum + off ** 2, 0);
  const scatter = pooledVariance(method, squares, fit.dof);
  const outward = touches.map(({ x, y }) => {
    const [dx, dy] = [x - fit.centre.x, y - fit.centre.y];
    const distance = Math.hypot(dx, dy);
    return { x: dx / distance, y: dy / distance };
  });
  const n = touches.length;
  const sources = touches.flatMap((_, on): UncertaintySource[] => [
    ...touchSources(method, scatter).map((part) => ({ ...part, on })),
    { name: TOUCH_PART, u: uTouch, shape: 'normal', on },
  ]);
  const standing = [n, n + 1].map((on, i) => ({
    ...stoppedRunOutPart(stoppedTirPart(input)),
    name: `run-out, standing, ${i === 0 ? 'X' : 'Y'}`,
    on,
  }));
  return {
    values: Array.from({ length: n + 2 }, () => 0),
    sources: [...sources, ...standing],
    of: (v) => {
      const { centre } = circleFit(
        touches.map(({ x, y }, i) => ({
          x: x + (outward[i]?.x ?? 0) * (v[i] ?? 0),
          y: y + (outward[i]?.y ?? 0) * (v[i] ?? 0),
        })),
      );
      return [centre.x + (v[n] ?? 0), centre.y + (v[n + 1] ?? 0)];
    },
  };
}
