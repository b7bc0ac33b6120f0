import { expect, type Page } from '@playwright/test';
import { appendFileSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { goTo } from './keys';
import { test as shopTest } from './shop';

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

/** A person at one job: with a thumb on a phone, by keyboard alone on a wide screen. */
export interface Job {
  page: Page;
  /** From the bench: opens a setup's card. */
  open: (setup: string) => Promise<void>;
  /** Presses a button, link or choice by its name. */
  tap: (role: 'button' | 'link' | 'radio' | 'checkbox', name: string | RegExp) => Promise<void>;
  /** Types a number with our keypad. */
  key: (text: string) => Promise<void>;
  /** Types numbers one after the other, logging each. */
  log: (...texts: string[]) => Promise<void>;
  /** Turns to the answer, where it does not stand beside the readings. */
  answer: () => Promise<void>;
  /** Opens the tape, where it is not open of itself. */
  tape: () => Promise<void>;
  /** Types into a field of a form. */
  fill: (name: string | RegExp, text: string) => Promise<void>;
  /** Touches the gauge with a tool, its caution ticked. */
  touch: (tool: number, z: string) => Promise<void>;
  /** Answers a read-back: it shows this instead. */
  shows: (figure: string) => Promise<void>;
  /** Ends the job: what it took is held against the acts of a hand, and kept for the table. */
  done: (hand: HandActs) => void;
  acts: Acts;
}

const KEYS: Readonly<Record<string, string>> = {
  '-': 'change the sign',
  '.': 'point',
  t: 'turns',
  ' ': 'space',
  '/': 'divided by',
};

export const test = shopTest.extend<{ job: Job }>({
  job: async ({ page, shop }, use, info) => {
    const acts: Acts = { taps: 0, digits: 0, typed: 0, readings: 0 };
    const byKeys = info.project.name === 'desk';
    const tap: Job['tap'] = async (role, name) => {
      const wanted = page.getByRole(role, { name, ...(typeof name === 'string' && { exact: true }) });
      if (byKeys) {
        await goTo(page, wanted);
        await page.keyboard.press(role === 'button' || role === 'link' ? 'Enter' : 'Space');
      } else await wanted.first().click();
      acts.taps += 1;
    };
    const key: Job['key'] = async (text) => {
      if (byKeys) {
        await goTo(page, page.locator('input[placeholder]'));
        await page.keyboard.type(text);
        acts.digits += text.length;
        return;
      }
      const pad = page.getByRole('group', { name: 'Keypad' });
      // The sign is turned last: our keypad has it so.
      for (const character of text.startsWith('-') ? `${text.slice(1)}-` : text) {
        await pad.getByRole('button', { name: KEYS[character] ?? character, exact: true }).click();
        acts.digits += 1;
      }
    };
    const log: Job['log'] = async (...texts) => {
      for (const text of texts) {
        await key(text);
        if (byKeys) await page.keyboard.press('Enter');
        else await tap('button', 'Log this reading');
        acts.readings += 1;
        // The field is empty again, or gone where that was the last.
        const field = page.locator('input[placeholder]').first();
        await expect.poll(async () => ((await field.count()) === 0 ? '' : field.inputValue())).toBe('');
      }
    };
    await page.goto(shop.url);
    await use({
      page,
      acts,
      tap,
      key,
      answer: async () => {
        if (byKeys) await expect(page.getByRole('button', { name: 'Show the answer' })).toHaveCount(0);
        else await tap('button', 'Show the answer');
      },
      tape: async () => {
        if (!byKeys) await tap('button', /^Show the working/);
        await expect(page.getByRole('group', { name: 'Working' })).toBeVisible();
      },
      open: (setup) => tap('link', new RegExp(`^${setup}`)),
      log,
      touch: async (tool, z) => {
        await tap('button', new RegExp(`^Tool ${tool},`));
        await tap('checkbox', /Never lower a tool onto a gauge/);
        await log(z);
      },
      fill: async (name, text) => {
        const field = page.getByRole('textbox', { name }).first();
        if (byKeys) {
          await goTo(page, field);
          await page.keyboard.press('Control+a');
          await page.keyboard.type(text);
          await page.keyboard.press('Enter');
        } else {
          await field.fill(text);
          await field.press('Enter');
        }
        acts.typed += text.length + 1;
        acts.taps += 1;
      },
      shows: async (figure) => {
        await tap('button', 'No');
        const field = page.getByRole('dialog').getByRole('textbox');
        await field.fill(figure);
        await field.press('Enter');
        await expect(page.getByRole('dialog')).toHaveCount(0);
        acts.typed += figure.length + 1;
        acts.taps += 1;
      },
      done: (hand) => {
        const byHand = hand.reads + hand.sums + hand.notes;
        // The table is of thumbs.
        if (!byKeys) {
          mkdirSync(join(FILE, '..'), { recursive: true });
          appendFileSync(FILE, `${JSON.stringify({ job: info.title, ...acts, ...hand, byHand })}\n`);
        }
        expect(acts.taps, `presses against ${byHand} acts of a hand`).toBeLessThanOrEqual(byHand);
      },
    });
  },
});

export { expect };
