import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectNoScroll, expectSound, putOnPan, signIn, weigh } from './kitchen';

/** What the plan says to aim at, as the demo's scale of five grams would show it. */
async function aimed(page: Page): Promise<string> {
  const said = (await page.getByTestId('todo').textContent()) ?? '';
  const grams = Number(/(?:aim|about) (\d+) g/.exec(said)?.[1]);
  expect(grams, said).toBeGreaterThan(0);
  return `${Math.round(grams / 5) * 5} g`;
}

test('a whole side from plan to labels, by touch', async ({ page }) => {
  test.setTimeout(120_000);
  await signIn(page);
  await page.goto('/portion');
  await page.getByRole('link', { name: /Meagre no. 142/ }).tap();
  await page.getByRole('link', { name: 'Plan the cuts' }).tap();
  await expect(page.getByText('guessed from its weight')).toBeVisible();
  await page.locator('.kinds li', { hasText: 'Meagre, tomato' }).getByRole('checkbox').check();
  await page.getByLabel('Length').fill('49 cm');
  await page.getByLabel('Thickest').fill('32 mm');
  await expect(page.locator('.headline')).toContainText('49.0 cm long, 32 mm thick.');
  await expect(page.locator('.plan-said')).toContainText('Meagre, tomato:');
  const planned = Number(await page.locator('.headline .yield b').textContent());
  expect(planned).toBeGreaterThanOrEqual(4);
  await expectSound(page);

  // A mark is moved by finger: the masses follow, asked from the kitchen computer.
  const mark = page.getByRole('slider', { name: 'Mark 2' });
  const box = await mark.locator('circle').boundingBox();
  const before = Number(await mark.getAttribute('aria-valuenow'));
  expect(box).not.toBeNull();
  if (box) {
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
  }
  await expect(page.locator('.plan-said')).toContainText('Your own marks');
  expect(Number(await mark.getAttribute('aria-valuenow'))).toBeGreaterThan(before + 1);
  await page.getByRole('button', { name: 'Back to the planned cuts' }).tap();
  await expect(page.locator('.headline .yield b')).toHaveText(String(planned));
  // So many pieces of one mass; too many are too light for the dish.
  await page.getByLabel('Into equal pieces').fill(String(planned));
  await expect(page.locator('.plan-said')).toContainText('Your own marks');
  await page.getByLabel('Into equal pieces').fill('40');
  await expect(page.getByText('too light for every dish asked for')).toBeVisible();
  await page.getByLabel('Into equal pieces').fill('');
  await expect(page.locator('.headline .yield b')).toHaveText(String(planned));
  await page.getByLabel('Length').fill('3 m');
  await expect(page.getByText('A fillet is up to two metres long.')).toBeVisible();
  await page.getByLabel('Length').fill('49 cm');
  await page.getByRole('button', { name: 'Save plan and cut' }).tap();

  await expect(page.getByTestId('todo')).toContainText('Square off at');
  await weigh(page, await aimed(page));
  await expect(page.getByTestId('todo')).toContainText('Cut at');
  await expectNoScroll(page);
  await expectSound(page);
  // The first comes out far too light and goes to the smaller dish; the plan moves on with what is left.
  await weigh(page, '120 g');
  await expect(page.locator('.strip li')).toHaveCount(1);
  await page.getByRole('button', { name: 'Give it to Meagre, lunch' }).tap();
  await expect(page.locator('.remark', { hasText: 'too light' })).toHaveCount(0);
  let cut = 1;
  for (; ((await page.getByTestId('todo').textContent()) ?? '').startsWith('Cut at'); cut++) {
    await weigh(page, await aimed(page));
    await expect(page.locator('.strip li')).toHaveCount(cut + 1);
  }
  expect(cut).toBeGreaterThanOrEqual(planned);
  await expect(page.getByTestId('todo')).toHaveText('No portion is left in it. Put the tail end on the scale.');
  await weigh(page, '40 g');
  await expect(page.locator('.readings li').first()).toContainText('Tail end');

  await page.goto('/portion/trays');
  const ready = page.locator('.ready-row', { hasText: 'Meagre, tomato' });
  await ready.getByRole('button', { name: new RegExp(`Put ${cut - 1} on a tray`) }).tap();
  await expect(page.locator('.headline')).toContainText('Meagre, tomato');
  await expect(page.locator('.tray-page .figures')).toContainText(`${cut - 1}portions`);
  await expect(page.locator('.together li').first()).toContainText('the longest');
  await expect(page.locator('.label-card')).toContainText(`(37)${cut - 1}`);
  await expect(page.locator('.label-card')).toContainText('Boned and checked');
  for (const picture of await page.locator('.label-card img').all()) {
    expect(await picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(20);
  }
  await page.getByRole('button', { name: 'Print the tray label' }).tap();
  const printed = page.locator('.printed a').first();
  await expect(printed).toHaveText('One label');
  await page.getByRole('button', { name: `One for each of ${cut - 1}` }).tap();
  await expect(page.locator('.printed li')).toHaveCount(2);
  const pdf = await page.request.get((await printed.getAttribute('href')) ?? '');
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await expectSound(page);
});

test('a whole side from plan to labels, by keyboard', async ({ page }) => {
  test.setTimeout(120_000);
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
    }
  };
  const tabTo = async (target: Locator) => {
    for (let i = 0; i < 60 && !(await target.evaluate((e) => e === document.activeElement)); i++) {
      await press('Tab');
    }
    await expect(target).toBeFocused();
  };
  const written = async (weight: string) => {
    await press('w');
    await page.keyboard.type(weight);
    await press('Enter');
    await expect(page.getByLabel('Weight, typed')).toHaveValue('');
    await expect(page.locator('.readings .waits')).toHaveCount(0);
  };
  await signIn(page);
  await press('Alt+4');
  await tabTo(page.getByRole('main').getByRole('link', { name: /Arctic char no. 140/ }));
  await press('Enter');
  await tabTo(page.getByRole('radio', { name: /^Side A/ }));
  // An arrow walks along the choice, and only the space bar makes it.
  await press('ArrowRight');
  await expect(page.getByRole('radio', { name: /^Side A/ })).toBeChecked();
  await press('Space');
  await tabTo(page.getByRole('link', { name: 'Plan the cuts' }));
  await press('Enter');
  await expect(page.getByRole('heading', { name: /Side B of Arctic char/ })).toBeVisible();
  const kind = page.locator('.kinds li', { hasText: 'Char, brown butter' }).getByRole('checkbox');
  if (!(await kind.isChecked())) {
    await tabTo(kind);
    await press('Space');
  }
  await expect(kind).toBeChecked();
  await tabTo(page.getByLabel('Guess first'));
  await press('Space');
  const mark = page.getByRole('slider', { name: 'Mark 2' });
  await expect(mark).toBeVisible();
  await mark.focus();
  const before = Number(await mark.getAttribute('aria-valuenow'));
  await press('ArrowRight');
  await expect.poll(async () => Number(await mark.getAttribute('aria-valuenow'))).toBeGreaterThan(before);
  await tabTo(page.getByRole('button', { name: 'Back to the planned cuts' }));
  await press('Enter');
  await expect(page.locator('.plan-said')).not.toContainText('Your own marks');
  await tabTo(page.getByRole('button', { name: 'Save plan and cut' }));
  await press('Enter');

  await expect(page.getByTestId('todo')).toContainText('Square off at');
  await written(await aimed(page));
  let cut = 0;
  for (; ((await page.getByTestId('todo').textContent()) ?? '').startsWith('Cut at'); cut++) {
    // The weight is said before it is seen.
    await expect(page.getByTestId('live')).toHaveText('?');
    await press('g');
    await page.keyboard.type('150 g');
    await press('Enter');
    await expect(page.getByTestId('live')).not.toHaveText('?');
    await written(await aimed(page));
  }
  expect(cut).toBeGreaterThanOrEqual(2);
  await press('3');
  await written('20 g');
  await press('Alt+4');
  await tabTo(page.getByRole('link', { name: 'Trays and labels' }));
  await press('Enter');
  const put = page.locator('.ready-row', { hasText: 'Char, brown butter' }).getByRole('button');
  await tabTo(put);
  await press('Enter');
  await expect(page.locator('.headline')).toContainText('Char, brown butter');
  await tabTo(page.getByRole('button', { name: 'Print the tray label' }));
  await press('Enter');
  await expect(page.locator('.printed li')).toHaveCount(1);
});

