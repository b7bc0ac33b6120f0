import type { Alignment } from '@zero-point/core/records/setup/alignment';
import { isPlug } from '@zero-point/core/messages/alignment/place';
import { cautionsBefore } from '@zero-point/core/state/alignment/cautions';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { TypedOrCaptured } from '../../../commands/typedEntry';
import { logPlace, saveAlignment } from '../commands';
import { alignmentView } from '../view';

/** What a task's page shows and does: its view, what is typed and ticked, and what is logged by it. */
export type TaskPass = ReturnType<typeof useTaskPass>;

/** The state of a task's page: the pass in hand, the place that is read, and what its presses do. */
export function useTaskPass(book: SetupState, alignment: Alignment) {
  const router = useRouter();
  const params = useLocalSearchParams();
  const [again, setAgain] = useState<number | undefined>(undefined);
  const [text, setText] = useState('');
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const asked = /^\d{1,4}$/.test(String(params.pass)) ? Number(params.pass) : undefined;
  const view = alignmentView(book, alignment, asked, again);
  const { pass, place } = view;
  // What must be ticked stands where the keypad will be, until it is.
  const before = pass.readings.length === 0 ? cautionsBefore(book, alignment) : [];
  const nextPass = () => {
    setAgain(undefined);
    router.setParams({ pass: String(pass.pass + 1) });
  };
  return {
    book,
    alignment,
    view,
    unit: book.setup.units,
    text,
    setText,
    setAgain,
    before,
    unticked: before.filter(({ id, mustTick }) => mustTick && !ticked.includes(id)),
    tick: (id: string) => setTicked([...ticked, id]),
    log: (said: TypedOrCaptured) => {
      const wrong = logPlace(book, view, said, ticked);
      if (wrong === undefined) setAgain(undefined);
      return wrong;
    },
    nextPass,
    /** A plug was accepted without a sweep: it is proven by one in a pass of its own, since bolting moves things. */
    unproven: isPlug(alignment) && alignment.confirmTir === null && place === undefined,
    sweep: () => {
      if (isPlug(alignment)) saveAlignment(book, { ...alignment, school: 'sweep' });
      nextPass();
    },
    leave: () => router.setParams({ task: '', pass: '' }),
    carried: alignment.task === 'skew' && alignment.carriedPass === pass.pass,
    carry: (carriedPass: number | null) => {
      if (alignment.task === 'skew') saveAlignment(book, { ...alignment, carriedPass });
    },
  };
}

/** A part's skew is touched with the finder, a plug sits by itself, all else is read on the indicator. */
export function gaugeOfTask({ setup }: SetupState, alignment: Alignment): string | undefined {
  if (alignment.task === 'skew') return setup.finderId;
  if (isPlug(alignment)) return alignment.plugId ?? undefined;
  return alignment.indicatorId;
}
