import type { Point } from '@zero-point/core/geometry/point';
import { Circle } from 'react-native-svg';
import type { View } from '../../../drawing/geometry/view';
import { METAL } from '../../../theme/palette';

/** The bore that is brought to size, in brass on the part; its place and diameter in the part's own frame, mm. */
export const BoreOutline = ({ at, view }: { at: Point & { diameter: number }; view: View }) => (
  <Circle
    cx={view.x(at.x)}
    cy={view.y(at.y)}
    r={(at.diameter / 2) * view.scale}
    fill={METAL.band}
    stroke={METAL.brass}
    strokeWidth={3}
  />
);
