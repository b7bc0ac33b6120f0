import { millimetresPer } from '@zero-point/core/units/unit';
import { hasController } from '@zero-point/core/records/shop/machine';
import type { Machine } from '@zero-point/core/records/shop/machine';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { View } from 'react-native';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../controls/Choice';
import { DialectChoice } from '../../../controls/DialectChoice';
import { UnitChoice } from '../../../controls/UnitChoice';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthsField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { LinkButton } from '../../../controls/LinkButton';
import { CalibrationSummary } from '../calibrate/CalibrationSummary';
import { AxisFields } from './AxisFields';
import { RotaryFields } from './RotaryFields';
import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { Shop } from '../../../api/queries';
import { saveMachine } from '../../../commands/saveMachine';
import { MachineLink } from '../../../link/MachineLink';
import { MachineTools } from './MachineTools';

const AXES = ['x', 'y', 'z'] as const;

const positiveAll = (values: readonly number[]) =>
  values.length > 8
    ? 'At most 8 steps.'
    : values.every((mm) => mm > 0)
      ? undefined
      : 'Every step must be greater than zero.';

type Limits = NonNullable<Machine['limits']>;

const LIMITS: readonly { field: keyof Limits; label: string }[] = [
  { field: 'leastRpm', label: 'Slowest, rpm' },
  { field: 'mostRpm', label: 'Fastest, rpm' },
];

/** A limit kept, or taken out where it is 0. */
function withLimit(limits: Limits | undefined, field: keyof Limits, value: number): Limits {
  const { [field]: _, ...rest } = limits ?? {};
  return value > 0 ? { ...rest, [field]: value } : rest;
}

/** Everything of a machine; what most people need comes first. */
export function MachineFields({ machine, shop }: { machine: KnownMachine; shop: Shop }) {
  const keep = (change: Partial<Machine>) => saveMachine(shop, { ...machine, ...change });
  const habits = (change: Partial<Machine['habits']>) => keep({ habits: { ...machine.habits, ...change } });
  const { units } = machine;
  const byController = hasController(machine);
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
      <Fold title="How answers are shown" open>
        <Choice
          label="First answer shown. The others follow."
          value={machine.habits.answerFirst}
          options={[
            { value: 'preset', label: 'Set the scale, still touching' },
            { value: 'move', label: 'Raise, move, zero' },
            { value: 'work-offset', label: 'Work offset' },
          ]}
          onChange={(answerFirst) => habits({ answerFirst })}
        />
        <Choice
          label="Tool lengths are kept"
          value={machine.habits.toolLengthSchool}
          options={[
            { value: 'reference-tool', label: 'against a reference tool' },
            { value: 'touch-part', label: 'by touching off on the part' },
            { value: 'true-length', label: 'as true lengths' },
            { value: 'touch-every-change', label: 'touched off at every change' },
          ]}
          onChange={(toolLengthSchool) => habits({ toolLengthSchool })}
        />
        {byController && <DialectChoice value={machine.habits.dialect} onChange={(dialect) => habits({ dialect })} />}
      </Fold>
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
      <Fold title="Homing, jogging and work offsets" open={byController}>
        <Choice
          label="When it is switched on"
          value={machine.homing ?? 'none'}
          options={[
            { value: 'none', label: 'Zero is lost' },
            { value: 'homes', label: 'Homes to switches' },
            { value: 'absolute', label: 'Position is known' },
          ]}
          onChange={(homing) => keep({ homing })}
        />
        <Choice
          label="Rapid moves (G0) in X and Y"
          value={machine.rapids ?? 'not-known'}
          options={[
            { value: 'not-known', label: 'Not known' },
            { value: 'straight', label: 'In a straight line' },
            { value: 'each-axis', label: 'each axis at full speed' },
          ]}
          onChange={(rapids) => keep({ rapids: rapids === 'not-known' ? undefined : rapids })}
        />
        <LengthsField
          label="Jog steps, with ; between"
          hint="For raising to a gauge in known steps."
          unit={units}
          chosen
          value={machine.jogSteps ?? []}
          onCommit={(jogSteps) => keep({ jogSteps: [...jogSteps] })}
          check={positiveAll}
        />
        <TextField
          label="Work offsets it has, with a blank between"
          hint="As named on the control. Leave empty if it has none."
          value={(machine.workOffsets ?? []).join(' ')}
          onCommit={(text) => keep({ workOffsets: text.split(/\s+/).filter((name) => name !== '') })}
          check={(text) =>
            text.split(/\s+/).some((name) => name.length > 12) ? 'A name has at most 12 characters.' : undefined
          }
        />
      </Fold>
      <Fold title="Spindle and feed: what it can do">
        <FieldRow>
          {LIMITS.map(({ field, label }) => (
            <CountField
              key={field}
              label={label}
              value={Math.round(machine.limits?.[field] ?? 0)}
              onCommit={(value) => keep({ limits: withLimit(machine.limits, field, value) })}
              check={(value) => (value <= 100_000 ? undefined : 'At most 100000.')}
            />
          ))}
          <CountField
            label={`Feed, ${units}/min`}
            value={Math.round((machine.limits?.mostFeed ?? 0) / millimetresPer(units))}
            onCommit={(value) => keep({ limits: withLimit(machine.limits, 'mostFeed', value * millimetresPer(units)) })}
            check={(value) =>
              value * millimetresPer(units) <= 100_000 ? undefined : 'That is too fast. Check the figure.'
            }
          />
          {!hasController(machine) && (
            <OptionalLengthField
              label="Quill travel"
              unit={units}
              value={machine.limits?.quillTravel}
              onCommit={(travel) => keep({ limits: withLimit(machine.limits, 'quillTravel', travel ?? 0) })}
            />
          )}
        </FieldRow>
        <AppText kind="note" tone="soft">
          0 if not known: then quill depth is not checked.
        </AppText>
      </Fold>
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
