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
  /** Standard uncertainty of one touch, and the method's own standard deviation, mm. */
  defaultU: number;
  /** `turning`: touches while the spindle turns; `slow`: while it turns slowly; `standing`: spindle stopped. */
  spin: 'turning' | 'slow' | 'standing';
  /** Whether it finds faces sideways (X and Y), or heights (Z); the others measure or line up. */
  finds: 'edges' | 'heights' | 'both' | 'neither';
}

/**
 * Defaults by kind, mm. A block slipped under a tool is judged by feel, as a pin and feeler is.
 */
export const GAUGE_FACTS: Readonly<Record<GaugeKind, GaugeKindFacts>> = {
  'spring-finder': { name: 'spring edge finder', defaultU: 0.006, spin: 'turning', finds: 'edges' },
  'bearing-finder': { name: 'ring finder', defaultU: 0.012, spin: 'slow', finds: 'edges' },
  'contact-light': { name: 'contact light', defaultU: 0.004, spin: 'standing', finds: 'both' },
  probe: { name: '3D probe', defaultU: 0.003, spin: 'standing', finds: 'both' },
  pin: { name: 'gauge pin', defaultU: 0.012, spin: 'standing', finds: 'edges' },
  feeler: { name: 'feeler', defaultU: 0.012, spin: 'standing', finds: 'heights' },
  paper: { name: 'paper', defaultU: 0.03, spin: 'standing', finds: 'both' },
  block: { name: 'gauge block', defaultU: 0.012, spin: 'standing', finds: 'heights' },
  'touch-plate': { name: 'touch plate', defaultU: 0.02, spin: 'standing', finds: 'both' },
  setter: { name: 'tool setter', defaultU: 0.004, spin: 'standing', finds: 'heights' },
  ring: { name: 'setting ring', defaultU: 0.004, spin: 'standing', finds: 'neither' },
  'master-tool': { name: 'master tool', defaultU: 0.004, spin: 'standing', finds: 'neither' },
  indicator: { name: 'indicator', defaultU: 0.004, spin: 'standing', finds: 'neither' },
  plug: { name: 'tapered plug', defaultU: 0.01, spin: 'standing', finds: 'neither' },
  caliper: { name: 'caliper', defaultU: 0.02, spin: 'standing', finds: 'neither' },
  micrometer: { name: 'inside micrometer', defaultU: 0.004, spin: 'standing', finds: 'neither' },
  'bore-gauge': { name: 'bore gauge', defaultU: 0.002, spin: 'standing', finds: 'neither' },
};
