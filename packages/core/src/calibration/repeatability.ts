import { EDGE_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { combine } from '../metrology/uncertainty';
import { meanSection, type WorkingSection } from '../working/working';
import type { RepeatabilityInput, RepeatabilityOutput } from './repeatability.schema';

/**
 * How well a finder, or a spot for tool changes, comes back to one fixed place: sample standard deviation of repeated
 * approaches from one side (ISO 230-2:2014, unidirectional repeatability). A standard deviation from n readings is itself
 * known to about s / √(2(n - 1)) (JCGM 100:2008, E.4.3). mm.
 *
 * @example repeatability({ readings: [0, 0.002, -0.002], resolution: 0 }).sd // 0.002
 */
export function measureRepeatability({ readings, resolution }: RepeatabilityInput): RepeatabilityOutput {
  const seen = repeats(readings, { methodSd: 0, resolution });
  // A display that hardly moves says no more than its own step.
  const sd = Math.max(seen.sd, resolution / Math.sqrt(12));
  const uncertainty = combine([
    { name: 'few approaches', u: sd / Math.sqrt(2 * (seen.n - 1)), shape: 'normal', dof: seen.n - 1 },
  ]);
  const spread: WorkingSection = {
    title: 'Standard deviation of one touch',
    how: 'ratio',
    quantity: 'length',
    lines: readings.map((value, i) => ({ label: `reading ${i + 1}, from the mean`, value: value - seen.mean })),
    total: { label: sd > seen.sd ? 'the display’s own step' : `standard deviation of ${seen.n}`, value: sd },
  };
  return {
    sd,
    repeats: seen,
    uncertainty,
    tape: { sections: [meanSection('Readings', readings, seen.mean), spread] },
    cautions: [EDGE_CAUTIONS.raiseFirst],
  };
}
