import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { lineFit } from '../metrology/fits/lineFit';
import { mean } from '../metrology/mean';
import { requireInRange } from './inRange';
import type { JawLineInput, JawLineOutput } from './jawLine.schema';
import { readingSection, straighten } from './straighten';

/**
 * A vise jaw or fence along an axis, by an indicator run along it: which end to tap, which way, how far,
 * and what the dial should then show there. mm and degrees; signs after ISO 841.
 *
 * An indicator on the operator's side of the jaw, pressed = plus, reads more where the face comes toward
 * the operator; the other side, or the other sense, turns the sign.
 *
 * @throws Refusal when all places are one, or a reading is beyond the indicator's range
 * @example
 * // 0.06 more at the right end over 100 mm, near side: push the right end back 0.06
 * jawLine({ along: 'x', side: 'low', points: [{ at: 0, readings: [0] }, { at: 100, readings: [0.06] }],
 *   indicator: { resolution: 0.01, methodSd: 0.004, sense: 1 }, over: 100, pivot: 0, loose: 100, allowed: 0.02 }).tap // 0.06
 */
export function jawLine(input: JawLineInput): JawLineOutput {
  const { indicator, ends, pivot, loose } = input;
  const places = input.points.map(({ at, readings }, i) => {
    requireInRange(readings, indicator.range, `points.${i}.readings`);
    return { at, value: mean(readings) };
  });
  const toward = (input.side === 'low' ? -1 : 1) * indicator.sense;
  const line = straighten({
    along: input.along,
    points: places.map(({ at, value }) => ({ at, across: toward * value })),
    over: input.over,
    pivot,
    loose,
    method: indicator,
    allowed: input.allowed,
    slopeLabel: toward === 1 ? 'rise of the readings' : 'less the rise of the readings',
  });
  const fit = lineFit(places);
  const readAt = (at: number) => fit.value + fit.slope * (at - fit.middle);
  const outside = ends && (pivot < Math.min(ends.from, ends.to) || pivot > Math.max(ends.from, ends.to));
  return {
    slope: line.slope,
    angle: line.angle,
    error: line.error,
    tap: line.tap,
    reads: readAt(loose),
    shouldRead: readAt(pivot),
    state: line.state,
    uncertainty: line.uncertainty,
    notes: [
      ...(outside ? [{ code: 'pivot-outside' as const }] : []),
      ...(pivot === loose ? [{ code: 'pivot-is-loose' as const }] : []),
    ],
    tape: {
      sections: [
        readingSection(
          places.map(({ at, value }) => ({ label: 'at ', value, detail: [{ length: at }] })),
          mean(places.map(({ value }) => value)),
        ),
        ...line.sections,
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped, ALIGNMENT_CAUTIONS.softTap],
  };
}
