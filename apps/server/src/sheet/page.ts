import type { SheetFonts } from './fonts';

export type Doc = PDFKit.PDFDocument;

export const PAPERS = { a4: 'A4', letter: 'LETTER' } as const;

export type Paper = keyof typeof PAPERS;

/** Free round the page, points; the foot stands within. */
export const MARGIN = 36;
export const FOOT = 22;

export const SIZES = { title: 20, heading: 12, words: 9.5, figures: 9, small: 8 } as const;

/** Names the faces have in a document. */
export const FACE = { words: 'words', strong: 'strong', figures: 'figures' } as const;

export function registerFaces(doc: Doc, fonts: SheetFonts): void {
  doc.registerFont(FACE.words, fonts.words);
  doc.registerFont(FACE.strong, fonts.strong);
  doc.registerFont(FACE.figures, fonts.figures);
}

/** Lowest a line may stand, points from the top. */
export const bottomOf = (doc: Doc): number => doc.page.height - MARGIN - FOOT;

export const widthOf = (doc: Doc): number => doc.page.width - 2 * MARGIN;

/** Begins a new page where so much does not go on this one any more; whether it did. */
export function makeRoom(doc: Doc, height: number): boolean {
  if (doc.y + height <= bottomOf(doc)) return false;
  doc.addPage();
  return true;
}

/** A heading with a rule under it, never alone at the foot of a page. */
export function heading(doc: Doc, text: string, colour = '#000'): void {
  makeRoom(doc, 52);
  doc.moveDown(0.5);
  doc
    .font(FACE.strong)
    .fontSize(SIZES.heading)
    .fillColor(colour)
    .text(text, MARGIN, doc.y, { width: widthOf(doc) });
  const y = doc.y + 1;
  doc
    .moveTo(MARGIN, y)
    .lineTo(MARGIN + widthOf(doc), y)
    .lineWidth(0.8)
    .stroke(colour);
  doc.y = y + 4;
}
