import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { doubtfulPass } from '@zero-point/core/state/boreAndFace/doubtfulPass';
import { passMistakeText } from '@zero-point/core/messages/boreAndFace/bore';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWide } from '../../layout/useLayoutSize';
import { Cautions } from '../../answer/Cautions';
import { boreGauges, boreView } from './view';
import { logBoreSize, saveBore, startBore } from './commands';

/** What the Bore screen shows and does: its view, what is typed and ticked, and what is logged by it. */
export type BorePage = ReturnType<typeof useBorePage>;

/** The state of the Bore screen: the bore in hand, its next setting, and what must be ticked before it. */
export function useBorePage(book: SetupState) {
  const router = useRouter();
  const params = useLocalSearchParams();
  const wide = useWide();
  const view = boreView(book, typeof params.bore === 'string' ? params.bore : undefined);
  const { bore, log } = view;
  const answer = view.answer?.result;
  const unit = book.setup.units;
  const [setTo, setSetTo] = useState<string | undefined>(undefined);
  // Every setting asks for its own ticks.
  const setting = `${bore?.id ?? ''} ${log.passes.length}`;
  const [ticks, setTicks] = useState<{ setting: string; ids: string[] }>({ setting, ids: [] });
  const ticked = ticks.setting === setting ? ticks.ids : [];
  const toTick = answer?.next ? answer.cautions.filter(({ mustTick }) => mustTick) : [];
  const untouched = toTick.find(({ id }) => !ticked.includes(id));
  // A bore in size, or oversize, says that first.
  const mistake = answer?.next ? passMistakeText(book, view) : undefined;
  // After a pass that is not explained the hand has to say what it sets: no figure of ours stands there.
  const advised =
    answer?.next && mistake === undefined
      ? formatLength(answer.next.set, { unit, decimals: unit === 'mm' ? 4 : 5 })
      : '';
  const [gauge] = boreGauges(book);
  return {
    book,
    view,
    unit,
    wide,
    answer,
    gauge,
    mistake,
    /** The pass that the mistake was made in, where it can be put right. */
    doubt: bore && mistake !== undefined ? doubtfulPass(book, bore, log) : undefined,
    done: answer?.advice === 'in-size' || answer?.advice === 'over',
    setTo: setTo ?? advised,
    setSetTo,
    untouched,
    /** First on a wide page; on a phone it stands where the keypad will be. */
    gate: untouched && (
      <Cautions cautions={[untouched]} ticked={ticked} onTick={(id) => setTicks({ setting, ids: [...ticked, id] })} />
    ),
    choose: (id: string) => router.setParams({ bore: id }),
    add: () => {
      if (!gauge) return;
      const made = startBore(book, gauge.id);
      saveBore(book, made);
      router.setParams({ bore: made.id });
    },
    log: (text: string) => {
      if (!bore) return 'Add a bore first.';
      const set = log.start === undefined ? undefined : (setTo ?? advised);
      const wrong = logBoreSize(book, bore, text, set, ticked);
      if (wrong === undefined) setSetTo(undefined);
      return wrong;
    },
  };
}
