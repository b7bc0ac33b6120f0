import type { Machine } from '@zero-point/core/records/shop/machine';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { View } from 'react-native';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../controls/Choice';
import { UnitChoice } from '../../../controls/UnitChoice';
import { TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { LinkButton } from '../../../controls/LinkButton';
import { CalibrationSummary } from '../calibrate/CalibrationSummary';
import { AxisFields } from './AxisFields';
import { AnswerHabits, HomingFields, LimitFields } from './machineGroups';
import { RotaryFields } from './RotaryFields';
import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { Shop } from '../../../api/queries';
import { saveMachine } from '../../../commands/saveMachine';
import { MachineLink } from '../../../link/MachineLink';
import { MachineTools } from './MachineTools';

const AXES = ['x', 'y', 'z'] as const;

/** Everything of a machine; what most people need comes first. */
export function MachineFields({ machine, shop }: { machine: KnownMachine; shop: Shop }) {
  const keep = (change: Partial<Machine>) => saveMachine(shop, { ...machine, ...change });
  const { units } = machine;
  return (
    <View style={{ gap: 16 }}>
      <TextField
        label="Name"
        hint="The name you use for it."
        value={machine.name}
        onCommit={(name) => keep({ name })}
        check={(name) => (name === '' ? 'Give the machine a name.' : undefined)}
      />
      <Choice
        label="Kind: sets how moves are shown (turns and lines, distance to go, or coordinates)"
        value={machine.kind}
        options={MACHINE_KINDS.map(({ kind, name }) => ({ value: kind, label: name }))}
        onChange={(kind) => keep({ kind })}
      />
      <UnitChoice label="Units of its dials or display" value={units} onChange={(next) => keep({ units: next })} />
      <Choice
        label="Numbers are read from"
        value={machine.scale}
        options={[
          { value: 'dial', label: 'Its dials' },
          { value: 'readout', label: 'A DRO' },
          { value: 'machine', label: 'The control' },
        ]}
        onChange={(scale) => keep({ scale })}
      />
      {AXES.map((axis) => (
        <Fold key={axis} title={`Axis ${axis.toUpperCase()}`} open={axis === 'x'}>
          <AxisFields
            machine={machine}
            axis={axis}
            onChange={(profile) => keep({ axes: { ...machine.axes, [axis]: profile } })}
          />
          <CalibrationSummary
            of={{ kind: 'axis', machineId: machine.id, axis }}
            shop={shop}
            unit={units}
            usualU={0.01}
          />
        </Fold>
      ))}
      <Fold title="Link: read its figures instead of typing">
        <MachineLink machineId={machine.id} unit={units} />
      </Fold>
      <AnswerHabits machine={machine} onChange={keep} />
      <Choice
        label="It moves along"
        value={machine.without?.[0] ?? 'all'}
        options={[
          { value: 'all', label: 'X, Y and Z' },
          { value: 'x', label: 'Y and Z only' },
          { value: 'y', label: 'X and Z only' },
        ]}
        onChange={(without) => keep({ without: without === 'all' ? undefined : [without] })}
      />
      <HomingFields machine={machine} onChange={keep} />
      <LimitFields machine={machine} onChange={keep} />
      <Fold title="Its tools, by number">
        <MachineTools machine={machine} shop={shop} />
      </Fold>
      <Fold title="Tool touch-off point">
        <AppText>One place where every tool touches off at a change.</AppText>
        <LinkButton to={`/shop/machines/${machine.id}?do=fixed-spot`} label="How well a tool repeats there" />
        <CalibrationSummary of={{ kind: 'spot', machineId: machine.id }} shop={shop} unit={units} usualU={0.01} />
      </Fold>
      <Fold title="Rotary axes" open={(machine.rotary ?? []).length > 0}>
        <RotaryFields machineId={machine.id} rotary={machine.rotary ?? []} onChange={(rotary) => keep({ rotary })} />
      </Fold>
      <TextField
        label="Note"
        hint="Notes to read before using it."
        value={machine.note ?? ''}
        onCommit={(note) => keep({ note })}
      />
      <AppText kind="note" tone="soft">
        △ The machine’s own manual comes first.
      </AppText>
    </View>
  );
}
