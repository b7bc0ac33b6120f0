import { hasController, type Machine } from '@zero-point/core/records/shop/machine';
import { millimetresPer } from '@zero-point/core/units/unit';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../controls/Choice';
import { DialectChoice } from '../../../controls/DialectChoice';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthsField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface GroupProps {
  machine: Machine;
  /** Saves the machine with some of it changed. */
  onChange: (change: Partial<Machine>) => void;
}

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

/** Which answer is shown first, and how tool lengths are kept. */
export function AnswerHabits({ machine, onChange: keep }: GroupProps) {
  const habits = (change: Partial<Machine['habits']>) => keep({ habits: { ...machine.habits, ...change } });
  return (
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
      {hasController(machine) && (
        <DialectChoice value={machine.habits.dialect} onChange={(dialect) => habits({ dialect })} />
      )}
    </Fold>
  );
}

/** What it does when it is switched on, how it moves, and which work offsets it has. */
export function HomingFields({ machine, onChange: keep }: GroupProps) {
  return (
    <Fold title="Homing, jogging and work offsets" open={hasController(machine)}>
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
        unit={machine.units}
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
  );
}

/** How fast its spindle and its feed go, and how far its quill. */
export function LimitFields({ machine, onChange: keep }: GroupProps) {
  const { units } = machine;
  return (
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
  );
}
