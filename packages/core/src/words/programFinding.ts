import type { Finding, HolesChange, ZeroPlace } from '../program/finding';
import { formatLengthUnit } from '../units/formatLength';
import { millimetresPer, type LengthUnit } from '../units/unit';

/** A finding as a person reads it: what it is, and what to do about it. */
export interface FindingWords {
  said: string;
  remedy: string;
}

const UNITS: Readonly<Record<LengthUnit, string>> = { mm: 'millimetres', in: 'inches' };

const toolWords = (tool: number): string => (tool === 0 ? 'the tool in the spindle' : `tool ${tool}`);

const feedWords = (mm: number, unit: LengthUnit): string =>
  unit === 'mm' ? `${Math.round(mm)} mm/min` : `${(mm / millimetresPer('in')).toFixed(1)} in/min`;

/** A place of the part's outline, as where zero is. */
export const zeroPlaceWords = ({ x, y }: ZeroPlace): string =>
  x === 'middle' && y === 'middle'
    ? 'the middle of the part'
    : x === 'middle'
      ? `the middle of the ${y}`
      : y === 'middle'
        ? `the middle of the ${x} side`
        : `the ${y} ${x} corner`;

function changeWords(change: HolesChange, unit: LengthUnit): FindingWords {
  const asked = 'Look at the CAM’s own zero, unit and view of the part, and write the program again.';
  switch (change.kind) {
    case 'scaled': {
      const by = change.by >= 1 ? change.by : 1 / change.by;
      const way = change.by >= 1 ? 'too small' : 'too large';
      return {
        said: `Every hole comes out ${Number(by.toFixed(3))} times ${way}.`,
        remedy: Math.abs(by - 25.4) < 0.01 ? `Inches were taken for millimetres, or the other way. ${asked}` : asked,
      };
    }
    case 'mirrored':
      return { said: `The holes are mirrored: every ${change.axis} has the other sign.`, remedy: asked };
    case 'swapped':
      return { said: 'The holes agree once X and Y change places.', remedy: asked };
    case 'shifted':
      return {
        said: `Every hole is shifted by the same: X ${formatLengthUnit(-change.dx, { unit, plus: true })}, Y ${formatLengthUnit(-change.dy, { unit, plus: true })}.`,
        remedy:
          'Its zero is elsewhere than yours. Choose the same zero in the CAM, or set zero where the program has it.',
      };
  }
}

/** Less than this is the surface itself, mm. */
const SURFACE = 0.0005;

