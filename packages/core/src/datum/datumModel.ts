import type { Model } from '../metrology/propagate';
import type { BudgetPart } from '../metrology/uncertainty';
import type { CircleInput } from './round/circle.schema';
import { circleModel } from './round/circleModel';
import type { CornerInput } from './faces/corner.schema';
import { cornerModel } from './faces/cornerModel';
import type { HoleLineInput } from './round/holeLine.schema';
import { holeLineModel } from './round/holeLine';

interface AxisParts {
  at: number;
  parts: BudgetPart[];
}

/** Whatever X and Y zero come from, as plain data that a worker can be given. */
export type DatumModel =
  | { kind: 'parts'; x?: AxisParts; y?: AxisParts }
  | { kind: 'corner'; input: CornerInput }
  | { kind: 'circle'; input: CircleInput }
  | { kind: 'hole-line'; input: HoleLineInput };

/** The model behind an answer; its first two figures are X and Y, mm. */
export function modelOf(datum: DatumModel): Model {
  switch (datum.kind) {
    case 'corner':
      return cornerModel(datum.input);
    case 'circle':
      return circleModel(datum.input);
    case 'hole-line':
      return holeLineModel(datum.input);
    case 'parts': {
      const { x, y } = datum;
      const of = (on: number, axis: AxisParts | undefined) =>
        (axis?.parts ?? []).map((part) => ({ ...part, name: `${on} ${part.name}`, on }));
      return { values: [x?.at ?? 0, y?.at ?? 0], sources: [...of(0, x), ...of(1, y)], of: (values) => values };
    }
  }
}
