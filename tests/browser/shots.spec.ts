import { expect, type Page, test } from '@playwright/test';
import { CHEF, putOnPan, signIn, weigh } from './kitchen';

// Pictures, not checks: made by bin/shots only.
const on = process.env.SECTUM_SHOTS === '1';

const shot = async (page: Page, name: string) => {
  await page.waitForTimeout(900);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

if (on) {
  test('the pictures of docs/screenshots', async ({ page }) => {
    test.setTimeout(180_000);
    await page.goto('/');
    await expect(page.getByText(CHEF.name).first()).toBeVisible();
    await shot(page, 'sign-in');
    await signIn(page);
    await shot(page, 'waiting');

    await page.goto('/receive');
    await page.getByRole('combobox', { name: 'Fish' }).fill('Arctic char');
    await page.getByRole('combobox', { name: 'Supplier' }).fill('Northwater Fish Farm');
    await page.getByLabel('Price a kilo').fill('13.90');
    await page.getByRole('heading', { name: 'Out of the box', exact: true }).click();
    await putOnPan(page, '2105 g');
    await shot(page, 'receive');

    await page.goto('/breakdown');
    await page.getByRole('link', { name: /Zander no. 27/ }).click();
    await expect(page.locator('.remark')).toBeVisible();
    await shot(page, 'break-down-suspect');

    await page.goto('/breakdown');
    await page.getByRole('link', { name: /Brill no. 29/ }).click();
    await page.locator('.chip', { hasText: 'Every part' }).click();
    await weigh(page, '405 g');
    await expect(page.locator('.fish-label')).toHaveCount(1);
    await page
      .getByRole('button', { name: /Eyed side/ })
      .first()
      .click();
    await weigh(page, '640 g');
    await expect(page.locator('.fish-label')).toHaveCount(2);
    await shot(page, 'break-down-flat');

    await page.goto('/portion');
    await page.getByRole('link', { name: /Arctic char no. 25/ }).click();
    for (const mass of ['165 g', '150 g']) {
      await weigh(page, mass);
      await expect(page.locator('.readings li').first()).toContainText(mass);
    }
    await shot(page, 'portion');

    for (const [stage, name] of [
      ['route', 'route'],
      ['cost', 'cost'],
    ] as const) {
      await page.goto(`/${stage}`);
      await page.locator('.fish-row').first().click();
      await expect(page.locator('.keel')).toBeVisible();
      await shot(page, name);
    }

    await page.goto('/log');
    await expect(page.locator('.fish-row').first()).toBeVisible();
    await shot(page, 'log');
    await page.goto('/log?page=2');
    await page.getByRole('link', { name: /Meagre no. 15/ }).click();
    await expect(page.getByRole('button', { name: 'Print the yield sheet' })).toBeVisible();
    await shot(page, 'yield-sheet');

    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/breakdown');
    await page
      .getByRole('link', { name: /Hake no. 26|Gilthead bream no. 28/ })
      .first()
      .click();
    await expect(page.locator('.take')).toBeVisible();
    await shot(page, 'tablet');
  });
}
