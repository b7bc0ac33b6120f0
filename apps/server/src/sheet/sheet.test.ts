import { deriveState } from '@zero-point/core/state/basis/setupState';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { sheetOf } from '@zero-point/core/sheet/sheetOf';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { demoServer, FONTS } from '../testing/shop';
import { printable } from './printable';
import { sheetHtml } from './sheetHtml';
import { sheetPdf } from './sheetPdf';

const { app } = demoServer();

async function pdfOf(id: string, query = ''): Promise<Buffer> {
  const answer = await request(app).get(`/api/setups/${id}/sheet.pdf${query}`).expect(200).responseType('blob');
  expect(answer.headers['content-type']).toBe('application/pdf');
  return answer.body as Buffer;
}

/** What another program reads in a PDF, all blanks as one. */
function textOf(pdf: Buffer, ...how: string[]): string {
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-sheet-')), 'sheet.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdftotext', [...how, file, '-'], { encoding: 'utf8' }).replaceAll(/\s+/g, ' ');
}

function fontsOf(pdf: Buffer): string[] {
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-sheet-')), 'sheet.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdffonts', [file], { encoding: 'utf8' }).trim().split('\n').slice(2);
}

const bookOf = async (id: string) =>
  deriveState((await request(app).get(`/api/setups/${id}`).expect(200)).body as Snapshot);

test.each([
  'base-plate-knee-mill',
  'arm-bracket-trunnion',
  'calendar-wheel-rotary',
  'pivots-bench-mill',
  'feet-knee-mill',
  'plinth-router',
])('%s: every figure and sentence of the sheet is in the PDF', async (id) => {
  const text = textOf(await pdfOf(id));
  const bare = text.replaceAll(' ', '');
  const sheet = sheetOf(await bookOf(id), new Date().toISOString());
  const words = [
    sheet.title,
    ...sheet.facts.flat(),
    ...sheet.sections.flatMap(({ title, columns, rows, lines }) => [
      title,
      ...columns.map((column) => column.title),
      ...rows.flat(),
      ...lines,
    ]),
    ...sheet.tapes.flatMap(({ sections }) =>
      sections.flatMap(({ title, lines, total }) => [
        title,
        ...lines.flatMap(({ label, figure }) => [label, figure]),
        total.label,
        total.figure,
      ]),
    ),
  ];
  for (const one of new Set(words)) {
    // Long cells are broken into lines; the signs stay in their order.
    const parts = printable(one)
      .split(' ')
      .filter((part) => part !== '');
    for (const part of parts) expect(bare).toContain(part);
  }
});

test.each(['base-plate-knee-mill', 'arm-bracket-trunnion', 'pivots-bench-mill'])(
  '%s: the page that prints from the browser says the same',
  async (id) => {
    const page = (await request(app).get(`/api/setups/${id}/sheet.html?by=Ada`).expect(200)).text;
    const sheet = sheetOf(await bookOf(id), new Date().toISOString());
    expect(page).toContain('Set up by Ada.');
    for (const { title, rows, lines } of sheet.sections)
      for (const text of [title, ...rows.flat(), ...lines]) expect(page).toContain(escaped(text));
    for (const { sections } of sheet.tapes)
      for (const { total } of sections) expect(page).toContain(escaped(total.figure));
  },
);

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll("'", '&#39;');

