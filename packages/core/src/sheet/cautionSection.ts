import type { SetupState } from '../state/basis/setupState';
import { driveCautions } from '../state/holes/driveCautions';
import { holdingSteps } from '../state/workholding/workholdingSteps';
import { METHOD_FACTS, methodOf } from '../methods/method';
import type { SheetSection } from './sheet';

/** Cautions of this job: of how it is held, of its finder, of its holes. */
export function cautionSection(book: SetupState): SheetSection {
  const finder = book.gauges.find(({ id }) => id === book.setup.finderId);
  const method = finder && methodOf(finder.kind);
  const lines = [
    ...holdingSteps(book).flatMap(({ step, state }) => (step.hurts && state !== 'ticked' ? [step.text] : [])),
    ...(method ? METHOD_FACTS[method].cautions.map(({ text }) => text) : []),
    ...driveCautions(book, { step: 'drill' }).map(({ text }) => text),
    'First run above the part, single block where there is one, rapids low. Hand on feed hold, emergency stop within reach.',
  ];
  return { title: 'Mind', columns: [], rows: [], lines: [...new Set(lines)], tone: 'plain' };
}
