import type { FoundSlip, MillSlip } from './marking/slips';
import type { Feel } from './mill/contact';
import type { Mill } from './mill/mill';
import { formatLength } from '../units/formatLength';

/** A slip in words: what was done, what it does to a part, and the habit that avoids it. */
interface SlipWords {
  what: string;
  does: string;
  habit: string;
}

const SLIPS: Readonly<Record<MillSlip, SlipWords>> = {
  'hand-at-turning': {
    what: 'A hand went to the spindle while it turned.',
    does: 'It takes the glove and the fingers with it.',
    habit: 'Spindle off and standing still, locked where it can be, before anything is changed or held there.',
  },
  'finder-still': {
    what: 'The finder stood still.',
    does: 'A finder that does not turn cannot jump: it is pushed, and what is read is too far.',
    habit: 'Start the spindle before you come near, and look that the finder runs.',
  },
  'finder-too-fast': {
    what: 'The finder turned faster than it may.',
    does: 'Its end can fly off, and it is thrown far.',
    habit: 'Read the maker’s figure; about 1000 rev/min for a spring finder, 100 for a ring finder.',
  },
  'spindle-turning': {
    what: 'The spindle turned while something was held between.',
    does: 'It takes the feeler or the paper with it, and the fingers after it.',
    habit: 'Stop the spindle and lock it before a hand comes near.',
  },
  'lowered-onto-block': {
    what: 'The tool was lowered onto the block.',
    does: 'It chips the edge and marks the block, and everything after it is off.',
    habit: 'Take the block away before anything comes down. Raise past it, and try it as you go up.',
  },
  'not-raised': {
    what: 'It went on to the next place before it was raised.',
    does: 'It runs into the part: the finder is bent, or the part has moved in the vise.',
    habit: 'Raise first, every time, before any wheel but the one you touched with.',
  },
  'drove-in': {
    what: 'It was driven on after it had touched.',
    does: 'The finder is bent, or the part has moved.',
    habit: 'Smaller steps when it is near, and stop at the first sign.',
  },
  'backed-into': {
    what: 'A touch was found while backing out.',
    does: 'The collar is off by the play of the screw there.',
    habit: 'Gone too far? Back half a turn, then come again from the side you always come from.',
  },
  'half-left-out': {
    what: 'Half of the contact was left out.',
    does: 'The whole job lies half a diameter to one side.',
    habit: 'While touching, the spindle stands half a contact before the face: the scale shows that, not nothing.',
  },
  'half-twice': {
    what: 'The whole diameter was set, where half of it belongs.',
    does: 'The whole job lies half a diameter to one side.',
    habit: 'Half the contact, and what lies between, in full.',
  },
  'half-wrong-way': {
    what: 'Half was taken the wrong way.',
    does: 'The whole job lies a diameter to one side.',
    habit: 'At a left or front face the spindle is before zero: the figure is minus.',
  },
  'between-left-out': {
    what: 'What lay between was left out of the sum.',
    does: 'Everything is off by its thickness.',
    habit: 'Feeler, paper or block: it stands between tool and part, so it stands in the sum.',
  },
  'plate-by-marking': {
    what: 'The plate’s marking was believed.',
    does: 'Every tool cuts too high or digs in by as much as the plate is off.',
    habit: 'Measure a plate by caliper before its first touch of the day, and use that.',
  },
  'clip-left-on': {
    what: 'The spindle was started with the clip still on the tool.',
    does: 'It winds up the wire and throws plate and clip.',
    habit: 'Clip and plate away and in their box before a hand goes to the spindle’s switch.',
  },
  'read-back-skipped': {
    what: 'Nobody looked at what the scale shows after it was set.',
    does: 'A slip of the keys goes unseen until the first cut.',
    habit: 'Look back after every setting, and log what it shows.',
  },
};

/** A slip that was made: the axis it was about, and how far it is off, where that is known. */
export function millSlipWords({ slip, axis, off }: FoundSlip): SlipWords {
  const words = SLIPS[slip];
  const where = axis === undefined ? '' : `${axis.toUpperCase()}: `;
  const by = off === undefined ? '' : ` Off by ${formatLength(off, { unit: 'mm', plus: true })} mm.`;
  return { ...words, what: `${where}${words.what}${by}` };
}

/** What a hand feels and an eye sees, in a few words. */
export function feelWords({ held, between, rpm, broken }: Mill, felt: Feel): string {
  if (broken === 'bent') return 'It is bent. Begin again.';
  if (broken === 'flew-apart') return 'It flew apart. Begin again.';
  if (broken === 'dug-in') return 'It has dug in. Begin again.';
  if (!held) return 'Nothing in the spindle.';
  if (held.kind === 'spring-finder' || held.kind === 'bearing-finder') return finderWords(held.kind, felt, rpm);
  if (held.kind === 'probe') return felt === 'found' ? 'Its light is on: it has tripped.' : 'Its light is off.';
  if (!between) return felt === 'past' ? 'Metal on metal.' : felt === 'near' ? 'Close by the part.' : 'Free.';
  if (between.kind === 'block')
    return { clear: 'The block goes under freely.', near: 'The block goes under freely.', found: 'The block just slides under.', past: 'The block does not go under.' }[felt]; // prettier-ignore
  if (between.kind === 'plate')
    return felt === 'found' ? 'The plate’s light is on: it touches.' : 'The plate’s light is off.';
  const name = between.kind === 'paper' ? 'The paper' : 'The feeler';
  return { clear: `${name} is free.`, near: `${name} is free.`, found: `${name} drags.`, past: `${name} is stuck.` }[
    felt
  ];
}

function finderWords(kind: 'spring-finder' | 'bearing-finder', felt: Feel, rpm: number): string {
  const spring = kind === 'spring-finder';
  if (rpm === 0) return felt === 'clear' ? 'It stands still.' : 'It stands still, and cannot show a touch.';
  if (felt === 'found') return spring ? 'It jumped aside.' : 'The ring stopped.';
  if (felt === 'near') return spring ? 'It runs truer and truer.' : 'The ring still turns.';
  return spring ? 'Its end swings.' : 'The ring turns.';
}
