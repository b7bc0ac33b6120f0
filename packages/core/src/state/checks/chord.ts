import { roundsOf } from '../../datum/shapes';
import { Refusal } from '../../problem/problem';
import { isTouch } from '../../records/log/reading';
import { roundAnswer } from '../datum/round';
import { explained, type CrossCheck } from './check';

/**
 * The first pair across a bore or boss against the second, which goes through its middle: a chord is never longer than
 * the diameter, so a longer one was touched on a chip, or from the wrong side. Only said where it is.
 */
export const chordCheck: CrossCheck = {
  of: 'chord',
  features: ({ part }) => roundsOf(part).map(({ id }) => ({ kind: 'round', of: id })),
  at: (book, feature) => {
    if (feature.kind !== 'round') return undefined;
    const found = pairsOf(() => roundAnswer(book, feature.of));
    if (!found?.x || !found.y) return undefined;
    const touches = found.readings.filter(isTouch);
    const [first, second] = touches[0]?.axis === 'y' ? (['y', 'x'] as const) : (['x', 'y'] as const);
    const [chord, diameter] = [found[first], found[second]];
    if (!chord || !diameter || chord.width <= diameter.width) return undefined;
    const measuredU = chord.widthUncertainty.U;
    const walls = ([1, -1] as const).map((approach) =>
      touches.filter((one) => one.axis === first && one.approach === approach),
    );
    const check = {
      against: 'touch' as const,
      measured: chord.width,
      known: diameter.width,
      measuredU,
      U: Math.hypot(measuredU, diameter.widthUncertainty.U),
      suspects: walls,
    };
    return explained(book, check).agrees ? undefined : check;
  },
};

function pairsOf(answer: () => ReturnType<typeof roundAnswer>) {
  try {
    const found = answer();
    return found?.way === 'pairs' ? found : undefined;
  } catch (error) {
    // Readings that give no answer have nothing to compare.
    if (error instanceof Refusal) return undefined;
    throw error;
  }
}
