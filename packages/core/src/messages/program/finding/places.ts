import { capitalTool, zeroPlaceWords } from './phrases';
import type { WordsOf } from './findingMessage';

/** Less than this is the surface itself, mm. */
const SURFACE = 0.0005;

/** Where a program goes: stock, boxes, travel. */
export const PLACES: WordsOf<
  | 'under-part'
  | 'rapid-in-stock'
  | 'rapid-low'
  | 'into-box'
  | 'sweeps-box'
  | 'place-unknown'
  | 'machine-height'
  | 'beside-stock'
  | 'not-at-part'
  | 'cuts-air'
  | 'travel'
> = {
  'under-part': (figures, { mm }) => ({
    said: `${capitalTool(figures.tool)} goes ${mm(figures.below)} under the part${figures.room === null ? '.' : `, with room for only ${mm(figures.room)}.`}`,
    remedy:
      figures.room === null
        ? 'Set what is below in Holes, raise the part, or raise its lowest Z.'
        : 'Raise the part, put a board under it, or raise its lowest Z.',
  }),
  'rapid-in-stock': (figures, { mm }) => ({
    said:
      figures.below < SURFACE
        ? `${capitalTool(figures.tool)} goes down to the stock’s very top at a rapid.`
        : `${capitalTool(figures.tool)} goes ${mm(figures.below)} into the stock at a rapid.`,
    remedy: 'Make it a feed (G1), or raise Z first.',
  }),
  'rapid-low': (figures, { mm }) => ({
    said: `${capitalTool(figures.tool)} goes across ${mm(figures.above)} above the part; the clear height is ${mm(figures.clear)}.`,
    remedy: 'Raise the CAM’s clearance height, or check that nothing is in its way.',
  }),
  'into-box': (figures) => ({
    said: `${capitalTool(figures.tool)} runs into ${figures.box}.`,
    remedy: 'Move the obstacle, or go round it or higher.',
  }),
  'sweeps-box': (figures) => ({
    said: `${capitalTool(figures.tool)} may pass through ${figures.box} at a rapid: many machines run each axis at full speed, not in a straight line.`,
    remedy: 'Go higher, or round it in two moves. Does this machine go straight? Say so in Shop, machine.',
  }),
  'machine-height': (figures, { mm }) => ({
    said: `Z goes to ${mm(figures.z)} in machine coordinates (G53). How high that is over the part is not known here.`,
    remedy: 'Log the work offset of Z and the tool’s length. Or check where the tip goes before you run it.',
  }),
  'place-unknown': (figures, { mm }) => {
    const low = `Z ${mm(figures.z)}`;
    if (figures.how === 'down')
      return {
        said: `${capitalTool(figures.tool)} goes down to ${low} before X and Y are given: its position is unknown.`,
        remedy: 'Move to X and Y first, high above everything. Then down.',
      };
    if (figures.how === 'home')
      return {
        said: `${capitalTool(figures.tool)} goes home in X and Y at a rapid from ${low}, below the highest obstacle there.`,
        remedy: 'Raise Z first (G91 G28 Z0). Then send X and Y home.',
      };
    return {
      said: `${capitalTool(figures.tool)} goes at a rapid from an unknown place to ${low}, below the highest obstacle there.`,
      remedy: 'Raise Z first, move across high, then down.',
    };
  },
  'beside-stock': (figures, { mm }) => ({
    said: `It cuts ${mm(figures.by)} beyond the stock at the ${figures.side}.`,
    remedy: 'Check that its zero is yours, and whether the stock is larger than the part.',
  }),
  'not-at-part': (figures) =>
    figures.zero
      ? {
          said: `Its zero seems to be at ${zeroPlaceWords(figures.zero)}: from there its cuts meet the stock.`,
          remedy: 'Choose your zero in the CAM, or set zero where the program has it.',
        }
      : {
          said: 'Its cuts do not meet the part anywhere.',
          remedy: 'Check the CAM’s zero, unit and work offset.',
        },
  'cuts-air': (figures, { mm }) => ({
    said: `It cuts nothing: its lowest Z is ${mm(figures.above)} above the part’s top.`,
    remedy: 'Check whether its Z zero is the part’s underside and yours is its top.',
  }),
  travel: (figures, { mm }) => ({
    said: `It goes ${mm(figures.by)} beyond the travel of ${figures.axis}.`,
    remedy: 'Clamp the part elsewhere on the table, or turn it.',
  }),
};
