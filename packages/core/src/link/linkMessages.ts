import { formatLength } from '../units/formatLength';
import type { LengthUnit } from '../units/unit';
import type { Axis } from '../schema/quantities';
import type { LinkNote } from './messageParser';
import type { LinkView } from './linkView';
import type { NotLive } from './liveReading';

/** Who it is, and whether its figures are of now. */
export function linkText({ hello, state, reason }: Pick<LinkView, 'hello' | 'state' | 'reason'>): string {
  const name = hello?.name ?? 'The device';
  if (state === 'live') return `${name} is live.`;
  if (state === 'quiet')
    return hello ? `${name} says nothing now.` : 'Something is there, and has not said what it is.';
  return `${name} is away.${reason === undefined || reason === '' ? '' : ` ${reason}`}`;
}

const NOT_LIVE: Readonly<Record<NotLive, string>> = {
  away: 'The link is away. Type what it shows.',
  quiet: 'The link says nothing now. Type what it shows.',
  scale: 'The link shows another scale than this setup reads. Type what it shows.',
  axis: 'The link does not show this axis. Type what it shows.',
  'no-result': 'No cycle of this axis was run yet.',
};

export const notLiveText = (why: NotLive): string => NOT_LIVE[why];

const UNIT_NAMES: Readonly<Record<LengthUnit, string>> = { mm: 'millimetres', in: 'inches' };

/** A device that shows less than the machine is kept with: the ± would be too small. */
export const coarserStepText = (axis: Axis, told: number, kept: number, unit: LengthUnit): string => {
  const of = (mm: number) => formatLength(mm, { unit, decimals: unit === 'mm' ? 4 : 5 });
  return `${axis.toUpperCase()} goes by ${of(told)} ${unit} there, and Shop has ${of(kept)} ${unit} for this machine: the ± here is too small. Put the step right in Shop.`;
};

/** What is odd about a device, and what to do. */
export function linkNoteText(note: LinkNote, unit: LengthUnit): string {
  switch (note.code) {
    case 'trouble':
      return `It says: ${note.says}`;
    case 'flood':
      return `It sends too much: ${note.dropped.toLocaleString('en')} lines were dropped, the newest is used.`;
    case 'unit':
      return `It said it counts in ${UNIT_NAMES[note.said]}, and its figures are ${UNIT_NAMES[note.counts]}. They are turned into ${unit} as they come: look at one before you trust it.`;
    case 'step': {
      const of = (mm: number) => formatLength(mm, { unit, decimals: unit === 'mm' ? 4 : 5 });
      return `${note.axis.toUpperCase()} goes by ${of(note.seen)} ${unit}, not by ${of(note.told)} as it says. ${note.seen > note.told ? 'The ± here takes the machine’s step: put that right in Shop.' : 'Nothing is lost by that.'}`;
    }
    case 'nonsense':
      return `${note.count === 1 ? 'One line was' : `${note.count.toLocaleString('en')} lines were`} no sense to the shop (${note.why}), and changed nothing.`;
  }
}
