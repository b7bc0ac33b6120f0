import { turnedTo, type Grip, type Held } from '@zero-point/core/practice/handwheel';

/** A hand on one wheel: where it took hold, and what it has turned since. */
export function createWheelHand() {
  let held: Held | undefined;
  let middle: Grip = { x: 0, y: 0 };
  const gripAt = ({ x, y }: Grip): Grip => ({ x: x - middle.x, y: y - middle.y });
  return {
    /** The wheel's middle, px from the corner that grips are told from. */
    place: (at: Grip): void => {
      middle = at;
    },
    take: (at: Grip): void => {
      held = { grip: gripAt(at), rest: 0 };
    },
    /** So far it turned on with this, mm, in whole steps; nothing where no hand is on it. */
    turn: (at: Grip, step: number, perTurn: number): number => {
      if (!held) return 0;
      const next = turnedTo(held, gripAt(at), step, perTurn);
      held = next.held;
      return next.by;
    },
    letGo: (): void => {
      held = undefined;
    },
  };
}
