import type { FoundMistake, MillMistake } from './marking/millMistakes';
import type { Feel } from './mill/contact';
import { topOf } from './mill/box';
import { tipOf } from './mill/toolTip';
import type { Mill } from './mill/mill';
import { dialWords } from './thingWords';
import { formatLength } from '../units/formatLength';
import type { LengthUnit } from '../units/unit';

/** A slip in words: what was done, what it does to a part, and the habit that avoids it. */
interface SlipWords {
  what: string;
  does: string;
  habit: string;
}

const SLIPS: Readonly<Record<MillMistake, SlipWords>> = {
  'hand-at-turning': {
    what: 'A hand went to the spindle while it turned.',
    does: 'It takes the fingers with it; a glove or a sleeve is drawn in first. None near a spindle that can turn.',
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
    habit: 'Read the maker’s figure; about 1000 rpm for an edge finder, 100 for a bearing edge finder.',
  },
  'spindle-turning': {
    what: 'The spindle turned while something was held between.',
    does: 'It takes the feeler or the paper with it, and the fingers after it.',
    habit: 'Stop the spindle and lock it before a hand comes near.',
  },
  'touched-turning': {
    what: 'The spindle turned while something touched that must stand.',
    does: 'A plug seizes in its bore, and an indicator or a light is torn off.',
    habit: 'Spindle stopped and locked before a plug, a light or an indicator comes near the part.',
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
    what: 'It was moved on after it had touched.',
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
    habit: 'At the touch the spindle is half the finder from the face. The scale must show that, not zero.',
  },
  'half-twice': {
    what: 'The whole diameter was set, where half of it belongs.',
    does: 'The whole job lies half a diameter to one side.',
    habit: 'Half the contact, and what lies between, in full.',
  },
  'half-wrong-way': {
    what: 'Half was taken the wrong way.',
    does: 'The whole job lies a diameter to one side.',
    habit: 'At a face touched toward plus, the spindle stops half the finder short of it.',
  },
  'between-left-out': {
    what: 'What lay between was left out of the sum.',
    does: 'Everything is off by its thickness.',
    habit: 'Add the feeler, paper or block: it is between tool and part.',
  },
  'plate-by-marking': {
    what: 'The plate’s marking was believed.',
    does: 'Every tool cuts too high or digs in by as much as the plate is off.',
    habit: 'Measure a plate by caliper before its first touch of the day, and use that.',
  },
  'clip-left-on': {
    what: 'The spindle was started with a clip still on.',
    does: 'It winds up the wire and throws what hangs on it.',
    habit: 'Clip, wire and plate away and in their box before a hand goes to the spindle’s switch.',
  },
  'moved-for-set': {
    what: 'The notebook has it as set, and at the mill nobody set it.',
    does: 'The scale still counts from where it did: everything after it is somewhere else.',
    habit: 'Set is a key or a collar, and nothing moves. Look at the figure: it must have changed.',
  },
  'whole-for-half': {
    what: 'The whole difference was tapped, where half of it belongs.',
    does: 'The part is then as far out on the other side, again and again.',
    habit: 'Half of what two opposite sides differ by; then set the dial again and read both again.',
  },
  'not-read-again': {
    what: 'The bolts were tightened, and nothing was read again.',
    does: 'Bolts move a vise or a table: every place on the part is as far out as that.',
    habit: 'Tighten by halves in turn, then go over it with the indicator once more.',
  },
  'left-loose': {
    what: 'The bolts were left loose.',
    does: 'The first cut takes vise or table with it.',
    habit: 'In line, tightened, and read again: in this order.',
  },
  'plug-in-chuck': {
    what: 'The plug was held in a drill chuck.',
    does: 'A drill chuck runs out by a tenth or more, and the table is drawn as far beside the spindle.',
    habit: 'A plug, a pin or a finder goes into a collet.',
  },
  'not-seated': {
    what: 'Z was set with the part off its parallels.',
    does: 'The first cut presses it down, and every depth is off by as much.',
    habit: 'Vise tight, a soft blow on either side, and both parallels tried: neither may move.',
  },
  'quill-moved': {
    what: 'The quill stood elsewhere than when Z was set.',
    does: 'The DRO is on the knee and sees none of it: the tool cuts deeper, or higher, by as much.',
    habit: 'Quill up to its stop and locked before the first touch, and left there.',
  },
  'lock-not-read': {
    what: 'The slide was locked, and the dial was not read again.',
    does: 'Locking moves the slide: the bore is as much wider or narrower.',
    habit: 'Lock, read again, and write down the locked reading: that is what was set.',
  },
  'parallels-left-in': {
    what: 'The table was turned with the parallels still in.',
    does: 'They fall out on the other side, or are thrown against the jaws.',
    habit: 'Parallels and spacers out, and seen out, before the first turn of the table.',
  },
  'swung-into': {
    what: 'The table was tilted while the probe stood low over it.',
    does: 'The turning part breaks what is in its way.',
    habit: 'Raise well clear of all that sweeps, then tilt.',
  },
  'indicator-left-on': {
    what: 'The spindle was started with the indicator on the boring head.',
    does: 'It is thrown, and it kills.',
    habit: 'Indicator off the head, in its box, lid shut; then a hand goes to the switch.',
  },
  'sensor-left-in': {
    what: 'The spindle was started with the sensor’s arm in the way.',
    does: 'The cutter takes ball and arm with it.',
    habit: 'Arm folded away, and seen away, before the spindle turns.',
  },
  'whole-ball': {
    what: 'The whole ball was counted, where half of it belongs.',
    does: 'Everything is cut half a ball too deep.',
    habit: 'The arm’s offset, as it was measured: with the ball’s middle level with the cutter, half the ball.',
  },
  'too-deep': {
    what: 'A pass was deeper than the cutter bears.',
    does: 'Inserts chip, the part is pulled out of the vise, and the face is torn.',
    habit: 'Equal passes, none deeper than is said, and a light one last.',
  },
  'radius-for-diameter': {
    what: 'The circle was taken twice, or half, as wide.',
    does: 'Every hole of it is in the wrong place, and all of them look right to each other.',
    habit: 'Radius or diameter: read which one the drawing says, and hold a rule over the first hole.',
  },
  'second-over-first': {
    what: 'The second zero was typed over the first.',
    does: 'Where the part begins is lost: everything that counts from its corner is somewhere else.',
    habit: 'Look which zero is in sight, ABS or INC, before a hand goes to the keys.',
  },
  'read-back-skipped': {
    what: 'Nobody looked at what the scale shows after it was set.',
    does: 'A typing mistake is not seen until the first cut.',
    habit: 'Look back after every setting, and log what it shows.',
  },
};

