import type { Sheet } from '@zero-point/core/sheet/sheet';
import { dayWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import QRCode from 'qrcode';
import type { SheetFonts } from './fonts';
import {
  bottomOf,
  FACE,
  heading,
  makeRoom,
  MARGIN,
  PAPERS,
  registerFaces,
  SIZES,
  widthOf,
  type Doc,
  type Paper,
} from './page';
import { pdfDrawing } from './pdfDrawing';
import { pdfTable } from './pdfTable';
import { printable } from './printable';

interface SheetPrint {
  paper: Paper;
  fonts: SheetFonts;
  /** Where the setup is found on the shop's own network. */
  link: string;
  /** Who set it up; the empty text leaves a line to sign on. */
  by: string;
}

const WARN = '#8a1a10';

/** A sheet as a PDF: one page to tape to the machine where it fits, its tapes on pages of their own. */
export async function sheetPdf(sheet: Sheet, print: SheetPrint): Promise<Buffer> {
  // Only who prints waits for what prints: it is a third of what the server reads to start.
  const { default: PDFDocument } = await import('pdfkit');
  const doc = new PDFDocument({
    size: PAPERS[print.paper],
    margin: MARGIN,
    bufferPages: true,
    // None to begin with: a face opened here by its file would be opened again each time it is called by its name.
    font: '',
    info: { Title: printable(sheet.title), Creator: 'Zero Point', CreationDate: new Date(sheet.at) },
  });
  const parts: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (part: Buffer) => parts.push(part));
    doc.on('end', () => resolve(Buffer.concat(parts)));
    doc.on('error', reject);
  });
  registerFaces(doc, print.fonts);
  head(doc, sheet, print);
  for (const section of sheet.sections) {
    heading(doc, printable(section.title), section.tone === 'warn' ? WARN : '#000');
    if (section.columns.length > 0) pdfTable(doc, section.columns, section.rows);
    sentences(doc, section.lines, section.tone === 'warn' ? WARN : '#000');
  }
  if (sheet.tapes.length > 0) tapes(doc, sheet);
  feet(doc, sheet);
  doc.end();
  return done;
}

/** Height of drawing and facts beside it, points. */
const TOP = 214;

const QR = 74;

function head(doc: Doc, sheet: Sheet, { link, by }: SheetPrint): void {
  const wide = widthOf(doc) - QR - 10;
  doc.font(FACE.strong).fontSize(SIZES.title).fillColor('#000');
  doc.text(printable(sheet.title), MARGIN, MARGIN, { width: wide });
  doc.font(FACE.words).fontSize(SIZES.words);
  doc.text(
    printable(
      `Made ${dayWords(sheet.at)}, ${sheet.at.slice(11, 16)} UTC. Set up by ${by === '' ? '____________________' : by}.`,
    ),
    MARGIN,
    doc.y + 2,
    { width: wide },
  );
  doc
    .font(FACE.strong)
    .fontSize(SIZES.words)
    .text(printable(sheet.caution), MARGIN, doc.y + 2, { width: wide });
  qrCode(doc, link, MARGIN + widthOf(doc) - QR, MARGIN);
  const y = Math.max(doc.y + 6, MARGIN + QR + 14);
  const half = widthOf(doc) * 0.58;
  pdfDrawing(doc, sheet.drawing, { x: MARGIN, y, width: half, height: TOP });
  let down = y;
  for (const [name, value] of sheet.facts) {
    const x = MARGIN + half + 10;
    doc
      .font(FACE.strong)
      .fontSize(SIZES.small)
      .fillColor('#444')
      .text(printable(name), x, down, { width: widthOf(doc) - half - 10 });
    doc
      .font(FACE.words)
      .fontSize(SIZES.words)
      .fillColor('#000')
      .text(printable(value), x, doc.y, { width: widthOf(doc) - half - 10 });
    down = doc.y + 3;
  }
  doc.x = MARGIN;
  doc.y = Math.max(y + TOP, down) + 4;
}

/** The link as squares, so that no picture is needed. */
function qrCode(doc: Doc, link: string, x: number, y: number): void {
  const { modules } = QRCode.create(link, { errorCorrectionLevel: 'M' });
  const step = QR / modules.size;
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column)) doc.rect(x + column * step, y + row * step, step + 0.05, step + 0.05);
  doc.fill('#000');
  doc
    .font(FACE.words)
    .fontSize(6.5)
    .fillColor('#000')
    .text(printable(link), x - 60, y + QR + 2, { width: QR + 60, align: 'right', lineBreak: true });
}

function sentences(doc: Doc, lines: readonly string[], colour: string): void {
  for (const line of lines) {
    const text = `·  ${printable(line)}`;
    doc.font(FACE.words).fontSize(SIZES.words).fillColor(colour);
    makeRoom(doc, doc.heightOfString(text, { width: widthOf(doc) }));
    doc.text(text, MARGIN, doc.y + 1, { width: widthOf(doc) });
  }
}

/** How each answer was reckoned, term by term, on pages of their own. */
function tapes(doc: Doc, sheet: Sheet): void {
  doc.addPage();
  for (const { title, sections } of sheet.tapes) {
    heading(doc, printable(`Working:  ${title}`));
    for (const section of sections) {
      makeRoom(doc, 40);
      doc
        .font(FACE.strong)
        .fontSize(SIZES.words)
        .fillColor('#000')
        .text(printable(section.title), MARGIN, doc.y + 3);
      for (const line of section.lines)
        tapeLine(doc, line.detail === '' ? line.label : `${line.label}  ${line.detail}`, line.figure, '');
      const y = doc.y + 1;
      doc
        .moveTo(MARGIN + TAPE - 90, y)
        .lineTo(MARGIN + TAPE, y)
        .lineWidth(0.8)
        .stroke('#000');
      doc.y = y + 1;
      tapeLine(doc, section.total.label, section.total.figure, section.unit);
    }
  }
}

/** A tape is no wider than this, points: figures stay near their reasons. */
const TAPE = 380;

function tapeLine(doc: Doc, label: string, figure: string, unit: string): void {
  makeRoom(doc, 14);
  const y = doc.y + 1;
  doc
    .font(FACE.words)
    .fontSize(SIZES.words)
    .fillColor('#000')
    .text(printable(label), MARGIN + 8, y, { width: TAPE - 110 });
  const after = doc.y;
  doc
    .font(FACE.figures)
    .fontSize(SIZES.figures)
    .text(printable(figure), MARGIN + TAPE - 100, y, { width: 100, align: 'right' });
  if (unit !== '') doc.text(printable(unit), MARGIN + TAPE + 4, y, { width: 30 });
  doc.y = Math.max(after, doc.y);
  doc.x = MARGIN;
}

/** At each foot: what it is, which page of how many, and when it was made. */
function feet(doc: Doc, sheet: Sheet): void {
  const { start, count } = doc.bufferedPageRange();
  for (let i = start; i < start + count; i += 1) {
    doc.switchToPage(i);
    doc.page.margins.bottom = 0;
    doc
      .font(FACE.words)
      .fontSize(SIZES.small)
      .fillColor('#444')
      .text(printable(`${sheet.title.slice(0, 60)}, made ${dayWords(sheet.at)}`), MARGIN, bottomOf(doc) + 10, {
        width: widthOf(doc) - 90,
        lineBreak: false,
      });
    doc.text(`page ${i - start + 1} of ${count}`, MARGIN + widthOf(doc) - 90, bottomOf(doc) + 10, {
      width: 90,
      align: 'right',
      lineBreak: false,
    });
  }
}
