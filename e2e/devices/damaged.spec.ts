import { join } from 'node:path';
import { behind } from '../../apps/server/src/testing/behind';
import { expect, expectAccessible, test } from '../support/shop';

test('an entry that something else changed is left out and said, with the way to the full check and a backup', async ({
  page,
  killableShop: shop,
}) => {
  await shop.kill();
  behind(
    join(shop.folder, 'shop.sqlite'),
    'UPDATE readings SET value = value + 1 WHERE seq = (SELECT min(seq) FROM readings)',
  );
  await shop.start();
  await page.goto(shop.url);
  const alert = page.getByRole('alert');
  await expect(alert).toContainText(
    '1 entry of the shop’s file was changed outside Zero Point. It is left out; everything else works.',
  );
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Check the whole file' }).click();
  await page.getByRole('button', { name: 'Check the whole file' }).click();
  await expect(page.getByText(/^Reading “.+” of the setup “.+” is not as it was stored\.$/)).toBeVisible();
  await expect(page.getByText(/^Entries of the file were changed outside Zero Point\..*npm run restore/)).toBeVisible();
});
