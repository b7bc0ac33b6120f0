import type { AnswerForm } from '../../records/shop/machine';

/** The ways an axis is set, and the offset that goes into the tool table. */
export type FormName = AnswerForm | 'offset';

/** One way to make the machine agree. */
export interface FormView {
  form: FormName;
  /** What to do, before the figure: "Preset X to". */
  say: string;
  figure: string;
  /** Both figures, where it sets two axes. */
  pair?: { x: string; y: string };
  /** What goes with it: "still touching". */
  then: string;
  /** Label of the action that says it was done and goes on. */
  done: string;
  /** What the scale was made to read, or the offset entered, mm. */
  value: number;
  /** The same for each axis, where it sets two. */
  values?: { x?: number; y?: number };
}
