import { decimalsOf, formatAngle, formatLength, lengthCount, type LengthFormat } from '../units/formatLength';
import { countToText, roundToCount } from '../units/round';
import type { DetailPart, Working, WorkingLine, WorkingSection } from './working';

/** A tape line as it is shown: every number already in the reader's unit. */
export interface PrintedLine {
  label: string;
  detail: string;
  figure: string;
}

export interface PrintedSection {
  title: string;
  how: WorkingSection['how'];
  /** `mm`, `in` or `°`. */
  unit: string;
  lines: PrintedLine[];
  total: PrintedLine;
}

const ANGLE_DECIMALS = 3;

/**
 * A tape in the reader's unit and decimals.
 *
 * Shown figures must add up as a person adds them. Where rounding each term for display leaves a
 * difference from the rounded total, a last line says so; the total itself is never bent.
 */
export function printWorking(tape: Working, format: LengthFormat): PrintedSection[] {
  return tape.sections.map((section) => printSection(section, format));
}

function printSection(section: WorkingSection, format: LengthFormat): PrintedSection {
  const isAngle = section.quantity === 'angle';
  const decimals = isAngle ? ANGLE_DECIMALS : decimalsOf(format);
  const count = (line: WorkingLine) => (isAngle ? roundToCount(line.value, decimals) : lengthCount(line.value, format));
  const signed = section.how === 'sum';
  const print = (line: WorkingLine, plus: boolean): PrintedLine => ({
    label: line.label,
    detail: (line.detail ?? []).map((part) => printDetail(part, format)).join(''),
    figure: countToText(count(line), decimals, plus),
  });

  const lines = section.lines.map((line) => print(line, signed));
  if (section.how === 'sum') {
    const shown = section.lines.reduce((sum, line) => sum + count(line), 0);
    const left = count(section.total) - shown;
    if (left !== 0) {
      lines.push({ label: 'left over by rounding', detail: '', figure: countToText(left, decimals, true) });
    }
  }
  return {
    title: section.title,
    how: section.how,
    unit: isAngle ? '°' : format.unit,
    lines,
    total: print(section.total, false),
  };
}

function printDetail(part: DetailPart, format: LengthFormat): string {
  if (typeof part === 'string') return part;
  return 'length' in part ? formatLength(part.length, format) : formatAngle(part.angle);
}
