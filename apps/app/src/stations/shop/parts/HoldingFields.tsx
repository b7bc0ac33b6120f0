import type { Holding, HoldingStep } from '@zero-point/core/records/shop/workholdingList';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { Choice } from '../../../controls/Choice';
import { LongTextField, TextField } from '../../../keypad/Fields';
import { useLook } from '../../../theme/useLook';
import type { Shop } from '../../../api/queries';
import { saveThing } from '../../../commands/logEntry';

const MOST_STEPS = 40;

/** A workholding list of the shop: its steps in order, each worded as this shop says it. */
export function HoldingFields({ holding, shop }: { holding: Holding; shop: Shop }) {
  const { palette } = useLook();
  const { steps } = holding;
  const keep = (change: Partial<Holding>) => saveThing(shop, 'holding', { ...holding, ...change });
  const put = (i: number, step: HoldingStep) => keep({ steps: steps.map((one, j) => (j === i ? step : one)) });
  const swap = (i: number, j: number) =>
    keep({ steps: steps.map((one, k) => (k === i ? steps[j] : k === j ? steps[i] : one) ?? one) });
  return (
    <View style={{ gap: 16 }}>
      <TextField
        label="Name"
        hint="The name in Plan and Workholding."
        value={holding.name}
        onCommit={(name) => keep({ name })}
        check={(name) => (name === '' ? 'Give the list a name.' : undefined)}
      />
      {steps.map((step, i) => (
        <View key={step.id} style={{ gap: 8, borderTopWidth: 1, borderColor: palette.line, paddingTop: 10 }}>
          <LongTextField
            label={`Step ${i + 1}`}
            hint="One thing to do."
            value={step.text}
            onCommit={(text) => put(i, { ...step, text })}
            check={(text) => (text === '' ? 'Enter what to do, or remove the step.' : undefined)}
          />
          <Choice
            label={`Step ${i + 1}, if it is missed`}
            value={step.hurts ? 'hurts' : 'plain'}
            options={[
              { value: 'plain', label: 'no harm' },
              { value: 'hurts', label: 'someone may be hurt: must be ticked' },
            ]}
            onChange={(how) => put(i, { ...step, hurts: how === 'hurts' })}
          />
          <Choice
            label={`Step ${i + 1}, on`}
            value={step.machines?.length === 1 ? (step.machines[0] ?? 'all') : step.machines ? 'some' : 'all'}
            options={[
              { value: 'all', label: 'every machine' },
              ...(step.machines && step.machines.length > 1
                ? [{ value: 'some', label: step.machines.join(' and ') }]
                : []),
              ...MACHINE_KINDS.map(({ kind, name }) => ({ value: kind as string, label: name })),
            ]}
            onChange={(on) => {
              const kind = MACHINE_KINDS.find((one) => one.kind === on)?.kind;
              const { machines: _, ...rest } = step;
              if (on !== 'some') put(i, kind ? { ...rest, machines: [kind] } : rest);
            }}
          />
          <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
            <Button
              mode="outlined"
              disabled={i === 0}
              onPress={() => swap(i, i - 1)}
              accessibilityLabel={`Move step ${i + 1} up`}
            >
              Up
            </Button>
            <Button
              mode="outlined"
              disabled={i === steps.length - 1}
              onPress={() => swap(i, i + 1)}
              accessibilityLabel={`Move step ${i + 1} down`}
            >
              Down
            </Button>
            <Button
              mode="outlined"
              onPress={() => keep({ steps: steps.filter(({ id }) => id !== step.id) })}
              accessibilityLabel={`Take step ${i + 1} out`}
            >
              Remove
            </Button>
          </View>
        </View>
      ))}
      <Button
        mode="outlined"
        disabled={steps.length >= MOST_STEPS}
        onPress={() =>
          keep({ steps: [...steps, { id: uuidv7().slice(0, 24), text: 'Enter what to do.', hurts: false }] })
        }
      >
        Add a step
      </Button>
    </View>
  );
}
