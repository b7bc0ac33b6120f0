import type { z } from 'zod';
import type { cautions, tape } from '../schema/results';
import { jawLine } from '../alignment/jawLine';
import { jawLineInput, jawLineOutput } from '../alignment/jawLine.schema';
import { headTram } from '../alignment/headTram';
import { headTramInput, headTramOutput } from '../alignment/headTram.schema';
import { centreSweep } from '../alignment/centreSweep';
import { centreSweepInput, centreSweepOutput } from '../alignment/centreSweep.schema';
import { centrePlug } from '../alignment/centrePlug';
import { centrePlugInput, centrePlugOutput } from '../alignment/centrePlug.schema';
import { chuckFlip } from '../alignment/chuckFlip';
import { chuckFlipInput, chuckFlipOutput } from '../alignment/chuckFlip.schema';
import { level } from '../alignment/level';
import { levelInput, levelOutput } from '../alignment/level.schema';
import { partSkew } from '../alignment/partSkew';
import { partSkewInput, partSkewOutput } from '../alignment/partSkew.schema';
import { backlash } from '../shop/backlash';
import { backlashInput, backlashOutput } from '../shop/backlash.schema';
import { chordOverPins } from '../verify/chordOverPins';
import { chordOverPinsInput, chordOverPinsOutput } from '../verify/chordOverPins.schema';
import { heightCheck } from '../verify/heightCheck';
import { heightCheckInput, heightCheckOutput } from '../verify/heightCheck.schema';
import { patternFit } from '../verify/patternFit';
import { patternFitInput, patternFitOutput } from '../verify/patternFit.schema';
import { faceFlip } from '../rotary/faceFlip';
import { faceFlipInput, faceFlipOutput } from '../rotary/faceFlip.schema';
import { indexedPoint } from '../rotary/indexedPoint';
import { indexedPointInput, indexedPointOutput } from '../rotary/indexedPoint.schema';
import { repeatability } from '../calibration/repeatability';
import { repeatabilityInput, repeatabilityOutput } from '../calibration/repeatability.schema';
import { ballTrue } from '../calibration/ballTrue';
import { ballTrueInput, ballTrueOutput } from '../calibration/ballTrue.schema';
import { byInstrument } from '../calibration/byInstrument';
import { byInstrumentInput, byInstrumentOutput } from '../calibration/byInstrument.schema';
import { errorMap } from '../calibration/errorMap';
import { errorMapInput, errorMapOutput } from '../calibration/errorMap.schema';
import { armOffset } from '../calibration/armOffset';
import { armOffsetInput, armOffsetOutput } from '../calibration/armOffset.schema';
import { drift } from '../calibration/drift';
import { driftInput, driftOutput } from '../calibration/drift.schema';
import { ballAngles } from '../rotary/ballAngles';
import { ballAnglesInput, ballAnglesOutput } from '../rotary/ballAngles.schema';
import { proveCentre } from '../rotary/proveCentre';
import { proveCentreInput, proveCentreOutput } from '../rotary/proveCentre.schema';
import { indexTable } from '../rotary/indexTable';
import { indexTableInput, indexTableOutput } from '../rotary/indexTable.schema';
import { finderByBlock } from '../calibration/finderByBlock';
import { finderByBlockInput, finderByBlockOutput } from '../calibration/finderByBlock.schema';
import { heightMaster } from '../calibration/heightMaster';
import { heightMasterInput, heightMasterOutput } from '../calibration/heightMaster.schema';
import { probeInRing } from '../calibration/probeInRing';
import { probeInRingInput, probeInRingOutput } from '../calibration/probeInRing.schema';
import { cycleCentre } from '../datum/cycleCentre';
import { cycleCentreInput, cycleCentreOutput } from '../datum/cycleCentre.schema';
import { oppositeFaces } from '../datum/oppositeFaces';
import { oppositeFacesInput, oppositeFacesOutput } from '../datum/oppositeFaces.schema';
import { corner } from '../datum/corner';
import { cornerInput, cornerOutput } from '../datum/corner.schema';
import { circle } from '../datum/circle';
import { circleInput, circleOutput } from '../datum/circle.schema';
import { holeLine } from '../datum/holeLine';
import { holeLineInput, holeLineOutput } from '../datum/holeLine.schema';
import { chooseMethod } from '../methods/chooseMethod';
import { chooseMethodInput, chooseMethodOutput } from '../methods/chooseMethod.schema';
import { explain } from '../discrepancy/explain';
import { explainInput, explainOutput } from '../discrepancy/explain.schema';
import { edge } from '../datum/edge';
import { edgeInput, edgeOutput } from '../datum/edge.schema';
import { runOut } from '../heights/runOut';
import { runOutInput, runOutOutput } from '../heights/runOut.schema';
import { toolTableCheck } from '../heights/toolTableCheck';
import { toolTableCheckInput, toolTableCheckOutput } from '../heights/toolTableCheck.schema';
import { toolLength } from '../heights/toolLength';
import { toolLengthInput, toolLengthOutput } from '../heights/toolLength.schema';
import { zZero } from '../heights/zZero';
import { zZeroInput, zZeroOutput } from '../heights/zZero.schema';
import { turnLength } from '../shop/turnLength';
import { turnLengthInput, turnLengthOutput } from '../shop/turnLength.schema';
import { fit } from '../boring/fit';
import { fitInput, fitOutput } from '../boring/fit.schema';
import { bore } from '../boring/bore';
import { boreInput, boreOutput } from '../boring/bore.schema';
import { facing } from '../facing/facing';
import { facingInput, facingOutput } from '../facing/facing.schema';
import { dialReckon } from '../positions/dialReckon';
import { dialMoveInput, dialMoveOutput } from '../positions/dialMove.schema';
import { pattern } from '../positions/pattern';
import { patternOutput, patternReckonInput } from '../positions/pattern.schema';
import { patternCheck } from '../positions/patternCheck';
import { patternCheckInput, patternCheckOutput } from '../positions/patternCheck.schema';
import { boltCircle } from '../positions/boltCircle';
import { boltCircleOutput, boltCircleReckonInput } from '../positions/boltCircle.schema';

