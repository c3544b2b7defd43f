import { expect, type Locator, test } from '@playwright/test';
import { expectNoScroll, expectSound, finish, finishByKey, signIn, weigh } from './kitchen';

const last = (path: string) => new RegExp(`/${path}/[0-9a-zA-Z]{26}$`);

test('one fish from the box to its plate, by touch alone', async ({ page }) => {
  await page.goto('/');
  await expectSound(page);
  await signIn(page);

  await page.getByRole('link', { name: /^Receive/ }).tap();
  await page.getByRole('link', { name: 'Quick receive' }).tap();
  await expect(page.getByTestId('todo')).toHaveText('Which fish is it?');
  await page.getByRole('combobox', { name: 'Fish' }).fill('Hak');
  await page.getByRole('option', { name: 'Hake' }).tap();
  await page.getByRole('combobox', { name: 'Supplier' }).fill('Harbour');
  await page.getByRole('option', { name: 'Harbourgate Fish' }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Gutted$/ }).tap();
  await page.getByLabel('Price per kg').fill('13.90');
  await expectSound(page);
  await expectNoScroll(page);
  await weigh(page, '4210 g');

  await expect(page).toHaveURL(last('breakdown'));
  await expect(page.locator('.keel .ahead').first()).toBeVisible();
  await weigh(page, '2650 g');
  await expect(page.getByTestId('todo')).toHaveText('Put trim on the scale.');
  await weigh(page, '140 g');
  await weigh(page, '1390 g');
  await expect(page.getByTestId('todo')).toHaveText('Everything is weighed. Go on to Portion.');
  await expect(page.locator('.remark')).toHaveCount(0);
  await expect(page.locator('.headline .yield')).toContainText('66.3 %');
  await expectSound(page);
  await expectNoScroll(page);
  await finish(page, 'Done, go to Portion');

  await expect(page).toHaveURL(last('portion'));
  // 2650 g, about three in a hundred squared off.
  await expect(page.locator('.mantine-Chip-root', { hasText: 'Hake, parsley sauce' })).toContainText('about 14');
  await page.locator('.mantine-Chip-root', { hasText: 'Hake, parsley sauce' }).tap();
  // Bones are asked for before the first portion, not after it.
  await expect(page.getByTestId('todo')).toHaveText('Count the pin bones of fillets first.');
  await expect(page.locator('.take')).toBeDisabled();
  await page.getByRole('button', { name: 'Count the bones' }).tap();
  for (let bone = 0; bone < 17; bone++) {
    await page.getByRole('button', { name: /^One more bone/ }).tap();
  }
  await page.getByRole('button', { name: 'First pass done' }).tap();
  await expect(page.getByText('The second pass is still to come.')).toBeVisible();
  await page.getByRole('button', { name: 'Second pass done' }).tap();
  await expect(page.getByText('Boned and checked: 17 found')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the portions' }).tap();
  for (const [i, mass] of ['180 g', '185 g', '170 g', '195 g'].entries()) {
    await weigh(page, mass);
    await expect(page.locator('.strip li')).toHaveCount(i + 1);
  }
  await expect(page.locator('.strip')).toContainText('−10 gunder');
  await expect(page.locator('.figures')).toContainText('183 g');
  await page.getByRole('button', { name: 'Undo Portion 3, 170 g' }).tap();
  await expect(page.locator('.strip li')).toHaveCount(3);
  await page.getByRole('button', { name: /Tail end/ }).tap();
  await weigh(page, '110 g');
  await expectSound(page);
  await expectNoScroll(page);
  await finish(page, 'Finish portioning');

  await expect(page).toHaveURL(last('route'));
  await page.getByRole('button', { name: /^Trim 140 g/ }).tap();
  await page.getByRole('button', { name: /Discard/ }).tap();
  await expect(page.getByRole('button', { name: /^Trim 140 g Discard/ })).toBeVisible();
  await expectSound(page);
  await expectNoScroll(page);
  await finish(page, 'Confirm bins, go to Cost');

  await expect(page).toHaveURL(last('cost'));
  await page.getByLabel('Delivery').fill('2.50');
  await page.getByLabel('Labour, minutes').fill('14');
  await page.getByRole('button', { name: 'Save cost' }).tap();
  // 4210 g at 13.90 is 58.52; bones 1390 g at 1.20 and the tail end 110 g at 9.00 come back; 14 minutes at 18.60 an hour.
  await expect(page.locator('.walk')).toContainText('€58.52');
  await expect(page.locator('.walk')).toContainText('−€1.67');
  await expect(page.locator('.walk')).toContainText('−€0.99');
  await expect(page.locator('.walk tr.sum')).toContainText('€62.70');
  await expect(page.locator('.plate-figures')).toContainText('plate cost');
  await expectSound(page);
  await expectNoScroll(page);
  await finish(page, 'Close the fish');

  await expect(page).toHaveURL(last('log'));
  await expect(page.getByText('Maren Osk weighed Tail end: 110 g on the scale.')).toBeVisible();
  await expect(page.getByText('took back Portion 3, 170 g')).toBeVisible();
  await expectSound(page);
});

