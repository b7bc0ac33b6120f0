import { staleWords, zToolChangedWords } from '../../zAndTools/lengthValidity';
import { toolWords, capitalTool } from './phrases';
import type { WordsOf } from './findingMessage';

/** Work offsets, zero and tool lengths of a program, against what is set. */
export const SETTING: WordsOf<
  | 'offset-other'
  | 'offset-unsaid'
  | 'zero-not-set'
  | 'zero-in-doubt'
  | 'z-tool-changed'
  | 'air-pass'
  | 'tool-unknown'
  | 'tool-no-length'
  | 'no-compensation'
  | 'length-other'
  | 'length-unnamed'
  | 'radius-other'
  | 'no-table'
  | 'no-stop'
> = {
  'offset-other': (figures) => ({
    said: `The program calls ${figures.program}; you have set ${figures.set}.`,
    remedy: `Change it to ${figures.set}, or set ${figures.program} too.`,
  }),
  'offset-unsaid': (figures) => ({
    said: 'The program calls no work offset before it moves.',
    remedy: `It runs in whichever is active. Put ${figures.set} at its head.`,
  }),
  'zero-not-set': (figures) => ({
    said: `${figures.axes} ${figures.axes.includes(',') ? 'are' : 'is'} not set in this setup.`,
    remedy: 'Find and set it first, in Datum or Z & tools.',
  }),
  'zero-in-doubt': () => ({
    said: 'The machine was homed, switched off or left since zero was set.',
    remedy: 'Touch one face again first: Datum shows which.',
  }),
  'z-tool-changed': ({ tool }) => ({
    said: zToolChangedWords(tool),
    remedy: `Touch tool ${tool} again in Z & tools, and set Z.`,
  }),
  'air-pass': (figures, { mm }) => ({
    said: `The air-cut offset is on: everything runs ${mm(figures.lift)} higher.`,
    remedy: 'Good for a first run. Put Z back before you cut.',
  }),
  'tool-unknown': (figures) => ({
    said: `This machine has no cutter under tool ${figures.tool}.`,
    remedy: 'Add the cutter to this number in Shop, or change the program. Its width was taken as zero.',
  }),
  'tool-no-length': (figures) =>
    figures.stale
      ? {
          said: staleWords(figures.tool, figures.stale),
          remedy: 'Touch it off again in Z & tools.',
        }
      : {
          said: `Tool ${figures.tool} has no length.`,
          remedy: 'Touch it off in Z & tools, and read the row back.',
        },
  'no-compensation': (figures) => ({
    said: `${capitalTool(figures.tool)} goes down without length compensation.`,
    remedy: `Put G43 H${figures.tool} before its first Z. Otherwise it uses another tool’s length.`,
  }),
  'length-other': (figures) => ({
    said: `Tool ${figures.tool} runs by the length of row ${figures.H}.`,
    remedy: `Change H${figures.H} to H${figures.tool}.`,
  }),
  'length-unnamed': (figures) => ({
    said: `G43 names no row for ${toolWords(figures.tool)}.`,
    remedy: `Some controls use the tool’s own, some the last one. Write H${figures.tool}.`,
  }),
  'radius-other': (figures) => ({
    said: `Radius compensation takes D${figures.D}, and ${toolWords(figures.tool)} is in the spindle.`,
    remedy: `Write D${figures.tool}, or check that D${figures.D} is this tool’s own row.`,
  }),
  'no-table': () => ({
    said: 'G43 calls for a tool length, and this machine keeps none.',
    remedy: 'Take G43 and H out; touch each tool again at its change.',
  }),
  'no-stop': (figures) => ({
    said: `After the change to ${toolWords(figures.tool)} the program does not stop for touching off.`,
    remedy: 'Put M0 after the change. This machine stores no lengths, so Z must be set again.',
  }),
};
