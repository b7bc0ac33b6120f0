import type { Note } from '../../schema/note';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** A note as a person reads it, with its remedy. */
export function noteWords(note: Note, unit: LengthUnit): string {
  switch (note.code) {
    case 'pivot-outside':
      return 'The pivot lies outside the vise. Give the place of the bolt that stays tight, between its two ends.';
    case 'pivot-is-loose':
      return 'Pivot and tapped end are one place, so tapping there turns nothing. Give the end that is loose.';
    case 'short-arc': {
      const span = `The ${note.of} span only ${Math.round(note.arc)}° of the circle`;
      return note.weakest === undefined
        ? `${span}, so one direction is weak. Read all round if you can.`
        : `${span}, so along ${Math.round(note.weakest)}° the centre is known far worse than across. Touch further round.`;
    }
    case 'few-from-one-side':
      return `Only ${note.fewest} from one side. Half a dozen from each side makes it good.`;
    case 'less-than-its-u':
      return 'Less than its own ±: there is no backlash to be seen with this dial and indicator.';
    case 'plug-proven':
      return 'The sweep proves the plug: go on.';
    case 'plug-suffices':
      return 'The plug is good enough for this job, as long as nothing moved since it seated.';
    case 'sweep-disproves':
      return 'The sweep shows more than this job takes. Move by the sweep’s own answer instead of the plug’s.';
    case 'sweep-worth-it':
      return 'For this job a sweep is worth the time: the plug alone leaves more than a quarter of what is allowed.';
    case 'search-one-sided':
      return `The gauge’s own size is kept, so the tool may stand up to ${formatLengthUnit(note.step, { unit })} higher than Z says: it cuts shallow by up to that, never deep.`;
    case 'run-out-within':
      return 'Within what is allowed: its length and size may be updated.';
    case 'run-out-too-far':
      return 'Too much run-out: its stored length and size are kept. Clean collet and shank, clamp it again, and read again. Or use a sister tool.';
  }
}
