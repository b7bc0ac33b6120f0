import { DEGREES } from '../units/degrees';
import { MEASURE_CAUTIONS } from '../cautions/caution';
import type { Point } from '../geometry/point';
import { rotate } from '../geometry/rotate';
import { mean } from '../metrology/mean';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection, type WorkingSection } from '../working/working';
import type { PatternFitInput, PatternFitOutput } from './patternFit.schema';

const middleOf = (points: readonly Point[]): Point => ({
  x: mean(points.map(({ x }) => x)),
  y: mean(points.map(({ y }) => y)),
});

const positionOf = ({ x, y }: Point): number => 2 * Math.hypot(x, y);

/**
 * How a pattern of holes lies as a whole: the turn and shift that bring where its holes should be onto where they are, by
 * least squares without stretching (orthogonal Procrustes), what is left per hole, and true position against its zone
 * (ISO 1101: the zone's diameter). mm and degrees.
 *
 * @throws Refusal when all holes are at one place, so that no turn can be told
 */
export function patternFit({ holes, u }: PatternFitInput): PatternFitOutput {
  const [should, is] = [holes.map(({ nominal }) => nominal), holes.map(({ measured }) => measured)];
  const [a, b] = [middleOf(should), middleOf(is)];
  let [across, along, spread] = [0, 0, 0];
  holes.forEach(({ nominal, measured }) => {
    const [p, q] = [
      { x: nominal.x - a.x, y: nominal.y - a.y },
      { x: measured.x - b.x, y: measured.y - b.y },
    ];
    across += p.x * q.y - p.y * q.x;
    along += p.x * q.x + p.y * q.y;
    spread += p.x ** 2 + p.y ** 2;
  });
  const turns = holes.length > 1;
  if (turns && spread < 1e-6)
    throw new Refusal({
      code: 'one-place',
      field: 'holes',
      message: 'All these holes should be at one place, so no turn can be told. Measure holes that are apart.',
    });
  const turn = turns ? Math.atan2(across, along) * DEGREES : 0;
  const turned = rotate(a, turn);
  const shift = { x: b.x - turned.x, y: b.y - turned.y };
  const turnU = turns ? 2 * (u / Math.sqrt(spread)) * DEGREES : null;
  return {
    turn,
    shift,
    turnU,
    holes: holes.map(({ name, nominal, measured, zone }) => {
      const fitted = rotate(nominal, turn);
      const off = { x: measured.x - nominal.x, y: measured.y - nominal.y };
      const left = { x: measured.x - fitted.x - shift.x, y: measured.y - fitted.y - shift.y };
      const position = positionOf(off);
      return { name, off, position, zone, inZone: position <= zone, left, leftPosition: positionOf(left) };
    }),
    uncertainty: combine([
      { name: 'measured places', u: u / Math.sqrt(holes.length), shape: 'normal' },
      // About zero a turn swings the shift, the more the further the pattern lies from it.
      ...(turnU === null
        ? []
        : [
            {
              name: 'turn, as far as the pattern lies from zero',
              u: (turnU / 2 / DEGREES) * Math.hypot(a.x, a.y),
              shape: 'normal' as const,
            },
          ]),
    ]),
    tape: { sections: [...(['x', 'y'] as const).map((axis) => shiftSection(axis, a, b, turned))] },
    cautions: [MEASURE_CAUTIONS.stopped],
  };
}

function shiftSection(axis: 'x' | 'y', should: Point, is: Point, turned: Point): WorkingSection {
  const name = axis.toUpperCase();
  return sumSection(
    `Shift along ${name}`,
    [
      { label: 'middle of the holes as measured', value: is[axis] },
      { label: 'less where it should be', value: -should[axis] },
      { label: 'less what the turn about zero moves it', value: should[axis] - turned[axis] },
    ],
    `shift along ${name}`,
  );
}
