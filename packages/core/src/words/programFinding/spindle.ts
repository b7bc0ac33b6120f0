import { toolWords, capitalTool, feedWords } from './say';
import type { WordsOf } from './wordsOf';

/** Spindle and feed, and what may not turn. */
export const SPINDLE: WordsOf<
  | 'spindle-stopped'
  | 'speed-over'
  | 'speed-under'
  | 'spindle-reversed'
  | 'gauge-in-spindle'
  | 'feed-missing'
  | 'feed-over'
> = {
  'spindle-stopped': (figures) => ({
    said: `${capitalTool(figures.tool)} feeds with the spindle standing.`,
    remedy: 'Put S and M3 before it.',
  }),
  'speed-over': (figures) => ({
    said: `S${Math.round(figures.rpm)} is faster than this spindle turns: ${figures.most} rev/min.`,
    remedy: 'Lower S, or mend the machine’s limits in Shop.',
  }),
  'speed-under': (figures) => ({
    said: `S${Math.round(figures.rpm)} is slower than this spindle turns: ${figures.least} rev/min.`,
    remedy: 'Raise S, or mend the machine’s limits in Shop.',
  }),
  'spindle-reversed': (figures) => ({
    said: `The spindle turns backwards (M4) with ${toolWords(figures.tool)}.`,
    remedy: 'Cutters that cut clockwise want M3.',
  }),
  'gauge-in-spindle': (figures) => {
    const { name, rpm, most } = figures;
    return {
      said: `${name} touched last, and nothing says it is out: here the spindle turns${rpm > 0 ? ` at ${Math.round(rpm)} rev/min` : ''}; ${most === 0 ? 'it must not turn at all' : `it bears ${most}`}.`,
      remedy: 'Take it out, unplugged where it has a lead, and put the cutter in before this line.',
    };
  },
  'feed-missing': () => ({ said: 'It feeds, and no feed was ever said.', remedy: 'Put F on the line.' }),
  'feed-over': (figures, { unit }) => ({
    said: `F asks for ${feedWords(figures.feed, unit)}; this machine feeds at most ${feedWords(figures.most, unit)}.`,
    remedy: 'Lower F, or mend the machine’s limits in Shop.',
  }),
};
