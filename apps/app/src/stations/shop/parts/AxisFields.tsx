import type { Machine } from '@zero-point/core/records/shop/machine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { INCH, type LengthUnit } from '@zero-point/core/units/unit';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { LinkButton } from '../../../controls/LinkButton';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthField, OptionalLengthField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { ScaleMap } from '../calibrate/ScaleMap';

import type { KnownMachine } from '@zero-point/core/state/basis/setupState';

type AxisProfile = Machine['axes']['x'];

interface AxisFieldsProps {
  machine: KnownMachine;
  axis: 'x' | 'y' | 'z';
  onChange: (profile: AxisProfile) => void;
}

const positive = (what: string) => (mm: number | undefined) =>
  mm === undefined || mm > 0 ? undefined : `${what} must be greater than zero.`;

/** What one axis shows, how far it goes, its dial, and the backlash in it. */
export function AxisFields({ machine, axis, onChange }: AxisFieldsProps) {
  const profile = machine.axes[axis];
  const unit = machine.units;
  const { dial, backlash } = profile;
  const byDial = machine.kind === 'dials';
  const hasWheels = byDial || machine.kind === 'readout';
  const turned = { perTurn: unit === 'mm' ? 2 : 0.1 * INCH, lines: 100, countsUp: 'clockwise' as const, ...dial };
  // What is read on a dial is its line: the smallest step follows from it.
  const keepDial = (change: Partial<typeof turned>) => {
    const next = { ...turned, ...change };
    onChange({ ...profile, dial: next, ...(byDial && { step: next.perTurn / next.lines }) });
  };
  const withoutDial = () => {
    const { dial: _, ...rest } = profile;
    onChange(rest);
  };
  return (
    <View style={styles.axis}>
      {hasWheels && (
        <>
          <FieldRow>
            <CountField
              label="Lines on its dial"
              hint={dial ? lineWords(dial.perTurn / dial.lines, unit) : 'Count them once round; 0 where it has none.'}
              value={dial?.lines ?? 0}
              onCommit={(lines) => (lines > 0 ? keepDial({ lines }) : withoutDial())}
              check={(n) =>
                n === 0 && !byDial ? undefined : n >= 2 && n <= 1000 ? undefined : 'A dial has 2 to 1000 lines.'
              }
            />
            {(dial ?? byDial) && (
              <LengthField
                label="One turn moves the axis"
                hint={unit === 'mm' ? 'As far as the table goes in one turn.' : 'As 100 thou, or 0.1.'}
                unit={unit}
                value={turned.perTurn}
                onCommit={(perTurn) => keepDial({ perTurn })}
                check={positive('One turn')}
              />
            )}
          </FieldRow>
          {dial && (
            <Choice
              label="Its counter shows turns, so a lost turn is noticed"
              value={turned.countsUp}
              options={[
                { value: 'clockwise', label: 'clockwise' },
                { value: 'anticlockwise', label: 'anticlockwise' },
              ]}
              onChange={(countsUp) => keepDial({ countsUp })}
            />
          )}
        </>
      )}
      <FieldRow>
        {!byDial && (
          <LengthField
            label="Smallest display step"
            hint="Used in every ±."
            unit={unit}
            value={profile.step}
            onCommit={(step) => onChange({ ...profile, step })}
            check={positive('The step')}
          />
        )}
        <OptionalLengthField
          label="Travel"
          hint="To warn of holes out of reach."
          unit={unit}
          value={profile.travel}
          onCommit={(travel) => onChange({ ...profile, travel })}
          check={positive('The travel')}
        />
      </FieldRow>
      <AppText>
        {backlash
          ? `Backlash ${formatLengthUnit(backlash.value, { unit })} ${plusMinus(backlash.U, unit)}, measured ${backlash.from.slice(0, 10)}.`
          : 'Backlash not measured yet.'}
      </AppText>
      <LinkButton
        to={`/shop/machines/${machine.id}?axis=${axis}&do=backlash`}
        label={`Measure backlash of ${axis.toUpperCase()}`}
      />
      <LinkButton
        to={`/shop/machines/${machine.id}?axis=${axis}&do=axis-scale`}
        label={`Its scale against blocks, ${axis.toUpperCase()}`}
      />
      {profile.errors && <ScaleMap axis={axis} errors={profile.errors} unit={unit} />}
    </View>
  );
}

/** What one line is, as a hand says it: in thou and tenths where the machine counts inches. */
function lineWords(line: number, unit: LengthUnit): string {
  if (unit === 'mm') return `One line is ${formatLengthUnit(line, { unit, decimals: 4 })}.`;
  const thou = (line / INCH) * 1000;
  return thou >= 1
    ? `One line is ${Number(thou.toFixed(2))} thou.`
    : `One line is ${Number((10 * thou).toFixed(2))} tenths.`;
}

const styles = StyleSheet.create({ axis: { gap: 12 } });
