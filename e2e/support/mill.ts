import { expect, type Page } from '@playwright/test';

/** What the practice mill lets a hand feel and an eye see. */
export const feel = (page: Page, says: string | RegExp) => page.getByText(says).first();

/** To the mill or the notebook of a lesson, on a phone. */
export const go = (page: Page, to: 'Mill' | 'Notebook') => page.getByRole('radio', { name: to, exact: true }).click();

async function stepOf(page: Page, mm: string, name: string) {
  await page.getByRole('radiogroup', { name: 'One press moves, mm' }).getByText(mm, { exact: true }).click();
  return page.getByRole('button', { name: new RegExp(`^${name} by`) });
}

/** One press of a step, so many times. */
export async function step(page: Page, mm: string, name: string, times: number): Promise<void> {
  const button = await stepOf(page, mm, name);
  for (let i = 0; i < times; i += 1) await button.click();
}

/** Steps until the hand feels or the eye sees it; not for ever. */
export async function until(page: Page, mm: string, name: string, says: string | RegExp, most = 80): Promise<void> {
  const button = await stepOf(page, mm, name);
  for (let i = 0; i < most && !(await feel(page, says).isVisible()); i += 1) await button.click();
  await expect(feel(page, says)).toBeVisible();
}

/** What a scale shows, as one would type it. */
export async function shown(page: Page, axis: string): Promise<string> {
  const label = await page
    .getByLabel(new RegExp(`^${axis} shows`))
    .first()
    .getAttribute('aria-label');
  return (label ?? '')
    .replace(/^. shows /, '')
    .replace(' mm', '')
    .replace('−', '-');
}
