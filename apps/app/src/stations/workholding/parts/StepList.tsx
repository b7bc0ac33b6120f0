import type { StepState } from '@zero-point/core/state/workholding/workholdingSteps';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useLayoutSize } from '../../../layout/useLayoutSize';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';

interface StepListProps {
  steps: readonly StepState[];
  next: StepState | undefined;
  onReopen: (step: StepState) => void;
}

const SIGN = { open: '○', ticked: '✓', skipped: '–' } as const;
const SAID = { open: 'open', ticked: 'done', skipped: 'skipped' } as const;

/** The list with what became of each step; a step can be opened again. Beneath the sentence the step in hand stands in that alone. */
export function StepList({ steps, next, onReopen }: StepListProps) {
  const { palette } = useLook();
  const beside = useLayoutSize() !== 'upright';
  return (
    <View role="list" aria-label="Steps" style={{ gap: 2 }}>
      {steps.map((state) => {
        if (state === next && !beside) return null;
        const here = state === next;
        return (
          <View
            role="listitem"
            key={state.step.id}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              gap: 10,
              minHeight: 48,
              paddingVertical: 4,
              borderBottomWidth: 1,
              borderColor: palette.line,
            }}
          >
            <AppText kind="sentence" tone={state.state === 'ticked' ? 'good' : 'ink'} style={{ width: 22 }}>
              {here ? '▸' : SIGN[state.state]}
            </AppText>
            <View style={{ flex: 1 }}>
              <AppText tone={state.state === 'open' ? 'ink' : 'soft'} style={here ? { fontWeight: '700' } : null}>
                {state.step.hurts ? '△ ' : ''}
                {state.step.text}
              </AppText>
              {state.state === 'skipped' && (
                <AppText kind="note" tone="warn">
                  skipped: {state.reason}
                </AppText>
              )}
            </View>
            {state.state === 'open' ? null : (
              <Button
                mode="text"
                onPress={() => onReopen(state)}
                accessibilityLabel={`Open again: ${state.step.text} (${SAID[state.state]})`}
              >
                Undo
              </Button>
            )}
          </View>
        );
      })}
    </View>
  );
}
