import { jawLine } from '../alignment/jawLine';
import { jawLineInput, jawLineOutput } from '../alignment/jawLine.schema';
import { headTram } from '../alignment/headTram';
import { headTramInput, headTramOutput } from '../alignment/headTram.schema';
import { centreSweep } from '../alignment/centreSweep';
import { centreSweepInput, centreSweepOutput } from '../alignment/centreSweep.schema';
import { centrePlug } from '../alignment/centrePlug';
import { centrePlugInput, centrePlugOutput } from '../alignment/centrePlug.schema';
import { chuckFlip } from '../alignment/chuckFlip';
import { chuckFlipInput, chuckFlipOutput } from '../alignment/chuckFlip.schema';
import { level } from '../alignment/level';
import { levelInput, levelOutput } from '../alignment/level.schema';
import { partSkew } from '../alignment/partSkew';
import { partSkewInput, partSkewOutput } from '../alignment/partSkew.schema';
import { calculation } from './calculation';

/** Head, vise, centre, chuck, level and skew. */
export const ALIGNMENT = {
  'jaw-line': calculation({
    name: 'jaw-line',
    summary: 'A vise jaw or fence along an axis: which end to tap, which way, how far',
    input: jawLineInput,
    output: jawLineOutput,
    reckon: jawLine,
  }),
  'head-tram': calculation({
    name: 'head-tram',
    summary: 'Tram of the head in one plane by swinging an indicator',
    input: headTramInput,
    output: headTramOutput,
    reckon: headTram,
  }),
  'centre-sweep': calculation({
    name: 'centre-sweep',
    summary: 'A bore or boss under the spindle by an indicator sweep',
    input: centreSweepInput,
    output: centreSweepOutput,
    reckon: centreSweep,
  }),
  'centre-plug': calculation({
    name: 'centre-plug',
    summary: 'A bore under the spindle by a centring plug, confirmed',
    input: centrePlugInput,
    output: centrePlugOutput,
    reckon: centrePlug,
  }),
  'chuck-flip': calculation({
    name: 'chuck-flip',
    summary: 'A part in a chuck centred by turning it half round',
    input: chuckFlipInput,
    output: chuckFlipOutput,
    reckon: chuckFlip,
  }),
  level: calculation({
    name: 'level',
    summary: 'A flat levelled about a rotary axis',
    input: levelInput,
    output: levelOutput,
    reckon: level,
  }),
  'part-skew': calculation({
    name: 'part-skew',
    summary: 'How far a clamped part is turned, from touches along one face',
    input: partSkewInput,
    output: partSkewOutput,
    reckon: partSkew,
  }),
} as const;
