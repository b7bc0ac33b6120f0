import { hasController } from '@zero-point/core/records/shop/machine';
import {
  clearAction,
  clearWords,
  clipOffWords,
  clipWords,
  fitWords,
  learnWords,
  setterName,
  spotMissing,
  toolChangeSetWords,
} from '@zero-point/core/messages/zAndTools/toolChange';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { MainAction } from '../../../controls/MainAction';
import { ReadingDock } from '../../../touch/ReadingDock';
import type { ChangeAct } from '../toolChange';
import { SpotPlaceAction } from './SpotPlaceFields';
import type { ToolChange } from './useToolChange';

interface Act {
  /** What is done now. */
  sentence: string;
  /** What is pressed once it is done. */
  dock: ReactNode;
}

/** Every act of a tool change, with what is said and what is pressed. */
export function changeActs(change: ToolChange): Readonly<Record<ChangeAct | 'no-zero', Act>> {
  const { book, unit, tool, spot, setter, kept, draft, gate, figure, go, on, set, log, toPart } = change;
  return {
    'no-zero': {
      sentence: spotMissing(book) ?? '',
      dock: <MainAction label={`Set Z with tool ${book.setup.referenceTool}`} onPress={toPart} />,
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
          onLog={log}
          onTake={log}
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
  };
}
