/** A rectangle of the world, mm, y away from the operator (or up). */
export interface World {
  left: number;
  bottom: number;
  right: number;
  top: number;
}

/** Where world coordinates fall on the drawing, px. */
export interface View {
  scale: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
}

/** Fits a world into a box at one scale for both directions, centred, `inset` px free all round. */
export function fitToView(world: World, width: number, height: number, inset = 0): View {
  const scale = Math.min(
    (width - 2 * inset) / (world.right - world.left),
    (height - 2 * inset) / (world.top - world.bottom),
  );
  const left = (width - (world.right - world.left) * scale) / 2;
  const top = (height - (world.top - world.bottom) * scale) / 2;
  return {
    scale,
    x: (mm) => left + (mm - world.left) * scale,
    y: (mm) => top + (world.top - mm) * scale,
  };
}
