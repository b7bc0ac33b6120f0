import type { Snapshot } from '@zero-point/core/contract/setup';
import { isSet } from '@zero-point/core/ledger/inForce';
import { useRouter } from 'expo-router';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { Target } from '../../drawing/Target';
import { Choice } from '../../frame/Choice';
import { UnitChoice } from '../../frame/UnitChoice';
import { MainAction } from '../../frame/MainAction';
import { StationFrame } from '../../frame/StationFrame';
import { useWide } from '../../frame/useWide';
import { FieldRow } from '../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../keypad/Fields';
import { Circle } from 'react-native-svg';
import { METAL } from '../../theme/palette';
import { Words } from '../../theme/Words';
import { Fold } from '../../answer/Fold';
import { MethodList } from '../datum/MethodList';
import { stationPath } from '../strip';
import { calipered, changePlan, planView } from './usePlan';

const overZero = (mm: number | undefined) =>
  mm === undefined || mm > 0 ? undefined : 'It must be greater than zero, or left empty.';

/** Plan: where zero is, what the job allows, and what is to hand. */
export default function PlanScreen({ snapshot }: { snapshot: Snapshot }) {
  const router = useRouter();
  const wide = useWide();
  const { setup, part } = snapshot;
  const view = planView(snapshot);
  const touched = snapshot.readings.length > 0;
  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={isSet(snapshot)}
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
                onPress={() => changePlan(snapshot, { partZero: zero })}
                at={{ x: place.x(at.x), y: place.y(at.y), width: 56, height: 56 }}
              />
            ))
          }
        />
      }
      prompt={
        <>
          <Words kind="sentence">{view.sentence}</Words>
          <Words tone="soft">{view.facts}</Words>
          {touched && <Words tone="soft">Readings stay as they were typed; answers follow the plan.</Words>}
        </>
      }
      detail={
        <>
          <LengthField
            label="Tolerance on positions, ±"
            unit={setup.units}
            value={setup.tolerance}
            onCommit={(tolerance) => changePlan(snapshot, { tolerance })}
            check={(mm) => (mm > 0 ? undefined : 'The tolerance must be greater than zero.')}
          />
          <UnitChoice label="Units" value={setup.units} onChange={(units) => changePlan(snapshot, { units })} />
          <Choice
            label="Finder"
            value={setup.finderId}
            options={view.finders}
            onChange={(finderId) => changePlan(snapshot, { finderId })}
          />
          <Fold title="Which finder is quickest and good enough">
            <MethodList
              snapshot={snapshot}
              kind="face"
              chosen={setup.finderId}
              onTake={({ gaugeId }) => changePlan(snapshot, { finderId: gaugeId })}
            />
          </Fold>
          <LengthField
            label="Feeler or paper between finder and face"
            unit={setup.units}
            value={setup.feeler}
            onCommit={(feeler) => changePlan(snapshot, { feeler })}
            check={(mm) => (mm >= 0 ? undefined : 'A feeler cannot be thinner than nothing.')}
          />
          <FieldRow>
            <OptionalLengthField
              label="Part by caliper, X"
              hint="Held against both faces."
              unit={setup.units}
              value={setup.caliper?.x}
              onCommit={(x) => changePlan(snapshot, { caliper: calipered({ ...setup.caliper, x }) })}
              check={overZero}
            />
            <OptionalLengthField
              label="Part by caliper, Y"
              hint="Empty: not measured."
              unit={setup.units}
              value={setup.caliper?.y}
              onCommit={(y) => changePlan(snapshot, { caliper: calipered({ ...setup.caliper, y }) })}
              check={overZero}
            />
          </FieldRow>
          <Choice
            label="Gauge for heights"
            value={setup.heightGaugeId}
            options={view.heightGauges}
            onChange={(heightGaugeId) => changePlan(snapshot, { heightGaugeId })}
          />
          {view.tools.length > 0 && (
            <Choice
              label="Reference tool"
              value={String(setup.referenceTool)}
              options={view.tools}
              onChange={(tool) => changePlan(snapshot, { referenceTool: Number(tool) })}
            />
          )}
          <TextField
            label="Name"
            value={setup.name}
            onCommit={(name) => changePlan(snapshot, { name })}
            check={(name) => (name === '' ? 'Give the set-up a name.' : undefined)}
          />
          {setup.note !== '' && <Words tone="soft">{setup.note}</Words>}
        </>
      }
      dock={
        <MainAction label="On to Workholding" onPress={() => router.navigate(stationPath(setup.id, 'workholding'))} />
      }
    />
  );
}
