/** The ways to find where something is sideways, each by the kind of gauge it needs. */
export const METHODS = [
  'spring-finder',
  'bearing-finder',
  'pin-feeler',
  'cutter-paper',
  'cutter-feeler',
  'contact-light',
  'touch-plate',
  'probe',
  'indicator',
  'plug',
] as const;

export type Method = (typeof METHODS)[number];

/** The ways to find a height, each by what is touched. */
export const HEIGHT_METHODS = ['block', 'feeler', 'paper', 'touch-plate', 'setter', 'contact-light', 'probe'] as const;

export type HeightMethodName = (typeof HEIGHT_METHODS)[number];

/** Everything that is so of every gauge of a kind: how it is used, and how well it repeats until the shop's own log says better. */
export interface GaugeKindFacts {
  name: string;
  /**
   * Where it trips differs from direction to direction: standard uncertainty of a touch, mm, which repeats at one place do
   * not average; the method's own standard deviation too. For what only measures, of a reading.
   */
  uTouch: number;
  /** Its effective radius or thickness is off by the same at every touch: standard uncertainty, mm. */
  uSize: number;
  /** Whether that counts the size of the cutter before it as well, as of paper and plates; else the cutter's own is added. */
  uSizeWithCutter: boolean;
  /** `turning`: touches while the spindle turns; `slow`: while it turns slowly; `standing`: spindle stopped. */
  spin: 'turning' | 'slow' | 'standing';
  /** Whether it finds faces sideways (X and Y), or heights (Z); the others measure or line up. */
  finds: 'edges' | 'heights' | 'both' | 'neither';
  /** What is marked on it: the diameter of its contact, of which half counts, another diameter, a thickness, a length, or nothing. */
  size: 'contact' | 'diameter' | 'thickness' | 'length' | 'none';
  /** The size a new one begins with in each unit. */
  start: { mm: number; in: number };
  /** How it finds a face; null where it does not. */
  method: Method | null;
  /** How it finds a height; null where it does not. */
  heightMethod: HeightMethodName | null;
  /** Where it may sit as it finds a height; asked where there is more than one. */
  seats: readonly ('spindle' | 'arm' | 'under')[];
  /** Whether the spindle holds it as it touches or is touched. */
  inSpindle: boolean;
  /** Its calibrated length stands for a tool's: it puts nothing between the surface and itself. */
  ownLength: boolean;
  /** A ball or tip whose radius differs by direction, and is trued to the spindle. */
  hasTip: boolean;
  /** A lamp or circuit shows the contact: the part must conduct. */
  needsConduction: boolean;
  /** A plate with wire and clip: adds a thickness of its own on each axis, which a control has entered as well. */
  isPlate: boolean;
  /** A feeler may be between it and the face. */
  withFeeler: boolean;
  /** It is itself what goes between a finder and a face. */
  goesBetween: boolean;
  /** What stands on the tool touch-off point: met alike by a probe and by cutters, by cutters alone, or never there. */
  onTouchOffPoint: 'alike' | 'cutters' | 'never';
  /** Whether a control's own cycle can be tripped by it, and what that cycle has taken off then. */
  tripsCycle: boolean;
  takenOff: 'ball' | 'contact' | 'plate' | 'setter';
  /** What of a part it measures. */
  measures: readonly ('outside' | 'inside')[];
  /** Whether its own size is found by caliper, micrometer or bore gauge. */
  byInstrument: boolean;
  /** What makes it calibrated: its size, or, of what has none, how it reads. */
  calibratedBy: readonly ('size' | 'offsets' | 'radii' | 'run-out' | 'errors' | 'touch')[];
  /** Checked again after so many days, or so many touches, whichever comes first; a shop may choose its own. */
  due: { days: number; uses?: number };
}

/** What most kinds are not and have not; a kind says what it is. */
export const PLAIN = {
  uSizeWithCutter: true,
  spin: 'standing',
  start: { mm: 10, in: 0.5 },
  method: null,
  heightMethod: null,
  seats: ['under'],
  inSpindle: false,
  ownLength: false,
  hasTip: false,
  needsConduction: false,
  isPlate: false,
  withFeeler: false,
  goesBetween: false,
  onTouchOffPoint: 'never',
  tripsCycle: false,
  takenOff: 'ball',
  measures: [],
  byInstrument: false,
  calibratedBy: ['size', 'offsets', 'radii'],
} as const satisfies Partial<GaugeKindFacts>;
