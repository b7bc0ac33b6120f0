import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { rankedMethods, type RankedMethod } from '@zero-point/core/state/gauges/methodRanking';
import { methodSummary } from '@zero-point/core/messages/basis/methodSummary';
import { View } from 'react-native';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { CardButton } from '../controls/CardButton';
import { Figure, AppText } from '../theme/AppText';

interface MethodListProps {
  book: SetupState;
  /** What is to be found. */
  kind: Feature['kind'];
  /** Which one, where that is known: what touches must fit into it. */
  feature?: Feature;
  /** Gauge in hand. */
  chosen: string | undefined;
  onTake: (way: RankedMethod) => void;
}

/** The shop's ways for this job's tolerance: the quickest that is good enough first, each with its reason. */
export function MethodList({ book, kind, feature, chosen, onTake }: MethodListProps) {
  const { ranked, anyReaches } = rankedMethods(book, kind, feature);
  const { setup } = book;
  return (
    <>
      {!anyReaches && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          Nothing in the shop reaches a quarter of {plusMinus(setup.tolerance, setup.units)} here.
        </AppText>
      )}
      <View role="radiogroup" aria-label="Found with" style={{ gap: 8 }}>
        {ranked.map((way) => (
          <Way
            key={way.gaugeId}
            way={way}
            chosen={chosen === way.gaugeId}
            unit={setup.units}
            onPress={() => onTake(way)}
          />
        ))}
      </View>
    </>
  );
}

interface WayProps {
  way: RankedMethod;
  chosen: boolean;
  unit: SetupState['setup']['units'];
  onPress: () => void;
}

function Way({ way, chosen, unit, onPress }: WayProps) {
  return (
    <CardButton
      role="radio"
      chosen={chosen}
      label={`${way.gauge.name}, ${way.unfit ? 'not here' : plusMinus(way.U, unit)}. ${way.reason}`}
      disabled={way.unfit}
      onPress={onPress}
    >
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between', columnGap: 10 }}>
        <AppText kind="strong">
          {chosen ? '✓ ' : ''}
          {way.gauge.name}
        </AppText>
        <Figure size={17}>
          {way.reaches ? '' : '✗ '}
          {way.unfit ? 'not here' : plusMinus(way.U, unit)}
        </Figure>
      </View>
      <AppText kind="note" tone="soft">
        {way.unfit ? way.reason : `${methodSummary(way)}. ${way.reason}`}
      </AppText>
    </CardButton>
  );
}
