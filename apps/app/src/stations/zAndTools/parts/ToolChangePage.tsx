import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { allReadingsOf } from '@zero-point/core/state/basis/activeRecords';
import { keptSpotGauge } from '@zero-point/core/state/gauges/spotGauge';
import { spotMoved, touchOffPoint } from '@zero-point/core/state/toolChange/touchOffPoint';
import { heightMethod } from '@zero-point/core/zAndTools/heightMethod';
import { hasController } from '@zero-point/core/records/shop/machine';
import {
  clearAction,
  clearWords,
  clipOffWords,
  clipWords,
  fitWords,
  learnWords,
  movedWords,
  setterName,
  toolChangeSetWords,
  spotMissing,
  spotTouchWords,
  swingWords,
} from '@zero-point/core/messages/zAndTools/toolChange';
import { zShows } from '@zero-point/core/messages/zAndTools/toolDepth';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { ReadingDock } from '../../../touch/ReadingDock';
import { ReadingList } from '../../../touch/ReadingList';
import { SpotDrawing } from '../../../drawing/SpotDrawing';
import { LinkButton } from '../../../controls/LinkButton';
import { MainAction } from '../../../controls/MainAction';
import { StationFrame } from '../../../layout/StationFrame';
import { logStrike } from '../../../commands/logTouch';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { Figure, AppText } from '../../../theme/AppText';
import { stationPath } from '../../path';
import {
  actAfter,
  changeAct,
  figureAsSet,
  logSetAtSpot,
  logSpot,
  spotCautions,
  toolGoingIn,
  type ChangeAct,
} from '../toolChange';
import { NextTool } from './NextTool';
import { LengthMethodChoice } from './SchoolChoice';
import { SpotPlaceAction, SpotPlaceFields, type SpotDraft } from './SpotPlaceFields';

