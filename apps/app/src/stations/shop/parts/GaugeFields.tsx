import type { Gauge } from '@zero-point/core/records/shop/gauge';
import { sizeOf } from '@zero-point/core/state/gauges/contactSize';
import { GAUGE_FACTS, GAUGE_KINDS, hasSize } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { CountField, LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { useSettings } from '../../../stores/settings';
import { AppText } from '../../../theme/AppText';
import { GaugeCalibration } from '../calibrate/GaugeCalibration';
import { useState } from 'react';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { CalibrationFound } from '@zero-point/core/records/shop/calibration';
import type { Shop } from '../../../api/queries';
import { calibrateGauge, FROM_THE_START } from '../../../commands/calibrate';
import { saveGauge } from '../commands';

const notNegative = (mm: number | undefined) => (mm === undefined || mm >= 0 ? undefined : 'It cannot be negative.');

const positive = (mm: number | undefined) =>
  mm === undefined || mm > 0 ? undefined : 'It must be greater than zero, or left empty.';

/** A plain plate's offsets: its thickness whichever way it stands. */
const evenOffsets = (gauge: KnownGauge) => ({ x: sizeOf(gauge), y: sizeOf(gauge), z: sizeOf(gauge) });

/** Everything of a gauge; only what its kind has. */
export function GaugeFields({ gauge, shop }: { gauge: KnownGauge; shop: Shop }) {
  const unit = useSettings((state) => state.units);
  const keep = (change: Partial<Gauge>) => saveGauge(shop, { ...gauge, ...change });
  const [since, setSince] = useState<'now' | 'start'>('now');
  const found = (what: CalibrationFound, reference?: string) =>
    calibrateGauge(gauge, what, since === 'start' ? FROM_THE_START : undefined, reference);
  const facts = GAUGE_FACTS[gauge.kind];
  const isIndicator = gauge.kind === 'indicator';
  return (
    <View style={{ gap: 16 }}>
      <TextField
        label="Name"
        hint="The name you use for it."
        value={gauge.name}
        onCommit={(name) => keep({ name })}
        check={(name) => (name === '' ? 'Give the gauge a name.' : undefined)}
      />
      <GaugeCalibration gauge={gauge} shop={shop} unit={unit} onKeep={keep} />
      <Choice
        label="Kind: sets how it is used and its usual repeatability"
        value={gauge.kind}
        options={GAUGE_KINDS.map((kind) => ({ value: kind, label: GAUGE_FACTS[kind].name }))}
        onChange={(kind) => keep({ kind })}
      />
      {hasSize(gauge.kind) && (
        <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
          <LengthField
            label="Marked size"
            hint="Diameter or thickness marked on it."
            unit={unit}
            value={gauge.nominal}
            onCommit={(nominal) => keep({ nominal })}
            check={notNegative}
          />
          <OptionalLengthField
            label="Measured size"
            hint="Used instead of the marked size."
            unit={unit}
            value={gauge.measured}
            onCommit={(value) => value !== undefined && found({ what: 'size', value })}
            check={positive}
          />
        </View>
      )}
      {hasSize(gauge.kind) && (
        <OptionalLengthField
          label="That size is known to ±"
          hint="From its certificate or calibration, at 95 %. Leave empty for the usual value of its kind."
          unit={unit}
          value={gauge.measuredU}
          onCommit={(U) => U !== undefined && found({ what: 'size', value: sizeOf(gauge), U })}
          check={notNegative}
        />
      )}
      {facts.isPlate && (
        <View style={{ gap: 6 }}>
          <AppText kind="note" tone="soft">
            A corner plate adds its own wall on each axis; a plain plate its thickness.
          </AppText>
          <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
            {(['x', 'y', 'z'] as const).map((axis) => (
              <LengthField
                key={axis}
                label={`Adds on ${axis.toUpperCase()}`}
                unit={unit}
                value={gauge.offsets?.[axis] ?? sizeOf(gauge)}
                onCommit={(mm) => found({ what: 'offsets', ...evenOffsets(gauge), ...gauge.offsets, [axis]: mm })}
                check={notNegative}
              />
            ))}
          </View>
        </View>
      )}
      {isIndicator && (
        <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
          <OptionalLengthField
            label="One turn of the pointer"
            hint="Once round the dial."
            unit={unit}
            value={gauge.perTurn}
            onCommit={(perTurn) => keep({ perTurn })}
            check={positive}
          />
          <OptionalLengthField
            label="Range, either way"
            hint="Larger readings are refused."
            unit={unit}
            value={gauge.range}
            onCommit={(range) => keep({ range })}
            check={positive}
          />
        </View>
      )}
      <OptionalLengthField
        label="Smallest display step"
        hint={isIndicator ? 'One line of its dial. Used in every ±.' : 'For a gauge with its own display.'}
        unit={unit}
        value={gauge.resolution}
        onCommit={(resolution) => keep({ resolution })}
        check={positive}
      />
      <OptionalLengthField
        label="Run-out (TIR)"
        hint="Spindle running: half is added to the radius. Spindle stopped: it is added to the ±."
        unit={unit}
        value={gauge.tir}
        onCommit={(value) => value !== undefined && found({ what: 'run-out', value })}
        check={notNegative}
      />
      <OptionalLengthField
        label="How well a touch repeats, standard deviation"
        hint={`If left empty, ${formatLengthUnit(facts.uTouch, { unit })} is taken, as for any ${facts.name}.`}
        unit={unit}
        value={gauge.u}
        onCommit={(value) => value !== undefined && found({ what: 'touch', value })}
        check={positive}
      />
      {facts.finds !== 'heights' && (
        <OptionalLengthField
          label="How far its tip reaches below its body"
          hint="Leave empty if it clears every clamp."
          unit={unit}
          value={gauge.reach}
          onCommit={(reach) => keep({ reach })}
          check={positive}
        />
      )}
      {facts.spin !== 'standing' && (
        <CountField
          label="Highest speed its maker gives, rpm"
          hint="Shown when it is used. 0 if not known."
          value={gauge.maxRpm ?? 0}
          onCommit={(maxRpm) => keep({ maxRpm: maxRpm === 0 ? undefined : maxRpm })}
        />
      )}
      <Choice
        label="Calibration results apply"
        value={since}
        options={[
          { value: 'now', label: 'from now on' },
          { value: 'start', label: 'from the start: earlier sizes were wrong' },
        ]}
        onChange={setSince}
      />
    </View>
  );
}
