import { openBook } from '@zero-point/core/book/book';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { sheetOf } from '@zero-point/core/sheet/sheetOf';
import { Router, type Request } from 'express';
import { z } from 'zod';
import { parsed } from '../http/problem';
import type { ShopRecord } from '../record';
import type { SheetFonts } from '../sheet/fonts';
import { sheetHtml } from '../sheet/sheetHtml';
import { sheetPdf } from '../sheet/sheetPdf';

/** What may be asked of a sheet. */
export const sheetQuery = z.object({
  paper: z.enum(['a4', 'letter'], { error: 'must be a4 or letter' }).default('a4'),
  by: z.string().trim().max(80, { error: 'must be at most 80 characters' }).default(''),
});

/** A set-up's sheet as a PDF, and as a page that prints from the browser. */
export function sheetRoutes(record: ShopRecord, fonts: SheetFonts): Router {
  const router = Router();
  const made = (request: Request) => {
    const book = openBook(JSON.parse(record.snapshotText(String(request.params.id))) as Snapshot);
    const sheet = sheetOf(book, new Date().toISOString());
    const link = `${request.protocol}://${request.get('host') ?? 'localhost'}${sheet.path}`;
    return { sheet, link, id: book.setup.id };
  };
  router.get('/setups/:id/sheet.pdf', async (request, response) => {
    const { paper, by } = parsed(sheetQuery, request.query);
    const { sheet, link, id } = made(request);
    const pdf = await sheetPdf(sheet, { paper, by, fonts, link });
    response.type('application/pdf').set('Content-Disposition', `inline; filename="${id}-sheet.pdf"`).send(pdf);
  });
  router.get('/setups/:id/sheet.html', async (request, response) => {
    const { by } = parsed(sheetQuery, request.query);
    const { sheet, link } = made(request);
    response.type('html').send(await sheetHtml(sheet, { by, link }));
  });
  return router;
}
