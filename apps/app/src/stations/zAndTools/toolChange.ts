import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { toolToGoIn, toolsInOrder } from '@zero-point/core/state/toolChange/toolChangeOrder';
import { gaugeAfterSetting, keptSpotGauge, spotFitsProbe } from '@zero-point/core/state/gauges/spotGauge';
import { touchOffPoint, type TouchOffPoint } from '@zero-point/core/state/toolChange/touchOffPoint';
import { heightApproach, heightMethod, cautionsWhere } from '@zero-point/core/zAndTools/heightMethod';
import type { Caution } from '@zero-point/core/cautions/caution';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { hasClip } from '@zero-point/core/messages/zAndTools/toolChange';
import { logTouch, logZeroing } from '../../commands/logTouch';
import type { TypedOrCaptured } from '../../commands/typedEntry';

/** What is done at a tool change, one act a screen, in this order. */
export const CHANGE_ACTS = ['place', 'learn', 'next', 'clear', 'fit', 'clip', 'set', 'off'] as const;

export type ChangeAct = (typeof CHANGE_ACTS)[number];

/** The act in hand: the one asked for, unless something before it is missing. */
export function changeAct(
  book: SetupState,
  asked: string | undefined,
  tool: number | undefined,
): ChangeAct | 'no-zero' {
  const { setter, kept } = touchOffPoint(book);
  if (setter === undefined) return 'no-zero';
  const act = CHANGE_ACTS.find((one) => one === asked);
  const placed = book.datumPlan.heights?.spot !== undefined && keptSpotGauge(book) !== undefined;
  if (act === 'place' || !placed || (setter === 'probe' && !spotFitsProbe(book))) return 'place';
  if (act === 'learn' || !kept) return 'learn';
  if (act === 'off') return setter === tool ? 'off' : 'next';
  return act === undefined || tool === undefined || tool === setter ? 'next' : act;
}

/** The act after one; where there is no wire nothing is clipped on. */
export function actAfter(book: SetupState, act: ChangeAct): ChangeAct {
  if (act === 'fit') return hasClip(book) ? 'clip' : 'set';
  return CHANGE_ACTS[CHANGE_ACTS.indexOf(act) + 1] ?? 'next';
}

/** Tools that can go in, in the order the work needs them, then the others of the shop; the one in the spindle is not among them. */
export function toolsToFit(book: SetupState): { number: number; name: string }[] {
  const { setter } = touchOffPoint(book);
  const numbers = [...new Set([...toolsInOrder(book), ...book.tools.map(({ number }) => number)])];
  return numbers.flatMap((number) => {
    if (number === setter) return [];
    const tool = book.tools.find((one) => one.number === number);
    return tool?.retiredOn === undefined ? [{ number, name: tool?.name ?? `tool ${number}` }] : [];
  });
}

/** The tool that goes in: the one asked for, else the next by the order of the work. */
export function toolGoingIn(book: SetupState, asked: number | undefined): number | undefined {
  const fits = toolsToFit(book);
  return fits.some(({ number }) => number === asked) ? asked : (toolToGoIn(book) ?? fits[0]?.number);
}

/** What must be ticked before a tool, or the probe in the spindle, touches the gauge on the spot. */
export function spotCautions(book: SetupState, by: 'tool' | 'probe'): readonly Caution[] {
  const method = heightMethod(by === 'probe' ? 'probe' : keptSpotGauge(book)?.kind);
  return cautionsWhere(method, by === 'probe' ? 'spindle' : 'under').filter(({ mustTick }) => mustTick);
}

/** Logs what Z shows with the tool that set Z, or the probe, on the spot. */
export function logSpot(
  book: SetupState,
  { setter }: TouchOffPoint,
  ticked: string[],
  said: TypedOrCaptured,
): string | undefined {
  const gauge = keptSpotGauge(book);
  if (!gauge || setter === undefined) return 'Choose the spot and what is put on it first.';
  const method = heightMethod(gauge.kind);
  return logTouch(
    book,
    {
      subject: { kind: 'tool-spot', ...(setter !== 'probe' && { tool: setter }) },
      axis: 'z',
      approach: setter === 'probe' ? -1 : heightApproach(method),
      gaugeId: setter === 'probe' ? book.setup.heightGaugeId : gauge.id,
      feeler: 0,
      ticked,
    },
    said,
  );
}

/** Z still shows what it was set to there: the same gauge on the part, just set. Nothing need be touched again. */
export function figureAsSet(book: SetupState): string | undefined {
  const set = gaugeAfterSetting(book);
  return set === undefined ? undefined : formatLengthUnit(set, { unit: book.setup.units, plus: true });
}

/** Logs that Z was set at the spot with the tool that went in. */
export function logSetAtSpot(book: SetupState, tool: number, figure: number): void {
  logZeroing(book, { kind: 'tool-spot', tool }, 'z', 'preset', figure);
}
