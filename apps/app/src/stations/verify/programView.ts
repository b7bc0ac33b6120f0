import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { programSetting } from '@zero-point/core/state/verify/programContext';
import { isEmptySpan, type Span } from '@zero-point/core/program/checks/extents';
import type { CheckedProgram } from '@zero-point/core/program/checkProgram';
import type { Finding } from '@zero-point/core/program/finding';
import { RAPID } from '@zero-point/core/program/motion/path';
import { stateAt } from '@zero-point/core/program/interpreter/stateHistory';
import type { CheckContext } from '@zero-point/core/program/checkContext';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { World } from '../../drawing/geometry/view';
import type { Side } from '../../drawing/geometry/programTraces';

/** Whether a setup was changed in anything a program is held against. */
export const isStale = (book: SetupState, set: CheckContext): boolean =>
  JSON.stringify(programSetting(book)) !== JSON.stringify(set);

/** How many of each level. */
export const findingCount = (findings: readonly Finding[], level: Finding['level']): number =>
  findings.filter((one) => one.level === level).length;

/** What is to be seen of a program: its path, the stock and what stands round it. mm. */
export function worldOf({ told }: CheckedProgram, { stock, boxes }: CheckContext, side: Side): World {
  const spans = (axis: 'x' | 'y' | 'z'): [number, number][] =>
    [
      ...(isEmptySpan(told.extents.all[axis]) ? [] : [pair(told.extents.all[axis])]),
      ...(stock ? [[...stock[axis]] as [number, number]] : []),
      ...boxes.map((box): [number, number] => [...box[axis]]),
    ].map(([low, high]) => [Number.isFinite(low) ? low : high - 20, high]);
  const whole = (of: [number, number][]): [number, number] =>
    of.length === 0 ? [-50, 50] : [Math.min(...of.map(([low]) => low)), Math.max(...of.map(([, high]) => high))];
  const [left, right] = whole(spans('x'));
  const [bottom, top] = whole(spans(side === 'above' ? 'y' : 'z'));
  return { left, right: Math.max(right, left + 1), bottom, top: Math.max(top, bottom + 1) };
}

const pair = ({ least, most }: Span): [number, number] => [least, most];

/** The text of one line of a file, read from where it begins. */
export async function readLineText(file: File, { lineStarts }: CheckedProgram, line: number): Promise<string> {
  const from = lineStarts[line - 1];
  if (from === undefined) return '';
  const text = await file.slice(from, Math.min(lineStarts[line] ?? file.size, from + 200)).text();
  return text.split(/[\r\n]/, 1)[0] ?? '';
}

/** Where the tool stands at a stretch, and what is in force there, in words. */
export function cursorView({ path, states, told }: CheckedProgram, at: number, unit: 'mm' | 'in') {
  const state = stateAt(states, at);
  const figure = (value: number | undefined) =>
    value === undefined || Number.isNaN(value) ? 'not entered' : formatLength(value, { unit });
  const tool = told.tools[path.tool[at] ?? -1]?.number ?? 0;
  return {
    line: path.line[at] ?? 0,
    tool,
    place: { X: figure(path.x[at]), Y: figure(path.y[at]), Z: figure(path.z[at]) },
    how: path.kind[at] === RAPID ? 'rapid' : 'feed',
    modal: state
      ? [
          tool === 0 ? 'no tool called' : `T${tool}`,
          state.length === 0 ? 'no H' : Number.isNaN(state.length) ? 'H not named' : `H${state.length}`,
          state.workOffset ?? 'no work offset',
          state.incremental ? 'G91' : 'G90',
          state.spindle === 'stopped'
            ? 'spindle stopped'
            : `${state.spindle === 'clockwise' ? 'M3' : 'M4'} S${state.speed}`,
          state.feed > 0
            ? `F ${formatLength(state.feed, { unit, decimals: unit === 'mm' ? 0 : 1 })} ${unit}/min`
            : 'no feed given',
        ].join(' · ')
      : '',
  };
}
