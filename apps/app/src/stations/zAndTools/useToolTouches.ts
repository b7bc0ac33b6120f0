import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { TypedAs } from '@zero-point/core/messages/datum/controlResult';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { toolsInOrder } from '@zero-point/core/state/toolChange/toolChangeOrder';
import { keepsTable } from '@zero-point/core/zAndTools/schools';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWide } from '../../layout/useLayoutSize';
import { useTouchPage } from '../../touch/useTouchPage';
import type { TypedOrCaptured } from '../../commands/typedEntry';
import { stationPath } from '../path';
import { logToolTouch, logZForm } from './commands';
import { heightsView } from './view';

const SHOWS = ['touching', 'table', 'run-out', 'gauge'] as const;

/** What the page shows: a tool touched off, or one of the parts beside it. */
export type Show = (typeof SHOWS)[number];

/** What the Z & tools screen shows and does: its view, what is typed and ticked, and what is logged by it. */
export type ToolTouches = ReturnType<typeof useToolTouches>;

/** The state of the Z & tools screen: the tool in hand, and what its presses do. */
export function useToolTouches(book: SetupState) {
  const router = useRouter();
  const wide = useWide();
  const params = useLocalSearchParams();
  const { setup } = book;
  const tool = /^\d{1,4}$/.test(String(params.tool)) ? Number(params.tool) : setup.referenceTool;
  const show: Show = SHOWS.find((one) => one === params.show) ?? 'touching';
  const view = heightsView(book, tool);
  const keeps = keepsTable(book.machine.habits.toolLengthSchool);
  const page = useTouchPage(`tool ${tool}`, view.forms);
  const [ticks, setTicks] = useState<{ tool: number; ids: string[] }>({ tool, ids: [] });
  // Each tool is a new approach to the gauge, so each asks for the tick again.
  const ticked = ticks.tool === tool ? ticks.ids : [];
  const [typedAs, setTypedAs] = useState<TypedAs>('scale');
  const as = view.typedAs.includes(typedAs) ? typedAs : 'scale';
  return {
    book,
    view,
    page,
    tool,
    show,
    keeps,
    wide,
    as,
    setTypedAs,
    ticked,
    untouched: view.cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id)),
    toggle: (id: string) =>
      setTicks({ tool, ids: ticked.includes(id) ? ticked.filter((other) => other !== id) : [...ticked, id] }),
    choose: (number: number) => router.setParams({ tool: String(number) }),
    turnTo: (next: Show) => router.setParams({ show: next }),
    log: (said: TypedOrCaptured) => logToolTouch(book, view, said, ticked, as),
    done: (form: FormView) => {
      logZForm(book, view, form);
      // The tool that set Z, or the probe, touches the spot before it comes out: every later one is set there.
      const others = !keeps && toolsInOrder(book).some((one) => one !== tool);
      if (view.byProbeAlone || others) router.setParams({ show: 'table', act: '' });
      else if (view.next === undefined) router.navigate(stationPath(setup.id, 'positions'));
      else router.setParams({ tool: String(view.next) });
    },
  };
}