test('one fish from the box to its plate, by keyboard alone', async ({ page }) => {
  const type = (text: string) => page.keyboard.type(text);
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
    }
  };
  const written = async (weight: string) => {
    await press('w');
    await type(weight);
    await press('Enter');
    await expect(page.getByLabel('Weight, typed')).toHaveValue('');
    await expect(page.locator('.readings .waits')).toHaveCount(0);
  };
  const reading = async (text: RegExp) => {
    await expect(page.locator('.readings .waits')).toHaveCount(0);
    await expect(page.locator('.readings li').first()).toContainText(text);
  };
  const tabTo = async (target: Locator) => {
    for (let i = 0; i < 40 && !(await target.evaluate((e) => e === document.activeElement)); i++) {
      await press('Tab');
    }
    await expect(target).toBeFocused();
  };

  await page.goto('/');
  await expect(page.getByText('Who is at the board?')).toBeVisible();
  await press('Tab', 'Enter');
  await type('2741');
  await press('Enter');
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();

  await press('Alt+2');
  await tabTo(page.getByRole('link', { name: 'Quick receive' }));
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Receive one fish', exact: true })).toBeVisible();
  await tabTo(page.getByRole('combobox', { name: 'Fish' }));
  await type('Brill');
  await tabTo(page.getByRole('combobox', { name: 'Supplier' }));
  await type('Sandhaven Day Boats');
  await tabTo(page.getByLabel('Price per kg'));
  await type('18.60');
  await press('Escape');
  await press('w');
  await type('2.4');
  await press('Enter');

  await expect(page).toHaveURL(last('breakdown'));
  await expect(page.locator('.keel .ahead').first()).toBeVisible();
  await press('3');
  await expect(page.getByRole('button', { name: /^Bones/ })).toHaveAttribute('aria-pressed', 'true');
  await press('1');
  await written('1200 g');
  await reading(/1200 g Fillets/);
  await press('3');
  await written('1,18 kg');
  await expect(page.getByRole('alert').filter({ hasText: 'point instead of the comma' })).toBeVisible();
  await written('1185 g');
  await reading(/1185 g Bones/);
  await press('z');
  await expect(page.getByText('Undo 1185 g, bones?')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().focus();
  await press('Enter');
  await reading(/undone/);
  await press('3');
  await written('1185');
  await expect(page.locator('.readings .back')).toHaveCount(1);
  await expect(page.locator('.readings li')).toHaveCount(4);
  await finishByKey(page, 'Done, go to Portion');

  await expect(page).toHaveURL(last('portion'));
  await tabTo(page.getByRole('radio', { name: /Brill, leek/ }));
  await press('Space');
  await expect(page.getByRole('radio')).toHaveCount(1);
  await press('Escape');
  await expect(page.getByText('Count the bones')).toHaveCount(0);
  for (const [i, weight] of ['150 g', '155 g', '148 g'].entries()) {
    await written(weight);
    await expect(page.locator('.strip li')).toHaveCount(i + 1);
  }
  await finishByKey(page, 'Finish portioning');

  await expect(page).toHaveURL(last('route'));
  await expect(page.getByTestId('todo')).toContainText('bones');
  await press('3');
  await expect(page.getByRole('button', { name: /^Bones 1185 g Discard/ })).toBeVisible();
  await press('1');
  await expect(page.getByRole('button', { name: /^Bones 1185 g White stock/ })).toBeVisible();
  await finishByKey(page, 'Confirm bins, go to Cost');

  await expect(page).toHaveURL(last('cost'));
  await expect(page.locator('.plate-figures')).toContainText('plate cost');
  await finishByKey(page, 'Close the fish');
  await expect(page).toHaveURL(last('log'));
  await press('/');
  await type('brill');
  await expect(page.locator('.fish-row').first()).toContainText('Brill');
});
