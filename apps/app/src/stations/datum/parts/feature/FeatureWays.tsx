import { hasController } from '@zero-point/core/records/shop/machine';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { nominalOf } from '@zero-point/core/datum/feature';
import type { CornerWay, RoundWay } from '@zero-point/core/records/values/faces';
import { roundsOf } from '@zero-point/core/datum/shapes';
import { cornerWay } from '@zero-point/core/state/datum/corner';
import { roundWay } from '@zero-point/core/state/datum/round';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { Fold } from '../../../../answer/Fold';
import { Choice } from '../../../../controls/Choice';
import { TickBox } from '../../../../controls/TickBox';
import { LengthField } from '../../../../keypad/Fields';
import { saveDatumPlan } from '../../../../commands/saveDatumPlan';
import type { FeatureView } from './featureView';

const CORNER_WAYS: readonly { value: CornerWay; label: string }[] = [
  { value: 'axes', label: 'one touch of each: true to the axes' },
  { value: 'square', label: 'two and one: with the part’s skew' },
  { value: 'measured', label: 'two and two: checks squareness' },
];

const ROUND_WAYS: readonly { value: RoundWay; label: string }[] = [
  { value: 'pairs', label: 'opposite walls' },
  { value: 'points', label: 'three points or more' },
  { value: 'sweep', label: 'indicator sweep' },
  { value: 'plug', label: 'centring plug' },
  { value: 'cycle', label: 'the control’s cycle' },
];

interface FeatureWaysProps {
  book: SetupState;
  view: FeatureView;
  /** Another hole is to be tapped. */
  onPick: () => void;
  onTake: (feature: Feature) => void;
}

/** The ways a feature can be found, and what else it leads to. */
export function FeatureWays({ book, view, onPick, onTake }: FeatureWaysProps) {
  const { feature, key } = view;
  const { datumPlan, setup, part } = book;
  const choose = (way: CornerWay | RoundWay) => saveDatumPlan(book, { ways: { ...datumPlan.ways, [key]: way } });
  switch (feature.kind) {
    case 'corner':
      return <Choice label="How" value={cornerWay(book, feature)} options={CORNER_WAYS} onChange={choose} />;
    case 'round': {
      const way = roundWay(book, feature.of);
      const word = datumPlan.onMyWord.includes(key);
      return (
        <View style={{ gap: 10 }}>
          <Choice
            label="How"
            value={way}
            options={ROUND_WAYS.filter(({ value }) => value !== 'cycle' || hasController(book.machine))}
            onChange={choose}
          />
          {way === 'plug' && (
            <TickBox
              label="Accept the plug without a check sweep"
              ticked={word}
              onTick={() =>
                saveDatumPlan(book, {
                  onMyWord: word ? datumPlan.onMyWord.filter((one) => one !== key) : [...datumPlan.onMyWord, key],
                })
              }
            />
          )}
          {roundsOf(part).length > 1 && (
            <Button mode="outlined" onPress={onPick}>
              Align on two holes: origin and direction
            </Button>
          )}
        </View>
      );
    }
    case 'middle':
      return (
        <Button mode="outlined" onPress={() => onTake({ ...feature, axis: feature.axis === 'x' ? 'y' : 'x' })}>
          The middle {feature.axis === 'x' ? 'of front and back' : 'of left and right'} instead
        </Button>
      );
    case 'hole-line':
      return (
        <View style={{ gap: 8 }}>
          {[feature.from, feature.to].map((of) => (
            <Button mode="outlined" key={of} onPress={() => onTake({ kind: 'round', of })}>
              Find {roundsOf(part).find(({ id }) => id === of)?.name}
            </Button>
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
            onCommit={(known) => saveDatumPlan(book, { known: { ...datumPlan.known, [key]: known } })}
          />
        </Fold>
      );
    }
  }
}
