import type { ChooseMethodOutput } from '../../methods/chooseMethod.schema';
import { METHOD_FACTS } from '../../methods/method';

const lasting = (seconds: number): string => (seconds < 90 ? `${seconds} s` : `${Math.round(seconds / 60)} min`);

/** A way to find something, how often it touches and how long that takes: *Centring plug, 1 touch, about 2 min*. */
export function methodSummary({ method, touches, seconds }: ChooseMethodOutput['ranked'][number]): string {
  const often = touches === 1 ? '1 touch' : `${touches} touches`;
  return `${METHOD_FACTS[method].name}, ${often}, about ${lasting(seconds)}`;
}
