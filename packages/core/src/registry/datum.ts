import { cycleCentre } from '../datum/round/cycleCentre';
import { cycleCentreInput, cycleCentreOutput } from '../datum/round/cycleCentre.schema';
import { oppositeFaces } from '../datum/faces/oppositeFaces';
import { oppositeFacesInput, oppositeFacesOutput } from '../datum/faces/oppositeFaces.schema';
import { corner } from '../datum/faces/corner';
import { cornerInput, cornerOutput } from '../datum/faces/corner.schema';
import { circle } from '../datum/round/circle';
import { circleInput, circleOutput } from '../datum/round/circle.schema';
import { holeLine } from '../datum/round/holeLine';
import { holeLineInput, holeLineOutput } from '../datum/round/holeLine.schema';
import { edge } from '../datum/faces/edge';
import { edgeInput, edgeOutput } from '../datum/faces/edge.schema';
import { calculation } from './calculation';

/** X and Y: edges, corners, middles, circles. */
export const DATUM = {
  edge: calculation({
    name: 'edge',
    summary: 'A face from repeated touches: set, move or work offset',
    input: edgeInput,
    output: edgeOutput,
    reckon: edge,
  }),
  'cycle-centre': calculation({
    name: 'cycle-centre',
    summary: 'The centre of a bore or boss as the control’s cycle gave it',
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
