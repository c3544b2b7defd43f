import { expect, test } from '@playwright/test';
import { CUTTER, closedFish, expectSound, finish, putOnPan, signIn, weigh } from './kitchen';

test('the suspected reading is named, and mended with one tap', async ({ page }) => {
  await signIn(page);
  await page.goto('/breakdown');
  await page.getByRole('link', { name: /Zander no. 141/ }).tap();
  await expect(page.locator('.remark')).toContainText('the frame reading looks');
  await expect(page.locator('.remark')).toContainText('the weight of the half tray');
  await expectSound(page);
  await page.getByRole('button', { name: 'Weigh again' }).tap();
  await weigh(page, '285 g');
  await expect(page.locator('.remark', { hasText: 'reading looks' })).toHaveCount(0);
  await expect(page.locator('.readings')).toContainText('weighed again');
});

test('a part is chosen by touching the fish, and falls away from it once weighed', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: /Gilthead bream no. 146/ }).tap();
  await page.locator('.mantine-Chip-root', { hasText: 'Every part' }).tap();
  await page.locator('[data-part=head]').click({ position: { x: 60, y: 60 } });
  await expect(page.getByRole('button', { name: /^Head / })).toHaveAttribute('aria-pressed', 'true');
  const path = page.locator('[data-part=head] .fish-part');
  await expect(path).not.toHaveAttribute('style', /translate/);
  await weigh(page, '175 g');
  await expect(path).toHaveAttribute('style', /translate\(-34px/);
  await expect(page.locator('.fish-label')).toHaveText('175 g');
  await page.getByRole('button', { name: 'Head, 175 g', exact: true }).tap();
  await expect(page.locator('.keel-note')).toContainText('23.8 % of the fish');
});

test('a cutter sees no price on any screen', async ({ page }) => {
  await signIn(page, CUTTER);
  for (const path of [
    '/receive',
    '/receive/deliveries',
    '/receive/fish',
    '/fish',
    '/log/recall?q=H-2511',
    '/breakdown',
    '/portion',
    '/route',
    '/cost',
    '/log',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
    await expect(page.locator('.main h1')).toBeVisible();
    await expect(page.locator('.main')).not.toContainText('€');
  }
  await page.goto('/cost');
  await expect(page.getByText('Prices are for the head chef.')).toBeVisible();
});

test('pounds and ounces at a switch, everywhere', async ({ page }) => {
  await signIn(page, { name: 'Ilse Varga', pin: '5063' });
  await page.goto('/log?page=2');
  await page.getByRole('link', { name: /Hake no. 139/ }).tap();
  await expect(page.locator('.headline')).toContainText(' g,');
  await page.getByRole('button', { name: 'Switch to lb/oz' }).tap();
  await expect(page.locator('.headline')).toContainText(/\d lb \d+\.\d oz/);
  await expect(page.locator('.ruler')).toContainText('oz');
  await page.getByRole('button', { name: 'Switch to grams' }).tap();
  await expect(page.locator('.headline')).toContainText(' g,');
});

test('an unsteady pan cannot be taken, too much is said, tare comes off', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: /Hake no. 143/ }).tap();
  await putOnPan(page, '410 g');
  await page.getByRole('button', { name: 'Tare' }).tap();
  await expect(page.getByTestId('live')).toContainText('0g');
  await expect(page.getByText('tare 410 g')).toBeVisible();
  await page.getByLabel('Put on the scale').fill('1000 g');
  // Looked at with every picture the page draws: the scale of these walks settles fast.
  const settling = page.waitForFunction(
    () => document.body.textContent?.includes('Settling') && document.querySelector('.take')?.matches(':disabled'),
  );
  await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  await settling;
  await expect(page.getByRole('button', { name: /^Record 590 g/ })).toBeEnabled();
  await page.getByLabel('Put on the scale').fill('16 kg');
  await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  await expect(page.getByText('Too much on the scale')).toBeVisible();
  await expect(page.locator('.take')).toBeDisabled();
  await page.getByRole('button', { name: 'Off', exact: true }).tap();
  await expect(page.getByTestId('live')).toContainText('−410');
  await expect(page.getByText('Steady')).toBeVisible();
  await page.getByRole('button', { name: 'Tare' }).tap();
  await expect(page.getByText('tare 410 g')).toHaveCount(0);
  await expect(page.getByTestId('live')).toHaveText('0g');
});

