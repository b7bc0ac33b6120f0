import type { Machine } from '@zero-point/core/record/machine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Choice } from '../../../frame/Choice';
import { LinkButton } from '../../../frame/LinkButton';
import { plusMinus } from '@zero-point/core/words/goodness';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthField, OptionalLengthField } from '../../../keypad/Fields';
import { Words } from '../../../theme/Words';

import type { KnownMachine } from '@zero-point/core/book/book';

type AxisProfile = Machine['axes']['x'];

interface AxisFieldsProps {
  machine: KnownMachine;
  axis: 'x' | 'y' | 'z';
  onChange: (profile: AxisProfile) => void;
}

const positive = (what: string) => (mm: number | undefined) =>
  mm === undefined || mm > 0 ? undefined : `${what} must be greater than zero.`;

/** What one axis shows, how far it goes, its dial, and the lost motion in it. */
export function AxisFields({ machine, axis, onChange }: AxisFieldsProps) {
  const profile = machine.axes[axis];
  const unit = machine.units;
  const { dial, backlash } = profile;
  const perLine = dial && formatLengthUnit(dial.perTurn / dial.lines, { unit, decimals: unit === 'mm' ? 4 : 5 });
  return (
    <View style={{ gap: 12 }}>
      <FieldRow>
        <LengthField
          label="Smallest step it shows"
          hint="Goes into every ±."
          unit={unit}
          value={profile.step}
          onCommit={(step) => onChange({ ...profile, step })}
          check={positive('The step')}
        />
        <OptionalLengthField
          label="Travel"
          hint="So that holes out of reach are noticed."
          unit={unit}
          value={profile.travel}
          onCommit={(travel) => onChange({ ...profile, travel })}
          check={positive('The travel')}
        />
      </FieldRow>
      {machine.kind === 'dials' && (
        <>
          <FieldRow>
            <LengthField
              label="One turn of the handwheel"
              hint="Travel of the axis."
              unit={unit}
              value={dial?.perTurn ?? 2}
              onCommit={(perTurn) =>
                onChange({ ...profile, dial: { lines: 100, countsUp: 'clockwise', ...dial, perTurn } })
              }
              check={positive('One turn')}
            />
            <CountField
              label="Lines on its dial"
              hint={perLine && `One line is ${perLine}.`}
              value={dial?.lines ?? 100}
              onCommit={(lines) =>
                onChange({ ...profile, dial: { perTurn: 2, countsUp: 'clockwise', ...dial, lines } })
              }
              check={(n) => (n >= 2 && n <= 1000 ? undefined : 'A dial has 2 to 1000 lines.')}
            />
          </FieldRow>
          <Choice
            label="It counts up when turned, so that a lost turn is noticed"
            value={dial?.countsUp ?? 'clockwise'}
            options={[
              { value: 'clockwise', label: 'clockwise' },
              { value: 'anticlockwise', label: 'anticlockwise' },
            ]}
            onChange={(countsUp) => onChange({ ...profile, dial: { perTurn: 2, lines: 100, ...dial, countsUp } })}
          />
        </>
      )}
      <Words>
        {backlash
          ? `Backlash ${formatLengthUnit(backlash.value, { unit })} ${plusMinus(backlash.U, unit)}, measured ${backlash.from.slice(0, 10)}.`
          : 'Backlash not measured yet.'}
      </Words>
      <LinkButton
        to={`/shop/machines/${machine.id}?axis=${axis}`}
        label={`Measure backlash of ${axis.toUpperCase()}`}
      />
    </View>
  );
}
