import { backlash } from '../shop/backlash';
import { backlashInput, backlashOutput } from '../shop/backlash.schema';
import { turnLength } from '../shop/turnLength';
import { turnLengthInput, turnLengthOutput } from '../shop/turnLength.schema';
import { calculation, exact } from './calculation';

/** What stands in no station: a length turned into another unit, backlash of a screw. */
export const SHOP = {
  'turn-length': exact({
    name: 'turn-length',
    exact: 'An inch is 25.4 mm exactly.',
    summary: 'A length as typed, in millimetres, inches and the nearest fraction',
    input: turnLengthInput,
    output: turnLengthOutput,
    reckon: turnLength,
  }),
  backlash: calculation({
    name: 'backlash',
    summary: 'Backlash of an axis, arriving from both sides',
    input: backlashInput,
    output: backlashOutput,
    reckon: backlash,
  }),
} as const;
