import { expect, type Page, test } from '@playwright/test';
import { closedFish, cutAs, expectNoScroll, expectSound, receive, signIn, weighAnyway } from './kitchen';

/** Chooses the method and goes back to the fish, at its first step. */
async function beginAs(page: Page, method: string) {
  await cutAs(page, method);
  await page.locator('.mantine-Chip-root', { hasText: /^Fish$/ }).tap();
  await expect(page.locator('.step-doing')).toContainText('1/');
}

const METHODS: [method: string, fish: string, state: string, mass: string][] = [
  ['Two fillets', 'Hake', 'Gutted', '4210 g'],
  ['Four loins from two sides', 'Atlantic salmon', 'Gutted', '5200 g'],
  ['Four loins off the frame', 'Yellowfin tuna', 'Gutted', '9800 g'],
  ['Four fillets off a flatfish', 'Turbot', 'Gutted', '2800 g'],
  ['Two whole-width fillets', 'Lemon sole', 'Gutted', '640 g'],
  ['Seven pieces off a flatfish', 'Brill', 'Gutted', '2300 g'],
  ['Two loins off a tail', 'Monkfish', 'Tail', '2600 g'],
  ['Boned in strips', 'Northern pike', 'Gutted', '3100 g'],
  ['Small fish filleted ungutted', 'European pilchard', 'Whole, ungutted', '140 g'],
  ['Steaks across the bone', 'Hake', 'Gutted', '3900 g'],
];

for (const [method, fish, state, mass] of METHODS) {
  test(`${method.toLowerCase()}: played through on the scale, step by step`, async ({ page }) => {
    await signIn(page);
    await receive(page, fish, mass, state);
    await beginAs(page, method);
    const doing = page.locator('.step-doing');
    const said = async () => (await doing.textContent()) ?? '';
    const total = Number((await said()).match(/1\/(\d+)/)?.[1]);
    expect(total).toBeGreaterThan(3);
    const share = Math.max(5, Math.round(Number.parseInt(mass, 10) / 90) * 5);
    let weighed = 0;
    for (let at = 1; at <= total; at++) {
      await expect(doing).toContainText(`${at}/${total}`);
      const part = page.locator('.tray-row .choice').first();
      const inStep = (await part.count()) > 0 && !(await page.locator('.tray-row .choice.more').count());
      // One part a step on the pan; the rest of it may stay away.
      const needs = inStep
        ? await page.locator('.tray-row .choice', { hasText: /Fillet|loin|Loin|Side|side/ }).count()
        : 0;
      if (inStep && at % 2 === 0 && needs === 0) {
        const name = ((await part.locator('.name').textContent()) ?? '').trim();
        await part.tap();
        await weighAnyway(page, `${share} g`);
        await expect(page.locator('.readings li').first()).toContainText(name);
        weighed++;
        await expect(page.locator('.keel .seg')).toHaveCount(weighed);
        await expect(page.locator('.keel .seg').last()).toHaveAttribute(
          'aria-label',
          new RegExp(`^${name}.*, ${share} g$`),
        );
        if (!(await said()).includes(`${at}/`)) {
          continue;
        }
      }
      if ((await said()).includes(`${at}/${total}`)) {
        await page.getByRole('button', { name: 'Next step' }).tap();
      }
    }
    await expect(doing).toContainText('Every step is done');
    await expectNoScroll(page);
    await expectSound(page);
  });
}

test('the connection is cut for a minute: six parts wait in the page, a reload loses none, each is written down once', async ({
  page,
  context,
}) => {
  await signIn(page);
  await receive(page, 'Hake', '4210 g', 'Gutted');
  await page.locator('.mantine-Chip-root', { hasText: 'Every part' }).tap();
  // The page and its answers are at hand from here on.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect(page.getByTestId('todo')).toBeVisible();
  await page.locator('.mantine-Chip-root', { hasText: 'Every part' }).tap();
  await context.setOffline(true);
  const parts: [string, string][] = [
    ['Head', '650 g'],
    ['Collar', '90 g'],
    ['Side A', '1460 g'],
    ['Side B', '1450 g'],
    ['Frame', '420 g'],
    ['Fins', '110 g'],
  ];
  for (const [i, [part, grams]] of parts.entries()) {
    const choice = page.locator('.choice', { has: page.locator('.name', { hasText: new RegExp(`^${part}$`) }) });
    if ((await choice.count()) === 0) {
      await page.getByRole('button', { name: /^More parts/ }).tap();
    }
    await choice.tap();
    await page.getByLabel('Weight, typed').fill(grams);
    await page.getByLabel('Weight, typed').press('Enter');
    await expect(page.locator('.readings .waits')).toHaveCount(i + 1);
  }
  await expect(page.locator('.readings .waits').first()).toContainText('110 g Fins');
  await page.reload();
  await expect(page.locator('.readings .waits')).toHaveCount(6);
  await context.setOffline(false);
  await expect(page.locator('.readings .waits')).toHaveCount(0);
  await expect(page.locator('.readings li')).toHaveCount(7);
  const order = await page.locator('.readings li b').allInnerTexts();
  expect(order.toReversed()).toEqual(['4210 g', ...parts.map(([, grams]) => grams)]);
});

