import { Router, type Request } from 'express';
import { z } from 'zod';
import { parseOrProblem } from '../http/problem';
import type { Network } from '../network/network';
import { reachableOrigin } from '../network/reachableOrigin';
import type { ShopRecord } from '../records/record';
import type { SheetFonts } from '../sheet/fonts';
import type { ShopOnDisk } from '../background/stageSetup';
import type { Workers } from '../background/workers';

/** What may be asked of a sheet. */
export const sheetQuery = z.object({
  paper: z.enum(['a4', 'letter'], { error: 'must be a4 or letter' }).default('a4'),
  by: z.string().trim().max(80, { error: 'must be at most 80 characters' }).default(''),
});

/** A setup's sheet as a PDF, and as a page that prints from the browser. */
export function sheetRoutes(
  record: ShopRecord,
  shop: ShopOnDisk,
  fonts: SheetFonts,
  workers: Workers,
  network?: Network,
): Router {
  const router = Router();
  const wanted = (request: Request) => {
    const { paper, by } = parseOrProblem(sheetQuery, request.query);
    const id = String(request.params.id);
    const origin = reachableOrigin(request, network);
    record.setupOf(id);
    return { paper, by, origin, setup: { shop, id }, at: new Date().toISOString() };
  };
  router.get('/setups/:id/sheet.pdf', async (request, response) => {
    const sheet = wanted(request);
    const pdf = await workers.run('sheetPdf', { ...sheet, fonts });
    response
      .type('application/pdf')
      .set('Content-Disposition', `inline; filename="${sheet.setup.id}-sheet.pdf"`)
      .send(Buffer.from(pdf));
  });
  router.get('/setups/:id/sheet.html', async (request, response) => {
    response.type('html').send(await workers.run('sheetHtml', wanted(request)));
  });
  router.get('/setups/:id/positions.csv', async (request, response) => {
    const id = String(request.params.id);
    record.setupOf(id);
    const csv = await workers.run('positionsCsv', { shop, id });
    response.type('text/csv').attachment(`${id}-positions.csv`).send(csv);
  });
  return router;
}
