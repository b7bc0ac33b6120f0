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
}

/**
 * Defaults by kind, mm, until the shop's own calibration or log has better. A block slipped under a tool is judged by
 * feel, as a pin and feeler is; its size is known far better.
 */
export const GAUGE_FACTS: Readonly<Record<GaugeKind, GaugeKindFacts>> = {
  'spring-finder': { name: 'spring edge finder', touchU: 0.005, sizeU: 0.003, spin: 'turning', finds: 'edges' },
  'bearing-finder': { name: 'ring finder', touchU: 0.008, sizeU: 0.008, spin: 'slow', finds: 'edges' },
  'contact-light': { name: 'contact light', touchU: 0.003, sizeU: 0.002, spin: 'standing', finds: 'both' },
  probe: { name: '3D probe', touchU: 0.002, sizeU: 0.002, spin: 'standing', finds: 'both' },
  pin: { name: 'gauge pin', touchU: 0.01, sizeU: 0.005, spin: 'standing', finds: 'edges' },
  feeler: { name: 'feeler', touchU: 0.01, sizeU: 0.005, spin: 'standing', finds: 'both' },
  paper: { name: 'paper', touchU: 0.02, sizeU: 0.02, spin: 'standing', finds: 'both' },
  block: { name: 'gauge block', touchU: 0.01, sizeU: 0.002, spin: 'standing', finds: 'heights' },
  'touch-plate': { name: 'touch plate', touchU: 0.012, sizeU: 0.015, spin: 'standing', finds: 'both' },
  setter: { name: 'tool setter', touchU: 0.003, sizeU: 0.003, spin: 'standing', finds: 'heights' },
  ring: { name: 'setting ring', touchU: 0.004, sizeU: 0.002, spin: 'standing', finds: 'neither' },
  'master-tool': { name: 'master tool', touchU: 0.004, sizeU: 0.002, spin: 'standing', finds: 'neither' },
  indicator: { name: 'indicator', touchU: 0.004, sizeU: 0, spin: 'standing', finds: 'neither' },
  plug: { name: 'tapered plug', touchU: 0.01, sizeU: 0, spin: 'standing', finds: 'neither' },
  caliper: { name: 'caliper', touchU: 0.02, sizeU: 0, spin: 'standing', finds: 'neither' },
  micrometer: { name: 'inside micrometer', touchU: 0.004, sizeU: 0, spin: 'standing', finds: 'neither' },
  'bore-gauge': { name: 'bore gauge', touchU: 0.002, sizeU: 0, spin: 'standing', finds: 'neither' },
};