test('tonight: what is wanted is dealt out, a shortage is said, and a fillet goes on to its plan', async ({ page }) => {
  await signIn(page);
  await page.goto('/portion/tonight');
  const char = page.getByRole('article', { name: 'Arctic char' });
  await expect(char.locator('.said')).toBeVisible();
  await page.getByLabel('Wanted of Char, brown butter').fill('60');
  await page.getByLabel('Wanted of Char, brown butter').press('Enter');
  await expect(char.locator('.said')).toContainText(/\d+ of Char, brown butter/);
  await expect(char.locator('.said')).toContainText('Proven optimal.');
  await expectSound(page);
  await page.getByRole('button', { name: 'One less of Char, brown butter' }).tap();
  await expect(page.getByLabel('Wanted of Char, brown butter')).toHaveValue('59');
});

test('a dish is written down with what suits it, changed, and taken off the list', async ({ page }) => {
  await signIn(page);
  await page.goto('/portion/dishes');
  await page.getByRole('link', { name: 'New dish' }).tap();
  await page.getByLabel('Dish', { exact: true }).fill('Brill, thin slices');
  await page.getByLabel('It weighs').fill('60 g');
  await page.getByLabel('May be lighter by').fill('60 g');
  await page.getByLabel('May be heavier by').fill('5 g');
  await page.getByLabel('Fish', { exact: true }).selectOption('Brill');
  await page.getByLabel('Knife angle, degrees').fill('30');
  await page.getByRole('button', { name: 'Save dish' }).tap();
  await expect(page.getByText('The band is as wide as the portion itself')).toBeVisible();
  await page.getByLabel('May be lighter by').fill('4 g');
  await page.getByLabel('Served').selectOption('Seared outside only');
  await page.locator('.mantine-Chip-root', { hasText: /^Skin off$/ }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Folded$/ }).tap();
  await expect(page.locator('.mantine-Chip-root', { hasText: '2 Folded' })).toBeVisible();
  await expectSound(page);
  await page.getByRole('button', { name: 'Save dish' }).tap();
  const row = page.getByRole('link', { name: /Brill, thin slices/ });
  await expect(row).toContainText('cut at 30°');
  await expect(row).toContainText('seared outside, skin off, folded');
  await row.tap();
  await expect(page.getByText(/60 g on the plate is 6\d g on the board/)).toBeVisible();
  await page.getByRole('button', { name: 'Remove from the list' }).tap();
  await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();
  await expect(row).toHaveCount(0);
});

