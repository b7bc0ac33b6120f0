import type { ReadingScale } from '../records/values/place';
import type { Axis } from '../schema/quantities';
import { millimetresPer, type LengthUnit } from '../units/unit';
import type { Figures } from './figures';
import type { Stood } from './messageParser';
import type { LinkView } from './linkView';

/** A figure that can be taken as it stands. Lengths in mm. */
export interface LiveFigure {
  kind: 'figure';
  mm: number;
  /** Where all its axes stood. */
  at: Figures;
  /** The device's name, its line, and the unit that counted in. */
  link: string;
  line: string;
  unit: LengthUnit;
}

/** Why there is none: `away`, `quiet` as the link stands; `scale` it shows another one; `axis` it has not; `no-result` no cycle ran. */
export type NotLive = 'away' | 'quiet' | 'scale' | 'axis' | 'no-result';

export type Live = LiveFigure | { kind: 'none'; why: NotLive };

/** What is asked of a link: an axis on a scale, or what a cycle of the control found on it. */
export interface WantedReading {
  axis: Axis;
  scale: ReadingScale;
  byControl: boolean;
}

const none = (why: NotLive): Live => ({ kind: 'none', why });

function taken(view: LinkView, { at, scale, line, unit }: Omit<Stood, 'when'>, wanted: WantedReading): Live {
  if (scale !== wanted.scale) return none('scale');
  const mm = at[wanted.axis];
  if (mm === undefined) return none('axis');
  return { kind: 'figure', mm, at, link: view.hello?.name ?? '', line, unit };
}

/** The figure that a link shows of an axis now, where it is one that may be taken. */
export function liveFigure(view: LinkView, wanted: WantedReading): Live {
  if (view.state !== 'live') return none(view.state);
  if (wanted.byControl) {
    const { result } = view;
    if (!result || result.axis !== wanted.axis) return none('no-result');
    return taken(view, { ...result, at: { [result.axis]: result.found } }, wanted);
  }
  return view.position ? taken(view, view.position, wanted) : none('quiet');
}

/**
 * What a control says of one of its work offsets; undefined where it did not tell them since.
 *
 * @param after how often it had told them when it was asked: an older answer is of before the entry
 */
export function offsetFigure(view: LinkView, name: string, axis: Axis, after: number): LiveFigure | undefined {
  const row =
    view.state === 'live' && view.offsetsTold > after ? view.offsets?.find((one) => one.name === name) : undefined;
  if (!row) return undefined;
  return { kind: 'figure', mm: row[axis], at: {}, link: view.hello?.name ?? '', line: JSON.stringify(row), unit: 'mm' };
}

/** The step a device tells of an axis, mm, where that is coarser than the one the machine is kept with; else undefined. */
export function coarserStep({ hello }: LinkView, axis: Axis, kept: number): number | undefined {
  const told = hello?.step[axis];
  const mm = told === undefined ? undefined : told * millimetresPer(hello?.unit ?? 'mm');
  return mm !== undefined && mm > kept * (1 + 1e-6) ? mm : undefined;
}

/** What stood at the device's own touch event, where that is newer than the last one seen. */
export function touchedSince(view: LinkView, seen: number, wanted: WantedReading): LiveFigure | undefined {
  const { touch } = view;
  if (!touch || touch.count <= seen || view.state !== 'live') return undefined;
  const figure = taken(view, touch, wanted);
  return figure.kind === 'figure' ? figure : undefined;
}
