import { typedAsName } from '@zero-point/core/messages/datum/controlResult';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { useLocalSearchParams } from 'expo-router';
import { Cautions } from '../../../../answer/Cautions';
import { AskOffset } from '../../../../touch/OffsetChoice';
import { TouchDock } from '../../../../touch/TouchDock';
import type { FeatureTouches } from './useFeatureTouches';

/** Which work offset is meant, where the answer goes into one. */
export const askFeatureOffset = ({ book, page }: FeatureTouches) =>
  page.form?.form === 'work-offset' && <AskOffset book={book} />;

/** The entry of the touch in hand with its keypad, or what is logged as set. */
export function FeatureDock(touches: FeatureTouches) {
  const { book, view, page, as, quiet, gate, ticked, tick, log, done } = touches;
  const { method, slot } = view;
  const params = useLocalSearchParams();
  if (quiet || !slot) return null;
  return (
    <TouchDock
      key={`${view.key} ${slot.id}`}
      page={page}
      unit={book.setup.units}
      label={as === 'scale' ? view.label : `${slot.axis.toUpperCase()}, ${typedAsName(as, view.method?.gauge.kind)}`}
      acrossLabel={view.acrossLabel}
      dial={scaleOf(book) === 'dial' && !slot.dial}
      forms={view.forms}
      onLog={log}
      axis={slot.dial || as === 'zero' ? undefined : slot.axis}
      byControl={as === 'result'}
      onTake={log}
      onDone={done}
      ask={askFeatureOffset(touches)}
      typed={typeof params.typed === 'string' ? params.typed : ''}
      blocked={method?.missing ?? (gate ? `Tick first: ${gate.text}` : undefined)}
      gate={gate && <Cautions cautions={[gate]} ticked={ticked} onTick={tick} />}
    />
  );
}
