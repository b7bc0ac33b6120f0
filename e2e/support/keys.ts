import { expect, type Locator, type Page } from '@playwright/test';

/** No page of ours asks for more keys than this, from where the focus is to what is wanted. */
const FURTHEST = 40;

/** What is to be pressed next to come nearer: the way round in which it stands, or along its row of choices. */
type Step = 'there' | 'Tab' | 'Shift+Tab' | 'ArrowRight' | 'Escape';

const stepTo = (wanted: Element): Step => {
  const at = document.activeElement;
  if (at === wanted) return 'there';
  if (!at || at === document.body) return 'Tab';
  const row = wanted.getAttribute('role') === 'radio' ? wanted.closest('[role="radiogroup"]') : null;
  if (row?.contains(at)) return 'ArrowRight';
  // The strip and the bar are a key away from anywhere on the page.
  if (wanted.closest('[role="navigation"], [role="banner"]') && at.closest('[role="main"]')) return 'Escape';
  return at.compareDocumentPosition(wanted) & Node.DOCUMENT_POSITION_PRECEDING ? 'Shift+Tab' : 'Tab';
};

/**
 * Goes by Tab, and along a row of choices by its arrows, until what is wanted has the focus, as somebody without a mouse
 * does.
 * @returns how many keys it took
 */
export async function goTo(page: Page, wanted: Locator): Promise<number> {
  const one = wanted.first();
  await expect(one).toBeVisible();
  for (let keys = 0; keys <= FURTHEST; keys += 1) {
    const step = await one.evaluate(stepTo);
    if (step === 'there') return keys;
    await page.keyboard.press(step);
  }
  throw new Error(`not reached by ${FURTHEST} keys: ${wanted}`);
}
