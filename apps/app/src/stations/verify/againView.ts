import { recheckTargets, type RecheckTarget, type RecheckTouch } from '@zero-point/core/state/verify/recheckTargets';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { openReadBacks, type ReadBackState } from '@zero-point/core/state/readBack/readBack';
import { EDGE_CAUTIONS, type Caution } from '@zero-point/core/cautions/caution';
import { heightMethod } from '@zero-point/core/zAndTools/heightMethod';
import { METHOD_FACTS, methodOf } from '@zero-point/core/methods/method';
import { recheckSentence, recheckRefusal } from '@zero-point/core/messages/verify/recheck';

/** Verify's page of the zero: what can be touched again, what the chosen one should show, and read-backs that are open. */
export interface RecheckView {
  things: RecheckTarget[];
  chosen: RecheckTarget | undefined;
  /** The touch to make next: of a bore the wall that was touched least. */
  touch: RecheckTouch | undefined;
  sentence: string;
  openReadBacks: ReadBackState[];
  /** Of the way the chosen one is touched. */
  cautions: readonly Caution[];
  /** Where to go first, where nothing can be touched yet. */
  first: 'datum' | 'heights' | 'plan';
}

/** @param key the thing chosen; the first that is set and was not touched again, where nothing was */
export function recheckView(book: SetupState, now: number, key: string | undefined): RecheckView {
  const things = recheckTargets(book, new Date(now).toISOString());
  const chosen =
    things.find((one) => one.key === key) ??
    things.find(({ touches, shifts }) => touches.length > 0 && shifts.length === 0) ??
    things[0];
  const fewest = Math.min(...(chosen?.touches ?? []).map(({ times }) => times));
  const touch = chosen?.touches.find(({ times }) => times === fewest);
  return {
    things,
    chosen,
    touch,
    sentence: !chosen
      ? 'Nothing to touch again.'
      : touch
        ? recheckSentence(book, chosen, touch)
        : recheckRefusal(book, chosen, isSet(book)),
    openReadBacks: openReadBacks(book, now),
    cautions: cautionsOf(book, chosen),
    first: chosen?.of.kind === 'z' ? 'heights' : chosen?.of.kind === 'round' && isSet(book) ? 'plan' : 'datum',
  };
}

function cautionsOf(book: SetupState, chosen: RecheckTarget | undefined): readonly Caution[] {
  const id = chosen?.touches[0]?.use.gaugeId ?? book.setup.finderId;
  const kind = book.gauges.find((gauge) => gauge.id === id)?.kind;
  if (chosen?.of.kind === 'z') return heightMethod(kind).cautions;
  const method = kind && methodOf(kind);
  return method ? METHOD_FACTS[method].cautions : [EDGE_CAUTIONS.raiseFirst];
}