test('what the house learned of its fillets is shown, and forgotten by the head chef', async ({ page }) => {
  await signIn(page);
  await page.goto('/portion/shapes');
  const hake = page.getByRole('article', { name: 'Hake, long side' });
  await expect(hake).toContainText(/From \d+ pieces of \d+ fillets/);
  await expectSound(page);
  await hake.getByRole('button', { name: 'Reset learned shape' }).tap();
  await expect(hake).toContainText('the starting shape is used');
});

test('a veiled scale shows nothing until the weight was said', async ({ page }) => {
  await signIn(page);
  await page.goto('/portion');
  await page.getByRole('link', { name: /Meagre no. 142/ }).tap();
  await page.locator('.mantine-Chip-root', { hasText: 'Side B' }).tap();
  await page.getByRole('link', { name: 'Plan the cuts' }).tap();
  await page.locator('.kinds li', { hasText: 'Meagre, tomato' }).getByRole('checkbox').check();
  await page.getByLabel('Guess first').check();
  await page.getByRole('button', { name: 'Save plan and cut' }).tap();
  await expect(page.getByTestId('todo')).toContainText('Square off at');
  await weigh(page, '35 g');
  await expect(page.getByTestId('live')).toHaveText('?');
  await page.getByLabel('Put on the scale').fill('180 g');
  await page.getByRole('button', { name: 'Put on', exact: true }).tap();
  await expect(page.locator('.take')).toBeDisabled();
  await page.getByLabel('What do you think it weighs?').fill('170 g');
  await page.getByRole('button', { name: 'Guess', exact: true }).tap();
  await putOnPan(page, '180 g');
  await page.getByRole('button', { name: /^Record 180 g/ }).tap();
  await expect(page.locator('.strip li').last()).toContainText('guessed 170 g');
});
