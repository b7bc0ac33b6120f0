import type { Snapshot } from '@zero-point/core/contract/setup';
import { POSITION_CAUTIONS } from '@zero-point/core/cautions/caution';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { lastZeroing } from '@zero-point/core/ledger/inForce';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { plusMinus } from '../../answer/words';
import { HolesMark } from '../../drawing/HolesMark';
import { Arrow } from '../../drawing/marks';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { BROWSER_BAR } from '../../frame/layout';
import { MainAction } from '../../frame/MainAction';
import { Press } from '../../frame/Press';
import { useWide } from '../../frame/useWide';
import { useLook } from '../../theme/useLook';
import { Figure, Words } from '../../theme/Words';
import { stationPath } from '../strip';
import { speak, useAwake } from './atTheMachine';
import { usePositions } from './usePositions';

/** The drive view: how far still to go, in figures that read from two metres. */
export default function DriveScreen({ snapshot }: { snapshot: Snapshot }) {
  const router = useRouter();
  const wide = useWide();
  const { palette } = useLook();
  const params = useLocalSearchParams();
  const { pattern, holes, targets, datumU } = usePositions(
    snapshot,
    typeof params.pattern === 'string' ? params.pattern : undefined,
  );
  const { part, setup } = snapshot;
  const unit = setup.units;
  const hole = Math.min(Math.max(Number(params.hole) || 1, 1), Math.max(holes.length, 1));
  const here = targets[hole - 1];
  const last = hole > 1 ? targets[hole - 2] : undefined;
  const drawn = { from: (hole > 1 ? holes[hole - 2] : undefined) ?? { x: 0, y: 0 }, to: holes[hole - 1] };
  useAwake();

  const go = (to: number) => {
    if (to >= 1 && to <= holes.length) router.setParams({ hole: String(to) });
  };
  useEffect(() => {
    const onKey = ({ key }: KeyboardEvent) => {
      if (key === 'ArrowRight' || key === 'ArrowDown' || key === 'PageDown') go(hole + 1);
      if (key === 'ArrowLeft' || key === 'ArrowUp' || key === 'PageUp') go(hole - 1);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  if (!pattern || !here || !drawn.to)
    return <Words style={{ padding: 24 }}>No holes to drive to. Add a bolt circle in Positions.</Words>;
  const from = last ?? { x: 0, y: 0 };
  const move = { x: here.x - from.x, y: here.y - from.y };
  const toGo = (mm: number) => formatLength(mm, { unit, plus: true });
  const zero = zeroOf(part, setup.partZero);
  const { x: toX, y: toY } = drawn.to;
  const spoken = `Hole ${hole}. X ${toGo(move.x)}, Y ${toGo(move.y)}.`
    .replaceAll('−', 'minus ')
    .replaceAll('+', 'plus ');

  return (
    <View style={{ flex: 1, backgroundColor: palette.ground, flexDirection: wide ? 'row' : 'column' }}>
      <View style={wide ? { flex: 1 } : { height: 190 }}>
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={lastZeroing(snapshot, 'x') !== undefined && lastZeroing(snapshot, 'y') !== undefined}
          height="fill"
          drawnHoles="faint"
          label={`The way to hole ${hole}`}
          marks={(view) => (
            <>
              <HolesMark holes={holes} zero={zero} diameter={pattern.holeDiameter} current={hole} view={view} />
              <Arrow
                from={{ x: view.x(zero.x + drawn.from.x), y: view.y(zero.y + drawn.from.y) }}
                to={{ x: view.x(zero.x + toX), y: view.y(zero.y + toY) }}
              />
            </>
          )}
        />
      </View>
      <View
        style={{
          ...(wide ? { width: 520 } : { flex: 1 }),
          padding: 16,
          paddingBottom: wide ? 16 : BROWSER_BAR,
          gap: 8,
        }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' }}>
          <Words kind="sentence" live>
            Hole {hole} of {holes.length}
          </Words>
          <Press onPress={() => speak(spoken)}>
            <Words kind="note">Say it</Words>
          </Press>
        </View>
        <Words tone="soft">
          To go, from {last ? `hole ${hole - 1}` : 'part zero'}, {unit}:
        </Words>
        <View role="group" aria-label="Distance to go" style={{ gap: 2 }}>
          <ToGo axis="X" figure={toGo(move.x)} />
          <ToGo axis="Y" figure={toGo(move.y)} />
        </View>
        <View role="group" aria-label="Where it is">
          <Words tone="soft">There, the scale shows:</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 }}>
            <Target
              axis="X"
              figure={formatLength(here.x, { unit })}
              U={datumU.x === null ? '± not known' : plusMinus(datumU.x, unit)}
            />
            <Target
              axis="Y"
              figure={formatLength(here.y, { unit })}
              U={datumU.y === null ? '± not known' : plusMinus(datumU.y, unit)}
            />
          </View>
        </View>
        <Words kind="note" tone="soft">
          △ {POSITION_CAUTIONS.raiseFirst.text}
        </Words>
        <View style={{ flex: 1 }} />
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <Press onPress={() => go(hole - 1)} disabled={hole === 1} style={{ minHeight: 64, paddingHorizontal: 20 }}>
            <Words kind="sentence">Back</Words>
          </Press>
          <View style={{ flex: 1 }}>
            {hole < holes.length ? (
              <MainAction label={`Next: hole ${hole + 1}`} onPress={() => go(hole + 1)} />
            ) : (
              <MainAction
                label="Last hole: finish"
                onPress={() => router.navigate(stationPath(setup.id, 'positions'))}
              />
            )}
          </View>
        </View>
      </View>
    </View>
  );
}

function ToGo({ axis, figure }: { axis: string; figure: string }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', justifyContent: 'space-between' }}>
      <Words kind="title" style={{ fontSize: 34, lineHeight: 46 }}>
        {axis}
      </Words>
      <Figure size={62}>{figure}</Figure>
    </View>
  );
}

function Target({ axis, figure, U }: { axis: string; figure: string; U: string }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
      <Words>{axis}</Words>
      <Figure size={24}>{figure}</Figure>
      <Figure size={14} tone="soft">
        {U}
      </Figure>
    </View>
  );
}