/** What every calculation gives: the reckoning shown, and what to mind. */
interface Shown {
  tape: z.output<typeof tape>;
  cautions: z.output<typeof cautions>;
}

/** What is measured says how good it is. */
interface Measured extends Shown {
  uncertainty: object | null;
}

interface Common<I extends z.ZodType, O extends z.ZodType> {
  name: string;
  summary: string;
  input: I;
  output: O;
  /** Takes the parsed input; may throw a Refusal. */
  reckon(input: z.output<I>): z.output<O>;
}

/** One calculation: what it takes, what it gives, and the pure function between. */
export interface Calculation<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> extends Common<I, O> {
  /** Why it states no uncertainty, where it has none of its own. */
  exact?: string;
}

/** A calculation on what was measured: with its tape, cautions and uncertainty. */
const calculation = <I extends z.ZodType, O extends z.ZodType<Measured>>(
  entry: Common<I, O> & { exact?: never },
): Calculation<I, O> => entry;

/** A calculation that is exact for what it is given: with its tape and cautions, and why it has no uncertainty. */
const exact = <I extends z.ZodType, O extends z.ZodType<Shown>>(
  entry: Common<I, O> & { exact: string },
): Calculation<I, O> => entry;

/** Every calculation there is. Adding one is adding an entry. */
export const REGISTRY = {
  edge: calculation({
    name: 'edge',
    summary: 'A face from repeated touches: preset, move or work offset',
    input: edgeInput,
    output: edgeOutput,
    reckon: edge,
  }),
  'z-zero': calculation({
    name: 'z-zero',
    summary: 'Z zero from a gauge of known thickness under the tool',
    input: zZeroInput,
    output: zZeroOutput,
    reckon: zZero,
  }),
  'tool-length': calculation({
    name: 'tool-length',
    summary: 'A tool length offset against a reference tool on the same gauge',
    input: toolLengthInput,
    output: toolLengthOutput,
    reckon: toolLength,
  }),
  'bolt-circle': exact({
    name: 'bolt-circle',
    exact: 'Places are exact for what is given; U is the datum’s, where that is told.',
    summary: 'Hole centres on a circle or an arc of it',
    input: boltCircleReckonInput,
    output: boltCircleOutput,
    reckon: boltCircle,
  }),
  pattern: exact({
    name: 'pattern',
    exact: 'Places are exact for what is given; U is the datum’s, where that is told.',
    summary: 'Hole centres of any pattern, mirrored, turned and shifted',
    input: patternReckonInput,
    output: patternOutput,
    reckon: pattern,
  }),
  'pattern-check': exact({
    name: 'pattern-check',
    exact: 'It holds given places against each other; nothing in it was measured.',
    summary: 'What is amiss with holes before they are drilled: webs, edges, doubles, travel',
    input: patternCheckInput,
    output: patternCheckOutput,
    reckon: patternCheck,
  }),
  'dial-move': exact({
    name: 'dial-move',
    exact: 'Turns and lines are counted; what rounding to a line leaves is said.',
    summary: 'A handwheel move in turns and lines, backlash taken up on one side',
    input: dialMoveInput,
    output: dialMoveOutput,
    reckon: dialReckon,
  }),
  bore: calculation({
    name: 'bore',
    summary: 'A bore brought to size: next setting through the spring of the bar',
    input: boreInput,
    output: boreOutput,
    reckon: bore,
  }),
  fit: exact({
    name: 'fit',
    exact: 'Limits stand in a table; what was measured has the U of its gauge.',
    summary: 'The limits of a hole by its fit, and where a measured size lies',
    input: fitInput,
    output: fitOutput,
    reckon: fit,
  }),
  'turn-length': exact({
    name: 'turn-length',
    exact: 'An inch is 25.4 mm exactly.',
    summary: 'A length as typed, in millimetres, inches and the nearest fraction',
    input: turnLengthInput,
    output: turnLengthOutput,
    reckon: turnLength,
  }),
  facing: exact({
    name: 'facing',
    exact: 'It plans; nothing in it was measured.',
    summary: 'A face brought to height: equal passes, speed, feed and time',
    input: facingInput,
    output: facingOutput,
    reckon: facing,
  }),
  'jaw-line': calculation({
    name: 'jaw-line',
    summary: 'A vise jaw or fence along an axis: which end to tap, which way, how far',
    input: jawLineInput,
    output: jawLineOutput,
    reckon: jawLine,
  }),
  'head-tram': calculation({
    name: 'head-tram',
    summary: 'Tram of the head in one plane by swinging an indicator',
    input: headTramInput,
    output: headTramOutput,
    reckon: headTram,
  }),
  'centre-sweep': calculation({
    name: 'centre-sweep',
    summary: 'A bore or boss under the spindle by an indicator sweep',
    input: centreSweepInput,
    output: centreSweepOutput,
    reckon: centreSweep,
  }),
  repeatability: calculation({
    name: 'repeatability',
    summary: 'How well a finder or a spot comes back to one fixed place',
    input: repeatabilityInput,
    output: repeatabilityOutput,
    reckon: repeatability,
  }),
  'ball-true': calculation({
    name: 'ball-true',
    summary: 'A ball trued to the spindle: its run-out, its high side, and what its screws push it in by',
    input: ballTrueInput,
    output: ballTrueOutput,
    reckon: ballTrue,
  }),
  'by-instrument': calculation({
    name: 'by-instrument',
    summary: 'A plate, block, feeler, paper or cutter measured by a caliper or micrometer',
    input: byInstrumentInput,
    output: byInstrumentOutput,
    reckon: byInstrument,
  }),
  'error-map': calculation({
    name: 'error-map',
    summary: 'What a caliper, an indicator or the scale of an axis reads over at known blocks',
    input: errorMapInput,
    output: errorMapOutput,
    reckon: errorMap,
  }),
  'arm-offset': calculation({
    name: 'arm-offset',
    summary: 'Offset of a sensor on an arm to the cutter beside it',
    input: armOffsetInput,
    output: armOffsetOutput,
    reckon: armOffset,
  }),
  drift: calculation({
    name: 'drift',
    summary: 'Whether something kept in time is steady, creeps or has moved',
    input: driftInput,
    output: driftOutput,
    reckon: drift,
  }),
  'ball-angles': calculation({
    name: 'ball-angles',
    summary: 'A centre of rotation from one ball at three angles or more',
    input: ballAnglesInput,
    output: ballAnglesOutput,
    reckon: ballAngles,
  }),
  'prove-centre': calculation({
    name: 'prove-centre',
    summary: 'What walls or a point after a turn say of a centre of rotation',
    input: proveCentreInput,
    output: proveCentreOutput,
    reckon: proveCentre,
  }),
  'index-table': calculation({
    name: 'index-table',
    summary: 'Part zero at every index, in three schools',
    input: indexTableInput,
    output: indexTableOutput,
    reckon: indexTable,
  }),
  'chord-over-pins': calculation({
    name: 'chord-over-pins',
    summary: 'From middle to middle of two holes, measured over pins',
    input: chordOverPinsInput,
    output: chordOverPinsOutput,
    reckon: chordOverPins,
  }),
  'pattern-fit': calculation({
    name: 'pattern-fit',
    summary: 'How a pattern of holes lies as a whole: shift, turn, and true position of each',
    input: patternFitInput,
    output: patternFitOutput,
    reckon: patternFit,
  }),
  'height-check': calculation({
    name: 'height-check',
    summary: 'A thickness or depth that one tool made, and what its length is off by',
    input: heightCheckInput,
    output: heightCheckOutput,
    reckon: heightCheck,
  }),
  'finder-by-block': calculation({
    name: 'finder-by-block',
    summary: 'The effective diameter of a finder from both sides of a block of known size',
    input: finderByBlockInput,
    output: finderByBlockOutput,
    reckon: finderByBlock,
  }),
  'probe-in-ring': calculation({
    name: 'probe-in-ring',
    summary: 'A probe’s effective radius, toward each wall and on the mean, from a setting ring',
    input: probeInRingInput,
    output: probeInRingOutput,
    reckon: probeInRing,
  }),
  'height-master': calculation({
    name: 'height-master',
    summary: 'A tool setter by a master tool, or a probe’s length by a block',
    input: heightMasterInput,
    output: heightMasterOutput,
    reckon: heightMaster,
  }),
  'face-flip': calculation({
    name: 'face-flip',
    summary: 'A rotary axis from a platter’s face, flipped half a turn',
    input: faceFlipInput,
    output: faceFlipOutput,
    reckon: faceFlip,
  }),
  'indexed-point': calculation({
    name: 'indexed-point',
    summary: 'Where a datum comes to lie when rotary axes are indexed',
    input: indexedPointInput,
    output: indexedPointOutput,
    reckon: indexedPoint,
  }),
  'cycle-centre': calculation({
    name: 'cycle-centre',
    summary: 'The centre of a bore or boss as the control’s own cycle gave it',
    input: cycleCentreInput,
    output: cycleCentreOutput,
    reckon: cycleCentre,
  }),
  'centre-plug': calculation({
    name: 'centre-plug',
    summary: 'A bore under the spindle by a tapered plug, confirmed',
    input: centrePlugInput,
    output: centrePlugOutput,
    reckon: centrePlug,
  }),
  'chuck-flip': calculation({
    name: 'chuck-flip',
    summary: 'A part in a chuck centred by turning it half round',
    input: chuckFlipInput,
    output: chuckFlipOutput,
    reckon: chuckFlip,
  }),
  level: calculation({
    name: 'level',
    summary: 'A flat levelled about a rotary axis',
    input: levelInput,
    output: levelOutput,
    reckon: level,
  }),
  'part-skew': calculation({
    name: 'part-skew',
    summary: 'How far a clamped part is turned, from touches along one face',
    input: partSkewInput,
    output: partSkewOutput,
    reckon: partSkew,
  }),
  backlash: calculation({
    name: 'backlash',
    summary: 'Backlash of an axis, arriving from both sides',
    input: backlashInput,
    output: backlashOutput,
    reckon: backlash,
  }),
  'opposite-faces': calculation({
    name: 'opposite-faces',
    summary: 'The middle and width of a web, slot or the stock, from both faces',
    input: oppositeFacesInput,
    output: oppositeFacesOutput,
    reckon: oppositeFaces,
  }),
  corner: calculation({
    name: 'corner',
    summary: 'A corner from touches of its two faces, with the skew of the part',
    input: cornerInput,
    output: cornerOutput,
    reckon: corner,
  }),
  circle: calculation({
    name: 'circle',
    summary: 'A bore or boss from touches at three points or more',
    input: circleInput,
    output: circleOutput,
    reckon: circle,
  }),
  'run-out': calculation({
    name: 'run-out',
    summary: 'How far a tool runs out of true: pass or alarm, offset and tilt',
    input: runOutInput,
    output: runOutOutput,
    reckon: runOut,
  }),
  'tool-table-check': exact({
    name: 'tool-table-check',
    exact: 'It takes the U of the lengths it compares; it adds none.',
    summary: 'What cannot be right in a table of tool lengths, and the likely slip',
    input: toolTableCheckInput,
    output: toolTableCheckOutput,
    reckon: toolTableCheck,
  }),
  'hole-line': calculation({
    name: 'hole-line',
    summary: 'Origin and direction of a part from two holes of it',
    input: holeLineInput,
    output: holeLineOutput,
    reckon: holeLine,
  }),
  'choose-method': exact({
    name: 'choose-method',
    exact: 'It foretells the U of each way; what it says of them is not measured.',
    summary: 'The quickest way to find a feature that is good enough, of what the shop has',
    input: chooseMethodInput,
    output: chooseMethodOutput,
    reckon: chooseMethod,
  }),
  explain: exact({
    name: 'explain',
    exact: 'It takes the U of what is compared; it adds none.',
    summary: 'Why something measured does not agree with what is known: the likely slip',
    input: explainInput,
    output: explainOutput,
    reckon: explain,
  }),
} as const;

export type CalculationName = keyof typeof REGISTRY;

export const isCalculation = (name: string): name is CalculationName => Object.hasOwn(REGISTRY, name);
