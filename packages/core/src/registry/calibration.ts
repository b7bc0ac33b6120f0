import { measureRepeatability } from '../calibration/repeatability';
import { repeatabilityInput, repeatabilityOutput } from '../calibration/repeatability.schema';
import { ballTrue } from '../calibration/ballTrue';
import { ballTrueInput, ballTrueOutput } from '../calibration/ballTrue.schema';
import { calibrateByInstrument } from '../calibration/byInstrument';
import { byInstrumentInput, byInstrumentOutput } from '../calibration/byInstrument.schema';
import { errorMap } from '../calibration/scale/errorMap';
import { errorMapInput, errorMapOutput } from '../calibration/scale/errorMap.schema';
import { armOffset } from '../calibration/armOffset';
import { armOffsetInput, armOffsetOutput } from '../calibration/armOffset.schema';
import { drift } from '../calibration/drift';
import { driftInput, driftOutput } from '../calibration/drift.schema';
import { finderByBlock } from '../calibration/finderByBlock';
import { finderByBlockInput, finderByBlockOutput } from '../calibration/finderByBlock.schema';
import { heightMaster } from '../calibration/heightMaster';
import { heightMasterInput, heightMasterOutput } from '../calibration/heightMaster.schema';
import { calibrateProbeInRing } from '../calibration/probeInRing';
import { probeInRingInput, probeInRingOutput } from '../calibration/probeInRing.schema';
import { calculation } from './calculation';

/** What is known of gauges and scales, and how it grows old. */
export const CALIBRATION = {
  repeatability: calculation({
    name: 'repeatability',
    summary: 'How well a finder or a spot comes back to one fixed place',
    input: repeatabilityInput,
    output: repeatabilityOutput,
    reckon: measureRepeatability,
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
    reckon: calibrateByInstrument,
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
  'finder-by-block': calculation({
    name: 'finder-by-block',
    summary: 'The effective diameter of a finder from both sides of a block of known size',
    input: finderByBlockInput,
    output: finderByBlockOutput,
    reckon: finderByBlock,
  }),
  'probe-in-ring': calculation({
    name: 'probe-in-ring',
    summary: 'A probe’s effective radius, toward each wall and on the mean, from a ring gauge',
    input: probeInRingInput,
    output: probeInRingOutput,
    reckon: calibrateProbeInRing,
  }),
  'height-master': calculation({
    name: 'height-master',
    summary: 'A tool setter by a master tool, or a probe’s length by a block',
    input: heightMasterInput,
    output: heightMasterOutput,
    reckon: heightMaster,
  }),
} as const;
