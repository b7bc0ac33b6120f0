import { placeLabels } from '@zero-point/core/geometry/placeLabels';
import type { Sheet, SheetSection } from '@zero-point/core/sheet/sheet';
import { dayWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import QRCode from 'qrcode';

const SIGNS: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };

/** A text as HTML shows it, whatever signs are in it. */
const shown = (text: string): string => text.replace(/[&<>"']/g, (sign) => SIGNS[sign] ?? sign);

const STYLE = `
@page { margin: 12mm }
body { font: 11pt/1.35 "Atkinson Hyperlegible Next", sans-serif; color: #000; background: #fff; max-width: 190mm; margin: 8mm auto }
h1 { font-size: 18pt; margin: 0 } h2 { font-size: 12pt; border-bottom: 1px solid #000; margin: 5mm 0 1mm; break-after: avoid }
h3 { font-size: 11pt; margin: 3mm 0 0; break-after: avoid }
table { border-collapse: collapse; width: 100% } thead { display: table-header-group } tr { break-inside: avoid }
th { text-align: left; font-size: 9pt; border-bottom: 1px solid #000 } td, th { padding: 0.6mm 1.5mm; vertical-align: top }
.f { text-align: right; font-family: "JetBrains Mono", monospace; font-variant-numeric: tabular-nums slashed-zero }
.warn { color: #8a1a10 } .qr { float: right; width: 26mm; text-align: center; font-size: 7pt; overflow-wrap: anywhere }
.tape { max-width: 120mm; border-collapse: collapse } .sum td { border-top: 1px solid #000 }
.tapes { break-before: page }
`;

interface SheetPage {
  link: string;
  by: string;
}

/** The same sheet as a page that prints from the browser: in the same figures, with heads that stand on every page. */
export async function sheetHtml(sheet: Sheet, { link, by }: SheetPage): Promise<string> {
  const qr = await QRCode.toString(link, { type: 'svg', margin: 0, errorCorrectionLevel: 'M' });
  const made = `Made ${dayWords(sheet.at)}, ${sheet.at.slice(11, 16)} UTC. Set up by ${by === '' ? '____________________' : by}.`;
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${shown(sheet.title)}</title><style>${STYLE}</style></head>
<body>
<div class="qr">${qr}${shown(link)}</div>
<h1>${shown(sheet.title)}</h1>
<p>${shown(made)}<br><strong>${shown(sheet.caution)}</strong></p>
${drawing(sheet)}
<table>${sheet.facts.map(([name, value]) => `<tr><th>${shown(name)}</th><td>${shown(value)}</td></tr>`).join('')}</table>
${sheet.sections.map(sectionHtml).join('\n')}
${tapes(sheet)}
</body></html>
`;
}

function sectionHtml({ title, columns, rows, lines, tone }: SheetSection): string {
  const cell = (text: string, i: number, tag: 'td' | 'th') =>
    `<${tag}${columns[i]?.figures ? ' class="f"' : ''}>${shown(text)}</${tag}>`;
  const table =
    columns.length === 0
      ? ''
      : `<table><thead><tr>${columns.map(({ title: name }, i) => cell(name, i, 'th')).join('')}</tr></thead><tbody>${rows
          .map((row) => `<tr>${columns.map((_, i) => cell(row[i] ?? '', i, 'td')).join('')}</tr>`)
          .join('')}</tbody></table>`;
  const list = lines.length === 0 ? '' : `<ul>${lines.map((line) => `<li>${shown(line)}</li>`).join('')}</ul>`;
  return `<section${tone === 'warn' ? ' class="warn"' : ''}><h2>${shown(title)}</h2>${table}${list}</section>`;
}

/** Wide enough for the hand of X and Y beside the part, in parts of the part's own size. */
const ROUND = 0.12;

/** More numbers than this would only cover each other. */
const MOST_NUMBERS = 60;

/** How wide a digit is, of its height. */
const DIGIT = 0.65;

/** The part to one scale, Y up: outline, holes by number, boxes dashed, zero with the way X and Y count. */
function drawing({ drawing: { size, zero, zeroWords, holes, boxes } }: Sheet): string {
  const room = Math.max(size.x, size.y) * ROUND;
  const y = (mm: number) => size.y - mm;
  const thin = Math.max(size.x, size.y) / 400;
  const hand = room * 0.8;
  const high = room * 0.28;
  const text = (x: number, at: number, words: string) =>
    `<text x="${x}" y="${y(at)}" font-size="${high}">${shown(words)}</text>`;
  const marks = holes.map(({ x, y: up, diameter, number }) => ({
    x,
    y: y(up),
    reach: diameter / 2 + 2 * thin,
    width: String(number).length * high * DIGIT,
    number,
  }));
  const numbers = (holes.length > MOST_NUMBERS ? [] : placeLabels(marks, high))
    .map((box, i) => box && text(box.x, size.y - box.y - 0.85 * high, String(marks[i]?.number)))
    .join('');
  return `<svg role="img" aria-label="From above, zero at the ${shown(zeroWords)}" viewBox="${-room} ${-room} ${size.x + 2 * room} ${size.y + 2 * room}" style="max-width:110mm;max-height:80mm;width:100%" fill="none" stroke="#000" stroke-width="${thin}">
<rect x="0" y="0" width="${size.x}" height="${size.y}" stroke-width="${thin * 1.6}"/>
${holes.map((hole) => `<circle cx="${hole.x}" cy="${y(hole.y)}" r="${hole.diameter / 2}"/>`).join('')}
${boxes.map((box) => `<rect x="${box.left}" y="${y(box.back)}" width="${box.right - box.left}" height="${box.back - box.front}" stroke-dasharray="${thin * 6} ${thin * 4}"/>`).join('')}
<path stroke-width="${thin * 2.4}" d="M${zero.x + hand} ${y(zero.y)}H${zero.x}V${y(zero.y + hand)}"/><circle cx="${zero.x}" cy="${y(zero.y)}" r="${thin * 5}"/>
<g fill="#000" stroke="none">${text(zero.x + hand, zero.y - room * 0.1, 'X')}${text(zero.x - room * 0.1, zero.y + hand + room * 0.05, 'Y')}
${numbers}</g>
</svg>`;
}

function tapes({ tapes: all }: Sheet): string {
  if (all.length === 0) return '';
  const line = (label: string, figure: string, unit: string, sum: boolean) =>
    `<tr${sum ? ' class="sum"' : ''}><td>${shown(label)}</td><td class="f">${shown(figure)}</td><td>${shown(unit)}</td></tr>`;
  return `<div class="tapes">${all
    .map(
      ({ title, sections }) =>
        `<h2>Working: ${shown(title)}</h2>${sections
          .map(
            (section) =>
              `<h3>${shown(section.title)}</h3><table class="tape">${section.lines
                .map(({ label, detail, figure }) =>
                  line(detail === '' ? label : `${label}  ${detail}`, figure, '', false),
                )
                .join('')}${line(section.total.label, section.total.figure, section.unit, true)}</table>`,
          )
          .join('')}`,
    )
    .join('')}</div>`;
}
