import { toolWords, capitalTool, feedWords } from './phrases';
import { formatLengthUnit } from '../../../units/formatLength';
import type { WordsOf } from './findingMessage';

/** Spindle and feed, and what may not turn. */
export const SPINDLE: WordsOf<
  | 'spindle-stopped'
  | 'speed-over'
  | 'speed-under'
  | 'spindle-reversed'
  | 'gauge-in-spindle'
  | 'feed-missing'
  | 'feed-mode'
  | 'feed-over'
  | 'tap-feed'
> = {
  'spindle-stopped': (figures) => ({
    said: `${capitalTool(figures.tool)} feeds with the spindle stopped.`,
    remedy: 'Put S and M3 before it.',
  }),
  'speed-over': (figures) => ({
    said: `S${Math.round(figures.rpm)} is faster than this spindle turns: ${figures.most} rpm.`,
    remedy: 'Lower S, or correct the machine’s limits in Shop.',
  }),
  'speed-under': (figures) => ({
    said: `S${Math.round(figures.rpm)} is slower than this spindle turns: ${figures.least} rpm.`,
    remedy: 'Raise S, or correct the machine’s limits in Shop.',
  }),
  'spindle-reversed': (figures) => ({
    said: `The spindle turns backwards (M4) with ${toolWords(figures.tool)}.`,
    remedy: 'Right-hand cutters need M3.',
  }),
  'gauge-in-spindle': (figures) => {
    const { name, rpm, most } = figures;
    return {
      said: `${name} was used last and is not logged as removed. Here the spindle starts${rpm > 0 ? ` at ${Math.round(rpm)} rpm` : ''}; ${most === 0 ? 'it must never turn' : `its limit is ${most}`}.`,
      remedy: 'Take it out, unplug it, and load the cutter before this line.',
    };
  },
  'feed-missing': () => ({ said: 'Feed move without a feed rate (F).', remedy: 'Add F to the line.' }),
  'feed-mode': (figures, { unit }) =>
    figures.mode === 94
      ? {
          said: `F asks for ${feedWords(figures.feed, unit)}: that is a feed per revolution, and G94 counts per minute.`,
          remedy: 'Write the feed per minute, or put G95 before it where the control has it.',
        }
      : {
          said: `F asks for ${formatLengthUnit(figures.feed, { unit })} in every revolution: that is a feed per minute, and G95 counts per revolution.`,
          remedy: 'Put G94 before it, or write the feed per revolution.',
        },
  'tap-feed': (figures, { unit }) => {
    const say = (feed: number) =>
      figures.mode === 94 ? feedWords(feed, unit) : `${formatLengthUnit(feed, { unit })} per revolution`;
    return {
      said: `${capitalTool(figures.tool)} is a tap and feeds ${say(figures.feed)}; its pitch asks for ${say(figures.wanted)}.`,
      remedy: 'Set F to pitch times S (G94), or to the pitch (G95). Else the thread is torn and the tap breaks.',
    };
  },
  'feed-over': (figures, { unit }) => ({
    said: `F asks for ${feedWords(figures.feed, unit)}; this machine feeds at most ${feedWords(figures.most, unit)}.`,
    remedy: 'Lower F, or correct the machine’s limits in Shop.',
  }),
};
