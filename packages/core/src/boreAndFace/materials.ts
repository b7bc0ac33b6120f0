/** What is cut: words for people, and values to start from. */
export interface CutMaterial {
  name: string;
  /** Cutting speed to start with, m/min, by what the cutter is made of. */
  speed: { hss: number; carbide: number };
  /** Chip of one tooth to start with, mm for each mm of cutter diameter. */
  chip: number;
}

/**
 * Cautious values to start from on a light machine, below the middle of what workshop handbooks give; the cutter maker's
 * own figures come first.
 */
export const CUT_MATERIALS = {
  brass: { name: 'brass', speed: { hss: 55, carbide: 140 }, chip: 0.006 },
  bronze: { name: 'bronze', speed: { hss: 30, carbide: 90 }, chip: 0.005 },
  aluminium: { name: 'aluminium', speed: { hss: 75, carbide: 220 }, chip: 0.007 },
  'mild-steel': { name: 'mild steel', speed: { hss: 25, carbide: 90 }, chip: 0.004 },
  'tool-steel': { name: 'tool steel, soft', speed: { hss: 15, carbide: 55 }, chip: 0.003 },
  stainless: { name: 'stainless steel', speed: { hss: 14, carbide: 60 }, chip: 0.003 },
  'cast-iron': { name: 'cast iron', speed: { hss: 20, carbide: 75 }, chip: 0.005 },
  plastic: { name: 'acetal or nylon', speed: { hss: 100, carbide: 200 }, chip: 0.01 },
  wood: { name: 'hardwood', speed: { hss: 200, carbide: 400 }, chip: 0.02 },
} as const satisfies Record<string, CutMaterial>;

export type CutMaterialName = keyof typeof CUT_MATERIALS;

/** The material a part's own words mean, where they name one; undefined where they do not. */
export function materialOf(words: string): CutMaterialName | undefined {
  const text = words.toLowerCase();
  const [found] = FAMILIAR.find(([, pattern]) => pattern.test(text)) ?? [];
  return found;
}

const FAMILIAR: readonly (readonly [CutMaterialName, RegExp])[] = [
  ['brass', /brass/],
  ['bronze', /bronze/],
  ['aluminium', /alumin/],
  ['stainless', /stainless/],
  ['tool-steel', /tool steel|silver steel/],
  ['mild-steel', /steel/],
  ['cast-iron', /cast iron|iron/],
  ['plastic', /acetal|nylon|plastic/],
  ['wood', /walnut|oak|maple|beech|ash|cherry|wood/],
];
