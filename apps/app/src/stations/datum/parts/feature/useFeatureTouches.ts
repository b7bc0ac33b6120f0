import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import { isTouch } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey } from '@zero-point/core/datum/feature';
import { agreements } from '@zero-point/core/state/checks/agreements';
import { overwrittenZero } from '@zero-point/core/state/datum/overwrittenZero';
import { untoldSizes } from '@zero-point/core/datum/untoldSizes';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { controlResultWords, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { useTouchPage } from '../../../../touch/useTouchPage';
import { useWide } from '../../../../layout/useLayoutSize';
import type { TypedOrCaptured } from '../../../../commands/typedEntry';
import { checksOf } from '../../view';
import { logSlot, logZeroSet } from './commands';
import { featureView } from './featureView';

/** What a feature's page shows and does: the view of the feature, what is chosen on the page, and what is logged by it. */
export type FeatureTouches = ReturnType<typeof useFeatureTouches>;

/** The state of a feature's page: which touch is in hand, what is open, and what its presses do. */
export function useFeatureTouches(book: SetupState, feature: Feature) {
  const router = useRouter();
  const wide = useWide();
  const [slotId, setSlotId] = useState<string | undefined>(undefined);
  const [choosing, setChoosing] = useState(false);
  const [picking, setPicking] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [typedAs, setTypedAs] = useState<TypedAs>('scale');
  const [overwriting, setOverwriting] = useState<FormView | undefined>(undefined);
  const view = featureView(book, feature, slotId);
  const as = view.typedAs.includes(typedAs) ? typedAs : (view.typedAs[0] ?? 'scale');
  const page = useTouchPage(view.key, view.forms);
  const { answer, method } = view;
  const all = useMemo(() => agreements(book), [book]);
  const checks = checksOf(feature, all);
  const lastTouch = view.readings.filter(isTouch).findLast(({ struckBy }) => struckBy === null);
  const lost = answer && overwrittenZero(book, feature, answer);
  const [untold] = untoldSizes(book.part, book.setup.partZero, feature, book.datumPlan.known);
  const leave = () => router.setParams({ f: '' });
  const setBy = (form: FormView) => {
    logZeroSet(book, view.feature, form);
    leave();
  };
  return {
    book,
    feature,
    view,
    page,
    as,
    checks,
    disagrees: checks.some(({ explanation }) => !explanation.agrees),
    /** What a result of the control's own cycle means. */
    control: lastTouch && controlResultWords(book, lastTouch),
    /** A zero that setting by this answer would overwrite. */
    lost,
    /** A size that must be given before anything can be touched. */
    untold,
    wide,
    choosing,
    picking,
    ticked,
    overwriting,
    /** Nothing of the touch is shown while something else is asked. */
    quiet: choosing || picking || untold !== undefined,
    /** Once there is an answer, the readings are what must be in sight on a phone. */
    compact: !wide && answer !== undefined && page.showing === 'entry' && !choosing,
    /** What must be ticked before a touch is logged. */
    gate: method?.cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id)),
    tick: (id: string) => setTicked((before) => [...before, id]),
    setSlotId,
    setChoosing,
    setPicking,
    setTypedAs,
    setOverwriting,
    leave,
    setBy,
    done: (form: FormView) => (lost ? setOverwriting(form) : setBy(form)),
    take: (next: Feature) => {
      setPicking(false);
      setSlotId(undefined);
      router.setParams({
        f: featureKey(
          picking && next.kind === 'round' && feature.kind === 'round'
            ? { kind: 'hole-line', from: feature.of, to: next.of }
            : next,
        ),
      });
    },
    log: (said: TypedOrCaptured, across = '') => {
      const wrong = logSlot(book, view.slot, view.method, { said, across, as });
      // One face or point after another; repeats of a single face stay where they are.
      if (wrong === undefined && view.slots.length > 1) setSlotId(undefined);
      return wrong;
    },
  };
}
