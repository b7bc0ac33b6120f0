import { axisToFind } from '@zero-point/core/messages/gauges/repeatAdvice';
import type { Reading } from '@zero-point/core/records/log/reading';
import { subjectKey } from '@zero-point/core/state/basis/subjectKey';
import type { FeatureView } from './featureView';

/** What is found of a feature, and what can be done with it. */
export function answerSentence({ name, answer }: FeatureView): string {
  const axes = [answer?.x ? 'X' : '', answer?.y ? 'Y' : ''].filter((axis) => axis !== '').join(' and ');
  const open = answer && axisToFind(answer);
  return open
    ? `${axes} of the ${name} is found, ${open} not yet. Set ${axes} one of these ways.`
    : `The ${name} is found. Set ${axes} one of these ways.`;
}

/** The answer as the readings' panel takes it. */
export function touchAnswer({ answer }: FeatureView) {
  if (!answer) return undefined;
  const { uncertainty, verdict, tape, readings, wild, repeats } = answer;
  return { readings, wild, result: { uncertainty, verdict, tape, ...(repeats && { repeats }) } };
}

/** What a reading is of: the touch it was logged for. */
export function titleOf({ slots }: FeatureView, reading: Reading): string {
  const slot =
    slots.find(({ readings }) => readings.some(({ id }) => id === reading.id)) ??
    slots.find(
      ({ subject, axis, approach }) =>
        subjectKey(subject) === subjectKey(reading.subject) &&
        reading.on === 'scale' &&
        axis === reading.axis &&
        approach === reading.approach,
    );
  const name = slot?.name ?? 'touch';
  return reading.on === 'scale' ? `${name}, ${reading.axis.toUpperCase()}` : name;
}
