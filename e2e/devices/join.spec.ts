import { request } from 'node:http';
import { doors, joinAs, trustingPhone } from '../support/network';
import { expect, expectAccessible, logReading, test } from '../support/shop';

test('a phone joins by its code, works, and is out once it is dismissed', async ({ page, shop, browser }) => {
  const there = shop.url.replace('127.0.0.1', '127.0.0.2');
  await page.goto(`${shop.url}/settings`);
  await expect(page.getByText('Closed: only browsers on this computer can use the shop.')).toBeVisible();
  await page.getByRole('checkbox', { name: 'Open the shop to the local network' }).click();
  await expect(page.getByText(`Phones on the same network find it at ${there}.`)).toBeVisible();
  await page.getByRole('button', { name: 'Add a phone' }).click();
  const code = await page.getByText(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/).textContent();
  await expect(page.getByRole('img', { name: /QR code/ })).toBeVisible();
  await expectAccessible(page);

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 664 } })).newPage();
  await phone.goto(`${there}/setup/base-plate-knee-mill/datum`);
  await expect(phone).toHaveURL(`${there}/pair`);
  await phone.getByRole('textbox', { name: 'Code' }).fill('WRNG-C0DE');
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByRole('alert')).toHaveText(/That is not the code/);
  await expectAccessible(phone);
  await phone.getByRole('textbox', { name: 'Code' }).fill((code ?? '').toLowerCase());
  await phone.getByRole('textbox', { name: 'What this device is called' }).fill('Bench phone');
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(
    phone.getByRole('heading', { name: 'Zero Point' }).or(phone.getByText('Use a calculator')),
  ).toBeVisible();

  // What it logs is in the shop, and the shop's own machine sees the phone.
  await phone.goto(`${there}/setup/feet-knee-mill/verify`);
  await logReading(phone, /^X shows/, '-5.004');
  await expect(phone.getByText(/✓ Left face: −0\.004 mm/)).toBeVisible();
  await expect(page.getByText('Bench phone')).toBeVisible();
  await phone.goto(`${there}/settings`);
  await expect(phone.getByText(/^Add and remove phones in Settings on the computer the shop runs on/)).toBeVisible();

  await page.getByRole('button', { name: 'Dismiss Bench phone' }).click();
  await expect(page.getByText('Bench phone')).toBeHidden();
  await phone.goto(`${there}/`);
  await expect(phone).toHaveURL(`${there}/pair`);
  await phone.context().close();
});

test('what a dismissed phone has logged waits on it until it joins again', async ({ page, shop, browser }) => {
  const { own, letIn, there } = await doors(page.request, shop);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 664 } })).newPage();
  await joinAs(phone, there, await letIn());
  // What it asks by itself once the page is there would find it dismissed before the hand does.
  const settled = phone.waitForResponse((response) => response.url().endsWith('/api/shop'));
  await phone.goto(`${there}/setup/feet-knee-mill/verify`);
  await expect(phone.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
  await settled;
  const { devices } = (await own('/network', 'GET')) as { devices: { id: string }[] };
  await own(`/network/devices/${devices[0]?.id}`, 'DELETE');
  await phone.getByRole('textbox', { name: /^X shows/ }).fill('-5.003');
  await phone.getByRole('button', { name: 'Log this reading' }).click();
  await expect(phone).toHaveURL(`${there}/pair`);
  await joinAs(phone, there, await letIn());
  await expect
    .poll(async () => {
      const snapshot = (await own('/setups/feet-knee-mill', 'GET')) as { readings: { value: number }[] };
      return snapshot.readings.filter(({ value }) => value === -5.003).length;
    })
    .toBe(1);
  await phone.context().close();
});

test('over TLS a phone that trusts the shop keeps the app: it starts with the server stopped', async ({
  page,
  killableShop: shop,
}) => {
  const { letIn, secure: there } = await doors(page.request, shop);
  expect(there).toMatch(/^https:\/\/127\.0\.0\.2:/);
  const phone = await trustingPhone(shop);
  const screen = await phone.newPage();
  await joinAs(screen, there, await letIn());
  await screen.goto(`${there}/setup/feet-knee-mill/verify`);
  await expect(screen.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
  expect(await screen.evaluate(() => isSecureContext)).toBe(true);
  await screen.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => screen.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await shop.kill();
  const again = await phone.newPage();
  await again.goto(`${there}/setup/feet-knee-mill/verify`);
  await logReading(again, /^X shows/, '-5.003');
  await expect(again.getByText(/1 entry waits on this device/)).toBeVisible();
  await phone.close();
});

/** Asks as a stranger does; the status, and what came back. */
const asStranger = (url: string, method: string, headers: Record<string, string>): Promise<[number, string]> =>
  new Promise((resolve, reject) => {
    const asked = request(url, { method, headers }, (answer) => {
      let text = '';
      answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
      answer.on('end', () => resolve([answer.statusCode ?? 0, text]));
    });
    asked.on('error', reject);
    asked.end(method === 'POST' ? '{}' : undefined);
  });

test('an unpaired browser, a foreign page and a foreign name get nothing of the shop', async ({
  page,
  shop,
  browser,
}) => {
  const { there } = await doors(page.request, shop);
  const stranger = await (await browser.newContext()).newPage();
  for (const path of ['/', '/setup/base-plate-knee-mill/datum', '/shop', '/practice']) {
    await stranger.goto(`${there}${path}`);
    await expect(stranger).toHaveURL(`${there}/pair`);
  }
  await stranger.context().close();
  const api = `${there}/api/setups/base-plate-knee-mill`;
  const json = { 'Content-Type': 'application/json' };
  const [unpaired, said] = await asStranger(api, 'GET', {});
  expect([unpaired, said.includes('reading')]).toEqual([401, false]);
  // On the machine itself too: a page of another site, and a name that was made to point here.
  const own = `${shop.url}/api/setups/base-plate-knee-mill`;
  const [foreign] = await asStranger(`${own}/readings`, 'POST', { ...json, Origin: 'http://elsewhere.example' });
  expect(foreign).toBe(403);
  const [named, nothing] = await asStranger(own, 'GET', { Host: 'shop.elsewhere.example' });
  expect([named, nothing.includes('readings')]).toEqual([421, false]);
});
