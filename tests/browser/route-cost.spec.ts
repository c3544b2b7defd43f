import { expect, type Page, test } from '@playwright/test';
import { CUTTER, expectNoScroll, expectSound, signIn } from './kitchen';

/** Minor units of what is printed: "−€1.20" is −120. */
const minor = (text: string | null) =>
  Math.round(100 * Number((text ?? '').replace(/[^\d.−-]/g, '').replace('−', '-')));
const amounts = async (page: Page, rows: string) => (await page.locator(rows).allTextContents()).map(minor);
const sum = (all: number[]) => all.reduce((total, one) => total + one, 0);

test("a day's trim is routed, a stock made of it, and its value is back in the cost of the fish", async ({ page }) => {
  test.setTimeout(150_000);
  await signIn(page);
  await page.goto('/route');
  const fish = (await page.locator('.fish-row .name').first().textContent())?.trim() ?? '';
  await page.locator('.fish-row').first().tap();
  const forbidden = page.locator('.bin-choices .choice:disabled');
  await page
    .getByRole('button', { name: /^Squared-off end / })
    .first()
    .tap();
  await expect(forbidden.filter({ hasText: 'Tartare' })).toContainText('No proof of freezing');
  await page
    .getByRole('button', { name: /^Head / })
    .first()
    .tap();
  await expect(page.getByText('First: gills out, eyes out')).toBeVisible();
  await expectSound(page);
  await expectNoScroll(page);
  await page.goto('/route');
  await page.getByRole('button', { name: /^Accept/ }).tap();
  await expect(page.getByText('Nothing waits here')).toBeVisible();

  await page.getByRole('link', { name: 'Bins', exact: true }).tap();
  const stock = page.locator('.trough-row', { hasText: 'White stock' });
  await expect(stock).toContainText('first ends today');
  await expectSound(page);
  await page.getByRole('link', { name: 'Batches', exact: true }).tap();
  await expectSound(page);
  await page.locator('.makeable li', { hasText: 'White stock' }).last().getByRole('link').tap();
  await expect(page.getByRole('heading', { name: 'Into the pot' })).toBeVisible();
  await expect(page.locator('.time-line li')).toHaveCount(6);
  await page.getByLabel('How much').fill('90 kg');
  await expect(page.getByText('There is only')).toBeVisible();
  await page.getByRole('button', { name: 'Start the batch' }).tap();
  await expect(page.getByText(/White stock holds .* that may be eaten, not/)).toBeVisible();
  const all = /(\d+) g in white stock/.exec((await page.locator('.headline .soft').first().textContent()) ?? '')?.[1];
  await page.getByLabel('How much').fill(`${all} g`);
  await expect(page.getByText('There is only')).toHaveCount(0);
  await expect(page.locator('.asking')).toHaveCount(0);
  await expectSound(page);
  await expectNoScroll(page);
  await page.getByRole('button', { name: 'Start the batch' }).tap();

  await expect(page.getByTestId('todo')).toHaveText('Strain it, then say how much it made.');
  for (const celsius of ['61', '20']) {
    await page.getByLabel('How hot it is, typed').fill(celsius);
    await page.getByRole('button', { name: 'Record', exact: true }).tap();
    await expect(page.locator('.cooling li', { hasText: `${celsius}.0 °C` })).toBeVisible();
  }
  await expect(page.locator('.cooling')).toContainText(/5 °C by \d\d:\d\d/);
  await page.getByLabel('How much it made, L').fill('99');
  await page.getByRole('button', { name: 'Save', exact: true }).tap();
  await expect(page.getByText('More came out than went in')).toBeVisible();
  await page.getByLabel('How much it made, L').fill('2.2');
  await page.getByRole('button', { name: 'Save', exact: true }).tap();
  await expect(page.locator('.headline .yield')).toContainText('2.2 L');
  // 2.2 L at 4.20, dealt back to the cent over what went in.
  const back = await amounts(page, '.went tr:not(.sum) td.n');
  expect(sum(back)).toBe(924);
  await expect(page.locator('.went tr.sum')).toContainText('€9.24');
  await expectSound(page);
  await expectNoScroll(page);
  const batch = page.url();

  // Half a litre for the staff, which is then undone; more than there is is refused.
  await page.locator('.mantine-Chip-root', { hasText: /^Staff$/ }).tap();
  await page.getByLabel('How much, L').fill('0.5');
  await page.getByRole('button', { name: 'Take out' }).tap();
  // An older batch ends first, and is drawn on first.
  await page
    .getByRole('link', { name: /ends first/ })
    .first()
    .tap();
  await expect(page.getByRole('listitem').filter({ hasText: '500 ml staff meal' })).toBeVisible();
  await expect(page.getByText('Allergens: fish, sulphites.')).toBeVisible();
  await page.locator('.mantine-Chip-root', { hasText: /^Staff$/ }).tap();
  await page.getByLabel('How much, L').fill('500');
  await page.getByRole('button', { name: 'Take out' }).tap();
  await expect(page.getByText('is left and in date')).toBeVisible();
  await page.getByRole('listitem').filter({ hasText: '500 ml staff meal' }).getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('listitem').filter({ hasText: '500 ml staff meal' })).toHaveCount(0);
  await page.goto(batch);
  await expect(page.locator('.headline .yield')).toContainText('left of 2.2 L');
  const [name, number] = fish.split(' no. ');
  const share = minor(
    await page
      .locator('.went tr', { hasText: `${name} no. ${number}` })
      .locator('td.n')
      .textContent(),
  );

  await page.goto('/cost/house');
  await page.getByText('At what its batch brought').tap();
  await expect(page.getByText('trim counts at what its batch really brought')).toBeVisible();
  await expectSound(page);
  await page.goto('/cost');
  await page.locator('.fish-row', { hasText: fish }).tap();
  const credits = page.locator('.walk tr', { has: page.locator(`a[href="${new URL(batch).pathname}"]`) });
  await expect(credits.first()).toContainText('to white stock');
  expect(sum((await credits.locator('td.n').allTextContents()).map(minor))).toBe(-share);
  await credits.first().getByRole('link').tap();
  await expect(page).toHaveURL(batch);
  await page.goto('/cost/house');
  await page.getByText('At the value of its bin').tap();
  await expect(page.getByText('trim counts at the value of its bin')).toBeVisible();
});

