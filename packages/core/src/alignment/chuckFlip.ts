import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { mean } from '../metrology/mean';
import { sumSection, type WorkingSection } from '../working/working';
import type { ChuckFlipInput, ChuckFlipOutput } from './chuckFlip.schema';
import { alignOnLine } from './inLine';
import { requireInRange } from './inRange';
import { differenceUncertainty } from './opposite';

/**
 * Packing for each millimetre off, under one jaw of a scroll: of three it shifts the work by two thirds of its thickness
 * (the usual 1.5 e of eccentric turning), of two by half of it. Independent jaws need none: their screws are turned.
 */
const PACKING = { two: 2, three: 1.5, four: undefined, free: undefined } as const;

/**
 * A part in a chuck on a rotary table, centred by turning it half round under a standing indicator:
 * off-centre is half the difference, toward the mark that reads higher (pressed = plus). mm and degrees.
 *
 * @throws Refusal when a reading is beyond the indicator's range
 * @example
 * // 0.08 with mark 0 at the indicator, 0.02 half a turn on: 0.03 off toward mark 0
 * chuckFlip({ pairs: [{ mark: 0, here: [0.08], flipped: [0.02] }], jaws: 'free',
 *   indicator: { resolution: 0.01, methodSd: 0.004, sense: 1 }, allowed: 0.02 }).error // 0.03
 */
export function chuckFlip(input: ChuckFlipInput): ChuckFlipOutput {
  const { pairs, indicator, jaws, chuckTir, allowed } = input;
  const halves = pairs.map(({ mark, here, flipped }, i) => {
    requireInRange(here, indicator.range, `pairs.${i}.here`);
    requireInRange(flipped, indicator.range, `pairs.${i}.flipped`);
    const half = indicator.sense / 2;
    const section: WorkingSection = sumSection(
      `Off toward mark ${mark}`,
      [
        { label: `half of mark ${mark} at the indicator`, value: half * mean(here) },
        { label: `less half of mark ${mark + 180} at it`, value: -half * mean(flipped) },
      ],
      'off centre by',
    );
    return { mark, section, off: section.total.value, centred: (mean(here) + mean(flipped)) / 2 };
  });
  const toward = (mark: 0 | 90) => halves.find((half) => half.mark === mark)?.off ?? 0;
  const [a, b] = [toward(0), toward(90)];
  const error = Math.hypot(a, b);
  const uncertainties = pairs.map(({ here, flipped }) => differenceUncertainty(here, flipped, indicator, 0.5));
  const uncertainty = uncertainties.reduce((worst, one) => (one.U > worst.U ? one : worst));
  const chuckOut = chuckTir !== undefined && chuckTir / 2 > allowed;
  const times = PACKING[jaws] ?? (chuckOut && jaws === 'free' ? PACKING.three : undefined);
  // Two jaws hold across their line by pressing only: along it packing moves the part, across it a tap does.
  const packed = jaws === 'two' ? Math.abs(a) : error;
  // What the readings cannot tell from nothing is not packed.
  const along = jaws !== 'two' || alignOnLine(a, uncertainty.U, allowed) === 'off';
  const shim = times === undefined || !along ? null : times * packed;
  const state = alignOnLine(error, uncertainty.U, allowed);
  return {
    off: halves.map(({ mark, off }) => ({ mark, off })),
    error,
    toward: (((Math.atan2(b, a) * DEGREES) % 360) + 360) % 360,
    shouldRead: halves.map(({ mark, centred }) => ({ mark, reading: centred })),
    shim,
    jaws,
    chuckOut,
    // Across one pair alone nobody knows of the other way.
    state: state === 'within' && pairs.length < 2 ? 'unsure' : state,
    uncertainty,
    tape: {
      sections: [
        ...halves.map(({ section }) => section),
        ...(shim === null
          ? []
          : [
              sumSection(
                'Shim under the nearest jaw',
                [
                  {
                    label:
                      jaws === 'two'
                        ? 'twice the distance off along the jaws'
                        : 'one and a half times the distance off',
                    value: shim,
                    detail: [`${times ?? 1} × `, { length: packed }],
                  },
                ],
                'packing',
              ),
            ]),
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped, ALIGNMENT_CAUTIONS.softTapChuck],
  };
}
