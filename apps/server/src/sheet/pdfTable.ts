import type { SheetColumn } from '@zero-point/core/sheet/sheet';
import { bottomOf, FACE, MARGIN, SIZES, widthOf, type Doc } from './page';
import { printable } from './printable';

const PAD = 3;
const LEAST = 15;

interface Cell {
  text: string;
  x: number;
  width: number;
  figures: boolean;
}

/** A table with its head; where it flows to another page the head stands there again. */
export function pdfTable(doc: Doc, columns: readonly SheetColumn[], rows: readonly (readonly string[])[]): void {
  const whole = columns.reduce((sum, { share }) => sum + share, 0);
  let x = MARGIN;
  const places = columns.map(({ share, figures = false }) => {
    const width = (widthOf(doc) * share) / whole;
    const place = { x, width, figures };
    x += width;
    return place;
  });
  const cellsOf = (texts: readonly string[]): Cell[] =>
    places.map((place, i) => ({ ...place, text: printable(texts[i] ?? '') }));
  const head = cellsOf(columns.map(({ title }) => title));
  drawRow(doc, head, true);
  rows.forEach((row, i) => {
    const cells = cellsOf(row);
    if (doc.y + rowHeight(doc, cells, false) > bottomOf(doc)) {
      doc.addPage();
      drawRow(doc, head, true);
    }
    drawRow(doc, cells, false, i % 2 === 1);
  });
}

const faceOf = (cell: Cell, isHead: boolean): string =>
  isHead ? FACE.strong : cell.figures ? FACE.figures : FACE.words;

const sizeOf = (cell: Cell, isHead: boolean): number =>
  isHead ? SIZES.small : cell.figures ? SIZES.figures : SIZES.words;

/** Narrower than this a sign is in neither face, in parts of its size: shorter texts need not be measured. */
const NARROW = 0.62;

function rowHeight(doc: Doc, cells: readonly Cell[], isHead: boolean): number {
  return cells.reduce((most, cell) => {
    const size = sizeOf(cell, isHead);
    if (cell.text.length * size * NARROW < cell.width - 2 * PAD) return most;
    const height = doc
      .font(faceOf(cell, isHead))
      .fontSize(size)
      .heightOfString(cell.text, { width: cell.width - 2 * PAD });
    return Math.max(most, height + 4);
  }, LEAST);
}

function drawRow(doc: Doc, cells: readonly Cell[], isHead: boolean, isShaded = false): void {
  const { y } = doc;
  const height = rowHeight(doc, cells, isHead);
  if (isShaded) doc.rect(MARGIN, y, widthOf(doc), height).fill('#f0eee8');
  for (const cell of cells) {
    if (cell.text === '') continue;
    doc
      .font(faceOf(cell, isHead))
      .fontSize(sizeOf(cell, isHead))
      .fillColor('#000')
      .text(cell.text, cell.x + PAD, y + 2.5, {
        width: cell.width - 2 * PAD,
        align: cell.figures ? 'right' : 'left',
      });
  }
  doc.y = y + height;
  if (isHead) {
    doc
      .moveTo(MARGIN, doc.y)
      .lineTo(MARGIN + widthOf(doc), doc.y)
      .lineWidth(0.6)
      .stroke('#000');
    doc.y += 1;
  }
  doc.x = MARGIN;
}
