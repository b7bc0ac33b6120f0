import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { hasController } from '@zero-point/core/records/shop/machine';
import { airCut } from '@zero-point/core/state/zAndTools/airCut';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { gaugeSits, gaugeSeatPlaces } from '@zero-point/core/state/gauges/gaugeSeat';
import { depthTolerance } from '@zero-point/core/state/zAndTools/zZero';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import { plateEntry } from '@zero-point/core/state/readBack/controlReadBack';
import { plateWords } from '@zero-point/core/messages/zAndTools/readBack';
import { GAUGE_SITS } from '@zero-point/core/records/setup/datumPlan';
import { ballOffsetText } from '@zero-point/core/messages/datum/ballOffset';
import { SITS_NAMES } from '@zero-point/core/messages/basis/labels';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { saveDatumPlan } from '../../../commands/saveDatumPlan';
import { heightGaugeOptions } from '../../../touch/gaugeOptions';
import { withoutAssumption, savePlan } from '../../../commands/savePlan';
import { logEntered } from '../../../commands/logTouch';
import { calibratePlate } from '../../../commands/calibrate';

const NONE: NonNullable<SetupState['datumPlan']['heights']> = { surface: 0, lift: 0 };

/** Keeps where a gauge sits that could sit anywhere. */
export const sitAt = (book: SetupState, place: string): void => {
  const sits = GAUGE_SITS.find((one) => one === place);
  if (sits) saveDatumPlan(book, { heights: { ...(book.datumPlan.heights ?? NONE), sits } });
};

/** How far off depths may be, which positions need not say: as they may until it is told. */
export function DepthTolerance({ book }: { book: SetupState }) {
  const { datumPlan, setup } = book;
  const heights = datumPlan.heights ?? NONE;
  return (
    <LengthField
      label="How far off may depths be? ±"
      hint={heights.tolerance === undefined ? 'The same as positions, until you change it.' : undefined}
      unit={setup.units}
      value={depthTolerance(book)}
      onCommit={(tolerance) => saveDatumPlan(book, { heights: { ...heights, tolerance } })}
      check={(mm) => (mm > 0 ? undefined : 'The tolerance must be greater than zero.')}
    />
  );
}

/** A height to start from: the centre line of a bar, else the top itself until somebody says. */
const namedHeight = ({ bar, size, untold }: SetupState['part']) =>
  bar !== undefined && !untold?.includes('z')
    ? { at: 'named' as const, name: 'centre line', above: size.z / 2 }
    : { at: 'named' as const, name: 'another height', above: 0 };