/** A tool change where no table is kept: one act a screen, from the tool that set Z to the one that goes in. */
export default function ToolChangePage({ book, shows }: { book: SetupState; shows: ReactNode }) {
  const router = useRouter();
  const params = useLocalSearchParams();
  const [ticked, setTicked] = useState<{ at: string; ids: string[] }>({ at: '', ids: [] });
  const [draft, setDraft] = useState<SpotDraft>({});
  const number = (one: unknown) => (/^\d{1,4}$/.test(String(one)) ? Number(one) : undefined);
  const spot = touchOffPoint(book);
  const { setter, kept } = spot;
  const asked = number(params.into) ?? number(params.tool);
  const act = changeAct(book, typeof params.act === 'string' ? params.act : undefined, asked);
  const tool = act === 'off' ? asked : toolGoingIn(book, asked);
  const unit = book.setup.units;
  const gauge = keptSpotGauge(book);
  const go = (next: ChangeAct | '', into = tool) => {
    // Each touch is a new approach: its caution is ticked again.
    setTicked({ at: '', ids: [] });
    router.setParams({ show: 'table', act: next, into: into === undefined ? '' : String(into) });
  };
  const on = (now: ChangeAct) => () => go(actAfter(book, now));
  const at = `${act} ${tool ?? ''}`;
  const ids = ticked.at === at ? ticked.ids : [];
  const open = spotCautions(book, act === 'learn' && setter === 'probe' ? 'probe' : 'tool').find(
    ({ id }) => !ids.includes(id),
  );
  const gate = open && (
    <Cautions cautions={[open]} ticked={ids} onTick={(id) => setTicked({ at, ids: [...ids, id] })} />
  );
  const figure = kept && zShows(book, kept.figure);
  const inSpindle = act === 'set' || act === 'clip' || act === 'off' ? tool : setter;
  const held = book.tools.find((one) => one.number === inSpindle);
  const set = (into: number, value: number) => {
    logSetAtSpot(book, into, value);
    go('off', into);
  };
  const acts = {
    'no-zero': {
      sentence: spotMissing(book) ?? '',
      dock: (
        <MainAction
          label={`Set Z with tool ${book.setup.referenceTool}`}
          onPress={() =>
            router.setParams({ show: 'touching', act: '', into: '', tool: String(book.setup.referenceTool) })
          }
        />
      ),
    },
    place: {
      sentence: 'Where do all tools touch off?',
      dock: <SpotPlaceAction book={book} draft={draft} onDone={() => go('')} />,
    },
    learn: {
      sentence: `${spot.beforeNewZero ? `${spotMissing(book) ?? ''} ` : ''}${setter === undefined ? '' : learnWords(book, setter)}`,
      dock: gate ?? (
        <ReadingDock
          label={`Z with ${setter === undefined ? 'the tool' : setterName(setter)} on the spot`}
          unit={unit}
          dial={book.machine.scale === 'dial'}
          axis={book.machine.scale === 'machine' ? undefined : 'z'}
          onLog={(said) => logSpot(book, spot, ids, said)}
          onTake={(said) => logSpot(book, spot, ids, said)}
          next={kept && { label: 'Go to the next tool', onPress: () => go('next') }}
        />
      ),
    },
    next: {
      sentence:
        tool === undefined
          ? 'No other tool is in the shop.'
          : `Z counts with ${setter === undefined ? '' : setterName(setter)}. Which tool goes in next?`,
      dock: tool !== undefined && <MainAction label={`Change to T${tool}`} onPress={() => go('clear')} />,
    },
    clear: {
      sentence: setter === undefined ? '' : clearWords(book, setter),
      dock: <MainAction label={clearAction(book)} onPress={on('clear')} />,
    },
    fit: {
      sentence: tool === undefined ? '' : fitWords(book, tool),
      dock: <MainAction label={`T${tool ?? ''} is in and tight`} onPress={on('fit')} />,
    },
    clip: {
      sentence: tool === undefined ? '' : clipWords(tool),
      dock: <MainAction label="The light came on" onPress={on('clip')} />,
    },
    set: {
      sentence: tool === undefined ? '' : toolChangeSetWords(book, tool),
      dock: gate ?? (
        <View style={{ gap: 8 }}>
          {tool !== undefined && kept && (
            <>
              {hasController(book.machine) && (
                <Button mode="outlined" onPress={() => set(tool, kept.figure)}>
                  The control set it
                </Button>
              )}
              <MainAction label={`Log Z set to ${figure ?? ''}`} onPress={() => set(tool, kept.figure)} />
            </>
          )}
        </View>
      ),
    },
    off: {
      sentence: `Z counts with T${tool ?? ''}. ${clipOffWords(book)}`,
      dock: <MainAction label="All off and clear" onPress={() => go('', undefined)} />,
    },
  } satisfies Record<ChangeAct | 'no-zero', { sentence: string; dock: ReactNode }>;
  const asSet = act === 'learn' && !kept ? figureAsSet(book) : undefined;
  const moved = act === 'next' || act === 'learn' ? movedWords(book) : undefined;
  const own =
    kept === undefined
      ? []
      : allReadingsOf(book, { kind: 'tool-spot', ...(kept.by !== 'probe' && { tool: kept.by }) }).filter(
          (one) => one.on === 'scale' && one.epoch === kept.readings.at(-1)?.epoch,
        );

  return (
    <StationFrame
      touch
      at={at}
      drawing={
        <SpotDrawing
          height="fill"
          label="The tool touch-off point, the part and the tool over it"
          where={book.datumPlan.heights?.spot?.where}
          gauge={gauge?.kind === 'touch-plate' ? 'plate' : 'block'}
          clipOn={act === 'set' || act === 'clip' || (act === 'learn' && setter !== 'probe')}
          tool={
            act === 'fit' || inSpindle === undefined
              ? undefined
              : {
                  name: inSpindle === 'probe' ? 'probe' : `T${inSpindle}`,
                  diameter: held?.diameter ?? 8,
                  probe: inSpindle === 'probe',
                }
          }
          at={act === 'learn' || act === 'set' ? 'spot' : 'clear'}
          figure={figure}
        />
      }
      prompt={
        <>
          <AppText kind="sentence" live>
            {acts[act].sentence}
          </AppText>
          {act === 'set' && figure !== undefined && (
            <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
              <AppText kind="strong">Still touching: set Z to</AppText>
              <Figure size={figure.length > 16 ? 20 : 34}>{figure}</Figure>
            </View>
          )}
          {moved !== undefined && (
            <AppText tone={spotMoved(book)?.moved === true ? 'bad' : 'good'} style={{ fontWeight: '700' }}>
              {moved}
            </AppText>
          )}
        </>
      }
      detail={
        <>
          {act === 'place' && <SpotPlaceFields book={book} draft={draft} onDraft={setDraft} />}
          {asSet !== undefined && (
            <Button mode="outlined" onPress={() => logSpot(book, spot, ids, asSet.replace('−', '-'))}>
              {`Still where Z was set: log ${asSet}`}
            </Button>
          )}
          {act === 'next' && tool !== undefined && (
            <NextTool book={book} tool={tool} onChoose={(into) => go('', into)} onAgain={() => go('learn')} />
          )}
          {act === 'fit' && tool !== undefined && <AppText>{swingWords(book, tool, setter)}</AppText>}
          {act === 'set' && tool !== undefined && <AppText tone="soft">{spotTouchWords(book, tool)}</AppText>}
          {act === 'set' && (
            <AppText tone="soft">{`Nothing to add: ${heightMethod(gauge?.kind).words} and spot are the same as before.`}</AppText>
          )}
          {spotMoved(book)?.moved === true && (act === 'next' || act === 'learn') && (
            <Button
              mode="outlined"
              style={{ alignSelf: 'flex-start' }}
              onPress={() =>
                router.setParams({ show: 'touching', act: '', into: '', tool: String(book.setup.referenceTool) })
              }
            >
              Set Z on the part again
            </Button>
          )}
          {(act === 'next' || act === 'learn') && own.length > 0 && (
            <ReadingList
              readings={own}
              wild={[]}
              unit={unit}
              onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
            />
          )}
          {kept && act === 'next' && (
            <Fold title="Working: what Z is set to">
              <WorkingStrip tape={kept.tape} unit={unit} />
            </Fold>
          )}
          {(act === 'next' || act === 'off') && (
            <LinkButton to={stationPath(book.setup.id, 'drive')} label="Go to the holes" />
          )}
          {act === 'next' && (
            <>
              <Button mode="outlined" style={{ alignSelf: 'flex-start' }} onPress={() => go('place')}>
                Choose another spot
              </Button>
              <Fold title="Store lengths another way">
                <LengthMethodChoice book={book} />
              </Fold>
            </>
          )}
          {['next', 'place', 'learn', 'no-zero'].includes(act) && shows}
        </>
      }
      dock={acts[act].dock || null}
    />
  );
}
