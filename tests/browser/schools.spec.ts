import { expect, type Page, test } from '@playwright/test';
import { cutAs, expectNoScroll, expectSound, finish, receive, signIn, weighAnyway } from './kitchen';

async function answer(page: Page, question: string, option: string) {
  await page.getByRole('button', { name: new RegExp(`^${question}`) }).tap();
  const chip = page.locator('.mantine-Chip-root', { hasText: new RegExp(`^${option}`) });
  await chip.tap();
  await expect(chip.locator('input')).toBeChecked();
  await page.getByRole('button', { name: new RegExp(`^${question}.*${option}`) }).tap();
}

/** The parts of each step onto the scale as they come; steps that take nothing off are said to be done. */
async function cut(page: Page, grams: Record<string, number>) {
  await page.locator('.mantine-Chip-root', { hasText: /^Fish$/ }).tap();
  const doing = page.locator('.step-doing');
  const said: string[] = [];
  for (let turn = 0; turn < 60; turn++) {
    const now = ((await doing.textContent()) ?? '').trim();
    if (now.startsWith('Every step')) {
      break;
    }
    said.push(now.replace(/^\d+\/\d+\s*/, ''));
    let weighed = 0;
    for (const [part, mass] of Object.entries(grams)) {
      const choice = page.locator('.tray-row .choice', { hasText: new RegExp(`${part}.*not weighed`) });
      if ((await choice.count()) > 0 && (await doing.textContent())?.trim() === now) {
        await choice.first().tap();
        await weighAnyway(page, `${mass} g`);
        weighed++;
      }
    }
    if ((await doing.textContent())?.trim() === now) {
      await page.getByRole('button', { name: 'Next step' }).tap();
      await expect(doing).not.toHaveText(now);
    }
    expect(weighed).toBeLessThan(7);
  }
  await expect(doing).toContainText('Every step is done');
  await expectNoScroll(page);
  return said;
}

async function portion(page: Page, dish: RegExp, masses: string[]) {
  await expect(page).toHaveURL(/\/portion\/[0-9a-zA-Z]{26}$/);
  await page.locator('.mantine-Chip-root', { hasText: dish }).first().tap();
  for (const [i, mass] of masses.entries()) {
    await weighAnyway(page, mass);
    await expect(page.locator('.strip li')).toHaveCount(i + 1);
  }
}

test('a tail fish with its head: the tail comes off first, then its skin, two loins, and portions', async ({
  page,
}) => {
  await signIn(page);
  await receive(page, 'Monkfish', '5200 g', 'Gutted');
  await cutAs(page, 'Two loins off a tail');
  const said = await cut(page, { Head: 2700, Skin: 170, Membrane: 90, 'Loin A': 690, 'Loin B': 680 });
  expect(said.findIndex((s) => s.startsWith('Cut the tail off'))).toBeLessThan(
    said.findIndex((s) => s.startsWith('Pull the skin off')),
  );
  await expect(page.locator('.keel .seg')).toHaveCount(5);
  await expectSound(page);
  await finish(page, 'Done, go to Portion');
  await portion(page, /parsley sauce/, ['180 g', '175 g']);
});

test('a side on its bone: the loins come off the bone, the collar off the side, nothing is asked of a head', async ({
  page,
}) => {
  await signIn(page);
  await receive(page, 'Yellowfin tuna', '9800 g', 'Bone-in side');
  // The monkfish before it lay on the board.
  await expect(page.getByText('Another kind lay here, and this one may be served raw')).toBeVisible();
  await page.getByRole('button', { name: 'Clean down' }).tap();
  await expectSound(page);
  await expectNoScroll(page);
  await page.getByRole('button', { name: 'Cleaned down' }).tap();
  await expect(page.getByText('Another kind lay here')).toHaveCount(0);
  await cutAs(page, 'Four loins off the frame');
  await expect(page.getByRole('button', { name: /^Head/ })).toHaveCount(0);
  await answer(page, 'Belly', 'Off after the blocks');
  const said = await cut(page, { 'Back loin': 4300, 'Belly loin': 3300, Frame: 900, Collar: 350 });
  expect(said.some((s) => s.startsWith('Lift back and belly loin off the bone'))).toBe(true);
  expect(said.some((s) => s.startsWith('Leave the belly on'))).toBe(true);
  expect(said.some((s) => s.includes('side B'))).toBe(false);
  await finish(page, 'Done, go to Portion');
  await portion(page, /parsley sauce/, ['185 g']);
});

test('a bass quartered, its ribs freed, its bones out after portioning', async ({ page }) => {
  await signIn(page);
  await receive(page, 'European seabass', '3000 g', 'Gutted');
  await cutAs(page, 'Four loins from two sides');
  await answer(page, 'Ribs', 'Each freed and lifted');
  await answer(page, 'Pin bones', 'Pulled with pliers');
  await answer(page, 'Bones out', 'After portioning');
  const said = await cut(page, { 'Side A': 900, 'Side B': 890, 'Back loin': 420, 'Belly loin': 380 });
  expect(said.some((s) => s.startsWith('Free and lift each rib'))).toBe(true);
  expect(said.some((s) => s.startsWith('Leave the pin bones in'))).toBe(true);
  expect(said.some((s) => s.startsWith('Pull the pin bones'))).toBe(false);
  await finish(page, 'Done, go to Portion');
  await expect(page.getByText('Its pin bones come out of the portions')).toBeVisible();
  await portion(page, /parsley sauce/, ['180 g']);
  // Not one portion goes on before they are counted.
  await finish(page, 'Finish portioning');
  await expect(page.getByText(/Count them before its portions are served/)).toBeVisible();
});

test('a side is judged by drawings, and what fell short is told at its step on the next fish', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Pollack', '4000 g', 'Gutted');
  await page.locator('.mantine-Chip-root', { hasText: /^Every part$/ }).tap();
  for (const [part, mass] of [
    ['Side A', '1500 g'],
    ['Side B', '1200 g'],
  ] as const) {
    await page.locator('.choice', { hasText: part }).first().tap();
    await weighAnyway(page, mass);
  }
  await page.locator('.mantine-Chip-root', { hasText: /^Sides$/ }).tap();
  const sideB = page.getByRole('region', { name: 'Side B' });
  await sideB.getByRole('button', { name: 'Steps all along' }).tap();
  await expect(sideB.getByRole('button', { name: 'Steps all along' })).toHaveAttribute('aria-pressed', 'true');
  await sideB.getByLabel('Cut by').selectOption({ label: 'Tobin Hale' });
  await expect(sideB).toContainText('Judged: Maren Osk');
  await expectNoScroll(page);
  await expectSound(page);
  await finish(page, 'Done, go to Portion');
  await expect(page).toHaveURL(/\/portion\//);

  await receive(page, 'Pollack', '3900 g', 'Gutted');
  await cutAs(page, 'Two fillets Two sides');
  await page.locator('.mantine-Chip-root', { hasText: /^Fish$/ }).tap();
  const told = page.getByText('The sides of your last one were 300 g apart.');
  for (let turn = 0; turn < 8 && !(await told.isVisible()); turn++) {
    const before = (await page.locator('.step-doing').textContent()) ?? '';
    await page.getByRole('button', { name: 'Next step' }).tap();
    await expect(page.locator('.step-doing')).not.toHaveText(before);
    await page.waitForTimeout(300);
  }
  await expect(told).toBeVisible();
  await expect(page.locator('.step-doing')).toContainText('Turn it');
  await expect(page.locator('figure', { hasText: 'Right' })).toBeVisible();
  await page.getByRole('button', { name: 'Less' }).tap();
  await expect(told).toBeHidden();
});
