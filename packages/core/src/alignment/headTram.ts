import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { mean } from '../metrology/mean';
import { sumSection } from '../working/working';
import { INCH } from '../units/unit';
import type { HeadTramInput, HeadTramOutput } from './headTram.schema';
import { alignOnLine } from './inLine';
import { requireInRange } from './inRange';
import { differenceUncertainty } from './opposite';
import { angleSection } from './straighten';

/**
 * Tram of a mill's head in one plane, by swinging an indicator over the table: lean = atan((m_high - m_low) / D).
 *
 * Pressed = plus: a larger reading at the right means the swing runs lower there, so the head's top leans to the right.
 * mm and degrees; the turn is right-handed about the other axis (ISO 841).
 *
 * @throws Refusal when a reading is beyond the indicator's range
 * @example
 * headTram({ plane: 'left-right', swing: 200, low: [0], high: [0.1],
 *   indicator: { resolution: 0.01, methodSd: 0.004, sense: 1 }, allowed: 0.02 }).per100 // 0.05
 */
export function headTram(input: HeadTramInput): HeadTramOutput {
  const { plane, swing, low, high, indicator } = input;
  requireInRange(low, indicator.range, 'low');
  requireInRange(high, indicator.range, 'high');
  const [near, far] = plane === 'left-right' ? ['left', 'right'] : ['front', 'back'];
  const difference = sumSection(
    `Lower at the ${far}`,
    [
      {
        label: `mean at the ${far}${indicator.sense === 1 ? '' : ', pressed is minus'}`,
        value: indicator.sense * mean(high),
      },
      { label: `less mean at the ${near}`, value: -indicator.sense * mean(low) },
    ],
    `lower at the ${far} by`,
  );
  const error = difference.total.value;
  const lean = Math.atan(error / swing) * DEGREES;
  const uncertainty = differenceUncertainty(low, high, indicator);
  const scaled = (over: number) =>
    sumSection(
      `Per ${over === 100 ? '100 mm' : '6 in'}`,
      [
        {
          label: 'out of tram',
          value: (error * over) / swing,
          detail: [{ length: error }, ' × ', { length: over }, ' / ', { length: swing }],
        },
      ],
      `per ${over === 100 ? '100 mm' : '6 in'}`,
    );
  return {
    error,
    lean,
    turn: plane === 'left-right' ? lean : lean === 0 ? 0 : -lean,
    per100: (error / swing) * 100,
    per6in: (error / swing) * 6 * INCH,
    state: alignOnLine(error, uncertainty.U, input.allowed),
    uncertainty,
    tape: {
      sections: [
        difference,
        angleSection(
          'Head tilt',
          [
            {
              label: `toward the ${far}`,
              value: lean,
              detail: ['atan of ', { length: error }, ' / ', { length: swing }],
            },
          ],
          'lean',
        ),
        scaled(100),
        scaled(6 * INCH),
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.headHeavy, ALIGNMENT_CAUTIONS.spindleStopped],
  };
}
