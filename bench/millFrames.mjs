import { goal } from './lib/goal.mjs';
import { median } from './lib/server.mjs';

const ROUNDS = 5;

/**
 * The practice mill while a handwheel is turned by dragging, on a phone's page at full speed and at 4 × slow-down, against the
 * same page left alone: goals 60 and 30 frames a second.
 *
 * @param frames counts the frames of a page over a span
 */
export async function benchMill(browser, url, frames) {
  console.log(
    '\nThe practice mill while a handwheel is dragged round, goals 60 and at 4 × slow-down 30 frames a second',
  );
  for (const slowdown of [1, 4]) {
    const page = await browser.newPage({ viewport: { width: 390, height: 664 } });
    const session = await page.context().newCDPSession(page);
    await page.goto(`${url}/setup/practice-dials-7/datum?f=face.left`);
    const wheel = page.getByRole('slider', { name: /^Handwheel of X/ });
    await wheel.waitFor();
    await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
    const { x, y, width, height } = await wheel.boundingBox();
    const runs = { alone: [], turned: [] };
    for (let i = 0; i < ROUNDS; i += 1) {
      runs.alone.push(await frames(page));
      await page.mouse.move(x + width / 2, y + height / 2 - 38);
      await page.mouse.down();
      const span = frames(page);
      let going = true;
      void span.then(() => (going = false));
      // To and fro, so that it never comes to the part; a hand's own pace, a move a frame.
      for (let j = 0; going; j += 1) {
        const angle = Math.sin(j / 12) * 2.5;
        await page.mouse.move(x + width / 2 + 38 * Math.sin(angle), y + height / 2 - 38 * Math.cos(angle));
      }
      runs.turned.push(await span);
      await page.mouse.up();
    }
    const rate = (name) => median(runs[name].map((run) => run.rate));
    const longest = median(runs.turned.map((run) => run.longest));
    console.log(
      `${`at ${slowdown} ×`.padEnd(22)} ${rate('turned').toFixed(1)} frames a second, longest ${longest.toFixed(0)} ms   left alone ${rate('alone').toFixed(1)}   ratio ${(rate('turned') / rate('alone')).toFixed(2)}`,
    );
    goal(`frames, a handwheel dragged at ${slowdown} × slow-down`, rate('turned'), {
      // A display of 60 shows one less now and then.
      least: slowdown === 1 ? 58 : 30,
      unit: ' a second',
    });
    await page.close();
  }
}
