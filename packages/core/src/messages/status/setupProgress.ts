import type { SetupState } from '../../state/basis/setupState';
import { progressOf, type NextThing } from '../../state/status/setupProgress';
import { featureName } from '../../datum/feature';
import { agreementWords } from '../checks/agreement';
import { STEP_NAMES } from '../basis/labels';

/** The next thing to do, in a sentence. */
export function nextWords(book: SetupState, next: NextThing): string {
  switch (next.what) {
    case 'begin':
      return 'Not begun: hold the part, then touch its first face.';
    case 'slip': {
      const { said, but } = agreementWords(book, next.slip, book.setup.units);
      return `${said}, ${but.differs}.`;
    }
    case 'prove': {
      const [face] = next.doubt.faces;
      return `${next.doubt.shift ? 'The zero has moved: set it again' : 'Check the zero'}${face && !next.doubt.shift ? `: touch the ${featureName(book.part, face)} once more` : ''}.`;
    }
    case 'find':
      return `Find ${next.axes.map((axis) => axis.toUpperCase()).join(' and ')}.`;
    case 'set-z':
      return `Set Z with tool ${next.tool}.`;
    case 'touch-tool':
      return `Touch tool ${next.tool}${next.left > 1 ? `, ${next.left} tools to go` : ', the last one'}.`;
    case 'add-pattern':
      return 'Enter where the holes are.';
    case 'drive': {
      const { step, hole, pattern } = next.stop;
      return `${STEP_NAMES[step]} hole ${hole} of ${pattern.name}, ${next.left} to go.`;
    }
    case 'bore':
      return `Bring ${next.name} to size.`;
    case 'finished':
      return 'Finished: every hole is done.';
  }
}

/** Where work stopped, after a night: when, and what is next. */
export function remainingWords(book: SetupState, since: string, day: (moment: string) => string): string {
  return `You were last here ${day(since)}. Next: ${nextWords(book, progressOf(book).next)} Has anything moved since?`;
}
