import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { keptSpotGauge } from '@zero-point/core/state/gauges/spotGauge';
import { touchOffPoint } from '@zero-point/core/state/toolChange/touchOffPoint';
import { zShows } from '@zero-point/core/messages/zAndTools/toolDepth';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Cautions } from '../../../answer/Cautions';
import type { TypedOrCaptured } from '../../../commands/typedEntry';
import { actAfter, changeAct, logSetAtSpot, logSpot, spotCautions, toolGoingIn, type ChangeAct } from '../toolChange';
import type { SpotDraft } from './SpotPlaceFields';

/** What the tool change shows and does: the act in hand, the tool it is about, and what is logged by it. */
export type ToolChange = ReturnType<typeof useToolChange>;

/** The state of a tool change: which act is in hand, kept in the page's address. */
export function useToolChange(book: SetupState) {
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
  const go = (next: ChangeAct | '', into = tool) => {
    // Each touch is a new approach: its caution is ticked again.
    setTicked({ at: '', ids: [] });
    router.setParams({ show: 'table', act: next, into: into === undefined ? '' : String(into) });
  };
  const at = `${act} ${tool ?? ''}`;
  const ids = ticked.at === at ? ticked.ids : [];
  const open = spotCautions(book, act === 'learn' && setter === 'probe' ? 'probe' : 'tool').find(
    ({ id }) => !ids.includes(id),
  );
  return {
    book,
    unit: book.setup.units,
    act,
    at,
    tool,
    spot,
    setter,
    kept,
    gauge: keptSpotGauge(book),
    draft,
    setDraft,
    go,
    /** Goes on from an act once it is done. */
    on: (now: ChangeAct) => () => go(actAfter(book, now)),
    toPart: () => router.setParams({ show: 'touching', act: '', into: '', tool: String(book.setup.referenceTool) }),
    /** What must be ticked before the touch. */
    gate: open && <Cautions cautions={[open]} ticked={ids} onTick={(id) => setTicked({ at, ids: [...ids, id] })} />,
    /** What Z is set to with the next tool on the spot. */
    figure: kept && zShows(book, kept.figure),
    inSpindle: act === 'set' || act === 'clip' || act === 'off' ? tool : setter,
    log: (said: TypedOrCaptured) => logSpot(book, spot, ids, said),
    set: (into: number, value: number) => {
      logSetAtSpot(book, into, value);
      go('off', into);
    },
  };
}
