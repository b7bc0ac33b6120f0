import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { spotMoved } from '@zero-point/core/state/toolChange/touchOffPoint';
import { movedWords } from '@zero-point/core/messages/zAndTools/toolChange';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SpotDrawing } from '../../../drawing/SpotDrawing';
import { StationFrame } from '../../../layout/StationFrame';
import { AppText, Figure } from '../../../theme/AppText';
import { changeActs } from './changeActs';
import { ToolChangeDetail } from './ToolChangeDetail';
import { type ToolChange, useToolChange } from './useToolChange';

/** A tool change where no table is kept: one act a screen, from the tool that set Z to the one that goes in. */
export default function ToolChangePage({ book, shows }: { book: SetupState; shows: ReactNode }) {
  const change = useToolChange(book);
  const { sentence, dock } = changeActs(change)[change.act];
  return (
    <StationFrame
      touch
      at={change.at}
      drawing={<ToolAtSpot {...change} />}
      prompt={<ToolChangePrompt {...change} sentence={sentence} />}
      detail={<ToolChangeDetail {...change} shows={shows} />}
      dock={dock || null}
    />
  );
}

function ToolAtSpot({ book, act, setter, gauge, figure, inSpindle }: ToolChange) {
  const held = book.tools.find((one) => one.number === inSpindle);
  return (
    <SpotDrawing
      height="fill"
      label="The tool touch-off point, the part and the tool over it"
      where={book.datumPlan.heights?.spot?.where}
      gauge={gauge && GAUGE_FACTS[gauge.kind].isPlate ? 'plate' : 'block'}
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
  );
}

function ToolChangePrompt({ book, act, figure, sentence }: ToolChange & { sentence: string }) {
  const moved = act === 'next' || act === 'learn' ? movedWords(book) : undefined;
  return (
    <>
      <AppText kind="sentence" live>
        {sentence}
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
  );
}