/** A finding in words, with its remedy. Lengths as the set-up has them. */
export function findingWords(finding: Finding, unit: LengthUnit): FindingWords {
  const mm = (value: number): string => formatLengthUnit(value, { unit });
  switch (finding.code) {
    case 'macro':
      return {
        said: `A variable, a sum or a condition stands here: “${finding.figures.text.trim()}”. Nothing from here on was checked.`,
        remedy: 'Let the CAM write plain moves, and check again.',
      };
    case 'subprogram':
      return {
        said: `${finding.figures.code} calls another program. Nothing from here on was checked.`,
        remedy: 'Let the CAM write everything into one program, and check again.',
      };
    case 'long-block':
      return {
        said: 'This line is longer than 10 000 characters. Nothing from here on was checked.',
        remedy: 'Line ends are missing: write the file again from the CAM, as plain text.',
      };
    case 'unreadable':
      return {
        said: `This line cannot be read: “${finding.figures.text.trim()}”. Nothing from here on was checked.`,
        remedy: 'Mend the line, or let the CAM write the program for another control.',
      };
    case 'unknown-word':
      return {
        said: `${finding.figures.word} is not known here, and is not guessed.`,
        remedy: 'Look it up in the control’s manual. What it does was not checked.',
      };
    case 'word-twice':
      return {
        said: `${finding.figures.word} stands twice in one line.`,
        remedy: 'Controls differ in which one they take. Mend the line.',
      };
    case 'no-motion':
      return {
        said: 'Places stand here and no word that says how to go there.',
        remedy: 'Put G0 or G1 before them: some controls go at a rapid, some refuse.',
      };
    case 'no-end':
      return {
        said: 'The program has no end: neither M2 nor M30.',
        remedy: 'It may be cut off. Write it again from the CAM, and compare the last lines.',
      };
    case 'after-end':
      return { said: 'More lines stand behind the end.', remedy: 'They were not checked: no control runs them.' };
    case 'optional-blocks':
      return {
        said: 'Lines begin with a slash: a switch at the control leaves them out.',
        remedy: 'They were checked as if they run. Know how the switch stands.',
      };
    case 'rotary-moves':
      return {
        said: 'A rotary axis turns.',
        remedy: 'While it is away from zero, nothing is held against the part, its holes or the boxes.',
      };
    case 'zero-moved':
      return {
        said: `${finding.figures.word} moves, turns or scales the zero on the way.`,
        remedy: 'From here on nothing could be held against the part. Use a work offset instead.',
      };
    case 'row-set':
      return {
        said: `${finding.figures.word} writes an offset or a tool’s length into the control.`,
        remedy: 'Compare it with what you have set: it takes its place.',
      };
    case 'unit-other':
      return {
        said: `The program is in ${UNITS[finding.figures.program]}, this set-up in ${UNITS[finding.figures.setup]}.`,
        remedy: 'Say so to whoever reads the control’s display; or write it in the same unit.',
      };
    case 'unit-unsaid':
      return {
        said: 'The program does not say its unit before it moves.',
        remedy: `It was read in ${UNITS[finding.figures.taken]}. Put ${finding.figures.taken === 'mm' ? 'G21' : 'G20'} at its head.`,
      };
    case 'unit-changes':
      return {
        said: `The unit changes to ${UNITS[finding.figures.to]} in the middle.`,
        remedy: 'Write the program in one unit throughout.',
      };
    case 'incremental-left':
      return {
        said:
          finding.figures.where === 'end'
            ? 'Incremental coordinates (G91) are in force at the end.'
            : 'Incremental coordinates (G91) are in force at a tool change.',
        remedy: 'Put G90 behind them: what comes next would count from where it stands.',
      };
    case 'incremental-from-nowhere':
      return {
        said: 'An incremental move begins where nobody knows the place.',
        remedy: 'Go to an absolute place (G90) first.',
      };
    case 'radius-left':
      return {
        said: `Radius compensation (${finding.figures.code}) is still on at ${finding.figures.where === 'end' ? 'the end' : 'a tool change'}.`,
        remedy: 'Put G40 before the tool leaves the part.',
      };
    case 'arc-no-centre':
      return { said: 'An arc has no centre: neither I, J, K nor a radius that fits.', remedy: 'Mend the line.' };
    case 'arc-off':
      return {
        said: `An arc’s two radii differ by ${mm(finding.figures.by)}.`,
        remedy: 'Its centre is counted from the wrong place, or a word is wrong. Look how the CAM writes I and J.',
      };
    case 'cycle-word':
      return { said: `A drilling cycle has no ${finding.figures.word}.`, remedy: 'Mend the line.' };
    case 'cycle-order':
      return {
        said: 'A drilling cycle’s bottom is not below where it begins.',
        remedy: 'Look whether R and Z are heights or distances on this control.',
      };
    case 'cycles-not-kept':
      return {
        said: 'Nobody has said how this control counts R and Z of drilling cycles.',
        remedy: 'They were read as heights above zero. Choose the control’s words in Shop, and check again.',
      };
    case 'offset-other':
      return {
        said: `The program calls ${finding.figures.program}; you have set ${finding.figures.set}.`,
        remedy: `Change it to ${finding.figures.set}, or set ${finding.figures.program} too.`,
      };
    case 'offset-unsaid':
      return {
        said: 'The program calls no work offset before it moves.',
        remedy: `It runs in whichever is in force. Put ${finding.figures.set} at its head.`,
      };
    case 'zero-not-set':
      return {
        said: `Nobody has set ${finding.figures.axes} in this set-up.`,
        remedy: 'Find and set it first, in Datum or Heights.',
      };
    case 'zero-in-doubt':
      return {
        said: 'The machine was homed, off or left since zero was set.',
        remedy: 'Touch one face again first: Datum shows which.',
      };
    case 'air-pass':
      return {
        said: `An air pass is in force: everything runs ${mm(finding.figures.lift)} higher.`,
        remedy: 'Good for a first run. Put Z back before you cut.',
      };
    case 'tool-unknown':
      return {
        said: `This machine has no cutter under tool ${finding.figures.tool}.`,
        remedy: 'Give the number its cutter in Shop, or change the program. Its width was taken as nothing.',
      };
    case 'tool-no-length':
      return finding.figures.refitted
        ? {
            said: `Tool ${finding.figures.tool} was taken out and put back since its length was measured.`,
            remedy: 'Touch it off again in Heights.',
          }
        : {
            said: `Tool ${finding.figures.tool} has no length.`,
            remedy: 'Touch it off in Heights, and read the row back.',
          };
    case 'no-compensation':
      return {
        said: `${capitalTool(finding.figures.tool)} goes down without length compensation.`,
        remedy: `Put G43 H${finding.figures.tool} before its first Z: else it runs by another tool’s length.`,
      };
    case 'length-other':
      return {
        said: `Tool ${finding.figures.tool} runs by the length of row ${finding.figures.H}.`,
        remedy: `Change H${finding.figures.H} to H${finding.figures.tool}.`,
      };
    case 'length-unnamed':
      return {
        said: `G43 names no row for ${toolWords(finding.figures.tool)}.`,
        remedy: `Some controls take the tool’s own, some the last one. Write H${finding.figures.tool}.`,
      };
    case 'no-table':
      return {
        said: 'G43 calls for a tool length, and this machine keeps none.',
        remedy: 'Take G43 and H out; touch each tool again at its change.',
      };
    case 'no-stop':
      return {
        said: `After the change to ${toolWords(finding.figures.tool)} nothing stops for touching it.`,
        remedy: 'Put M0 behind the change: this machine keeps no lengths, so Z must be set again.',
      };
    case 'spindle-stopped':
      return {
        said: `${capitalTool(finding.figures.tool)} feeds with the spindle standing.`,
        remedy: 'Put S and M3 before it.',
      };
    case 'speed-over':
      return {
        said: `S${Math.round(finding.figures.rpm)} is faster than this spindle turns: ${finding.figures.most} rev/min.`,
        remedy: 'Lower S, or mend the machine’s limits in Shop.',
      };
    case 'speed-under':
      return {
        said: `S${Math.round(finding.figures.rpm)} is slower than this spindle turns: ${finding.figures.least} rev/min.`,
        remedy: 'Raise S, or mend the machine’s limits in Shop.',
      };
    case 'spindle-reversed':
      return {
        said: `The spindle turns backwards (M4) with ${toolWords(finding.figures.tool)}.`,
        remedy: 'Cutters that cut clockwise want M3.',
      };
    case 'gauge-in-spindle': {
      const { name, rpm, most } = finding.figures;
      return {
        said: `${name} touched last, and nothing says it is out: here the spindle turns${rpm > 0 ? ` at ${Math.round(rpm)} rev/min` : ''}; ${most === 0 ? 'it must not turn at all' : `it bears ${most}`}.`,
        remedy: 'Take it out, unplugged where it has a lead, and put the cutter in before this line.',
      };
    }
    case 'feed-missing':
      return { said: 'It feeds, and no feed was ever said.', remedy: 'Put F on the line.' };
    case 'feed-over':
      return {
        said: `F asks for ${feedWords(finding.figures.feed, unit)}; this machine feeds at most ${feedWords(finding.figures.most, unit)}.`,
        remedy: 'Lower F, or mend the machine’s limits in Shop.',
      };
    case 'under-part':
      return {
        said: `${capitalTool(finding.figures.tool)} goes ${mm(finding.figures.below)} under the part${finding.figures.room === null ? '.' : `, where there is room for ${mm(finding.figures.room)}.`}`,
        remedy:
          finding.figures.room === null
            ? 'Say what lies there in Positions, raise the part, or lift its lowest Z.'
            : 'Raise the part, put a board under it, or lift its lowest Z.',
      };
    case 'rapid-in-stock':
      return {
        said:
          finding.figures.below < SURFACE
            ? `${capitalTool(finding.figures.tool)} goes down to the stock’s very top at a rapid.`
            : `${capitalTool(finding.figures.tool)} goes ${mm(finding.figures.below)} into the stock at a rapid.`,
        remedy: 'Make it a feed (G1), or go up first.',
      };
    case 'rapid-low':
      return {
        said: `${capitalTool(finding.figures.tool)} goes across ${mm(finding.figures.above)} above the part; you said that ${mm(finding.figures.clear)} clears everything.`,
        remedy: 'Raise the CAM’s clearance, or look that nothing stands in its way.',
      };
    case 'into-box':
      return {
        said: `${capitalTool(finding.figures.tool)} runs into ${finding.figures.box}.`,
        remedy: 'Move what is in the way, or go round it or higher.',
      };
    case 'beside-stock':
      return {
        said: `It cuts ${mm(finding.figures.by)} beyond the stock at the ${finding.figures.side}.`,
        remedy: 'Look whether its zero is yours, and whether the stock is larger than the part.',
      };
    case 'not-at-part':
      return finding.figures.zero
        ? {
            said: `Its zero seems to be at ${zeroPlaceWords(finding.figures.zero)}: from there its cuts meet the stock.`,
            remedy: 'Choose your zero in the CAM, or set zero where the program has it.',
          }
        : {
            said: 'Its cuts do not meet the part anywhere.',
            remedy: 'Look at the CAM’s zero, unit and work offset.',
          };
    case 'cuts-air':
      return {
        said: `It cuts nothing: its lowest Z is ${mm(finding.figures.above)} above the part’s top.`,
        remedy: 'Look whether its Z zero is what the part stands on, and yours the top.',
      };
    case 'travel':
      return {
        said: `It goes ${mm(finding.figures.by)} beyond the travel of ${finding.figures.axis}.`,
        remedy: 'Clamp the part elsewhere on the table, or turn it.',
      };
    case 'hole-off':
      return {
        said: `A hole is off its position: X ${formatLengthUnit(finding.figures.dx, { unit, plus: true })}, Y ${formatLengthUnit(finding.figures.dy, { unit, plus: true })}.`,
        remedy: 'Decide which is right: the drawing, the CAM, or Positions.',
      };
    case 'hole-extra':
      return {
        said: 'Holes stand where no position is.',
        remedy: 'Add them in Positions if they belong there, or take them out.',
      };
    case 'hole-missing':
      return {
        said: `Positions that the program makes no hole at, the first at X ${mm(finding.figures.x)}, Y ${mm(finding.figures.y)}.`,
        remedy: 'Another program may make them.',
      };
    case 'hole-depth':
      return {
        said: `A hole is ${mm(finding.figures.program)} deep at its tip; Positions have ${mm(finding.figures.positions)}.`,
        remedy: 'Decide which is right before you drill.',
      };
    case 'hole-wide':
      return {
        said: `${capitalTool(finding.figures.tool)} is ${mm(finding.figures.diameter)} wide and goes down a hole of ${mm(finding.figures.hole)}.`,
        remedy: 'Another tool is in that place, or the program calls the wrong one.',
      };
    case 'holes-changed':
      return changeWords(finding.figures.change, unit);
  }
}

function capitalTool(tool: number): string {
  const words = toolWords(tool);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Where a finding stands, in words. */
export const linesWords = ({ line, count }: Pick<Finding, 'line' | 'count'>): string =>
  line === 0 ? 'the whole program' : count === 1 ? `line ${line}` : `line ${line} and ${count - 1} more`;

/** What was looked for: said where nothing was found, since nothing is called safe. */
export const LOOKED_FOR: readonly string[] = [
  'unit, work offset and zero against what is set',
  'every tool’s cutter, length and H',
  'spindle, feed and their limits; a finder left in the spindle',
  'rapids through the stock, every move through the boxes',
  'lowest Z against the part and what lies under it',
  'extents against the stock and the machine’s travel',
  'holes against the positions',
  'arcs, cycles, and what is left in force',
];
