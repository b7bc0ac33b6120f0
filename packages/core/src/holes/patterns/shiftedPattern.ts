import type { Point } from '../../geometry/point';
import { sumSection, type WorkingSection } from '../../working/working';
import { cosDegrees, sinDegrees } from '../../units/degrees';
import type { Moved } from '../../records/setup/patternShape';
import { rotate } from '../../geometry/rotate';

/** A point with the pattern it belongs to mirrored, then turned, then shifted. mm and degrees. */
export function move({ x, y }: Point, { mirror, turn, shift }: Moved): Point {
  const flipped = {
    x: mirror?.axis === 'x' ? 2 * mirror.at - x : x,
    y: mirror?.axis === 'y' ? 2 * mirror.at - y : y,
  };
  const turned = turn ? turnAbout(flipped, turn.angle, turn.about) : flipped;
  return { x: turned.x + (shift?.x ?? 0), y: turned.y + (shift?.y ?? 0) };
}

/** A point turned about another, degrees counter-clockwise. */
function turnAbout({ x, y }: Point, angle: number, about: Point): Point {
  const turned = rotate({ x: x - about.x, y: y - about.y }, angle);
  return { x: turned.x + about.x, y: turned.y + about.y };
}

/** The angle of a hole seen from its centre, once the pattern is mirrored and turned, degrees. */
export function movedAngle(angle: number | null, { mirror, turn }: Moved): number | null {
  if (angle === null) return null;
  const flipped = mirror === undefined ? angle : mirror.axis === 'x' ? 180 - angle : -angle;
  return flipped + (turn?.angle ?? 0);
}

/** The steps of `move` as a person would write them, one section for each coordinate that changes. */
export function movedSections(point: Point, { mirror, turn, shift }: Moved): WorkingSection[] {
  const sections: WorkingSection[] = [];
  let at = point;
  if (mirror) {
    const { axis } = mirror;
    sections.push(
      sumSection(
        `${axis.toUpperCase()} mirrored`,
        [
          { label: 'twice the mirror line', value: 2 * mirror.at },
          { label: `less ${axis.toUpperCase()}`, value: -at[axis] },
        ],
        axis.toUpperCase(),
      ),
    );
    at = move(at, { mirror });
  }
  if (turn) {
    const { angle, about } = turn;
    const [dx, dy] = [at.x - about.x, at.y - about.y];
    const [c, s] = [cosDegrees(angle), sinDegrees(angle)];
    sections.push(
      sumSection(
        'X turned',
        [
          { label: 'turned about', value: about.x },
          { label: 'X away from it × cos', value: dx * c, detail: [{ length: dx }, ' × cos ', { angle }] },
          { label: 'less Y away from it × sin', value: -dy * s, detail: [{ length: dy }, ' × sin ', { angle }] },
        ],
        'X',
      ),
      sumSection(
        'Y turned',
        [
          { label: 'turned about', value: about.y },
          { label: 'X away from it × sin', value: dx * s, detail: [{ length: dx }, ' × sin ', { angle }] },
          { label: 'Y away from it × cos', value: dy * c, detail: [{ length: dy }, ' × cos ', { angle }] },
        ],
        'Y',
      ),
    );
    at = move(at, { turn });
  }
  if (shift) {
    for (const axis of ['x', 'y'] as const) {
      sections.push(
        sumSection(
          `${axis.toUpperCase()} shifted`,
          [
            { label: axis.toUpperCase(), value: at[axis] },
            { label: 'shifted by', value: shift[axis] },
          ],
          axis.toUpperCase(),
        ),
      );
    }
  }
  return sections;
}
