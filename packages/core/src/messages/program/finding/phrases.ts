import type { ProgramZeroPlace } from '../../../program/finding';
import { millimetresPer, type LengthUnit } from '../../../units/unit';

export const UNITS: Readonly<Record<LengthUnit, string>> = { mm: 'millimetres', in: 'inches' };

export const toolWords = (tool: number): string => (tool === 0 ? 'the tool in the spindle' : `tool ${tool}`);

export function capitalTool(tool: number): string {
  const words = toolWords(tool);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** @param mm of feed a minute */
export const feedWords = (mm: number, unit: LengthUnit): string =>
  unit === 'mm' ? `${Math.round(mm)} mm/min` : `${(mm / millimetresPer('in')).toFixed(1)} in/min`;

/** A place of the part's outline, as where zero is. */
export const zeroPlaceWords = ({ x, y }: ProgramZeroPlace): string =>
  x === 'middle' && y === 'middle'
    ? 'the middle of the part'
    : x === 'middle'
      ? `the middle of the ${y}`
      : y === 'middle'
        ? `the middle of the ${x} side`
        : `the ${y} ${x} corner`;
