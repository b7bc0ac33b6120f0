import { letterAt, type Block } from '../interpreter/block';
import { centreByRadius, chordsOf, radiusMismatch, type Arc } from './arc';
import { FEED } from './path';
import type { Ways } from '../interpreter/listener';
import type { ModalState } from '../interpreter/modalState';

const [I, J, K, P, R] = [...'IJKPR'].map(letterAt) as [number, number, number, number, number];

/** Both radii of an arc must be alike within this and a thousandth of the radius, mm: what rounding leaves. */
const MISMATCH = 0.02;

interface ArcBlock {
  block: Block;
  line: number;
  state: ModalState;
  /** mm in the program's unit. */
  per: number;
  to: { x: number; y: number; z: number };
}

/** Which coordinates are across a plane, and which along its normal: G17, G18, G19. */
const PLANES = {
  17: { u: 'x', v: 'y', w: 'z', centre: [I, J] },
  18: { u: 'z', v: 'x', w: 'y', centre: [K, I] },
  19: { u: 'y', v: 'z', w: 'x', centre: [J, K] },
} as const;

/** Goes along an arc or a helix, as chords; straight to its end where it has no centre. */
export function arcMove({ block, line, state, per, to }: ArcBlock, { go, fault }: Ways): void {
  const plane = PLANES[state.plane];
  const clockwise = state.motion === 2;
  const has = (letter: number) => (block.seen & (1 << letter)) !== 0;
  const [ci, cj] = plane.centre;
  const from = { u: state[plane.u], v: state[plane.v], w: state[plane.w] };
  const end = { u: to[plane.u], v: to[plane.v], w: to[plane.w] };
  const centre = centreOf();
  if (!centre || Number.isNaN(centre.u + centre.v)) {
    fault('arc-no-centre', line, {});
    go(FEED, to.x, to.y, to.z, line);
    return;
  }
  const arc: Arc = { from, to: end, centre, clockwise };
  const radius = Math.hypot(from.u - centre.u, from.v - centre.v);
  const off = radiusMismatch(arc);
  if (off > Math.max(MISMATCH, radius / 1000)) fault('arc-off', line, { by: off });
  const turns = has(P) ? (block.value[P] ?? 1) : 1;
  for (const { u, v, w } of chordsOf(arc, Math.min(turns, 100))) {
    const at = { x: 0, y: 0, z: 0 };
    at[plane.u] = u;
    at[plane.v] = v;
    at[plane.w] = Number.isNaN(w) ? to[plane.w] : w;
    go(FEED, at.x, at.y, at.z, line);
  }

  function centreOf(): { u: number; v: number } | undefined {
    if (has(ci) || has(cj)) {
      const word = (letter: number, start: number) =>
        (state.absoluteCentres && has(letter) ? 0 : start) + (has(letter) ? (block.value[letter] ?? 0) * per : 0);
      return { u: word(ci, from.u), v: word(cj, from.v) };
    }
    return has(R) ? centreByRadius(from, end, (block.value[R] ?? 0) * per, clockwise) : undefined;
  }
}
