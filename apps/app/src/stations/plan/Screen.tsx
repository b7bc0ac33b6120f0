import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { useRouter } from 'expo-router';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { Target } from '../../drawing/Target';
import { Choice } from '../../controls/Choice';
import { UnitChoice } from '../../controls/UnitChoice';
import { MainAction } from '../../controls/MainAction';
import { StationFrame } from '../../layout/StationFrame';
import { useWide } from '../../layout/useLayoutSize';
import { FieldRow } from '../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../keypad/Fields';
import { Circle } from 'react-native-svg';
import { METAL } from '../../theme/palette';
import { AppText } from '../../theme/AppText';
import { Fold } from '../../answer/Fold';
import { MethodList } from '../../touch/MethodList';
import { stationPath } from '../path';
import { OffsetChoice } from '../../touch/OffsetChoice';
import { StockForm } from './parts/StockForm';
import { UntoldSizes } from './parts/UntoldSizes';
import { planView } from './view';
import { caliperSizes, withoutAssumption, savePlan } from '../../commands/savePlan';

const overZero = (mm: number | undefined) =>
  mm === undefined || mm > 0 ? undefined : 'It must be greater than zero, or left empty.';

/** Plan: where zero is, what the job allows, and what is to hand. */
export default function PlanScreen({ book }: { book: SetupState }) {
  const router = useRouter();
  const wide = useWide();
  const { setup, part } = book;
  const view = planView(book);
  const touched = book.readings.length > 0;
  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={isSet(book)}
          height={wide ? 'fill' : 260}
          label={`${part.name} from above, zero at the ${setup.partZero}`}
          marks={(place) =>
            view.places.map(({ zero, at }) => (
              <Circle
                key={zero}
                cx={place.x(at.x)}
                cy={place.y(at.y)}
                r={5}
                fill={METAL.blueDeep}
                stroke={METAL.brass}
                strokeWidth={1.5}
              />
            ))
          }
          targets={(place) =>
            view.places.map(({ zero, label, at }) => (
              <Target
                key={zero}
                label={`Zero at the ${label}`}
                chosen={zero === setup.partZero}
                onPress={() => savePlan(book, { partZero: zero })}
                at={{ x: place.x(at.x), y: place.y(at.y), width: 56, height: 56 }}
              />
            ))
          }
        />
      }
      prompt={
        <>
          <AppText kind="sentence">{view.sentence}</AppText>
          <AppText tone="soft">{view.facts}</AppText>
          {touched && <AppText tone="soft">Readings stay as typed. The answers follow this plan.</AppText>}
        </>
      }
      detail={
        <>
          <UntoldSizes book={book} />
          <StockForm book={book} />
          <LengthField
            label="Tolerance on positions, ±"
            unit={setup.units}
            value={setup.tolerance}
            onCommit={(tolerance) => savePlan(book, { tolerance, ...withoutAssumption(book, 'tolerance') })}
            check={(mm) => (mm > 0 ? undefined : 'The tolerance must be greater than zero.')}
          />
          <UnitChoice label="Units" value={setup.units} onChange={(units) => savePlan(book, { units })} />
          <Choice
            label="Finder"
            value={setup.finderId}
            options={view.finders}
            onChange={(finderId) => savePlan(book, { finderId, ...withoutAssumption(book, 'finder') })}
          />
          <Fold title="Finders, quickest first">
            <MethodList
              book={book}
              kind="face"
              chosen={setup.finderId}
              onTake={({ gaugeId }) => savePlan(book, { finderId: gaugeId })}
            />
          </Fold>
          <LengthField
            label="Feeler or paper between finder and face"
            unit={setup.units}
            value={setup.feeler}
            onCommit={(feeler) => savePlan(book, { feeler })}
            check={(mm) => (mm >= 0 ? undefined : 'A feeler cannot be thinner than nothing.')}
          />
          <FieldRow>
            <OptionalLengthField
              label="Part by caliper, X"
              hint="Compared with both faces."
              unit={setup.units}
              value={setup.caliper?.x}
              onCommit={(x) => savePlan(book, { caliper: caliperSizes({ ...setup.caliper, x }) })}
              check={overZero}
            />
            <OptionalLengthField
              label="Part by caliper, Y"
              hint="Empty: not measured."
              unit={setup.units}
              value={setup.caliper?.y}
              onCommit={(y) => savePlan(book, { caliper: caliperSizes({ ...setup.caliper, y }) })}
              check={overZero}
            />
          </FieldRow>
          <Choice
            label="Gauge for heights"
            value={setup.heightGaugeId}
            options={view.heightGauges}
            onChange={(heightGaugeId) => savePlan(book, { heightGaugeId, ...withoutAssumption(book, 'height-gauge') })}
          />
          {view.tools.length > 0 && (
            <Choice
              label="Reference tool"
              value={String(setup.referenceTool)}
              options={view.tools}
              onChange={(tool) => savePlan(book, { referenceTool: Number(tool) })}
            />
          )}
          <OffsetChoice book={book} label="Work offset that is set" />
          <TextField
            label="Name"
            value={setup.name}
            onCommit={(name) => savePlan(book, { name })}
            check={(name) => (name === '' ? 'Give the setup a name.' : undefined)}
          />
          {setup.note !== '' && <AppText tone="soft">{setup.note}</AppText>}
        </>
      }
      dock={
        <MainAction label="Go to Workholding" onPress={() => router.navigate(stationPath(setup.id, 'workholding'))} />
      }
    />
  );
}
