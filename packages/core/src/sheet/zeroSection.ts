import { airCut } from '../state/zAndTools/airCut';
import type { SetupState } from '../state/basis/setupState';
import { lastZeroing } from '../state/basis/activeRecords';
import { readBackOf } from '../state/readBack/readBack';
import { zeroAnswers } from '../state/zAndTools/partZero';
import { planAxes } from '../records/shop/machine';
import { formatLength, formatLengthUnit } from '../units/formatLength';
import { plusMinus } from '../messages/basis/verdict';
import { subjectWords } from '../messages/basis/subjectLabel';
import { zZeroWords } from '../messages/zAndTools/zZero';
import type { SheetSection } from './sheet';

const HOW = { preset: 'set to', move: 'moved, set to', 'work-offset': 'work offset', lost: 'lost' } as const;

/** Work offsets or presets as the machine shows them, Z zero and a pass in the air. */
export function zeroSection(book: SetupState): SheetSection {
  const { setup, machine } = book;
  const unit = setup.units;
  const found = zeroAnswers(book);
  const lift = airCut(book);
  const z = zZeroWords(book);
  return {
    title: setup.workOffset === undefined ? 'Zero' : `Zero, ${setup.workOffset}`,
    columns: [
      { title: 'Axis', share: 0.6 },
      { title: 'From', share: 2.4 },
      { title: 'As set', share: 1.4 },
      { title: `Shows, ${unit}`, figures: true, share: 1.3 },
      { title: '±', figures: true, share: 1.1 },
      { title: 'Read back', share: 1.3 },
    ],
    rows: [...planAxes(machine), 'z' as const].map((axis) => {
      const set = lastZeroing(book, axis);
      const back = readBackOf(book, axis);
      const U = found[axis]?.uncertainty.U;
      return [
        axis.toUpperCase(),
        set ? subjectWords(book, set.subject) : 'not set',
        set ? HOW[set.form] : '',
        set ? formatLength(set.value, { unit }) : '',
        set === undefined || U === undefined ? '' : plusMinus(U, unit),
        back === undefined
          ? ''
          : back.shown === undefined
            ? 'not yet'
            : back.agrees
              ? 'agrees'
              : `shows ${formatLength(back.shown, { unit })}`,
      ];
    }),
    lines: [
      ...(z === undefined ? [] : [z]),
      ...(lift.set > 0
        ? [`AIR CUT: Z zero is lifted by ${formatLengthUnit(lift.set, { unit })}. Put it back before you cut.`]
        : []),
    ],
    tone: lift.set > 0 ? 'warn' : 'plain',
  };
}
