import { chance } from '../../metrology/chance';
import { turnedBy } from '../mill/hiddenTruth';
import type { Mill } from '../mill/mill';
import type { BadDayTrouble } from './trouble';

/** So far something moves at least and at most, mm: well beyond what touches scatter by. */
const LEAST = 0.16;
const MOST = 0.4;

/** A finder that was dropped is so much too wide or too narrow, a plate that was ground so much too thin, mm. */
const BENT = { least: 0.2, most: 0.4 };
const GROUND = { least: 0.15, most: 0.4 };

/** Another cutter in the pocket is so much longer or shorter, mm: far more than one slips. */
const SWAPPED = { least: 4, most: 12 };

/** Parts this draw from those of the part's own place. */
const DAYS = 0xbad;

/** Of two that would hide each other only the first happens. */
const EITHER: readonly (readonly [BadDayTrouble, BadDayTrouble])[] = [['tool-swapped', 'tool-slipped']];

/** One to three of these things, by the seed: the same day again for the same seed. */
export function troublesOf(seed: number, from: readonly BadDayTrouble[]): BadDayTrouble[] {
  const { next, pick } = chance(seed + DAYS);
  const count = pick(1, 2, 3);
  const drawn = from
    .map((trouble) => ({ trouble, at: next() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, count)
    .map(({ trouble }) => trouble);
  return drawn.filter((one) => !EITHER.some(([first, other]) => one === other && drawn.includes(first)));
}

/** What is on a mill, by what of it can go wrong. */
interface Things {
  finder: string;
  /** A second tool, and a plate, where there are any. */
  tool?: string;
  plate?: string;
}

/** The mill before the morning: a finder that was dropped, a plate that was ground, a burr on the jaw are so from the start. */
export function bent(mill: Mill, troubles: readonly BadDayTrouble[], seed: number, { finder, plate }: Things): Mill {
  const { between, pick } = chance(seed + 2 * DAYS);
  // Each is drawn whether it happens or not, so that one does not change another.
  const wider = pick(1, -1) * between(BENT.least, BENT.most);
  const thinner = between(GROUND.least, GROUND.most);
  return {
    ...mill,
    hidden: {
      ...mill.hidden,
      ...(troubles.includes('finder-off') && { wider: { [finder]: wider } }),
      ...(troubles.includes('plate-worn') && plate !== undefined && { thinner: { [plate]: thinner } }),
      ...(troubles.includes('jaw-burr') && { turned: turnedBy(seed) }),
    },
  };
}

/** The same mill after what befell it since it was set. */
export function befallen(mill: Mill, troubles: readonly BadDayTrouble[], seed: number, { tool }: Things): Mill {
  const { between, pick } = chance(seed + 3 * DAYS);
  const far = () => between(LEAST, MOST);
  const by = {
    x: pick(1, -1) * far(),
    y: pick(1, -1) * far(),
    up: far(),
    slip: pick(1, -1) * far(),
    swap: pick(1, -1) * between(SWAPPED.least, SWAPPED.most),
    home: pick(1, -1) * far(),
  };
  const homed = pick<'x' | 'y'>('x', 'y');
  const { hidden, zero, homedOff } = mill;
  const { corner, top } = hidden;
  const ifSo = (trouble: BadDayTrouble, mm: number) => (troubles.includes(trouble) ? mm : 0);
  const homes = ifSo('homing-shifted', by.home);
  return {
    ...mill,
    zero: { ...zero, [homed]: zero[homed] + homes },
    homedOff: { ...homedOff, [homed]: homedOff[homed] + homes },
    hidden: {
      ...hidden,
      corner: { x: corner.x + ifSo('moved-x', by.x), y: corner.y + ifSo('moved-y', by.y) },
      top: top + ifSo('came-up', by.up),
      ...(tool !== undefined && {
        longer: { [tool]: ifSo('tool-slipped', by.slip) + ifSo('tool-swapped', by.swap) },
      }),
    },
  };
}
