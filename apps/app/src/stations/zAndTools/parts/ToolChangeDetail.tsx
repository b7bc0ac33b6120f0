import { allReadingsOf } from '@zero-point/core/state/basis/activeRecords';
import { spotMoved } from '@zero-point/core/state/toolChange/touchOffPoint';
import { heightMethod } from '@zero-point/core/zAndTools/heightMethod';
import { spotTouchWords, swingWords } from '@zero-point/core/messages/zAndTools/toolChange';
import type { ReactNode } from 'react';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { logStrike } from '../../../commands/logTouch';
import { LinkButton } from '../../../controls/LinkButton';
import { AppText } from '../../../theme/AppText';
import { ReadingList } from '../../../touch/ReadingList';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { stationPath } from '../../path';
import { figureAsSet } from '../toolChange';
import { NextTool } from './NextTool';
import { LengthMethodChoice } from './SchoolChoice';
import { SpotPlaceFields } from './SpotPlaceFields';
import type { ToolChange } from './useToolChange';

interface ToolChangeDetailProps extends ToolChange {
  /** The choice of the page's parts. */
  shows: ReactNode;
}

/** What belongs to the act in hand: where the spot is, what was touched there, which tool is next. */
export function ToolChangeDetail({ shows, ...change }: ToolChangeDetailProps) {
  const { book, unit, act, tool, setter, kept, gauge, draft, setDraft, go, log, toPart } = change;
  const asSet = act === 'learn' && !kept ? figureAsSet(book) : undefined;
  const own =
    kept === undefined
      ? []
      : allReadingsOf(book, { kind: 'tool-spot', ...(kept.by !== 'probe' && { tool: kept.by }) }).filter(
          (one) => one.on === 'scale' && one.epoch === kept.readings.at(-1)?.epoch,
        );

  return (
    <>
      {act === 'place' && <SpotPlaceFields book={book} draft={draft} onDraft={setDraft} />}
      {asSet !== undefined && (
        <Button mode="outlined" onPress={() => log(asSet.replace('−', '-'))}>
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
        <Button mode="outlined" style={{ alignSelf: 'flex-start' }} onPress={toPart}>
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
  );
}
