import type { Feature } from '@zero-point/core/record/datumPlan';
import type { Book } from '@zero-point/core/book/book';
import { nominalOf } from '@zero-point/core/datum/feature';
import type { CornerWay, RoundWay } from '@zero-point/core/record/faces';
import { roundsOf } from '@zero-point/core/datum/shapes';
import { cornerWay } from '@zero-point/core/book/subjects/corner';
import { roundWay } from '@zero-point/core/book/subjects/round';
import { View } from 'react-native';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../frame/Choice';
import { Press } from '../../../frame/Press';
import { LengthField } from '../../../keypad/Fields';
import { Words } from '../../../theme/Words';
import { changeDatumPlan } from '../view';
import type { FeatureView } from './featureView';

const CORNER_WAYS: readonly { value: CornerWay; label: string }[] = [
  { value: 'axes', label: 'one touch of each: true to the axes' },
  { value: 'square', label: 'two and one: with the part’s skew' },
  { value: 'measured', label: 'two and two: squareness too' },
];

const ROUND_WAYS: readonly { value: RoundWay; label: string }[] = [
  { value: 'pairs', label: 'opposite walls' },
  { value: 'points', label: 'three points or more' },
  { value: 'sweep', label: 'indicator sweep' },
  { value: 'plug', label: 'tapered plug' },
];

interface FeatureWaysProps {
  book: Book;
  view: FeatureView;
  /** Another hole is to be tapped. */
  onPick: () => void;
  onTake: (feature: Feature) => void;
}

/** The ways a feature can be found, and what else it leads to. */
export function FeatureWays({ book, view, onPick, onTake }: FeatureWaysProps) {
  const { feature, key } = view;
  const { datumPlan, setup, part } = book;
  const choose = (way: CornerWay | RoundWay) => changeDatumPlan(book, { ways: { ...datumPlan.ways, [key]: way } });
  switch (feature.kind) {
    case 'corner':
      return <Choice label="How" value={cornerWay(book, feature)} options={CORNER_WAYS} onChange={choose} />;
    case 'round': {
      const way = roundWay(book, feature.of);
      const word = datumPlan.onMyWord.includes(key);
      return (
        <View style={{ gap: 10 }}>
          <Choice label="How" value={way} options={ROUND_WAYS} onChange={choose} />
          {way === 'plug' && (
            <Press
              role="checkbox"
              aria-checked={word}
              onPress={() =>
                changeDatumPlan(book, {
                  onMyWord: word ? datumPlan.onMyWord.filter((one) => one !== key) : [...datumPlan.onMyWord, key],
                })
              }
            >
              <Words>{word ? '✓ ' : ''}I take the plug on my word, without a sweep</Words>
            </Press>
          )}
          {roundsOf(part).length > 1 && (
            <Press onPress={onPick}>
              <Words>Line with another hole: origin and direction</Words>
            </Press>
          )}
        </View>
      );
    }
    case 'middle':
      return (
        <Press onPress={() => onTake({ ...feature, axis: feature.axis === 'x' ? 'y' : 'x' })}>
          <Words>The middle {feature.axis === 'x' ? 'of front and back' : 'of left and right'} instead</Words>
        </Press>
      );
    case 'hole-line':
      return (
        <View style={{ gap: 8 }}>
          {[feature.from, feature.to].map((of) => (
            <Press key={of} onPress={() => onTake({ kind: 'round', of })}>
              <Words>Find {roundsOf(part).find(({ id }) => id === of)?.name}</Words>
            </Press>
          ))}
        </View>
      );
    case 'face': {
      const nominal = nominalOf(part, setup.partZero, feature, datumPlan.known);
      const [axis, at] = Object.entries(nominal)[0] ?? ['x', 0];
      return (
        <Fold
          title={`This face is ${axis.toUpperCase()} ${formatLengthUnit(at, { unit: setup.units, plus: true })} from part zero`}
        >
          <LengthField
            key={`${key} ${setup.partZero}`}
            label="A known distance from part zero, instead of the drawn one"
            unit={setup.units}
            value={at}
            onCommit={(known) => changeDatumPlan(book, { known: { ...datumPlan.known, [key]: known } })}
          />
        </Fold>
      );
    }
  }
}
