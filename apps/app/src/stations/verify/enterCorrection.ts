import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import type { Correction } from '@zero-point/core/state/verify/measurements';
import { formatLength } from '@zero-point/core/units/formatLength';
import { logZeroing } from '../../commands/logTouch';
import { saveThing } from '../../commands/logEntry';

/** Something a person has entered in the control, with what is logged of it. */
export interface Enterable {
  label: string;
  enter: () => void;
}

/**
 * What of a correction can be logged as entered: a work offset with its new figures, and a row of the tool table.
 * A move of part zero on a DRO is logged where it is done, in Datum.
 */
export function enterable(book: SetupState, correction: Correction): Enterable[] {
  const unit = book.setup.units;
  if (correction.kind === 'shift') {
    const axes = (['x', 'y'] as const).flatMap((axis) => {
      const set = lastZeroing(book, axis);
      // A preset's figure is what the scale showed at the touch, and no offset.
      if (set?.form !== 'work-offset') return [];
      return [{ axis, set, value: set.value + correction[axis] }];
    });
    const figures = axes.map(({ axis, value }) => `${axis.toUpperCase()} ${formatLength(value, { unit })}`);
    return axes.length === 0
      ? []
      : [
          {
            label: `Entered: work offset ${figures.join(', ')} ${unit}`,
            // Both together: once one is set again, the part tells nothing of the other.
            enter: () => {
              for (const { axis, set, value } of axes)
                logZeroing(book, set.subject, axis, 'work-offset', value, set.place.workOffset);
            },
          },
        ];
  }
  if (correction.kind !== 'length') return [];
  const { toolTable } = book;
  const row = toolTable?.rows.find(({ number }) => number === correction.tool);
  if (!toolTable || !row) return [];
  const length = row.length + correction.by;
  return [
    {
      label: `Entered: row of tool ${row.number} ${formatLength(length, { unit, plus: true })} ${unit}`,
      enter: () =>
        saveThing(book, 'toolTable', {
          ...toolTable,
          rows: toolTable.rows.map((one) =>
            one.number === row.number ? { ...one, length, keptAt: new Date().toISOString() } : one,
          ),
        }),
    },
  ];
}
