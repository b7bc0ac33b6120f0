/** Everything of known size that touches. */
export const GAUGE_KINDS = [
  'spring-finder',
  'bearing-finder',
  'contact-light',
  'probe',
  'pin',
  'feeler',
  'paper',
  'block',
  'touch-plate',
  'setter',
  'ring',
  'master-tool',
  'indicator',
  'plug',
  'caliper',
  'micrometer',
  'bore-gauge',
] as const;

export type GaugeKind = (typeof GAUGE_KINDS)[number];

/** How a kind of gauge is used, and how well it repeats until the shop's own log says better. */
export interface GaugeKindFacts {
  name: string;
  /**
   * Where it trips differs from direction to direction: standard uncertainty of a touch, mm, which repeats at one place do
   * not average; the method's own standard deviation too. For what only measures, of a reading.
   */
  touchU: number;
  /** Its effective radius or thickness is off by the same at every touch: standard uncertainty, mm. */
  sizeU: number;
  /** `turning`: touches while the spindle turns; `slow`: while it turns slowly; `standing`: spindle stopped. */
  spin: 'turning' | 'slow' | 'standing';
  /** Whether it finds faces sideways (X and Y), or heights (Z); the others measure or line up. */
  finds: 'edges' | 'heights' | 'both' | 'neither';
  /** Checked again after so many days, or so many touches, whichever comes first; a shop may choose its own. */
  due: { days: number; uses?: number };
}

/**
 * Defaults by kind, mm, until the shop's own calibration or log has better. A block slipped under a tool is judged by
 * feel, as a pin and feeler is; its size is known far better.
 */
export const GAUGE_FACTS: Readonly<Record<GaugeKind, GaugeKindFacts>> = {
  'spring-finder': {
    name: 'edge finder',
    touchU: 0.005,
    sizeU: 0.003,
    spin: 'turning',
    finds: 'edges',
    due: { days: 365, uses: 2000 },
  },
  'bearing-finder': {
    name: 'bearing edge finder',
    touchU: 0.008,
    sizeU: 0.008,
    spin: 'slow',
    finds: 'edges',
    due: { days: 365, uses: 2000 },
  },
  'contact-light': {
    name: 'electronic edge finder',
    touchU: 0.003,
    sizeU: 0.002,
    spin: 'standing',
    finds: 'both',
    due: { days: 180, uses: 2000 },
  },
  probe: {
    name: 'probe',
    touchU: 0.002,
    sizeU: 0.002,
    spin: 'standing',
    finds: 'both',
    due: { days: 90, uses: 3000 },
  },
  pin: { name: 'gauge pin', touchU: 0.01, sizeU: 0.005, spin: 'standing', finds: 'edges', due: { days: 730 } },
  feeler: {
    name: 'feeler',
    touchU: 0.01,
    sizeU: 0.005,
    spin: 'standing',
    finds: 'both',
    due: { days: 365, uses: 1000 },
  },
  paper: { name: 'paper', touchU: 0.02, sizeU: 0.02, spin: 'standing', finds: 'both', due: { days: 365 } },
  block: { name: 'gauge block', touchU: 0.01, sizeU: 0.002, spin: 'standing', finds: 'heights', due: { days: 730 } },
  'touch-plate': {
    name: 'touch plate',
    touchU: 0.012,
    sizeU: 0.015,
    spin: 'standing',
    finds: 'both',
    due: { days: 365 },
  },
  setter: {
    name: 'tool setter',
    touchU: 0.003,
    sizeU: 0.003,
    spin: 'standing',
    finds: 'heights',
    due: { days: 180, uses: 2000 },
  },
  ring: { name: 'ring gauge', touchU: 0.004, sizeU: 0.002, spin: 'standing', finds: 'neither', due: { days: 730 } },
  'master-tool': {
    name: 'master tool',
    touchU: 0.004,
    sizeU: 0.002,
    spin: 'standing',
    finds: 'neither',
    due: { days: 365 },
  },
  indicator: { name: 'indicator', touchU: 0.004, sizeU: 0, spin: 'standing', finds: 'neither', due: { days: 365 } },
  plug: { name: 'centring plug', touchU: 0.01, sizeU: 0, spin: 'standing', finds: 'neither', due: { days: 365 } },
  caliper: { name: 'caliper', touchU: 0.02, sizeU: 0, spin: 'standing', finds: 'neither', due: { days: 365 } },
  micrometer: {
    name: 'outside micrometer',
    touchU: 0.004,
    sizeU: 0,
    spin: 'standing',
    finds: 'neither',
    due: { days: 365 },
  },
  'bore-gauge': { name: 'bore gauge', touchU: 0.002, sizeU: 0, spin: 'standing', finds: 'neither', due: { days: 180 } },
};

/** Kinds whose size is a diameter, of which half counts. */
const ROUND: ReadonlySet<GaugeKind> = new Set(['spring-finder', 'bearing-finder', 'contact-light', 'probe', 'pin']);

/** Whether the size of a gauge is a diameter. */
export const isRound = (kind: GaugeKind): boolean => ROUND.has(kind);
