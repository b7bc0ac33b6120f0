import { expect, type Page } from '@playwright/test';

/** A job's way out: Verify is looked at, then the Sheet, whose PDF comes. Not counted among the job's acts. */
export async function closeWithSheet(page: Page, shows: readonly (string | RegExp)[]): Promise<void> {
  // A drive fills the page: the rule is one step back.
  if (/\/drive\b/.test(page.url())) await page.getByRole('button', { name: 'Back to Holes' }).click();
  await page.getByRole('link', { name: /^Verify/ }).click();
  await expect(page.getByRole('radio', { name: 'Zero', exact: true })).toBeChecked();
  await page.getByRole('link', { name: /^Setup sheet/ }).click();
  await expect(page.getByRole('button', { name: 'Open the PDF' })).toBeVisible();
  for (const words of shows) await expect(page.getByRole('main').getByText(words).first()).toBeVisible();
  const id = /\/setup\/([^/]+)\//.exec(page.url())?.[1] ?? '';
  const pdf = await page.request.get(new URL(`/api/setups/${id}/sheet.pdf`, page.url()).href);
  expect(pdf.status()).toBe(200);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
}
