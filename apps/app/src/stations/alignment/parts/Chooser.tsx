import { TASK_TITLES } from '@zero-point/core/messages/basis/labels';
import { ALIGNMENT_TASKS } from '@zero-point/core/records/values/tasks';
import type { AlignmentTask } from '@zero-point/core/records/values/subject';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { SkipDialog } from '../../../touch/SkipDialog';
import { MillDrawing } from '../../../drawing/MillDrawing';
import { MainAction } from '../../../controls/MainAction';
import { CardButton } from '../../../controls/CardButton';
import { LinkButton } from '../../../controls/LinkButton';
import { StationFrame } from '../../../layout/StationFrame';
import { useWide } from '../../../layout/useLayoutSize';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';
import { stationPath } from '../../path';
import { logCheck } from '../../../commands/logCheck';
import { skipItem, taskState } from '@zero-point/core/state/alignment/taskState';
import { TASK_ABOUT } from '@zero-point/core/messages/alignment/place';

interface ChooserProps {
  book: SetupState;
  /** A task that was asked for and cannot be read for want of an indicator. */
  missing?: AlignmentTask;
}

const WORDS: Readonly<Record<AlignmentTask, string>> = {
  vise: 'vise',
  head: 'head',
  centre: 'bore',
  chuck: 'chuck',
  level: 'level',
  skew: 'part',
};

const REASONS = ['indicated since it was last moved or bumped', 'does not matter for this part', 'not on this machine'];

/** All that can be lined up, on a drawing of the mill and as a list with where each stands. */
export default function Chooser({ book, missing }: ChooserProps) {
  const router = useRouter();
  const wide = useWide();
  const { palette } = useLook();
  const [skipping, setSkipping] = useState<AlignmentTask | undefined>(undefined);
  const tasks = ALIGNMENT_TASKS.map((task) => ({ task, state: taskState(book, task) }));
  const open = (task: AlignmentTask) => router.setParams({ task });
  return (
    <>
      <StationFrame
        drawing={
          <MillDrawing
            height={wide ? 'fill' : 270}
            label="The mill from the front"
            places={tasks.map(({ task, state }) => ({
              task,
              title: TASK_TITLES[task],
              word: WORDS[task],
              done: state === 'in line',
            }))}
            onChoose={open}
          />
        }
        prompt={
          missing ? (
            <>
              <AppText kind="sentence" tone="warn" live>
                {TASK_TITLES[missing]} needs an indicator, and the shop has none yet.
              </AppText>
              <LinkButton to="/shop/gauges" label="Add an indicator" />
            </>
          ) : (
            <AppText kind="sentence" live>
              Choose what to align. Skip what this job does not need.
            </AppText>
          )
        }
        detail={
          <View role="list" aria-label="To line up">
            {tasks.map(({ task, state }) => (
              <View
                key={task}
                role="listitem"
                style={{
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: 8,
                  minHeight: 60,
                  borderBottomWidth: 1,
                  borderColor: palette.line,
                }}
              >
                <View style={{ flex: 1 }}>
                  <CardButton
                    bare
                    label={`${TASK_TITLES[task]}: ${state === 'open' ? TASK_ABOUT[task] : SAID[state]}`}
                    onPress={() => open(task)}
                  >
                    <AppText kind="strong">
                      {state === 'in line' ? '✓ ' : ''}
                      {TASK_TITLES[task]}
                    </AppText>
                    <AppText kind="note" tone={state === 'off' ? 'warn' : 'soft'}>
                      {state === 'open' ? TASK_ABOUT[task] : SAID[state]}
                    </AppText>
                  </CardButton>
                </View>
                {state === 'open' && (
                  <Button
                    mode="outlined"
                    onPress={() => setSkipping(task)}
                    accessibilityLabel={`Skip ${TASK_TITLES[task]}`}
                  >
                    Skip
                  </Button>
                )}
                {state === 'skipped' && (
                  <Button
                    mode="outlined"
                    onPress={() => logCheck(book, skipItem(task), TASK_TITLES[task], 'clear', '')}
                    accessibilityLabel={`Do not skip ${TASK_TITLES[task]}`}
                  >
                    Undo
                  </Button>
                )}
              </View>
            ))}
          </View>
        }
        dock={<MainAction label="Go to Datum" onPress={() => router.navigate(stationPath(book.setup.id, 'datum'))} />}
      />
      {skipping && (
        <SkipDialog
          what={`${TASK_TITLES[skipping]}: ${TASK_ABOUT[skipping]}`}
          reasons={REASONS}
          onCancel={() => setSkipping(undefined)}
          onSkip={(reason) => {
            logCheck(book, skipItem(skipping), TASK_TITLES[skipping], 'skip', reason);
            setSkipping(undefined);
          }}
        />
      )}
    </>
  );
}

const SAID = {
  begun: 'started: readings missing',
  off: 'read, not aligned yet',
  'in line': 'in line',
  skipped: 'skipped',
} as const;
