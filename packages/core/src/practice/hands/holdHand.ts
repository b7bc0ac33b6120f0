import { boxOf } from '../mill/box';
import { feel } from '../mill/contact';
import { lowerTo, raise } from './hand';
import { INDICATOR, type Clumsy, type Worker } from './worker';

/** So many blows at most. */
const BLOWS = 40;

/** The vise tightened, the part tapped down until neither parallel moves; nothing where there are none. */
export function seatPart({ hand }: Worker, { seats }: Clumsy): void {
  if (hand.mill().work?.kind !== 'seat') return;
  hand.do({ do: 'bolts', tight: true });
  for (let n = 0; n < BLOWS && seats !== false; n += 1) {
    hand.do({ do: 'try' });
    const { work } = hand.mill();
    const tried = work?.kind === 'seat' ? work.tried : undefined;
    if (!tried?.left && !tried?.right) return;
    hand.do({ do: 'blow', side: tried.left ? 'left' : 'right' });
  }
}

/** How far from the bore's middle the spindle stands by eye, mm. */
const BY_EYE = { x: 0.4, y: -0.3 };

/** A loose table drawn under the spindle by a plug, bolted while that sits; then the plug out and the indicator in. */
export function underByPlug({ hand }: Worker, { plug }: Clumsy): void {
  const { hidden } = hand.mill();
  const box = boxOf(hand.mill());
  if (!box || !hidden.bore) return;
  hand.do({ do: 'move', axis: 'z', by: 60 });
  hand.do({ do: 'hold', contact: plug === 'in-chuck' ? 'plug-24-chuck' : 'plug-24' });
  raise(hand);
  for (const axis of ['x', 'y'] as const) hand.toward(axis, box.corner[axis] + hidden.bore[axis] + BY_EYE[axis]);
  lowerTo(hand, -10);
  for (let i = 0; feel(hand.mill()) !== 'found' && !hand.mill().broken && i < 2000; i += 1)
    hand.do({ do: 'move', axis: 'z', by: -0.02 });
  hand.do({ do: 'bolts', tight: true });
  raise(hand);
  hand.do({ do: 'move', axis: 'z', by: 60 });
  hand.do({ do: 'hold', contact: INDICATOR });
}