/** A slip that was made: the axis it was about, and how far it is off, where that is known. */
export function millMistakeText({ slip, axis, off }: FoundMistake, unit: LengthUnit = 'mm'): SlipWords {
  const words = SLIPS[slip];
  const where = axis === undefined ? '' : `${axis.toUpperCase()}: `;
  const by = off === undefined ? '' : ` Off by ${formatLength(off, { unit, plus: true })} ${unit}.`;
  return { ...words, what: `${where}${words.what}${by}` };
}

/** What a hand feels and an eye sees, in a few words. */
export function feelText(mill: Mill, felt: Feel, unit: LengthUnit = 'mm'): string {
  const { held, between, rpm, broken } = mill;
  if (broken === 'bent') return 'It is bent. Begin again.';
  if (broken === 'flew-apart') return 'It flew apart. Begin again.';
  if (broken === 'dug-in') return 'It has dug in. Begin again.';
  if (broken === 'thrown') return 'The indicator was thrown. Begin again.';
  if (!held) return 'Nothing in the spindle.';
  const working = workWords(mill, unit);
  if (working !== undefined) return working;
  if (held.kind === 'spring-finder' || held.kind === 'bearing-finder') return finderWords(held.kind, felt, rpm);
  if (held.kind === 'probe') return felt === 'found' ? 'Its light is on: it has tripped.' : 'Its light is off.';
  if (held.kind === 'contact-light') return felt === 'found' ? 'Its light is on: it touches.' : 'Its light is off.';
  if (held.kind === 'plug') return felt === 'found' ? 'The plug sits, and no longer rocks.' : 'The plug is free.';
  if (!between) return felt === 'past' ? 'Metal on metal.' : felt === 'near' ? 'Close by the part.' : 'Free.';
  if (between.kind === 'block')
    return { clear: 'The block goes under freely.', near: 'The block goes under freely.', found: 'The block just slides under.', past: 'The block does not go under.' }[felt]; // prettier-ignore
  if (between.kind === 'plate' || between.kind === 'setter' || between.kind === 'sensor') {
    const name = { plate: 'plate', setter: 'setter', sensor: 'sensor' }[between.kind];
    return felt === 'found' ? `The ${name}’s light is on: it touches.` : `The ${name}’s light is off.`;
  }
  const name = between.kind === 'paper' ? 'The paper' : 'The feeler';
  return { clear: `${name} is free.`, near: `${name} is free.`, found: `${name} drags.`, past: `${name} is stuck.` }[
    felt
  ];
}

function finderWords(kind: 'spring-finder' | 'bearing-finder', felt: Feel, rpm: number): string {
  const spring = kind === 'spring-finder';
  if (rpm === 0) return felt === 'clear' ? 'The finder is stopped.' : 'The finder is stopped and cannot show a touch.';
  if (felt === 'found') return spring ? 'It jumped aside.' : 'The ring stopped.';
  if (felt === 'near') return spring ? 'It runs truer and truer.' : 'The ring still turns.';
  return spring ? 'Its end swings.' : 'The ring turns.';
}

/** How the work stands, where that is what one looks at; undefined where it is the touch. */
function workWords(mill: Mill, unit: LengthUnit): string | undefined {
  const { work, held, between, rpm } = mill;
  const dial = dialWords(mill, unit);
  if (work?.kind === 'boring') {
    if (dial !== undefined) return dial;
    if (rpm > 0) return 'The head turns over the bore.';
    return work.locked ? 'Head stopped, slide locked.' : 'Head stopped, slide loose.';
  }
  if (work?.kind === 'facing' && !between) {
    return rpm === 0
      ? 'Cutter stopped.'
      : tipOf(mill) < topOf(mill)
        ? 'Set under the face: it would cut.'
        : 'The cutter turns above the work.';
  }
  return held?.kind === 'indicator' || between?.kind === 'stand' ? dial : undefined;
}
