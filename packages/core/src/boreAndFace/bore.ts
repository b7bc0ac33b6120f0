import { BORE_CAUTIONS } from '../cautions/caution';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection, type Working } from '../working/working';
import type { BoreInput, BoreOutput } from './bore.schema';
import { learnSpring, type Spring } from './spring';

/** What remains is left alone where it is under this many times what measuring is not sure of. */
const STOP = 3;

/** The last cut may be this much deeper than the one before; else it is taken in two equal ones. */
const MUCH_DEEPER = 1.3;

/** A bar that leaves more of a cut than this is run once more at the same setting. */
const LARGE_SPRING = 0.25;

/** How surely a cut comes out as the spring says, as a share of its depth, until the log tells. */
const SURENESS: Readonly<Record<Spring['learned'], number>> = {
  'not-yet': 0.1,
  kept: 0.03,
  share: 0.01,
  'share-and-offset': 0.01,
};

/**
 * What to set next to bring a bore to size: the middle of its limits, through the spring of the bar as the log has it.
 * Two passes are cut to learn the spring before the last; the last two are as deep as each other. Diameters, mm;
 * what the dial turns is on the diameter or the radius as it counts, and rounded down to its line.
 *
 * @throws Refusal when a pass was set or measured smaller than the bore already was by more than measuring can tell
 * @example bore({ low: 26, high: 26.0001, start: 25.4, passes: [{ set: 25.6, measured: 25.56 }, { set: 25.8, measured: 25.752 }, { set: 25.95, measured: 25.9104 }], counts: 'diameter', step: 0.0001, uMeasured: 0.001, mostCut: 0.5 }).next.set // 26.0224
 */
export function solveBore(input: BoreInput): BoreOutput {
  const { low, high, start, passes, uMeasured, counts, step } = input;
  refuseShrinking(input);
  const now = passes.at(-1)?.measured ?? start;
  const target = (low + high) / 2;
  const left = target - now;
  const spring = learnSpring(start, passes, uMeasured, input.kept);
  const common = {
    now,
    left,
    k: spring.k,
    c: spring.c,
    learned: spring.learned,
    cautions: [
      BORE_CAUTIONS.indicatorOff,
      BORE_CAUTIONS.headStopped,
      BORE_CAUTIONS.wrongWay,
      BORE_CAUTIONS.measureStopped,
    ],
  };
  const measured = combine([{ name: 'measuring', u: Math.max(uMeasured, 1e-6), shape: 'normal' }]);
  const here: Working = {
    sections: [
      sumSection(
        'Left to the middle of the limits',
        [
          { label: 'half of both limits', value: target, detail: [{ length: low }, ' and ', { length: high }] },
          { label: 'less the bore now', value: -now },
        ],
        'left, on the diameter',
      ),
    ],
  };
  const settled = (advice: BoreOutput['advice']): BoreOutput => ({
    ...common,
    advice,
    next: null,
    passesLeft: 0,
    freePass: false,
    uncertainty: measured,
    tape: here,
  });
  if (now > high) return settled('over');
  if (now >= low) return settled('in-size');
  if (left < STOP * uMeasured) return settled('stop-and-measure');

  const asked = askedFor(input, left, spring);
  const unit = counts === 'radius' ? 2 * step : step;
  const lastSet = passes.at(-1)?.set ?? start;
  // Rounded down: a line too little is cut again, a line too much is not put back.
  const lines = Math.floor((now + asked.depth - lastSet) / unit + 1e-6);
  const set = lastSet + lines * unit;
  const cut = spring.k * (set - now - spring.c);
  return {
    ...common,
    advice: asked.passesLeft === 1 ? 'last-cut' : 'cut',
    next: { set, turn: lines * step, lines, expected: now + Math.max(cut, 0) },
    passesLeft: asked.passesLeft,
    freePass: spring.learned !== 'not-yet' && 1 - spring.k > LARGE_SPRING,
    uncertainty: combine([
      { name: 'measuring', u: uMeasured, shape: 'normal' },
      {
        name: 'spring of the bar',
        u: Math.max(0, cut) * SURENESS[spring.learned],
        shape: 'normal',
      },
      { name: 'line of the dial', u: unit / Math.sqrt(12), shape: 'uniform' },
    ]),
    tape: { sections: [...here.sections, ...nextSections(input, now, asked, spring, { lastSet, set, lines, unit })] },
  };
}

