import type { LengthUnit } from '../../units/unit';
import { formatLength } from '../../units/formatLength';
import type { FileHole } from '../../holes/fileHole';

/** The part from above, mm from part zero. */
interface Outline {
  left: number;
  bottom: number;
  right: number;
  top: number;
}

const escaped = (text: string): string =>
  text.replace(/[<>&"]/g, (sign) => ({ '<': '&lt;', '>': '&gt;', '&': '&amp;', '"': '&quot;' })[sign] ?? sign);

/** Room round the part, mm. */
const MARGIN = 12;

/**
 * The drawing as SVG to scale, one user unit a millimetre, Y upwards as on the part: outline, holes with their numbers,
 * part zero, and a line that says the unit and what it is.
 */
export function holesSvg(holes: readonly FileHole[], outline: Outline, title: string, unit: LengthUnit): string {
  const width = outline.right - outline.left + 2 * MARGIN;
  const height = outline.top - outline.bottom + 2 * MARGIN;
  const x = (mm: number) => (mm - outline.left + MARGIN).toFixed(3);
  const y = (mm: number) => (outline.top - mm + MARGIN).toFixed(3);
  const marks = holes.map((hole) => {
    const size = ((hole.diameter ?? 1) / 2).toFixed(3);
    const name = `${hole.group ?? ''} ${hole.hole ?? ''}: X ${formatLength(hole.x, { unit })}, Y ${formatLength(hole.y, { unit })} ${unit}`;
    return `<circle cx="${x(hole.x)}" cy="${y(hole.y)}" r="${size}"><title>${escaped(name.trim())}</title></circle>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    `<title>${escaped(title)}</title>`,
    '<g fill="none" stroke="black" stroke-width="0.25">',
    `<rect x="${MARGIN}" y="${MARGIN}" width="${width - 2 * MARGIN}" height="${height - 2 * MARGIN}"/>`,
    `<path d="M${x(-4)} ${y(0)}H${x(4)}M${x(0)} ${y(-4)}V${y(4)}"/>`,
    ...marks,
    '</g>',
    `<text x="${MARGIN}" y="${height - 3}" font-family="sans-serif" font-size="4">${escaped(title)}, from part zero, to scale</text>`,
    '</svg>',
    '',
  ].join('\n');
}
