import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { StepState } from '@zero-point/core/state/workholding/workholdingSteps';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Cautions } from '../../answer/Cautions';
import { Fold } from '../../answer/Fold';
import { SkipDialog } from '../../touch/SkipDialog';
import { Unloading } from '../../answer/Unloading';
import { HoldingDrawing } from '../../drawing/HoldingDrawing';
import { Choice } from '../../controls/Choice';
import { MainAction } from '../../controls/MainAction';
import { LinkButton } from '../../controls/LinkButton';
import { StationFrame } from '../../layout/StationFrame';
import { useWide } from '../../layout/useLayoutSize';
import { AppText } from '../../theme/AppText';
import { savePlan } from '../../commands/savePlan';
import { stationPath } from '../path';
import { StepList } from './parts/StepList';
import { workholdingView } from './view';
import { logWorkholdingStep } from './commands';

const REASONS = ['already done', 'does not apply here', 'not possible with this part'];

/** Workholding: the short list for the way the part is held, one step at a time. */
export default function WorkholdingScreen({ book }: { book: SetupState }) {
  const router = useRouter();
  const wide = useWide();
  const view = workholdingView(book);
  const [skipping, setSkipping] = useState<StepState | undefined>(undefined);
  const { setup } = book;
  const { next, steps } = view;
  const holding = view.holdings.find(({ value }) => value === setup.holdingId)?.label ?? 'Held another way';
  return (
    <>
      <StationFrame
        drawing={
          <HoldingDrawing
            holding={setup.holdingId}
            height={wide ? 'fill' : 170}
            label={`The part held: ${holding.toLowerCase()}`}
          />
        }
        prompt={
          <>
            <AppText tone="soft">
              {holding} · {view.done} of {steps.length} done{view.skipped > 0 ? `, ${view.skipped} skipped` : ''}
            </AppText>
            {next === undefined ? (
              <AppText kind="sentence" live>
                {steps.length === 0
                  ? 'This list is empty. Add steps, or choose another way of holding.'
                  : 'The part is held. Now align it, or go to Datum.'}
              </AppText>
            ) : next.step.hurts ? (
              <>
                <AppText kind="sentence" live>
                  Missing this step can hurt someone. Do it, then tick it.
                </AppText>
                <Cautions
                  cautions={[{ id: next.step.id, text: next.step.text, mustTick: true }]}
                  ticked={[]}
                  onTick={() => logWorkholdingStep(book, next, 'tick')}
                />
              </>
            ) : (
              <AppText kind="sentence" live>
                {next.step.text}
              </AppText>
            )}
          </>
        }
        detail={
          <>
            <StepList steps={steps} next={next} onReopen={(step) => logWorkholdingStep(book, step, 'clear')} />
            <Unloading machine={book.machine} />
            <Fold title="Held another way" open={wide}>
              <Choice
                label="How the part is held"
                value={setup.holdingId}
                options={view.holdings}
                onChange={(holdingId) => savePlan(book, { holdingId })}
              />
              <LinkButton to={`/shop/holdings/${setup.holdingId}`} label="Change this list for the shop" />
            </Fold>
          </>
        }
        dock={
          next === undefined ? (
            <MainAction label="Go to Alignment" onPress={() => router.navigate(stationPath(setup.id, 'alignment'))} />
          ) : (
            <View style={{ gap: 8 }}>
              <Button mode="outlined" onPress={() => setSkipping(next)}>
                Skip with a reason
              </Button>
              {next.step.hurts ? (
                <MainAction label="Tick the box when it is done" disabled onPress={() => undefined} />
              ) : (
                <MainAction label="Log this step done" onPress={() => logWorkholdingStep(book, next, 'tick')} />
              )}
            </View>
          )
        }
      />
      {skipping && (
        <SkipDialog
          what={skipping.step.text}
          reasons={REASONS}
          onCancel={() => setSkipping(undefined)}
          onSkip={(reason) => {
            logWorkholdingStep(book, skipping, 'skip', reason);
            setSkipping(undefined);
          }}
        />
      )}
    </>
  );
}
