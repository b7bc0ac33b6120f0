import { featureKey, featureOf } from '../../datum/feature';
import type { Feature } from '../../records/setup/datumPlan';
import { memoize, type SetupState } from '../basis/setupState';
import { caliperCheck } from './caliper';
import { chordCheck } from './chord';
import { explained, type Agreement, type CrossCheck } from './check';
import { datumCheck } from './datum';
import { diameterCheck } from './diameter';
import { previousCheck } from './previous';
import { repeatCheck } from './repeat';
import { widthCheck } from './width';

/** Every check there is, in the order they are said. */
const CHECKS: readonly CrossCheck[] = [
  repeatCheck,
  caliperCheck,
  widthCheck,
  chordCheck,
  diameterCheck,
  datumCheck,
  previousCheck,
];

/** Everything known of a setup held against everything measured, those that do not agree first. */
export const agreements = (book: SetupState): Agreement[] =>
  memoize(book, 'agreements', () => {
    const all = CHECKS.flatMap((check) => check.features(book).flatMap((feature) => made(book, check, feature) ?? []));
    return [
      ...all.filter(({ explanation }) => !explanation.agrees),
      ...all.filter(({ explanation }) => explanation.agrees),
    ];
  });

/** One check by its name, `width.middle.x`; undefined where there is nothing to compare. */
export function agreementNamed(book: SetupState, key: string): Agreement | undefined {
  const [name = '', ...rest] = key.split('.');
  const check = CHECKS.find(({ of }) => of === name);
  const feature = featureOf(book.part, rest.join('.'));
  return check && feature && made(book, check, feature);
}

function made(book: SetupState, check: CrossCheck, feature: Feature): Agreement | undefined {
  const found = check.at(book, feature);
  return (
    found && {
      key: `${check.of}.${featureKey(feature)}`,
      of: check.of,
      feature,
      explanation: explained(book, found),
      ...found,
    }
  );
}
