import type { CalculatorPicture } from '@zero-point/core/calculators/form';

/** What is drawn beside a calculator, but for passes, which have a drawing of their own. */
export type Picture = Exclude<CalculatorPicture, { kind: 'passes' }>;

/** One kind of picture from its figures, in so many pixels. */
export interface SceneOf<K extends Picture['kind']> {
  spec: Extract<Picture, { kind: K }>;
  width: number;
  height: number;
}
