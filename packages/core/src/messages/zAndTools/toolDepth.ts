import type { SetupState } from '../../state/basis/setupState';
import type { ToolDepth } from '../../state/toolChange/toolDepth';
import { dialSetting } from '../../units/dial';
import { formatLengthUnit } from '../../units/formatLength';
import { dialPositionWords } from '../holes/dialPosition';

type Shown = Extract<ToolDepth, { kind: 'shown' }>;

/** A height as Z shows it: its sign always with it; on a dial the line, and how far past or before zero that is. */
export function zShows({ machine, setup }: Pick<SetupState, 'machine' | 'setup'>, mm: number): string {
  const { dial } = machine.axes.z;
  if (machine.scale !== 'dial' || !dial) return formatLengthUnit(mm, { unit: setup.units, plus: true });
  const { turns, line, left } = dialSetting(mm, dial);
  const over = Math.abs(left) < 5e-4 ? '' : ` and ${formatLengthUnit(left, { unit: setup.units, plus: true })}`;
  return `${dialPositionWords(turns * dial.lines + line, dial)}${over}`;
}

/** What changed of Z as another tool went in, by how much and which way: "T3 is 5.400 mm longer than T1, …". */
export function toolShiftWords(book: SetupState, tool: number, { shift, setter }: Shown): string | undefined {
  if (tool === setter || Math.abs(shift) < 5e-4) return undefined;
  const by = formatLengthUnit(Math.abs(shift), { unit: book.setup.units });
  const [long, more] = shift > 0 ? ['longer', 'more'] : ['shorter', 'less'];
  return `T${tool} is ${by} ${long} than T${setter}, which set Z: at the same depth Z shows ${by} ${more}.`;
}

/** Why there is no figure, and what comes first. */
export function noDepthWords(depth: Exclude<ToolDepth, Shown>): string {
  switch (depth.kind) {
    case 'touch-off':
      return depth.setter === undefined
        ? `Z was set by no tool. Touch off T${depth.tool} first.`
        : `Z was set with T${depth.setter}, and T${depth.tool} has no length. Touch off T${depth.tool} first.`;
    case 'by-probe':
      return `Z is the probe’s: how long it is against T${depth.tool} is not known. Touch off T${depth.tool} first.`;
    case 'not-set':
      return 'Z is not set. Set Z first.';
    case 'no-top':
      return 'Z zero is under the part. Enter how thick the part is first.';
  }
}
