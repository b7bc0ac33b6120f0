import type { Book } from '@zero-point/core/book/book';
import { toolLengthAnswer } from '@zero-point/core/book/subjects/heights';
import { lastZeroing } from '@zero-point/core/book/inForce';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { holdingSteps } from '@zero-point/core/book/holdingSteps';
import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { KeysDialog } from '../frame/KeysDialog';
import { OutboxLine } from '../frame/OutboxLine';
import { PressLink } from '../frame/PressLink';
import { Rule } from '../frame/Rule';
import { Loading, Trouble } from '../frame/States';
import { TopBar } from '../frame/TopBar';
import { useWide } from '../frame/useWide';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import AlignmentScreen from './alignment/Screen';
import { alignmentDone } from './alignment/view';
import BoreScreen from './bore/Screen';
import DatumScreen from './datum/Screen';
import HeightsScreen from './heights/Screen';
import LogScreen from './log/Screen';
import PlanScreen from './plan/Screen';
import DriveScreen from './positions/parts/Drive';
import PositionsScreen from './positions/Screen';
import WorkholdingScreen from './workholding/Screen';
import { STATIONS, stationPath, type StationName } from './strip';
import { useSetup } from '../record/useSetup';

type PageName = StationName | 'drive' | 'log';

const SCREENS: Readonly<Record<PageName, ComponentType<{ book: Book }>>> = {
  plan: PlanScreen,
  workholding: WorkholdingScreen,
  alignment: AlignmentScreen,
  datum: DatumScreen,
  heights: HeightsScreen,
  positions: PositionsScreen,
  bore: BoreScreen,
  drive: DriveScreen,
  log: LogScreen,
};

const isPage = (name: unknown): name is PageName => typeof name === 'string' && Object.hasOwn(SCREENS, name);

/** One station of one set-up, with the strip that leads to the others. */
export default function StationPage() {
  const params = useLocalSearchParams();
  const id = String(params.setup);
  const state = useSetup(id);
  const { palette } = useLook();
  const page = isPage(params.station) ? params.station : undefined;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {state.kind === 'ready' && page ? (
        <Page book={state.book} page={page} />
      ) : (
        <>
          <TopBar title="Set-up" back={{ to: '/', label: 'Back to the bench' }} />
          <View role="main">
            {!page ? (
              <Trouble title="No such station" detail="Go back to the bench and open the set-up from there." />
            ) : state.kind === 'trouble' ? (
              <Trouble title={state.title} detail={state.detail} retry={state.retry} />
            ) : (
              <Loading what="the set-up" />
            )}
          </View>
        </>
      )}
      <KeysDialog />
    </View>
  );
}

function Page({ book, page }: { book: Book; page: PageName }) {
  const wide = useWide();
  const { id, name } = book.setup;
  const { palette } = useLook();
  const lift = book.datumPlan.heights?.lift ?? 0;
  const Screen = SCREENS[page];
  const station = page === 'drive' ? 'positions' : STATIONS.find((one) => one === page);
  const rule = <Rule setupId={id} here={station} done={doneStations(book)} upright={wide} />;
  return (
    <>
      <TopBar
        title={name}
        back={
          page === 'drive'
            ? { to: stationPath(id, 'positions'), label: 'Back to Positions' }
            : { to: '/', label: 'Back to the bench' }
        }
      >
        <PressLink look={page === 'log' ? 'filled' : 'box'} to={stationPath(id, 'log')}>
          <LogWord chosen={page === 'log'} count={book.readings.length} />
        </PressLink>
      </TopBar>
      <OutboxLine />
      <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column', minHeight: 0 }}>
        {(wide || page !== 'drive') && rule}
        <View role="main" style={{ flex: 1, minHeight: 0, minWidth: 0 }}>
          {lift > 0 && (
            <View role="status" style={{ padding: 8, backgroundColor: palette.warn }}>
              <Words style={{ color: palette.ground, fontWeight: '700' }}>
                ▲ Lifted by {formatLengthUnit(lift, { unit: book.setup.units })} for a pass in the air. Put it back in
                Heights.
              </Words>
            </View>
          )}
          <Screen book={book} />
        </View>
      </View>
    </>
  );
}

function LogWord({ chosen, count }: { chosen: boolean; count: number }) {
  const { palette } = useLook();
  return <Words style={{ color: chosen ? palette.onAction : palette.ink }}>Log {count}</Words>;
}

const isHeld = (book: Book): boolean => {
  const steps = holdingSteps(book);
  return steps.length > 0 && steps.every(({ state }) => state !== 'open');
};

/** Stations whose work is done, from what the ledger holds. */
function doneStations(book: Book): StationName[] {
  const set = (axis: 'x' | 'y' | 'z') => lastZeroing(book, axis) !== undefined;
  const others = book.tools.filter(({ number }) => number !== book.setup.referenceTool);
  return [
    ...(book.readings.length > 0 ? (['plan'] as const) : []),
    ...(isHeld(book) ? (['workholding'] as const) : []),
    ...(alignmentDone(book) ? (['alignment'] as const) : []),
    ...(set('x') && set('y') ? (['datum'] as const) : []),
    ...(set('z') && others.every(({ number }) => toolLengthAnswer(book, number)) ? (['heights'] as const) : []),
  ];
}
