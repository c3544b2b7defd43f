import { type Browser, expect, test } from '@playwright/test';
import { CHEF, CUTTER, putOnPan, tapIn, weigh } from './kitchen';

/** Two tablets of one kitchen: no tab of one hears the other but through the kitchen computer. */
async function tablet(browser: Browser, who: typeof CHEF) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    hasTouch: true,
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await tapIn(page, who);
  return page;
}

test('what one tablet weighs the other shows within two seconds, and who else is at the fish', async ({ browser }) => {
  const cutter = await tablet(browser, CUTTER);
  await cutter.goto('/receive/fish');
  await cutter.getByRole('combobox', { name: 'Fish', exact: true }).fill('Hake');
  await cutter.getByRole('option', { name: 'Hake', exact: true }).tap();
  await cutter.getByRole('combobox', { name: 'Supplier' }).fill('Harbourgate Fish');
  await cutter.keyboard.press('Escape');
  await weigh(cutter, '4210 g');
  await expect(cutter).toHaveURL(/\/breakdown\//);
  const { pathname } = new URL(cutter.url());

  const chef = await tablet(browser, CHEF);
  await chef.goto(pathname);
  await expect(chef.locator('.readings li')).toHaveCount(1);
  await expect(chef.getByText(`${CUTTER.name} is at this fish too`)).toBeVisible();
  await expect(cutter.getByText(`${CHEF.name} is at this fish too`)).toBeVisible();

  await cutter.getByLabel('Weight, typed').fill('2650 g');
  await cutter.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(cutter.locator('.readings li:not(.waits)')).toHaveCount(2);
  const since = Date.now();
  await expect(chef.locator('.readings li')).toHaveCount(2, { timeout: 2_000 });
  console.log(`A weight taken on one tablet stood on the other after ${Date.now() - since} ms more`);

  // Somebody who leaves the fish is not said to be there.
  await chef.goto('/breakdown');
  await expect(cutter.getByText(`${CHEF.name} is at this fish too`)).toHaveCount(0);

  await chef.context().close();
  await cutter.context().close();
});

test('two boards with a scale each: what lies on one is not on the other', async ({ browser }) => {
  const one = await tablet(browser, CHEF);
  const two = await tablet(browser, CUTTER);
  await two.goto('/me');
  await two.locator('.mantine-Chip-root', { hasText: 'Board B' }).tap();
  await expect(two.getByRole('radio', { name: /Board B/ })).toBeChecked();
  await two.reload();
  await expect(two.getByRole('radio', { name: /Board B/ })).toBeChecked();
  for (const page of [one, two]) {
    await page.goto('/receive/fish');
    await page.getByRole('combobox', { name: 'Fish', exact: true }).fill('Hake');
    await page.getByRole('option', { name: 'Hake', exact: true }).tap();
    await page.getByRole('combobox', { name: 'Supplier' }).fill('Harbourgate Fish');
    await page.keyboard.press('Escape');
  }
  await putOnPan(one, '3150 g');
  await putOnPan(two, '1840 g');
  await expect(one.getByRole('button', { name: /^Receive 3150 g/ })).toBeEnabled();
  await expect(two.getByRole('button', { name: /^Receive 1840 g/ })).toBeEnabled();
  await one.context().close();
  await two.context().close();
});
