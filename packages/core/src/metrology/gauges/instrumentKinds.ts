import { PLAIN, type GaugeKindFacts } from './gaugeKindFacts';

/** What has no size of its own but reads one, by how it is calibrated. */
const READS = { finds: 'neither', size: 'none', start: { mm: 0, in: 0 }, calibratedBy: ['errors', 'touch'] } as const;

/** References of known size, and instruments that measure a part. Uncertainties in mm. */
export const INSTRUMENT_KINDS = {
  ring: {
    ...PLAIN,
    name: 'ring gauge',
    uTouch: 0.004,
    uSize: 0.002,
    finds: 'neither',
    size: 'diameter',
    byInstrument: true,
    due: { days: 730 },
  },
  'master-tool': {
    ...PLAIN,
    name: 'master tool',
    uTouch: 0.004,
    uSize: 0.002,
    finds: 'neither',
    size: 'length',
    inSpindle: true,
    byInstrument: true,
    due: { days: 365 },
  },
  caliper: {
    ...PLAIN,
    ...READS,
    name: 'caliper',
    uTouch: 0.02,
    uSize: 0,
    measures: ['outside', 'inside'],
    due: { days: 365 },
  },
  micrometer: {
    ...PLAIN,
    ...READS,
    name: 'outside micrometer',
    uTouch: 0.004,
    uSize: 0,
    measures: ['outside'],
    due: { days: 365 },
  },
  'bore-gauge': {
    ...PLAIN,
    ...READS,
    name: 'bore gauge',
    uTouch: 0.002,
    uSize: 0,
    measures: ['inside'],
    due: { days: 180 },
  },
} as const satisfies Readonly<Record<string, GaugeKindFacts>>;