/** The gauge, what it is on, how it is raised onto, and the lift of an air cut. */
export function HeightFields({ book }: { book: SetupState }) {
  const { setup, part, datumPlan, gauges } = book;
  const unit = setup.units;
  const heights = datumPlan.heights ?? NONE;
  const gauge = gauges.find(({ id }) => id === setup.heightGaugeId);
  const sits = gauge && gaugeSits(book, gauge);
  const ball = gauge && ballOffsetText(book, gauge);
  const lift = airCut(book);
  const change = (more: Partial<NonNullable<typeof datumPlan.heights>>) =>
    saveDatumPlan(book, { heights: { ...heights, ...more } });
  const zero = heights.zero ?? { at: 'top' as const };
  const byHand = !hasController(book.machine);
  // How far below the top the table is, nobody knows before.
  const thick = !part.untold?.includes('z');
  const onTop = heights.surface === 0;
  const onTable = heights.surface === -part.size.z;
  return (
    <View style={{ gap: 12 }}>
      <Choice
        label="Gauge for heights"
        value={setup.heightGaugeId}
        options={heightGaugeOptions(book)}
        onChange={(heightGaugeId) => savePlan(book, { heightGaugeId, ...withoutAssumption(book, 'height-gauge') })}
      />
      <Choice
        label="Z zero is"
        value={zero.at}
        options={[
          { value: 'top', label: 'the part’s top' },
          { value: 'under', label: 'the part’s underside' },
          { value: 'named', label: 'another height' },
        ]}
        onChange={(at) => change({ zero: at === 'named' ? namedHeight(part) : { at } })}
      />
      {lastZeroing(book, 'z') !== undefined && (
        <AppText kind="note" tone="soft">
          After a change here, touch the gauge and set Z again.
        </AppText>
      )}
      {zero.at === 'named' && (
        <>
          <TextField
            label="Called"
            hint="Your name for it: centre line, vise floor, step."
            value={zero.name}
            onCommit={(name) => change({ zero: { ...zero, name } })}
            check={(name) => (name === '' ? 'Give it a name.' : undefined)}
          />
          <LengthField
            label="The part’s top is above it by"
            hint="Half the diameter for the centre line of a bar."
            unit={unit}
            value={zero.above}
            onCommit={(above) => change({ zero: { ...zero, above } })}
          />
        </>
      )}
      {byHand && (
        <Choice
          label="Along Z moves"
          value={heights.moves ?? 'unsaid'}
          options={[
            { value: 'knee', label: 'the knee, quill locked' },
            { value: 'quill', label: 'the quill, knee locked' },
          ]}
          onChange={(moves) => (moves === 'knee' || moves === 'quill') && change({ moves })}
        />
      )}
      <Choice
        label="The gauge is on"
        value={onTop ? 'top' : onTable ? 'table' : 'other'}
        options={[
          { value: 'top', label: 'the part’s top' },
          ...(thick ? [{ value: 'table' as const, label: 'the surface under the part' }] : []),
          { value: 'other', label: 'another height' },
        ]}
        onChange={(where) =>
          change({ surface: where === 'top' ? 0 : where === 'table' ? -part.size.z : heights.surface || 1 })
        }
      />
      {!onTop && !onTable && (
        <LengthField
          label="Its height, from the part’s top"
          unit={unit}
          value={heights.surface}
          onCommit={(surface) => change({ surface })}
        />
      )}
      {gauge && gaugeSeatPlaces(gauge).length > 1 && (
        <Choice
          label={`The ${gauge.name.toLowerCase()} sits`}
          value={sits ?? 'unsaid'}
          options={gaugeSeatPlaces(gauge).map((place) => ({ value: place as string, label: SITS_NAMES[place] }))}
          onChange={(place) => sitAt(book, place)}
        />
      )}
      {sits === 'spindle' && (
        <>
          <OptionalLengthField
            label={`Longer than tool ${setup.referenceTool}`}
            hint="Measured with both on one spot. Minus if shorter. Empty: the probe finds the top but sets no Z."
            unit={unit}
            value={heights.probeLonger}
            onCommit={(probeLonger) => change({ probeLonger })}
          />
          {heights.probeLonger !== undefined && (
            <OptionalLengthField
              label="± of that"
              hint={`Empty: ${formatLengthUnit(0.02, { unit })}.`}
              unit={unit}
              value={heights.probeLongerU}
              onCommit={(probeLongerU) => change({ probeLongerU })}
            />
          )}
        </>
      )}
      {sits === 'arm' && (
        <OptionalLengthField
          label="When the sensor triggers, the cutter is above the surface by"
          hint="Measure it by touching the same face with both. It is half the ball only if its centre is level with the cutter."
          unit={unit}
          value={heights.armOffset}
          onCommit={(armOffset) => armOffset !== undefined && change({ armOffset })}
        />
      )}
      {ball !== undefined && (
        <AppText tone="bad" style={{ fontWeight: '700' }}>
          ▲ {ball}
        </AppText>
      )}
      <OptionalLengthField
        label="Raised in steps of"
        hint="The touch is within the last step. Leave empty if you feel for it."
        unit={unit}
        value={heights.step}
        onCommit={(step) => {
          const { step: _, ...rest } = heights;
          saveDatumPlan(book, { heights: { ...rest, ...(step !== undefined && { step }) } });
        }}
        check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero, or left empty.')}
      />
      {heights.step !== undefined && (
        <Choice
          label="Half of the last step"
          value={heights.keepsGauge === true ? 'kept' : 'added'}
          options={[
            { value: 'added', label: 'is added to what Z is set to' },
            { value: 'kept', label: 'is left out: use the gauge’s size' },
          ]}
          onChange={(half) => change({ keepsGauge: half === 'kept' })}
        />
      )}
      <DepthTolerance book={book} />
      <LengthField
        label="Z offset for the air cut"
        unit={unit}
        value={heights.lift}
        onCommit={(lift) => change({ lift })}
        check={(mm) => (mm >= 0 ? undefined : 'The offset is upward: it cannot be negative.')}
      />
      {lift.asked !== lift.set && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ {lift.asked > 0 ? 'Not raised yet' : 'Not put back yet'}: touch the gauge with tool {setup.referenceTool},
          and set Z.
        </AppText>
      )}
    </View>
  );
}

/** A plate is only as thick as it measures: asked for once, with what the difference would have done. */
export function PlateCheck({ book }: { book: SetupState }) {
  const { gauges, setup } = book;
  const plate = gauges.find(({ id, kind }) => id === setup.heightGaugeId && GAUGE_FACTS[kind].isPlate);
  if (!plate) return null;
  const unit = setup.units;
  const byController = hasController(book.machine);
  const entry = plateEntry(book, plate);
  const difference = plate.measured === undefined ? 0 : plate.measured - plate.nominal;
  const size = (mm: number) => formatLengthUnit(Math.abs(mm), { unit });
  return (
    <View style={{ gap: 8 }}>
      {plate.measured === undefined && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          Measure the plate by caliper. Do not trust its marking.
        </AppText>
      )}
      <OptionalLengthField
        label={`${plate.name}: by caliper`}
        hint={`Marked ${size(plate.nominal)}.`}
        unit={unit}
        value={plate.measured}
        onCommit={(measured) => measured !== undefined && calibratePlate(book, plate, measured)}
        check={(mm) => (mm === undefined || mm > 0 ? undefined : 'The thickness must be greater than zero.')}
      />
      {byController && (
        <OptionalLengthField
          label="Entered in the control as"
          hint="Read it on the control. It may be from another plate."
          unit={unit}
          value={entry.entered}
          onCommit={(mm) => mm !== undefined && logEntered(book, { kind: 'plate', gaugeId: plate.id }, `${mm} mm`)}
          check={(mm) => (mm === undefined || mm > 0 ? undefined : 'The thickness must be greater than zero.')}
        />
      )}
      {entry.entered !== undefined && (
        <AppText
          tone={entry.agrees ? 'good' : (entry.runsHigh ?? 0) < 0 ? 'bad' : 'warn'}
          style={{ fontWeight: '700' }}
        >
          {plateWords(entry, unit)}
        </AppText>
      )}
      {entry.entered === undefined && Math.abs(difference) >= 0.005 && (
        <AppText tone={difference < 0 ? 'bad' : 'warn'} style={{ fontWeight: '700' }}>
          {difference < 0
            ? `▼ By its marking every tool would dig in ${size(difference)}. Its measured size is used.`
            : `▲ By its marking every tool would cut ${size(difference)} of air. Its measured size is used.`}
        </AppText>
      )}
    </View>
  );
}
