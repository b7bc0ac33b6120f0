import type { Book } from '../book/book';
import type { NextThing } from '../book/progress';
import type { StationName } from '../record/stations';
import { featureName } from '../datum/feature';
import type { PartZero } from '../record/plan';
import { agreementWords } from './agreement';
import { STEP_NAMES } from './names';

/** What each station is called. */
export const STATION_TITLES: Readonly<Record<StationName, string>> = {
  plan: 'Plan',
  workholding: 'Workholding',
  alignment: 'Alignment',
  datum: 'Datum',
  heights: 'Heights',
  positions: 'Positions',
  size: 'Size',
  verify: 'Verify',
  sheet: 'Sheet',
};

/** Where zero may lie, in words. */
export const ZERO_LABELS: Readonly<Record<PartZero, string>> = {
  'front-left': 'front left corner',
  'front-right': 'front right corner',
  'back-left': 'back left corner',
  'back-right': 'back right corner',
  centre: 'centre',
};

/** The next thing to do, in a sentence. */
export function nextWords(book: Book, next: NextThing): string {
  switch (next.what) {
    case 'begin':
      return 'Not begun: hold the part, then touch its first face.';
    case 'slip': {
      const { said, but } = agreementWords(book, next.slip, book.setup.units);
      return `${said}, ${but.differs}.`;
    }
    case 'prove': {
      const [face] = next.doubt.faces;
      return `${next.doubt.shift ? 'The zero did not come back: set it anew' : 'Prove the zero'}${face && !next.doubt.shift ? `: touch the ${featureName(book.part, face)} once more` : ''}.`;
    }
    case 'find':
      return `Find ${next.axes.map((axis) => axis.toUpperCase()).join(' and ')}.`;
    case 'set-z':
      return `Set Z with tool ${next.tool}.`;
    case 'touch-tool':
      return `Touch tool ${next.tool}${next.left > 1 ? `, ${next.left} tools to go` : ', the last one'}.`;
    case 'add-pattern':
      return 'Say where the holes are.';
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
