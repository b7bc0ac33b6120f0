import { STEP_NAMES } from '@zero-point/core/messages/basis/labels';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { stepsOf } from '@zero-point/core/state/holes/holes';
import { coarsePitch } from '@zero-point/core/holes/patterns/holeSizes';
import { formatLength } from '@zero-point/core/units/formatLength';
import { HOLE_STEPS, type HoleStep } from '@zero-point/core/records/values/holeSteps';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../../answer/Fold';
import { Choice } from '../../../../controls/Choice';
import { useWide } from '../../../../layout/useLayoutSize';
import { TickChips } from '../../../../controls/TickChips';
import { FieldRow } from '../../../../keypad/FieldRow';
import { LengthField, LongTextField, OptionalLengthField, TextField } from '../../../../keypad/Fields';
import { HoleOverlapNote } from '../HoleOverlapNote';
import { ShiftFields } from './ShiftFields';
import { positive, ShapeFields } from './ShapeFields';
import { asPoints, copyOf } from './startPattern';

interface PatternFieldsProps {
  book: SetupState;
  pattern: Pattern;
  onChange: (pattern: Pattern) => void;
  /** A new pattern made from this one is the one in hand. */
  onAdd: (pattern: Pattern) => void;
}

/** The same with a field left out. */
function without<K extends 'depth' | 'datum' | 'moved' | 'through' | 'pitch'>(pattern: Pattern, field: K): Pattern {
  const { [field]: _, ...rest } = pattern;
  return rest as Pattern;
}

/** Everything of a pattern: its shape, what its holes are, and what is done with the whole of it. */
export function PatternFields({ book, pattern, onChange, onAdd }: PatternFieldsProps) {
  const wide = useWide();
  const unit = book.setup.units;
  const { local } = book.datumPlan;
  const steps = stepsOf(pattern);
  const tapped = steps.includes('tap');
  const coarse = coarsePitch(pattern.holeDiameter);
  const toggle = (step: HoleStep) => {
    const next = steps.includes(step) ? steps.filter((one) => one !== step) : [...steps, step];
    if (next.length > 0) onChange({ ...pattern, steps: HOLE_STEPS.filter((one) => next.includes(one)) });
  };
  return (
    <View style={{ gap: 12 }}>
      {/* On a phone the sentence that says it is out of sight while the fields are. */}
      {!wide && <HoleOverlapNote book={book} pattern={pattern} />}
      <ShapeFields pattern={pattern} unit={unit} onChange={onChange} />
      <FieldRow>
        <LengthField
          label={tapped ? 'Thread, nominal size' : 'Hole diameter'}
          unit={unit}
          value={pattern.holeDiameter}
          onCommit={(holeDiameter) => onChange({ ...pattern, holeDiameter })}
          check={positive('The diameter')}
        />
        {tapped && (
          <OptionalLengthField
            label="Pitch of the thread"
            hint={coarse === undefined ? undefined : `Coarse, ${formatLength(coarse, { unit })}, if left empty.`}
            unit={unit}
            value={pattern.pitch}
            onCommit={(pitch) => onChange(pitch === undefined ? without(pattern, 'pitch') : { ...pattern, pitch })}
            check={(mm) => (mm === undefined || mm > 0 ? undefined : 'The pitch must be greater than zero.')}
          />
        )}
      </FieldRow>
      <Choice
        label="Depth of the holes"
        value={pattern.through === true ? 'through' : 'blind'}
        options={[
          { value: 'through', label: 'Through' },
          { value: 'blind', label: 'To a depth' },
        ]}
        onChange={(how) =>
          onChange(how === 'through' ? { ...without(pattern, 'depth'), through: true } : without(pattern, 'through'))
        }
      />
      {pattern.through !== true && (
        <OptionalLengthField
          label="Depth at full diameter"
          hint="The drill point goes deeper than this."
          unit={unit}
          value={pattern.depth}
          onCommit={(depth) => onChange(depth === undefined ? without(pattern, 'depth') : { ...pattern, depth })}
          check={(mm) => (mm === undefined || mm > 0 ? undefined : 'The depth must be greater than zero.')}
        />
      )}
      <TickChips
        label="Steps at each hole"
        options={HOLE_STEPS.map((step) => ({ value: step, label: STEP_NAMES[step] }))}
        ticked={steps}
        onToggle={(name) => {
          const step = HOLE_STEPS.find((one) => one === name);
          if (step) toggle(step);
        }}
      />
      {local.length > 0 && (
        <Choice
          label="Counted from"
          value={pattern.datum ?? 'main'}
          options={[
            { value: 'main', label: 'Part zero' },
            ...local.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(datum) => onChange(datum === 'main' ? without(pattern, 'datum') : { ...pattern, datum })}
        />
      )}
      <Fold title="Mirror, rotate or shift the pattern" open={pattern.moved !== undefined}>
        <ShiftFields
          moved={pattern.moved ?? {}}
          unit={unit}
          onChange={(moved) => onChange(moved ? { ...pattern, moved } : without(pattern, 'moved'))}
        />
      </Fold>
      <TextField
        label="Name"
        value={pattern.name}
        onCommit={(name) => onChange({ ...pattern, name })}
        check={(name) => (name === '' ? 'Give the pattern a name.' : undefined)}
      />
      <LongTextField
        label="Note"
        value={pattern.note ?? ''}
        onCommit={(note) => onChange({ ...pattern, note: note.slice(0, 200) })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button mode="outlined" onPress={() => onAdd(copyOf(pattern, 5))}>
          Copy it
        </Button>
        {pattern.kind !== 'points' && (
          <Button mode="outlined" onPress={() => onChange(asPoints(pattern))}>
            Split into single points
          </Button>
        )}
        <Button mode="outlined" onPress={() => onChange({ ...pattern, laidAside: true })}>
          Set it aside
        </Button>
      </View>
    </View>
  );
}