test('the dearest dish is traced from its plate to the invoice in four taps, each figure the sum of those under it', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/cost');
  await page.getByRole('link', { name: 'Plates', exact: true }).tap();
  const dearest = page.locator('.plate-row').first();
  await expect(dearest).toBeVisible();
  const costs = await amounts(page, '.plate-row .plate-cost');
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
  await expectSound(page);
  await dearest.tap();
  await expect(page.getByRole('row', { name: /^Plate €/ })).toBeVisible();
  const plate = page.locator('table', { has: page.locator('caption', { hasText: 'The plate' }) }).locator('tr');
  const lines = (await plate.locator('td.n').allTextContents()).map(minor);
  expect(sum(lines.slice(0, 3))).toBe(lines[3]);
  expect(lines[3]).toBe(costs[0]);
  const fish = await amounts(page, '.plate-fish tr:not(.sum) td.n');
  expect(sum(fish)).toBe(minor(await page.locator('.plate-fish tr.sum td.n').textContent()));
  await expectSound(page);
  await expectNoScroll(page);

  const dish = (await page.getByRole('heading', { level: 1 }).textContent()) ?? '';
  await page.locator('.plate-fish a').first().tap();
  const product = page.getByRole('article', { name: dish });
  await expect(product.locator('tr.sum')).toBeVisible();
  const carried = (await product.locator('tr:not(.sum) td.n').allTextContents()).map(minor);
  expect(minor(await product.locator('tr.sum td.n').textContent())).toBe(sum(carried));
  expect(sum(carried)).toBe(fish[0]);
  const walk = await amounts(page, '.walk tr:not(.sum) td.n');
  expect(minor(await page.locator('.walk tr.sum td.n').textContent())).toBe(sum(walk));
  expect(sum(await amounts(page, '.product tr.sum td.n'))).toBe(sum(walk));
  await expectSound(page);

  await page.getByRole('link', { name: 'As purchased' }).tap();
  await expect(page).toHaveURL(/receive\/deliveries\//);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});

test('what if: by keyboard, with the sentence that matters', async ({ page }) => {
  await signIn(page);
  await page.goto('/cost/plates');
  await page.locator('.plate-row', { hasText: 'Hake, parsley sauce' }).focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Sold in a week').fill('125');
  const grams = page.getByRole('slider', { name: /^Portion, grams/ });
  await grams.focus();
  const before = Number(await grams.getAttribute('aria-valuenow'));
  for (let i = 0; i < 5; i++) {
    await page.keyboard.press('ArrowLeft');
  }
  expect(before - Number(await grams.getAttribute('aria-valuenow'))).toBeCloseTo(5, 0);
  await expect(page.getByTestId('said')).toHaveText(
    /^5 g lighter saves €0\.\d\d a plate, €[\d.]+ a year at 125 a week\.$/,
  );
  const [, plate = '', year = ''] =
    /saves €([\d.]+) a plate, €([\d.]+) a year/.exec((await page.getByTestId('said').textContent()) ?? '') ?? [];
  expect(minor(year)).toBe(minor(plate) * 125 * 52);
  await page.getByRole('button', { name: 'Reset' }).click();
  await expect(page.getByTestId('said')).toHaveText('Move a figure and see what it does.');
});

test('past its date only the head chef throws it away, weighed, and only once', async ({ page, browser }) => {
  await signIn(page, CUTTER);
  await page.goto('/route/bins');
  await page.locator('.morning .past', { hasText: 'Mince' }).getByRole('link').tap();
  const tub = page.locator('.tub-row', { hasText: 'no. ' }).first();
  await expect(page.locator('.tub-row', { hasText: 'All that is past its date' })).toBeVisible();
  const left = (await tub.locator('.n').textContent())?.trim() ?? '';
  await tub.tap();
  await page.getByLabel('Weight, typed').fill(left);
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.getByRole('alert').filter({ hasText: 'the head chef weighs it into the discard' })).toBeVisible();
  await expectSound(page);
  await expectNoScroll(page);

  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true })).newPage();
  await signIn(other);
  for (const screen of [page, other]) {
    if (screen === page) {
      await page.getByRole('button', { name: 'Sign out' }).tap();
      await signIn(page);
    }
    await screen.goto('/route/bins/mince');
    await screen.locator('.tub-row', { hasText: 'no. ' }).first().tap();
    await screen.getByLabel('Weight, typed').fill(left);
  }
  const tubs = await page.locator('.tub-row', { hasText: 'no. ' }).count();
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.locator('.tub-row', { hasText: 'no. ' })).toHaveCount(tubs - 1);
  await other.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(other.getByRole('alert').filter({ hasText: 'somebody took it out before you' })).toBeVisible();
  await page.getByText('In and out').tap();
  await expect(page.locator('.ledger tr').first()).toContainText('Thrown away: past its date');
  await page.locator('.tub-row', { hasText: 'All that is past its date' }).tap();
  await page.getByLabel('Weight, typed').fill((await page.locator('.tub-row .n').first().textContent())?.trim() ?? '');
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.locator('.tub-row.past')).toHaveCount(0);
  await other.context().close();
});

