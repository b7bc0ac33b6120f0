import { cycleCentre } from '../datum/cycleCentre';
import { cycleCentreInput, cycleCentreOutput } from '../datum/cycleCentre.schema';
import { oppositeFaces } from '../datum/oppositeFaces';
import { oppositeFacesInput, oppositeFacesOutput } from '../datum/oppositeFaces.schema';
import { corner } from '../datum/corner';
import { cornerInput, cornerOutput } from '../datum/corner.schema';
import { circle } from '../datum/circle';
import { circleInput, circleOutput } from '../datum/circle.schema';
import { holeLine } from '../datum/holeLine';
import { holeLineInput, holeLineOutput } from '../datum/holeLine.schema';
import { edge } from '../datum/edge';
import { edgeInput, edgeOutput } from '../datum/edge.schema';
import { calculation } from './calculation';

/** X and Y: edges, corners, middles, circles. */
export const DATUM = {
  edge: calculation({
    name: 'edge',
    summary: 'A face from repeated touches: preset, move or work offset',
    input: edgeInput,
    output: edgeOutput,
    reckon: edge,
  }),
  'cycle-centre': calculation({
    name: 'cycle-centre',
    summary: 'The centre of a bore or boss as the control’s own cycle gave it',
    input: cycleCentreInput,
    output: cycleCentreOutput,
    reckon: cycleCentre,
  }),
  'opposite-faces': calculation({
    name: 'opposite-faces',
    summary: 'The middle and width of a web, slot or the stock, from both faces',
    input: oppositeFacesInput,
    output: oppositeFacesOutput,
    reckon: oppositeFaces,
  }),
  corner: calculation({
    name: 'corner',
    summary: 'A corner from touches of its two faces, with the skew of the part',
    input: cornerInput,
    output: cornerOutput,
    reckon: corner,
  }),
  circle: calculation({
    name: 'circle',
    summary: 'A bore or boss from touches at three points or more',
    input: circleInput,
    output: circleOutput,
    reckon: circle,
  }),
  'hole-line': calculation({
    name: 'hole-line',
    summary: 'Origin and direction of a part from two holes of it',
    input: holeLineInput,
    output: holeLineOutput,
    reckon: holeLine,
  }),
} as const;
