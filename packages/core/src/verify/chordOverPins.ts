import { MEASURE_CAUTIONS } from '../cautions/caution';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import type { ChordOverPinsInput, ChordOverPinsOutput } from './chordOverPins.schema';

/**
 * From middle to middle of two holes, measured over pins that sit in them: M - (d1 + d2)/2. U by JCGM 100:2008, 5.1.2. mm.
 *
 * @throws Refusal when the pins are together wider than what was measured over them
 * @example chordOverPins({ over: 30.015, pins: [6, 6.002], measuredU: 0.004, pinU: 0.001 }).chord // 24.014
 */
export function chordOverPins({ over, pins, measuredU, pinU }: ChordOverPinsInput): ChordOverPinsOutput {
  const section = sumSection(
    'Middle to middle',
    [
      { label: 'over both pins', value: over },
      { label: 'less half the first pin', value: -pins[0] / 2 },
      { label: 'less half the second pin', value: -pins[1] / 2 },
    ],
    'chord',
  );
  const chord = section.total.value;
  if (chord <= 0)
    throw new Refusal({
      code: 'no-chord',
      field: 'over',
      message: 'The pins are wider than what was measured over them. See the figure, and which pins sit in the holes.',
    });
  return {
    chord,
    uncertainty: combine([
      { name: 'measurement over the pins', u: measuredU / 2, shape: 'normal' },
      { name: 'size of the first pin', u: pinU / 4, shape: 'normal' },
      { name: 'size of the second pin', u: pinU / 4, shape: 'normal' },
    ]),
    tape: { sections: [section] },
    cautions: [MEASURE_CAUTIONS.stopped],
  };
}