test('a price list says which dishes leave their band; ready cut is set beside whole fish', async ({ page }) => {
  await signIn(page);
  await page.goto('/cost/prices');
  const csv = 'fish;price/kg\nHake;14,90\nGlowfish;3,00\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('No fish of the catalogue is called "Glowfish".')).toBeVisible();
  await expect(page.locator('.moved-row.out', { hasText: 'Hake, parsley sauce' })).toBeVisible();
  await page.getByRole('button', { name: 'Save 1 price' }).tap();
  await expect(page.getByText('Name the supplier.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Harbourgate Fish');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Save 1 price' }).tap();
  await expect(page.getByText('Latest prices')).toBeVisible();
  await expectSound(page);

  await page.getByRole('link', { name: 'Whole fish or fillets' }).tap();
  await page.getByLabel('Bought fillets, per kg').fill('0');
  await expect(page.getByText('Ready-cut fillets cost more than nothing.')).toBeVisible();
  await page.getByLabel('Bought fillets, per kg').fill('26.40');
  await expect(page.locator('.ready-said')).toContainText('A point of yield is worth');
  await expectSound(page);
});

test('the ways of the house, its bins and its recipes', async ({ page }) => {
  await signIn(page);
  await page.goto('/route/house');
  await page.getByText('Split and grilled').tap();
  await expect(page.getByRole('radio', { name: 'Split and grilled' })).toBeChecked();
  await page.getByText('Into the pot', { exact: true }).first().tap();
  await page.getByLabel('Mince, Holds').fill('nothing');
  await page.locator('.house-bin', { hasText: 'Mince' }).getByRole('button', { name: 'Save' }).tap();
  await expect(page.getByText('is not a weight')).toBeVisible();
  await expectSound(page);
  await page.getByRole('link', { name: 'Add a recipe' }).tap();
  await page.getByLabel('Recipe', { exact: true }).fill('Fumet');
  await page.getByLabel('Other ingredients').fill('water 900 ml\nsalt plenty');
  await page.getByRole('button', { name: 'Save recipe' }).tap();
  await expect(page.getByText('A line each, like: water 1200 ml')).toBeVisible();
  await page.getByLabel('Other ingredients').fill('water 900 ml');
  await page.getByLabel('Litres a kilo gives').fill('4');
  await page.getByLabel('Minutes').fill('20');
  await page.getByLabel('Keeps, days').fill('3');
  await page.getByRole('button', { name: 'Save recipe' }).tap();
  await expect(page.getByText('they cannot make 4')).toBeVisible();
  await page.getByLabel('Litres a kilo gives').fill('0.8');
  await expectSound(page);
  await page.getByRole('button', { name: 'Save recipe' }).tap();
  await expect(page.locator('.recipes li', { hasText: 'Fumet' })).toContainText('ours');
});
