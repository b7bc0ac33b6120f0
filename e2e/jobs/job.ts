import { expect, type Page } from '@playwright/test';
import { appendFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { test as shopTest } from '../shop';

/** What a job took of the person: presses, digits typed by our keypad, and characters typed into fields. */
export interface Acts {
  taps: number;
  digits: number;
  typed: number;
  /** Readings that were logged on the way. */
  readings: number;
}

/** What the same job takes by hand with a pencil: numbers read, sums done, notes written, things ticked off a list. */
export interface HandActs {
  reads: number;
  sums: number;
  notes: number;
}

const FILE = join(import.meta.dirname, '..', '..', 'test-results', 'acts.jsonl');

/** A person at one job, with a thumb. */
export interface Job {
  page: Page;
  /** From the bench: opens a set-up's card. */
  open: (setup: string) => Promise<void>;
  /** Presses a button, link or choice by its name. */
  tap: (role: 'button' | 'link' | 'radio' | 'checkbox', name: string | RegExp) => Promise<void>;
  /** Types a number with our keypad. */
  key: (text: string) => Promise<void>;
  /** Types numbers one after the other, logging each. */
  log: (...texts: string[]) => Promise<void>;
  /** Types into a field of a form. */
  fill: (name: string | RegExp, text: string) => Promise<void>;
  /** Ends the job: what it took is held against the acts of a hand, and kept for the table. */
  done: (hand: HandActs) => void;
  acts: Acts;
}

const KEYS: Readonly<Record<string, string>> = {
  '-': 'turn the sign',
  '.': 'point',
  t: 'turns',
  ' ': 'space',
  '/': 'divided by',
};

export const test = shopTest.extend<{ job: Job }>({
  job: async ({ page, shop }, use, info) => {
    const acts: Acts = { taps: 0, digits: 0, typed: 0, readings: 0 };
    const tap: Job['tap'] = async (role, name) => {
      const wanted = page.getByRole(role, { name, ...(typeof name === 'string' && { exact: true }) });
      await wanted.first().click();
      acts.taps += 1;
    };
    const key: Job['key'] = async (text) => {
      const pad = page.getByRole('group', { name: 'Keypad' });
      // The sign is turned last: our keypad has it so.
      for (const character of text.startsWith('-') ? `${text.slice(1)}-` : text) {
        await pad.getByRole('button', { name: KEYS[character] ?? character, exact: true }).click();
        acts.digits += 1;
      }
    };
    await page.goto(shop.url);
    await use({
      page,
      acts,
      tap,
      key,
      open: (setup) => tap('link', new RegExp(`^${setup}`)),
      log: async (...texts) => {
        for (const text of texts) {
          await key(text);
          await tap('button', 'Log this reading');
          acts.readings += 1;
          // The field is empty again, or gone where that was the last.
          const field = page.locator('input[placeholder]').first();
          await expect.poll(async () => ((await field.count()) === 0 ? '' : field.inputValue())).toBe('');
        }
      },
      fill: async (name, text) => {
        const field = page.getByRole('textbox', { name }).first();
        await field.fill(text);
        await field.press('Enter');
        acts.typed += text.length + 1;
        acts.taps += 1;
      },
      done: (hand) => {
        const byHand = hand.reads + hand.sums + hand.notes;
        mkdirSync(join(FILE, '..'), { recursive: true });
        appendFileSync(FILE, `${JSON.stringify({ job: info.title, ...acts, ...hand, byHand })}\n`);
        expect(acts.taps, `presses against ${byHand} acts of a hand`).toBeLessThanOrEqual(byHand);
      },
    });
  },
});

export { expect };
