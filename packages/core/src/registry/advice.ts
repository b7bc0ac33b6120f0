import { chooseMethod } from '../methods/chooseMethod';
import { chooseMethodInput, chooseMethodOutput } from '../methods/chooseMethod.schema';
import { explain } from '../mistakes/explain';
import { explainInput, explainOutput } from '../mistakes/explain.schema';
import { exact } from './calculation';

/** Which method is good enough, and which slip explains what does not agree. */
export const ADVICE = {
  'choose-method': exact({
    name: 'choose-method',
    exact: 'It foretells the U of each way; what it says of them is not measured.',
    summary: 'The quickest way to find a feature that is good enough, of what the shop has',
    input: chooseMethodInput,
    output: chooseMethodOutput,
    reckon: chooseMethod,
  }),
  explain: exact({
    name: 'explain',
    exact: 'It takes the U of what is compared; it adds none.',
    summary: 'Why a measurement does not agree: the likely mistake',
    input: explainInput,
    output: explainOutput,
    reckon: explain,
  }),
} as const;