interface Asked {
  /** Depth set from the bore as it is, mm on the diameter. */
  depth: number;
  /** What it is to cut, of what is left. */
  cut: number;
  passesLeft: number;
}

/** How deep the next pass is set, and how many there will be. */
function askedFor({ passes, start, mostCut }: BoreInput, left: number, spring: Spring): Asked {
  if (spring.learned === 'not-yet') {
    const first = passes[0];
    // The first pass already shows the spring roughly; half of what is left cannot overshoot whatever it is.
    const share = first ? Math.min(1, Math.max(0.5, (first.measured - start) / (first.set - start))) : 1;
    const passesLeft = Math.max(Math.ceil(left / (share * mostCut) - 1e-9), passes.length === 0 ? 3 : 2);
    return { depth: left / passesLeft / share, cut: left / passesLeft, passesLeft };
  }
  const before = passes.length > 1 ? (passes.at(-2)?.measured ?? start) : start;
  const last = (passes.at(-1)?.set ?? start) - before;
  const needed = left / spring.k + spring.c;
  // A spring kept from another bore is tried by a cut of its own before the last.
  const kept = spring.learned === 'kept';
  const deepest = kept ? mostCut : Math.min(mostCut, Math.max(last * MUCH_DEEPER, mostCut / 10));
  const passesLeft = Math.max(kept && passes.length === 0 ? 2 : 1, Math.ceil(needed / deepest - 1e-9));
  return { depth: left / passesLeft / spring.k + spring.c, cut: left / passesLeft, passesLeft };
}

function nextSections(
  { counts }: BoreInput,
  now: number,
  { depth, cut, passesLeft }: Asked,
  { k, c, learned }: Spring,
  { lastSet, set, lines, unit }: { lastSet: number; set: number; lines: number; unit: number },
): Working['sections'] {
  const share = cut / (depth - c);
  return [
    sumSection(
      'Next setting, on the diameter',
      [
        { label: 'the bore now', value: now },
        {
          label: passesLeft === 1 ? 'all that is left' : `left, in ${passesLeft} equal passes`,
          value: cut,
        },
        {
          label: 'more, for what the bar springs back',
          value: cut / share - cut,
          detail: [`cuts ${(100 * (learned === 'not-yet' ? share : k)).toFixed(1)} % of what is set`],
        },
        { label: 'more, before it cuts at all', value: c },
        { label: 'down to a whole line', value: set - (now + depth) },
      ],
      'set to',
    ),
    sumSection(
      `Turn the dial, on the ${counts}`,
      [
        { label: 'set to', value: counts === 'radius' ? set / 2 : set },
        {
          label: 'less the setting now',
          value: -(counts === 'radius' ? lastSet / 2 : lastSet),
          detail: [`${lines} lines of `, { length: counts === 'radius' ? unit / 2 : unit }],
        },
      ],
      'turn by',
    ),
  ];
}

/** A bore only grows: a smaller figure is a slip. */
function refuseShrinking({ start, passes, uMeasured }: BoreInput): void {
  passes.forEach(({ set, measured }, i) => {
    const before = i === 0 ? start : (passes[i - 1]?.measured ?? start);
    if (measured < before - STOP * Math.max(uMeasured, 0.001) * 2)
      throw new Refusal({
        code: 'bore-shrank',
        field: `passes.${i}.measured`,
        message: `Pass ${i + 1} was measured smaller than before it. A bore only grows: measure again, and strike out the wrong one.`,
      });
    if (set > 2 * before)
      throw new Refusal({
        code: 'set-out-of-range',
        field: `passes.${i}.set`,
        message: `Pass ${i + 1} was set to more than twice the bore. Give the setting on the diameter, as a size.`,
      });
  });
}
