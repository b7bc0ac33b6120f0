import type { Pattern, Snapshot } from '@zero-point/core/contract/setup';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { lastZeroing } from '@zero-point/core/ledger/inForce';
import { boltCircleTape } from '@zero-point/core/positions/boltCircle';
import { rotateSections } from '@zero-point/core/positions/rotate';
import type { Tape } from '@zero-point/core/tape/tape';
import { formatAngle } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { Fold } from '../../answer/Fold';
import { plusMinus } from '../../answer/words';
import { HolesMark } from '../../drawing/HolesMark';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { Choice } from '../../frame/Choice';
import { MainAction } from '../../frame/MainAction';
import { Press } from '../../frame/Press';
import { StationFrame } from '../../frame/StationFrame';
import { useWide } from '../../frame/useWide';
import { TapeStrip } from '../../tape/TapeStrip';
import { Words } from '../../theme/Words';
import { stationPath } from '../strip';
import { CircleFields } from './CircleFields';
import { HoleTable } from './HoleTable';
import { logPattern, newCircle, saveCsv, usePositions, type PositionsView } from './usePositions';

/** Positions: patterns of holes, on the drawing and as figures. */
export default function PositionsScreen({ snapshot }: { snapshot: Snapshot }) {
  const router = useRouter();
  const wide = useWide();
  const params = useLocalSearchParams();
  const view = usePositions(snapshot, typeof params.pattern === 'string' ? params.pattern : undefined);
  const { part, setup } = snapshot;
  const { pattern, holes } = view;
  const hole = Math.min(Math.max(Number(params.hole) || 1, 1), Math.max(holes.length, 1));
  const add = () => {
    const created = newCircle(snapshot);
    logPattern(snapshot, created);
    router.setParams({ pattern: created.id, hole: '1' });
  };

  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={lastZeroing(snapshot, 'x') !== undefined && lastZeroing(snapshot, 'y') !== undefined}
          height={wide ? 'fill' : 250}
          drawnHoles="faint"
          label={`${part.name} from above with ${holes.length} holes`}
          marks={(place) =>
            pattern && (
              <HolesMark
                holes={holes}
                zero={zeroOf(part, setup.partZero)}
                diameter={pattern.holeDiameter}
                current={hole}
                view={place}
              />
            )
          }
        />
      }
      prompt={
        pattern ? (
          <>
            <Words kind="sentence">{patternSentence(pattern)}</Words>
            <Words tone="soft">{datumSentence(view, setup.units)}</Words>
            {view.rotation !== 0 && (
              <Words tone="warn">
                The part lies turned {view.rotation > 0 ? '+' : ''}
                {formatAngle(view.rotation)}: these are carried with it.
              </Words>
            )}
          </>
        ) : (
          <Words kind="sentence">No holes yet. Add a bolt circle.</Words>
        )
      }
      detail={
        pattern && (
          <>
            {snapshot.patterns.length > 1 && (
              <Choice
                label="Pattern"
                value={pattern.id}
                onChange={(id) => router.setParams({ pattern: id, hole: '1' })}
                options={snapshot.patterns.map(({ id, name }) => ({ value: id, label: name }))}
              />
            )}
            <HoleTable
              holes={view.targets}
              unit={setup.units}
              chosen={hole}
              onChoose={(chosen) => router.setParams({ hole: String(chosen) })}
            />
            <Fold title="Change this circle" open={wide}>
              <CircleFields
                key={pattern.id}
                pattern={pattern}
                unit={setup.units}
                onChange={(changed) => logPattern(snapshot, changed)}
              />
            </Fold>
            <Fold title={`Tape of hole ${hole}`}>
              <TapeStrip tape={tapeOf(pattern, hole, view)} unit={setup.units} />
            </Fold>
            <Press onPress={add}>
              <Words>Add a bolt circle</Words>
            </Press>
          </>
        )
      }
      dock={
        pattern ? (
          <View style={{ gap: 8 }}>
            <Press onPress={() => saveCsv(snapshot)} style={{ alignItems: 'center' }}>
              <Words>Save positions as CSV</Words>
            </Press>
            <MainAction
              label="Drive hole by hole"
              onPress={() =>
                router.navigate({
                  pathname: stationPath(setup.id, 'drive'),
                  params: { pattern: pattern.id, hole: String(hole) },
                } as never)
              }
            />
          </View>
        ) : (
          <MainAction label="Add a bolt circle" onPress={add} />
        )
      }
    />
  );
}

/** How a hole's place was reckoned, the turn of the part on top where one is carried. */
function tapeOf({ circle }: Pattern, hole: number, { holes, rotation }: PositionsView): Tape {
  const tape = boltCircleTape(circle, hole);
  const point = holes[hole - 1];
  return rotation === 0 || !point ? tape : { sections: [...tape.sections, ...rotateSections(point, rotation)] };
}

function patternSentence({ name, circle }: Pattern): string {
  const count = circle.holes === 1 ? '1 hole' : `${circle.holes} holes`;
  return `${name}: ${count}, ${circle.direction}.`;
}

function datumSentence(view: PositionsView, unit: 'mm' | 'in'): string {
  const { datumU, datum } = view;
  const from = `From ${datum ?? 'part zero'}`;
  if (datumU.x === null || datumU.y === null) return `${from}. X or Y is not set in Datum yet, so these have no ±.`;
  const { farthestU } = view;
  if (farthestU)
    return `${from}, good to X ${plusMinus(farthestU.x, unit)}, Y ${plusMinus(farthestU.y, unit)} at the farthest hole: datum and turn together.`;
  return `${from}, good to X ${plusMinus(datumU.x, unit)}, Y ${plusMinus(datumU.y, unit)} as the datum is.`;
}
