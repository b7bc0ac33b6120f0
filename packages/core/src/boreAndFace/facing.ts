import { FACING_CAUTIONS } from '../cautions/caution';
import { Refusal } from '../problem/problem';
import { sumSection, type WorkingSection } from '../working/working';
import type { FacingInput, FacingOutput } from './facing.schema';
import { CUT_MATERIALS, type CutMaterialName } from './materials';

/** Chips thinner than this rub instead of cutting; thicker than this overload a hobby machine, mm. */
const CHIP = { least: 0.01, most: 0.15 };

/** A cutter enters and leaves beyond the face: this share of its diameter at each end. */
const RUN_IN = 0.6;

/**
 * Facing a surface down: equal passes no deeper than allowed and a finishing one; spindle speed from cutting speed
 * (n = 1000 v / π d), feed from the feed per tooth (f = n z fz, ISO 3002-3), both within what the machine can do; time.
 * Lengths in mm, speed in m/min and rpm, feed in mm/min.
 *
 * @throws Refusal when the finishing pass is more than there is to remove
 * @example facing({ remove: 2.3, mostDepth: 0.8, finish: 0.2, length: 100, width: 40, cutter: { diameter: 20, teeth: 4, madeOf: 'hss' }, material: 'brass', stepOver: 0.7, machine: {} }).passes.map(({ depth }) => depth) // [0.7, 0.7, 0.7, 0.2]
 */
export function solveFacing(input: FacingInput): FacingOutput {
  const { remove, mostDepth, finish, cutter, machine, material, stepOver, length, width } = input;
  if (finish > remove)
    throw new Refusal({
      code: 'finish-too-deep',
      field: 'finish',
      message: 'The finishing pass is deeper than all there is to remove. Make it smaller, or 0.',
    });
  const roughing = remove - finish;
  const rough = Math.ceil(roughing / mostDepth - 1e-9);
  if (rough > MOST_PASSES)
    throw new Refusal({
      code: 'too-many-passes',
      field: 'mostDepth',
      message: `That would be ${rough > 1e6 ? 'more than a million' : rough} passes; at most ${MOST_PASSES} are calculated. Check the depth to remove and the depth of one pass.`,
    });
  const depths = Array.from({ length: rough }, () => roughing / rough);
  if (finish > 0) depths.push(finish);

  const { speed, chip } = CUT_MATERIALS[material];
  const wantedSpeed = input.cuttingSpeed ?? speed[cutter.madeOf];
  const wantedRpm = (1000 * wantedSpeed) / (Math.PI * cutter.diameter);
  const [rpm, rpmLimit] = within(wantedRpm, machine.leastRpm, machine.mostRpm);
  const load = input.toothLoad ?? Math.min(CHIP.most, Math.max(CHIP.least, chip * cutter.diameter));
  const [feed, feedLimit] = within(rpm * cutter.teeth * load, undefined, machine.mostFeed);

  const paths = Math.max(1, Math.ceil((width - cutter.diameter) / (stepOver * cutter.diameter) - 1e-9) + 1);
  const travel = paths * (length + 2 * RUN_IN * cutter.diameter);
  return {
    passes: depths.map((depth, i) => ({
      depth,
      left: remove - depths.slice(0, i + 1).reduce((sum, one) => sum + one, 0) + 0,
      finish: finish > 0 && i === depths.length - 1,
    })),
    rpm,
    rpmLimit,
    cuttingSpeed: (rpm * Math.PI * cutter.diameter) / 1000,
    toothLoad: feed / (rpm * cutter.teeth),
    feed,
    feedLimit,
    paths,
    minutes: (depths.length * travel) / feed,
    coolant: coolantOf(material, cutter.madeOf),
    remedies: [...REMEDIES],
    uncertainty: null,
    tape: { sections: [passSection(depths, finish), cutterSection(input)] },
    cautions: [
      ...(input.cutter.inserts ? [FACING_CAUTIONS.inserts] : []),
      FACING_CAUTIONS.starting,
      FACING_CAUTIONS.chips,
    ],
  };
}

/** A wanted figure held inside what the machine can do. */
function within(
  wanted: number,
  least: number | undefined,
  most: number | undefined,
): [number, 'slowest' | 'fastest' | null] {
  if (most !== undefined && wanted > most) return [most, 'fastest'];
  if (least !== undefined && wanted < least) return [least, 'slowest'];
  return [wanted, null];
}

const passSection = (depths: readonly number[], finish: number): WorkingSection =>
  sumSection(
    'What comes off',
    depths.map((value, i) => ({
      label: finish > 0 && i === depths.length - 1 ? 'finishing pass' : `pass ${i + 1}`,
      value,
    })),
    'to remove',
  );

const cutterSection = ({ width, cutter }: FacingInput): WorkingSection =>
  sumSection(
    'Room for the paths',
    [
      { label: 'width of the face', value: width },
      { label: 'less the cutter', value: -cutter.diameter, detail: ['the first path cuts as wide as it is'] },
    ],
    'left to the other paths',
  );

/** More passes than this nobody means. */
const MOST_PASSES = 200;

const COOLANT = {
  hss: 'High-speed steel likes to be wet: flood or drip, or brush it on with the spindle stopped. Never brush at a turning cutter.',
  carbide:
    'Carbide: fluid always or never. Flood it from the first chip to the last, or cut dry: now and then cracks the edge.',
} as const;

/** Materials that are cut without fluid, and why. */
const DRY: Readonly<Partial<Record<CutMaterialName, string>>> = {
  wood: 'Dry, with dust extraction on and a mask. Wood dust is harmful and burns.',
  brass: 'Brass is cut dry.',
  'cast-iron': 'Cut cast iron dry, with dust extraction. With fluid it makes a paste that wears slides.',
  plastic: 'Dry, with a sharp cutter. No blast of air: chips by brush, with the spindle stopped.',
};

/** Wet or dry, by what is cut first, then by what cuts. Never by air where it would blow swarf at people. */
const coolantOf = (material: CutMaterialName, madeOf: 'hss' | 'carbide'): string => DRY[material] ?? COOLANT[madeOf];

const REMEDIES: FacingOutput['remedies'] = [
  {
    sign: 'The edge builds up',
    change: 'Lightly: go faster, or use fluid. Heavily: less feed and less depth too, and a sharper cutter.',
  },
  {
    sign: 'Chips turn blue, the edge gets hot',
    change: 'Lower the speed by a quarter first. Keep the feed: thin chips rub and heat more.',
  },
  {
    sign: 'It chatters',
    change: 'Lower the speed, raise the feed a little, shorten the overhang, lock the axes that do not move.',
  },
  { sign: 'It rubs and squeals', change: 'Raise the feed, or take a deeper pass: each tooth needs a chip to bite.' },
];
