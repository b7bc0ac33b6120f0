import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { moveMode } from '@zero-point/core/state/holes/driveMode';
import type { Stop } from '@zero-point/core/state/holes/driveStops';
import { depthAtStop } from '@zero-point/core/state/toolChange/toolDepth';
import { noDepthWords, zShows } from '@zero-point/core/messages/zAndTools/toolDepth';
import { formatLength } from '@zero-point/core/units/formatLength';
import { dialLegs, type MoveView } from './moveModes';

/** What is said aloud of a stop, in the words of the mode it is driven in. */
export function spokenStop(book: SetupState, drive: MoveView): string {
  const { stop, toGo } = drive;
  if (!stop) return '';
  const unit = book.setup.units;
  const name = `Hole ${stop.hole}.`;
  if (moveMode(book) === 'dials')
    return `${name} ${dialLegs(book, drive)
      .map(({ axis, words }) => `${axis}: ${words.length > 0 ? words.join('; then ') : 'stays'}`)
      .join('. ')}.${depthSpoken(book, stop)}`;
  const told = moveMode(book) === 'cnc' ? stop.target : toGo;
  const figure = (mm: number) => formatLength(mm, { unit, plus: moveMode(book) === 'readout' });
  return `${name} X ${figure(told.x)}, Y ${figure(told.y)}.${depthSpoken(book, stop)}`;
}

/** How deep, for the tool in the spindle: what Z shows there; on a manual mill that differs from tool to tool. */
function depthSpoken(book: SetupState, stop: Stop): string {
  const found = depthAtStop(book, stop);
  if (!found) return '';
  const { tool, depth } = found;
  return depth.kind === 'shown'
    ? ` T${tool}. Full depth: Z ${zShows(book, depth.deepest)}.`
    : ` ${noDepthWords(depth)}`;
}