test('the numbers of holes on the drawing are each read by themselves, though two patterns lie close', async () => {
  const pdf = await pdfOf('base-plate-knee-mill');
  const { holes } = sheetOf(await bookOf('base-plate-knee-mill'), new Date().toISOString()).drawing;
  // The drawing stands in the upper half of the first page, left of the facts.
  const [page = ''] = textOf(pdf, '-bbox', '-f', '1', '-l', '1').split('</page>');
  const words = [...page.matchAll(/xMin="([\d.]+)" yMin="([\d.]+)" [^>]*>(\d+)</g)];
  const seen = words.flatMap(([, x, y, text]) =>
    Number(x) < 330 && Number(y) > 130 && Number(y) < 340 ? Number(text) : [],
  );
  expect(new Set(seen).size).toBe(seen.length);
  const numbers = holes.map(({ number }) => number);
  expect(numbers).toEqual(expect.arrayContaining(seen));
  expect(seen.length).toBeGreaterThanOrEqual(numbers.length - 1);
  const html = (await request(app).get('/api/setups/base-plate-knee-mill/sheet.html').expect(200)).text;
  const drawn = [...(/<svg role="img".*?<\/svg>/s.exec(html)?.[0] ?? '').matchAll(/>(\d+)<\/text>/g)].map(([, text]) =>
    Number(text),
  );
  expect(numbers).toEqual(expect.arrayContaining(drawn));
  expect(drawn.length).toBeGreaterThanOrEqual(numbers.length - 1);
});

test('what is typed into a name never becomes part of the page', async () => {
  const book = await bookOf('base-plate-knee-mill');
  const name = `<script>alert("x")</script> & 'co'`;
  const sheet = sheetOf({ ...book, setup: { ...book.setup, name, note: name } }, '2026-11-26T10:00:00.000Z');
  const page = await sheetHtml(sheet, { by: name, link: 'http://shop.local/' });
  expect(page).not.toContain('<script');
  expect(page).toContain('&lt;script&gt;alert(&quot;x&quot;)&lt;/script&gt; &amp; &#39;co&#39;');
});

test('its faces are embedded, on either paper', async () => {
  for (const paper of ['a4', 'letter']) {
    const fonts = fontsOf(await pdfOf('base-plate-knee-mill', `?paper=${paper}`));
    expect(fonts.length).toBeGreaterThanOrEqual(3);
    for (const font of fonts) expect(font).toMatch(/\byes\s+yes\s+yes\b/);
  }
});

test('a name stands on it; what is wrong with the question is said', async () => {
  expect(textOf(await pdfOf('base-plate-knee-mill', '?by=Ada'))).toContain('Set up by Ada.');
  await request(app).get('/api/setups/base-plate-knee-mill/sheet.pdf?paper=a5').expect(422);
  await request(app).get('/api/setups/no-such-thing/sheet.pdf').expect(404);
});

test('2 000 holes flow over pages with the head on each, none is lost; a name of 200 signs wraps', async () => {
  const book = await bookOf('base-plate-knee-mill');
  const points = Array.from({ length: 2000 }, (_, i) => ({ x: i % 50, y: Math.floor(i / 50) + 0.125 }));
  const long = 'Plate '.repeat(34).trim();
  const many = deriveState({
    ...book,
    setup: { ...book.setup, id: 'many', name: long },
    patterns: [{ id: 'many', name: 'Many', kind: 'points', holeDiameter: 2, points }],
  } as unknown as Snapshot);
  const sheet = sheetOf(many, '2026-11-26T10:00:00.000Z');
  const pdf = await sheetPdf(sheet, { paper: 'a4', fonts: FONTS, by: '', link: 'http://shop.local/' });
  const text = textOf(pdf, '-layout');
  const pages = Number(/page 1 of (\d+)/.exec(text)?.[1]);
  expect(pages).toBeGreaterThan(30);
  expect(text.match(/No\. Hole/g)?.length).toBeGreaterThanOrEqual(pages - 4);
  for (const hole of [1, 999, 2000]) expect(text).toContain(`Many ${hole} `);
  // Every word of the name at its head, and ten of them at each foot.
  expect(text.match(/Plate\b/g)?.length).toBe(34 + 10 * pages);
});

test('a sign that no face has becomes a question mark, never nothing', () => {
  expect(printable('Bohrung ⌀ 4,2 é ✓ 孔')).toBe('Bohrung Ø 4,2 é yes ?');
});
