import type { SetupState } from '../state/basis/setupState';
import { carriedRotation } from '../state/datum/partRotation';
import { holdingSteps } from '../state/workholding/workholdingSteps';
import { zeroAnswers } from '../state/zAndTools/partZero';
import { STANDING_CAUTION } from '../cautions/caution';
import { zeroOf } from '../datum/partFrame';
import { materialSize } from '../messages/basis/partSize';
import { ZERO_LABELS } from '../messages/basis/zeroLabels';
import { zZeroName } from '../messages/zAndTools/zZero';
import { printWorking } from '../working/printWorking';
import { plusMinus } from '../messages/basis/verdict';
import type { Sheet, SheetDrawing } from './sheet';
import { cautionSection } from './cautionSection';
import { gaugeSection } from './gaugeSection';
import { drivenStops, holeSection } from './holeSection';
import { indexSection } from './indexSection';
import { openSection } from './openSection';
import { toolSection } from './toolSection';
import { zeroSection } from './zeroSection';

/**
 * A setup as one page that is taped to the machine, and its tapes: the same book that the screens read, in the same
 * figures.
 *
 * @param now when it is made, ISO 8601
 */
export function sheetOf(book: SetupState, now: string): Sheet {
  const { setup, machine, part } = book;
  const holding = book.holdings.find(({ id }) => id === setup.holdingId);
  return {
    title: setup.name,
    facts: [
      ['Machine', machine.name],
      ['Part', `${part.name}, ${materialSize(part, setup.units)}`],
      ['Held by', `${holding?.name ?? 'not entered'}${heldWords(book)}`],
      ['Zero', `X and Y: ${ZERO_LABELS[setup.partZero]}; Z: ${zZeroName(book)}`],
      ['Allowed', `${plusMinus(setup.tolerance, setup.units)} on positions`],
      ...(setup.note === '' ? [] : [['Note', setup.note] as const]),
    ],
    drawing: drawingOf(book),
    sections: [
      openSection(book, now),
      zeroSection(book),
      toolSection(book),
      holeSection(book),
      indexSection(book),
      gaugeSection(book, now),
      cautionSection(book),
    ].flatMap((section) => section ?? []),
    tapes: Object.entries(zeroAnswers(book)).map(([axis, { tape }]) => ({
      title: `${axis.toUpperCase()} of part zero`,
      sections: printWorking(tape, { unit: setup.units }),
    })),
    caution: STANDING_CAUTION,
    at: now,
    path: `/setup/${setup.id}/sheet`,
  };
}

function heldWords(book: SetupState): string {
  const steps = holdingSteps(book);
  const open = steps.filter(({ state }) => state === 'open').length;
  if (steps.length === 0) return '';
  return open === 0 ? ', list done' : `, ${open} of ${steps.length} steps open`;
}

function drawingOf(book: SetupState): SheetDrawing {
  const { part, setup, obstacles } = book;
  const zero = zeroOf(part, setup.partZero);
  const numbers = new Map<string, number>();
  const holes = drivenStops(book).flatMap(({ pattern, hole, x, y, diameter }) => {
    const key = `${pattern.id} ${hole}`;
    if (numbers.has(key)) return [];
    numbers.set(key, numbers.size + 1);
    return [{ x: zero.x + x, y: zero.y + y, diameter, number: numbers.size }];
  });
  return {
    size: { x: part.size.x, y: part.size.y },
    zero,
    zeroWords: ZERO_LABELS[setup.partZero],
    turn: carriedRotation(book)?.angle ?? 0,
    holes,
    boxes: obstacles.boxes.map(({ name, from, to }) => ({
      name,
      left: from.x,
      front: from.y,
      right: to.x,
      back: to.y,
    })),
  };
}
