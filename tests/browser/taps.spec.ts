import { expect, type Locator, type Page, test } from '@playwright/test';
import { CUTTER, finish, signIn, tapIn, weigh } from './kitchen';

/**
 * What a job costs the hand that does it: every touch and every character, the stand-in of the scale left out. Printed,
 * and held to what it was at its best, so that a screen that asks for one more is noticed.
 */
class Hand {
  private constructor(private readonly page: Page) {}

  static async of(page: Page): Promise<Hand> {
    await page.addInitScript(() => {
      const count = (name: string) => (event: Event) => {
        const target = event.target as Element | null;
        const isKey = event instanceof KeyboardEvent;
        if (event.isTrusted && !target?.closest('.demo-pan') && (!isKey || event.key.length === 1)) {
          localStorage.setItem(name, String(Number(localStorage.getItem(name) ?? 0) + 1));
        }
      };
      window.addEventListener('pointerdown', count('hand.taps'), true);
      window.addEventListener('keydown', count('hand.keys'), true);
    });
    return new Hand(page);
  }

  /** Types as a hand does: into the field, one character after the other. */
  async type(field: Locator, text: string) {
    await field.tap();
    await field.pressSequentially(text);
  }

  /** What it came to since it was last asked; printed, and no more than it may be. */
  async expectAtMost(job: string, taps: number, keys: number) {
    const spent = await this.page.evaluate(() => {
      const found = [Number(localStorage.getItem('hand.taps') ?? 0), Number(localStorage.getItem('hand.keys') ?? 0)];
      localStorage.removeItem('hand.taps');
      localStorage.removeItem('hand.keys');
      return found;
    });
    console.log(`${job}: ${spent[0]} taps, ${spent[1]} characters`);
    expect(spent[0]).toBeLessThanOrEqual(taps);
    expect(spent[1]).toBeLessThanOrEqual(keys);
  }
}

/** A hake out of the box, broken down by three weights, and on to its portions. */
async function toTheBoard(page: Page, hand: Hand) {
  await page.getByRole('link', { name: 'Quick receive' }).tap();
  await hand.type(page.getByRole('combobox', { name: 'Fish' }), 'Hak');
  await page.getByRole('option', { name: 'Hake' }).tap();
  await hand.type(page.getByRole('combobox', { name: 'Supplier' }), 'Harbour');
  await page.getByRole('option', { name: 'Harbourgate Fish' }).tap();
  await weigh(page, '4210 g');
  await expect(page).toHaveURL(/breakdown/);
  const taken = page.locator('.readings li:not(.waits)');
  await expect(taken).toHaveCount(1);
  for (const [i, mass] of ['2650 g', '140 g', '1390 g'].entries()) {
    await weigh(page, mass);
    await expect(taken).toHaveCount(i + 2);
  }
  await finish(page, 'Done, go to Portion');
  await expect(page).toHaveURL(/portion/);
}

/** Seventeen bones by number, and both passes. */
async function countBones(page: Page, hand: Hand) {
  await page.getByRole('button', { name: 'Count the bones' }).tap();
  await hand.type(page.getByLabel('Bones found, typed'), '17');
  await page.getByRole('button', { name: 'First pass done' }).tap();
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await page.getByRole('button', { name: 'Back to the portions' }).tap();
}

test('what a job costs in taps: one fish from the box to the log', async ({ page }) => {
  test.setTimeout(120_000);
  const hand = await Hand.of(page);
  await tapIn(page);
  await hand.expectAtMost('Signing in', 6, 0);
  // The job begins at the door, wherever somebody's day begins.
  await page.goto('/receive');

  await toTheBoard(page, hand);
  await page.locator('.mantine-Chip-root', { hasText: 'Hake, parsley sauce' }).tap();
  await countBones(page, hand);
  for (const [i, mass] of ['180 g', '185 g', '175 g', '190 g'].entries()) {
    await weigh(page, mass);
    await expect(page.locator('.strip li')).toHaveCount(i + 1);
  }
  await finish(page, 'Finish portioning');
  await finish(page, 'Confirm bins, go to Cost');
  await hand.type(page.getByLabel('Price per kg'), '13.90');
  await hand.type(page.getByLabel('Labour, minutes'), '14');
  await page.getByRole('button', { name: 'Save cost' }).tap();
  await expect(page.locator('.walk tr.sum')).toBeVisible();
  await finish(page, 'Close the fish');
  await expect(page).toHaveURL(/log/);
  await hand.expectAtMost('One fish from the box to the log, eight weighings, bones counted', 28, 19);
});

test('what a job costs in taps: six fish at the door', async ({ page }) => {
  const hand = await Hand.of(page);
  await signIn(page, CUTTER);
  await page.goto('/receive/deliveries');
  await hand.expectAtMost('Signing in', 6, 0);
  await hand.type(page.getByRole('combobox', { name: 'New delivery from' }), 'Harbour');
  await page.getByRole('option', { name: 'Harbourgate Fish' }).tap();
  await hand.type(page.getByLabel('Number', { exact: true }), 'HG-71');
  await page.getByRole('button', { name: 'Start' }).tap();
  await hand.type(page.getByRole('combobox', { name: 'Fish' }), 'Hak');
  await page.getByRole('option', { name: 'Hake' }).tap();
  await hand.type(page.getByLabel('Invoiced weight'), '19.2 kg');
  await hand.type(page.getByLabel('How many'), '6');
  await hand.type(page.getByLabel('Lot'), 'H-71');
  await page.getByRole('button', { name: 'Save line' }).tap();
  for (const [i, mass] of ['3310 g', '3195 g', '3280 g', '3200 g', '3105 g', '3110 g'].entries()) {
    await weigh(page, mass);
    await expect(page.locator('.in-box li')).toHaveCount(i + 1);
  }
  await page.getByRole('link', { name: 'Inspect', exact: true }).tap();
  await page.getByRole('button', { name: 'All best grade' }).tap();
  await page.getByRole('button', { name: /Save inspection/ }).tap();
  await finish(page, 'Close delivery');
  await expect(page.getByRole('button', { name: 'Close delivery' })).toHaveCount(0);
  await hand.expectAtMost('Six fish of one kind by hand, inspected, delivery closed', 20, 27);
});