test('two tablets on one fish: the stale one is told, nothing is lost', async ({ page, browser }) => {
  // One that hears nothing of the other, as for the second in which both press.
  await page.route('**/api/here/**', (route) =>
    route.fulfill({ json: { n: 0, everything: false, fish: [], with: [] } }),
  );
  await signIn(page);
  await page.getByRole('link', { name: /Hake no. 144/ }).tap();
  await page.getByLabel('Weight, typed').fill('2100 g');
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.locator('.readings')).toContainText('2100 g Fillets');
  const tablet = await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true });
  const other = await tablet.newPage();
  await signIn(other, CUTTER);
  await other.goto(page.url());
  await expect(other.locator('.readings')).toContainText('2100 g Fillets');
  await other.getByRole('button', { name: /Bones/ }).first().click();
  await other.getByLabel('Weight, typed').fill('850 g');
  await other.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(other.locator('.readings')).toContainText('850 g Bones');
  await finish(page, 'Done, go to Portion');
  await expect(page.getByRole('alert').filter({ hasText: 'on another screen' })).toBeVisible();
  await expect(page.locator('.readings')).toContainText('850 g Bones');
  await finish(page, 'Done, go to Portion');
  await expect(page).toHaveURL(/portion/);
  await tablet.close();
});

test('a lost connection is said calmly, and the reading is stored once when it is back', async ({ page, context }) => {
  await signIn(page);
  await page.getByRole('link', { name: /Hake no. 143/ }).tap();
  await expect(page.getByTestId('todo')).toBeVisible();
  const before = await page.locator('.readings li').count();
  await context.setOffline(true);
  await expect(page.getByText('No scale')).toBeVisible();
  await expect(page.getByText('The kitchen computer cannot be reached', { exact: false })).toBeVisible();
  await page.getByLabel('Weight, typed').fill('2150 g');
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await context.setOffline(false);
  await expect(page.locator('.readings')).toContainText('2150 g');
  await expect(page.locator('.readings .waits')).toHaveCount(0);
  await expect(page.locator('.readings li')).toHaveCount(before + 1);
});

test('the yield sheet is sound, and prints on one page', async ({ page }) => {
  await signIn(page);
  await page.goto(`/log/${(await closedFish(page, 'meagre')).id}`);
  await expect(page.getByRole('button', { name: 'Print the yield sheet' })).toBeVisible();
  await expectSound(page);
  const pdf = await page.pdf({ preferCSSPageSize: true, printBackground: false });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('tablet portrait shows bench and pan together', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await signIn(page);
  await page.goto('/breakdown');
  await page.getByRole('link', { name: /Hake no. 143/ }).tap();
  await expect(page.locator('.take')).toBeInViewport();
  await expect(page.getByRole('button', { name: 'Done, go to Portion' })).toBeInViewport();
  await expectSound(page);
});

test('a wrong PIN is said where it was typed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /Maren Osk/ }).tap();
  await page.getByLabel('PIN of Maren Osk').fill('0000');
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await expect(page.getByText('That is not the PIN of Maren Osk.')).toBeVisible();
  await expectSound(page);
});

test('the lists are sound too, and the log is found by typing', async ({ page }) => {
  await signIn(page);
  for (const path of [
    '/receive',
    '/receive/deliveries',
    '/receive/invoice',
    '/fish',
    '/log/recall',
    '/breakdown',
    '/portion',
    '/route',
    '/cost',
    '/log',
  ]) {
    await page.goto(path);
    await expect(page.locator('.fish-row, .empty, .queue-row, .delivery-row, .species-row').first()).toBeVisible();
    await expectSound(page);
  }
  await page.getByLabel('Search the log').fill('no such fish');
  await expect(page.getByRole('heading', { name: 'No fish found' })).toBeVisible();
  await page.getByLabel('Search the log').fill('meagre');
  await expect(page.locator('.fish-row').first()).toContainText('Meagre');
});
