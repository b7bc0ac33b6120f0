import { faceFlip } from '../rotary/faceFlip';
import { faceFlipInput, faceFlipOutput } from '../rotary/faceFlip.schema';
import { indexedPoint } from '../rotary/indexedPoint';
import { indexedPointInput, indexedPointOutput } from '../rotary/indexedPoint.schema';
import { ballAngles } from '../rotary/ballAngles';
import { ballAnglesInput, ballAnglesOutput } from '../rotary/ballAngles.schema';
import { proveCentre } from '../rotary/proveCentre';
import { proveCentreInput, proveCentreOutput } from '../rotary/proveCentre.schema';
import { indexTable } from '../rotary/indexTable';
import { indexTableInput, indexTableOutput } from '../rotary/indexTable.schema';
import { calculation } from './calculation';

/** Where rotary axes turn, and part zero at every index. */
export const ROTARY = {
  'ball-angles': calculation({
    name: 'ball-angles',
    summary: 'A centre of rotation from one ball at three angles or more',
    input: ballAnglesInput,
    output: ballAnglesOutput,
    reckon: ballAngles,
  }),
  'prove-centre': calculation({
    name: 'prove-centre',
    summary: 'What walls or a point after a turn say of a centre of rotation',
    input: proveCentreInput,
    output: proveCentreOutput,
    reckon: proveCentre,
  }),
  'index-table': calculation({
    name: 'index-table',
    summary: 'Part zero at every index, by three methods',
    input: indexTableInput,
    output: indexTableOutput,
    reckon: indexTable,
  }),
  'face-flip': calculation({
    name: 'face-flip',
    summary: 'A rotary axis from a rotary table face’s face, flipped half a turn',
    input: faceFlipInput,
    output: faceFlipOutput,
    reckon: faceFlip,
  }),
  'indexed-point': calculation({
    name: 'indexed-point',
    summary: 'Where a datum comes to lie when rotary axes are indexed',
    input: indexedPointInput,
    output: indexedPointOutput,
    reckon: indexedPoint,
  }),
} as const;