test('it was on the half tray, with one tap; the bones are counted by key; a find goes to the supplier', async ({
  page,
}) => {
  await signIn(page);
  await receive(page, 'Hake', '4210 g', 'Gutted');
  await page.locator('.mantine-Chip-root', { hasText: 'Every part' }).tap();
  for (const [part, grams] of [
    ['Head', '650 g'],
    ['Side A', '1515 g'],
    ['Side B', '1500 g'],
    ['Frame', '930 g'],
  ] as const) {
    await page.locator('.choice', { has: page.locator('.name', { hasText: new RegExp(`^${part}$`) }) }).tap();
    await weighAnyway(page, grams);
    await expect(page.locator('.readings li').first()).toContainText(grams);
  }
  await page.getByRole('button', { name: 'It was on the half tray' }).tap();
  await expect(page.locator('.readings')).toContainText('it was on the half tray');
  await expect(page.getByRole('button', { name: 'It was on the half tray' })).toHaveCount(0);
  await page.locator('.mantine-Chip-root', { hasText: /^Bones/ }).tap();
  for (let bone = 0; bone < 8; bone++) {
    await page.keyboard.press('b');
  }
  await expectSound(page);
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await expect(page.locator('.bones-sides')).toContainText('boned and checked');
  await expect(page.locator('.mantine-Chip-root', { hasText: 'Bones: 1' })).toBeVisible();
  await page.getByLabel('Why it is waived').fill('side B goes to mince');
  await page.getByRole('button', { name: 'Waive' }).tap();
  await expect(page.locator('.bones-sides')).toContainText('waived');
  await page.locator('.mantine-Chip-root', { hasText: /^Findings/ }).tap();
  await page.locator('.mantine-Chip-root', { hasText: 'Worms' }).tap();
  await page.getByLabel('Weight lost').fill('9 kg');
  await page.getByRole('button', { name: 'Save finding' }).tap();
  await expect(page.getByText('That is more than the fish weighs.')).toBeVisible();
  await page.getByLabel('Weight lost').fill('60 g');
  await page.getByRole('button', { name: 'Save finding' }).tap();
  await expect(page.locator('.finds')).toContainText('in the claim');
  await expectSound(page);
});

test('a closed fish is opened again by the head chef, with a reason', async ({ page }) => {
  await signIn(page);
  const fish = await closedFish(page, 'john dory');
  await page.goto('/log');
  await page.getByLabel('Search the log').fill(String(fish.number));
  await page.getByRole('link', { name: new RegExp(`John Dory no. ${fish.number}`) }).tap();
  await page.getByRole('button', { name: 'Reopen' }).tap();
  await page.getByLabel('Reason').fill('the frame was another fish’s');
  await page.getByRole('button', { name: 'Put it on the board' }).tap();
  await expect(page).toHaveURL(/\/breakdown\//);
  await expect(page.getByTestId('todo')).toBeVisible();
});

test('the head chef copies a method and changes it; a tray is weighed onto the register', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Hake', '2210 g', 'Gutted');
  await beginAs(page, 'Two fillets');
  await page.locator('.mantine-Chip-root', { hasText: /^Method$/ }).tap();
  await page.getByRole('link', { name: 'Copy and edit' }).tap();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Two fillets, ours');
  await page.getByLabel('Step 5', { exact: true }).fill('Dry the fish and the board');
  await page.getByLabel('Parts that come off').nth(4).fill('wing');
  await page.getByRole('button', { name: 'Save method' }).tap();
  await expect(page.getByText('"wing" is not a part known here.').first()).toBeVisible();
  await page.getByLabel('Parts that come off').nth(4).fill('');
  await expectSound(page);
  await page.getByRole('button', { name: 'Save method' }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Method$/ }).tap();
  await page.getByRole('button', { name: /^Two fillets/ }).tap();
  await page.getByRole('button', { name: /^Two fillets, ours \(ours\)/ }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Fish$/ }).tap();
  await expect(page.locator('.step-doing')).toContainText('Dry the fish and the board');
  await page.goto('/breakdown/trays');
  await page.getByLabel('Name of the tray').fill('deep tray');
  await page.getByLabel('Its weight').fill('640 g');
  await page.getByRole('button', { name: 'Save tray' }).tap();
  await expect(page.locator('.tray-line', { hasText: 'deep tray' })).toContainText('640 g');
  await page.getByRole('button', { name: 'Remove the deep tray' }).tap();
  await expect(page.locator('.tray-line', { hasText: 'deep tray' })).toHaveCount(0);
});
