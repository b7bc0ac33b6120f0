import { chance } from '../../metrology/chance';
import type { Mill } from '../mill/mill';
import { TRAY } from '../lessons/practiceShop';

/** What can have gone wrong at a mill that was set in the morning. */
export const TROUBLES = ['moved-x', 'moved-y', 'came-up', 'tool-slipped', 'finder-off'] as const;

export type Trouble = (typeof TROUBLES)[number];

/** So far something moves at least and at most, mm: well beyond what touches scatter by. */
const LEAST = 0.16;
const MOST = 0.4;

/** A finder that was dropped is so much too wide or too narrow at least and at most, mm. */
const BENT = { least: 0.2, most: 0.4 };

/** Parts this draw from those of the part's own place. */
const DAYS = 0xbad;

/** One to three things, by the seed: the same day again for the same seed. */
export function troublesOf(seed: number): Trouble[] {
  const { next, pick } = chance(seed + DAYS);
  const count = pick(1, 2, 3);
  const drawn = TROUBLES.map((trouble) => ({ trouble, at: next() })).sort((a, b) => a.at - b.at);
  return drawn.slice(0, count).map(({ trouble }) => trouble);
}

/** The mill before the morning: a finder that was dropped is so from the start. */
export function bent(mill: Mill, troubles: readonly Trouble[], seed: number): Mill {
  if (!troubles.includes('finder-off')) return mill;
  const { between, pick } = chance(seed + 2 * DAYS);
  const off = pick(1, -1) * between(BENT.least, BENT.most);
  return { ...mill, hidden: { ...mill.hidden, wider: { [TRAY.springFinder.id]: off } } };
}

/** The same mill after what befell it since it was set. */
export function befallen(mill: Mill, troubles: readonly Trouble[], seed: number): Mill {
  const { between, pick } = chance(seed + 3 * DAYS);
  const far = () => between(LEAST, MOST);
  // Each is drawn whether it happens or not, so that one does not change another.
  const by = { x: pick(1, -1) * far(), y: pick(1, -1) * far(), up: far(), slip: pick(1, -1) * far() };
  const { hidden } = mill;
  const { corner, top } = hidden;
  const ifSo = (trouble: Trouble, mm: number) => (troubles.includes(trouble) ? mm : 0);
  return {
    ...mill,
    hidden: {
      ...hidden,
      corner: { x: corner.x + ifSo('moved-x', by.x), y: corner.y + ifSo('moved-y', by.y) },
      top: top + ifSo('came-up', by.up),
      longer: { [TRAY.drill.id]: ifSo('tool-slipped', by.slip) },
    },
  };
}
