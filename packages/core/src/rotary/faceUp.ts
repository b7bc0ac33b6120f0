import { partTurn, turnedAbout, type RotaryLetter, type Vector } from './turn';

/** The six faces of a part as it is clamped, by the way each looks with all rotary axes at zero. */
const LOOKS: readonly (readonly [PartFace, Vector])[] = [
  ['top', [0, 0, 1]],
  ['under', [0, 0, -1]],
  ['front', [0, -1, 0]],
  ['back', [0, 1, 0]],
  ['left', [-1, 0, 0]],
  ['right', [1, 0, 0]],
];

export type PartFace = 'top' | 'under' | 'front' | 'back' | 'left' | 'right';

/** A face that is off upright by less than this looks up, as the cosine of the angle: half a degree. */
const UPRIGHT = Math.cos((0.5 * Math.PI) / 180);

/**
 * Which face of the part looks up at an index; null where it is aslant. A face cut at the wrong sign of a command is
 * the opposite one: this is said beside the angles. Degrees; senses after ISO 841.
 *
 * @param axes the rotary axes, the one that carries the part first
 * @example faceUp([{ name: 'A', sense: 1, command: 90 }]) // 'front'
 */
export function faceUp(axes: readonly { name: RotaryLetter; sense: 1 | -1; command: number }[]): PartFace | null {
  const up = LOOKS.find(([, look]) => {
    const [, , z] = axes.reduce<Vector>((at, axis) => turnedAbout(at, axis.name, [0, 0], partTurn(axis)), look);
    return z > UPRIGHT;
  });
  return up?.[0] ?? null;
}
