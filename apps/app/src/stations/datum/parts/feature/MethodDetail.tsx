import { View } from 'react-native';
import { Cautions } from '../../../../answer/Cautions';
import { Fold } from '../../../../answer/Fold';
import { Steps } from '../../../../answer/NumberedSteps';
import { GaugeStatusLine } from '../../../../touch/GaugeStatusLine';
import { JogStepField } from '../../../../touch/JogStepField';
import { AppText } from '../../../../theme/AppText';
import { besideFeeler } from '../method/methodView';
import { FeatureWays } from './FeatureWays';
import { FeelerBetween } from './FeelerBetween';
import { TouchesWithFinder } from './FinderOfFeature';
import type { FeatureTouches } from './useFeatureTouches';

/** How a feature is touched: the finder, what is between, the jog step, other ways, cautions and steps. */
export function MethodDetail(touches: FeatureTouches) {
  const { book, view, as, compact } = touches;
  const { method } = view;
  return (
    <>
      {(compact || view.slots.length > 1) && <TouchesWithFinder {...touches} />}
      {method && besideFeeler(method.gauge) && <FeelerBetween book={book} />}
      <GaugeStatusLine book={book} gaugeId={method?.gauge.id} only="rest" />
      {method && as === 'scale' && method.facts.contact !== 'centre' && (
        <JogStepField book={book} gaugeId={method.gauge.id} />
      )}
      <FeatureWays book={book} view={view} onPick={() => touches.setPicking(true)} onTake={touches.take} />
      {method && (
        <>
          <Cautions
            cautions={method.cautions.filter(({ mustTick }) => !mustTick)}
            ticked={[]}
            onTick={() => undefined}
          />
          <Fold title={`${method.facts.name}: how it is done`}>
            <View style={{ gap: 4 }}>
              <Steps steps={method.facts.steps} />
              {method.facts.speed !== null && <AppText>{method.facts.speed}</AppText>}
              <AppText kind="note" tone="soft">
                From the face to the spindle’s axis: {method.facts.contact === 'centre' ? 'nothing, since ' : ''}
                {method.facts.radius}.
              </AppText>
            </View>
          </Fold>
        </>
      )}
    </>
  );
}
