import type { SheetDrawing } from '@zero-point/core/sheet/sheet';
import { placeLabels, type LabelledMark, type OccupiedArea } from '@zero-point/core/geometry/placeLabels';
import { FACE, SIZES, type Doc } from './page';
import { printable } from './printable';

/** Points in a millimetre of paper. */
const POINTS = 72 / 25.4;

/** Scales a drawing is made in, the largest first: paper over part. */
const SCALES = [10, 5, 2, 1, 1 / 2, 1 / 2.5, 1 / 5, 1 / 10, 1 / 20, 1 / 50] as const;

const scaleWords = (scale: number): string => (scale >= 1 ? `${scale}:1` : `1:${Number((1 / scale).toFixed(1))}`);

/** More numbers than this would only cover each other. */
const MOST_NUMBERS = 60;

interface Area {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Room for the arrows and the words of zero, points. */
const ROUND = 24;

/** The part from above, to a round scale that is said: its zero with the hand of X and Y, holes by their number, boxes. */
export function pdfDrawing(doc: Doc, drawing: SheetDrawing, area: Area): void {
  const { size, zero, holes, boxes } = drawing;
  const fits = (scale: number) =>
    size.x * scale * POINTS <= area.width - 2 * ROUND && size.y * scale * POINTS <= area.height - 2 * ROUND - 12;
  const scale =
    SCALES.find(fits) ?? Math.min((area.width - 2 * ROUND) / size.x, (area.height - 2 * ROUND) / size.y) / POINTS;
  const k = scale * POINTS;
  const left = area.x + (area.width - size.x * k) / 2;
  const bottom = area.y + (area.height - 12 + size.y * k) / 2;
  const at = (x: number, y: number): [number, number] => [left + x * k, bottom - y * k];
  doc.save();
  doc.rect(area.x, area.y, area.width, area.height).lineWidth(0.5).stroke('#888');
  const [x0, y1] = at(0, size.y);
  doc
    .rect(x0, y1, size.x * k, size.y * k)
    .lineWidth(1.2)
    .stroke('#000');
  for (const hole of holes) {
    const [x, y] = at(hole.x, hole.y);
    doc.circle(x, y, radiusOf(hole, k)).lineWidth(0.8).stroke('#000');
  }
  if (holes.length <= MOST_NUMBERS) {
    const [x, y] = at(zero.x, zero.y);
    // The hand of X and Y, with its letters.
    const hand = { x: x - 6, y: y - HAND - 18, width: HAND + 20, height: HAND + 24 };
    numbers(
      doc,
      holes.map((hole) => {
        const [cx, cy] = at(hole.x, hole.y);
        return { x: cx, y: cy, reach: radiusOf(hole, k) + 1.5, number: hole.number };
      }),
      hand,
    );
  }
  for (const box of boxes) {
    const [bx, by] = at(box.left, box.back);
    doc
      .rect(bx, by, (box.right - box.left) * k, (box.back - box.front) * k)
      .dash(3, { space: 2 })
      .lineWidth(0.8)
      .stroke('#000')
      .undash();
  }
  zeroMark(doc, at(zero.x, zero.y));
  doc
    .font(FACE.words)
    .fontSize(SIZES.small)
    .fillColor('#000')
    .text(
      printable(
        `Scale ${scaleWords(scale)}, from above. Zero: ${drawing.zeroWords}${drawing.turn === 0 ? '' : `; the part lies turned ${drawing.turn.toFixed(3)}°`}.`,
      ),
      area.x + 4,
      area.y + area.height - 12,
      { width: area.width - 8, lineBreak: false },
    );
  doc.restore();
}

const radiusOf = ({ diameter }: SheetDrawing['holes'][number], k: number): number => Math.max((diameter / 2) * k, 1);

/** Numbers of holes beside them; one without room is left out, since the list beneath has them all. */
function numbers(
  doc: Doc,
  holes: readonly (Omit<LabelledMark, 'width'> & { number: number })[],
  hand: OccupiedArea,
): void {
  doc.font(FACE.figures).fontSize(SIZES.small).fillColor('#000');
  const marks = holes.map((hole) => ({ ...hole, width: doc.widthOfString(String(hole.number)) + 1 }));
  placeLabels(marks, SIZES.small, [hand]).forEach((box, i) => {
    if (box) doc.text(String(marks[i]?.number), box.x + 0.5, box.y, { lineBreak: false });
  });
}

/** How long the hand of X and Y is, points. */
const HAND = 22;

/** Part zero and which way X and Y count from it. */
function zeroMark(doc: Doc, [x, y]: [number, number]): void {
  const long = HAND;
  doc.lineWidth(1.6);
  doc.circle(x, y, 4).stroke('#000');
  doc
    .moveTo(x, y)
    .lineTo(x + long, y)
    .stroke('#000');
  doc
    .moveTo(x, y)
    .lineTo(x, y - long)
    .stroke('#000');
  doc.polygon([x + long + 4, y], [x + long - 2, y - 3], [x + long - 2, y + 3]).fill('#000');
  doc.polygon([x, y - long - 4], [x - 3, y - long + 2], [x + 3, y - long + 2]).fill('#000');
  doc.font(FACE.strong).fontSize(SIZES.words).fillColor('#000');
  doc.text('X', x + long + 5, y - 5, { lineBreak: false });
  doc.text('Y', x - 3, y - long - 16, { lineBreak: false });
}
