/** A point of a plan view, mm. */
export interface Point {
  x: number;
  y: number;
}
