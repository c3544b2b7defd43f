import { expect, type Page, test } from '@playwright/test';
import { ulid } from 'ulid';
import {
  ask,
  boned,
  cutAs,
  expectNoScroll,
  expectSound,
  filletsOf,
  finish,
  type OnBench,
  receive,
  signIn,
  speciesCalled,
  troutInPairs,
  weigh,
  weighAnyway,
} from './kitchen';

/** One side of a fish on the bench, weighed, boned and ready to be portioned. */
async function sideOf(page: Page, fish: string) {
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'side-a',
    weight: { typed: '1100 g' },
    sure: true,
  });
  await boned(page, fish);
  await page.goto(`/portion/${fish}`);
}

// Fish no other test works on: a dish made here is offered for no fish there.
test('a tail fish to medallions, three to a plate, as thick as asked while the face is large enough', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/portion/dishes/new');
  await page.getByLabel('Dish', { exact: true }).fill('Angler, medallions');
  await page.getByLabel('It weighs').fill('180 g');
  await page.getByLabel('May be lighter by').fill('20 g');
  await page.getByLabel('May be heavier by').fill('20 g');
  await page.getByLabel('Pieces to a plate').selectOption('3');
  await page.getByLabel('Fish', { exact: true }).selectOption('American angler');
  await page.getByRole('button', { name: 'Save dish' }).tap();
  await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();

  await receive(page, 'American angler', '2600 g', 'Tail');
  await cutAs(page, 'Two loins off a tail');
  const fish = page.url().split('/').at(-1) ?? '';
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'loin-a',
    weight: { typed: '900 g' },
    sure: true,
  });
  await boned(page, fish);
  await page.goto(`/portion/${fish}`);
  await page.getByRole('link', { name: 'Plan the cuts' }).tap();
  await page.locator('.kinds li', { hasText: 'Angler, medallions' }).getByRole('checkbox').check();
  await page.getByLabel('Or medallions so thick').fill('2 mm');
  await expect(page.getByText('A medallion is 3 mm thick or more.')).toBeVisible();
  await page.getByLabel('Or medallions so thick').fill('22 mm');
  await expect(page.getByText('A medallion is 3 mm thick or more.')).toHaveCount(0);
  await expect(page.locator('.plan-said')).toContainText('Your own marks');
  const all = await page.getByRole('slider').count();
  await page.getByLabel('Face at least, cm²').fill('400');
  await expect(page.getByText('No piece of it has so large a face.')).toBeVisible();
  await page.getByLabel('Face at least, cm²').fill('20');
  await expect.poll(() => page.getByRole('slider').count()).toBeLessThan(all);
  await page.getByText('Every cut as a table').tap();
  await expectSound(page);
  await page.getByRole('button', { name: 'Save plan and cut' }).tap();
  await expect(page.getByTestId('todo')).toContainText('Square off at');
  await weigh(page, '20 g');
  for (let i = 0; i < 3; i++) {
    await expect(page.getByTestId('todo')).toContainText('Cut at');
    await weighAnyway(page, `${55 + 5 * i} g`);
  }
  await expect(page.getByText('3 to a plate.')).toBeVisible();
  await expectNoScroll(page);
  await page.getByRole('link', { name: 'Put them together' }).tap();
  const dish = page.locator('.servings-of', { hasText: 'Angler, medallions' });
  await expect(dish).toContainText('3 lie loose and make 1 serving, 0 left over.');
  await dish.getByRole('button', { name: 'Make 1 serving' }).tap();
  await expect(dish).toContainText('None lies loose.');
  await expect(dish.locator('.servings-made li')).toContainText('180 g');
});

test('forty trout as natural pairs: weighed one by one, put together, on a tray', async ({ page }) => {
  await signIn(page);
  // Thirty-seven by the kitchen's own interface, three by hand.
  const fish = await troutInPairs(page, 37);
  await page.goto(`/portion/${fish}`);
  for (const [i, mass] of ['95 g', '105 g', '100 g'].entries()) {
    await weigh(page, mass);
    await expect(page.locator('.figures')).toContainText(`${38 + i}portions`);
  }
  await page.getByRole('link', { name: 'Put them together' }).tap();
  const pairs = page.locator('.servings-of', { hasText: 'Trout, almond butter' });
  await expect(pairs).toContainText(/40 lie loose and make (19|20) servings/);
  await expectSound(page);
  const made = Number(/make (\d+) servings/.exec((await pairs.textContent()) ?? '')?.[1]);
  await pairs.getByRole('button', { name: `Make ${made} servings` }).tap();
  await expect(pairs.locator('.servings-made li')).toHaveCount(made);
  for (const sum of await pairs.locator('.servings-made li > b').allTextContents()) {
    expect(Math.abs(Number.parseInt(sum, 10) - 200)).toBeLessThanOrEqual(8);
  }
  await pairs
    .getByRole('button', { name: /^Take the serving of/ })
    .first()
    .tap();
  await expect(pairs.locator('.servings-made li')).toHaveCount(made - 1);
  await page.goto('/portion/trays');
  const ready = page.locator('.ready-row', { hasText: 'Trout, almond butter' });
  await ready.getByRole('button', { name: `Put ${made - 1} on a tray` }).tap();
  await expect(page.locator('.tray-page .figures')).toContainText(`${made - 1}portions`);
  await expect(page.locator('.label-card')).toContainText('cook through');
});

test('a loin to slices for twelve covers', async ({ page }) => {
  await signIn(page);
  await receive(page, 'Ling', '4600 g', 'Gutted');
  await sideOf(page, page.url().split('/').at(-1) ?? '');
  await page.getByRole('button', { name: /^Back loin not weighed/ }).tap();
  await weighAnyway(page, '700 g');
  await page.locator('.mantine-Chip-root', { hasText: /^Back loin/ }).tap();
  await page.getByRole('link', { name: 'Plan the cuts' }).tap();
  await expect(page.getByRole('heading', { name: /^Back loin/ })).toBeVisible();
  await page.getByRole('link', { name: 'Slice it instead' }).tap();
  await page.getByLabel('Covers', { exact: true }).fill('12');
  await page.getByLabel('Slices a cover').fill('30');
  await expect(page.getByText(/^Short of/)).toBeVisible();
  await page.getByLabel('Slices a cover').fill('3');
  await page.getByLabel('Thickness').fill('0.5 mm');
  await expect(page.getByText('A slice is 1 mm thick or more')).toBeVisible();
  await page.getByLabel('Thickness').fill('4 mm');
  await expect(page.getByText('A slice is 1 mm thick or more')).toHaveCount(0);
  await expect(page.getByText('Enough.')).toBeVisible();
  expect(Number(await page.locator('.headline .yield b').textContent())).toBeGreaterThanOrEqual(12);
  await expectSound(page);
});

test('a side by its zones, its belly off first', async ({ page }) => {
  await signIn(page);
  await ask(page, 'PUT', `/portion/dishes/${ulid()}`, {
    name: 'Ling, broth',
    target: '180 g',
    minus: '8 g',
    plus: '10 g',
    species: await speciesCalled(page, 'Ling'),
    price: '23.50',
  });
  await receive(page, 'Ling', '3600 g', 'Gutted');
  await sideOf(page, page.url().split('/').at(-1) ?? '');
  await page.getByRole('link', { name: 'Plan the cuts' }).tap();
  await page.getByRole('link', { name: 'Its zones' }).tap();
  await expect(page.getByRole('row', { name: /^Head end/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Belly \d+ g/ })).toBeVisible();
  await expectSound(page);
  await page
    .getByRole('row', { name: /^off first/ })
    .getByRole('link')
    .first()
    .tap();
  await expect(page.getByLabel('Belly')).toHaveValue('before');
  await page.locator('.kinds li', { hasText: 'Ling, broth' }).getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Save plan and cut' }).tap();
  await expect(page.getByTestId('todo')).toContainText('Take the belly off in one piece');
  await weigh(page, '90 g');
  await expect(page.getByTestId('todo')).toContainText('Square off at');
  await expectNoScroll(page);
});

test('a skin-off dish weighs right on the plate', async ({ page }) => {
  await signIn(page);
  const species = await speciesCalled(page, 'Haddock');
  const dish = ulid();
  await ask(page, 'PUT', `/portion/dishes/${dish}`, {
    name: 'Haddock, skin off',
    target: '150 g',
    minus: '5 g',
    plus: '6 g',
    species,
    service: 'cooked',
    preparations: ['skin-off'],
  });
  await receive(page, 'Haddock', '3600 g', 'Gutted');
  const fish = page.url().split('/').at(-1) ?? '';
  await sideOf(page, fish);
  const { fish: now } = await ask<OnBench>(page, 'GET', `/portion/fish/${fish}`);
  await ask(page, 'PUT', `/portion/fish/${fish}/dish`, { dish, version: now.version });
  await page.goto(`/portion/${fish}`);
  const said = (await page.getByTestId('todo').textContent()) ?? '';
  const board = Number(/(\d+) g/.exec(said)?.[1]);
  expect(board).toBeGreaterThan(150);
  await weigh(page, `${Math.round(board / 5) * 5} g`);
  await expect(page.locator('.readings li').first()).toContainText('Portion 1');
  await page
    .locator('.mantine-Chip-root, button, label', { hasText: /^4\s*Skin/ })
    .first()
    .tap();
  await page.getByLabel('Taken off', { exact: true }).selectOption({ label: 'Portion 1' });
  await weighAnyway(page, '10 g');
  await expect(page.locator('.readings li').first()).toContainText('Skin');
  await expect(page.locator('.strip li').first()).toContainText(`${Math.round(board / 5) * 5 - 10} g on the plate`);
  await finish(page, 'Finish portioning');
  await page.goto('/portion/trays');
  await page.locator('.ready-row', { hasText: 'Haddock, skin off' }).getByRole('button').tap();
  await expect(page.locator('.tray-page .figures')).toContainText('1portion');
});

test('a seared dish is raw by the rules: its labels never tell to cook it through', async ({ page }) => {
  await signIn(page);
  const species = await speciesCalled(page, 'Albacore');
  const [dish, fish] = [ulid(), ulid()];
  await ask(page, 'PUT', `/portion/dishes/${dish}`, {
    name: 'Tuna, seared',
    target: '120 g',
    minus: '5 g',
    plus: '6 g',
    species,
    service: 'seared',
  });
  await ask(page, 'PUT', `/receive/fish/${fish}`, {
    reading: ulid(),
    species,
    supplier: 'Harbourgate Fish',
    state: 'gutted',
    weight: { typed: '8600 g' },
  });
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'side-a',
    weight: { typed: '2900 g' },
    sure: true,
  });
  await boned(page, fish);
  const { fish: now } = await ask<OnBench>(page, 'GET', `/portion/fish/${fish}`);
  await ask(page, 'PUT', `/portion/fish/${fish}/dish`, { dish, version: now.version });
  await page.goto(`/portion/${fish}`);
  await weigh(page, '120 g');
  await expect(page.locator('.figures')).toContainText('1portion');
  await page.goto('/portion/trays');
  await page.locator('.ready-row', { hasText: 'Tuna, seared' }).getByRole('button').tap();
  await expect(page.locator('.label-card').first()).toContainText('raw by the rules');
  await expect(page.getByText(/cook through/i)).toHaveCount(0);
});

test('fillets weighed together by one pattern: promised, sampled, stopped, and the rest on one tray', async ({
  page,
}) => {
  await signIn(page);
  const species = await speciesCalled(page, 'Rainbow trout');
  const [dish, fish] = [ulid(), ulid()];
  await ask(page, 'PUT', `/portion/dishes/${dish}`, {
    name: 'Trout, banquet',
    target: '100 g',
    minus: '8 g',
    plus: '8 g',
    species,
  });
  await filletsOf(page, fish, species, dish);
  await page.goto(`/portion/${fish}`);
  await page.getByRole('link', { name: 'One pattern for all' }).tap();
  await page.getByLabel('Fillets', { exact: true }).fill('40');
  await page.getByLabel('Some weighed alone').fill('99 g, heavy');
  await expect(page.getByRole('alert').or(page.locator('.mantine-InputWrapper-error')).first()).toBeVisible();
  await page.getByLabel('Some weighed alone').fill('101 g, 104 g, 103 g, 102 g');
  await page.getByLabel('Pieces a sheet pan').fill('16');
  await expect(page.locator('.headline .yield b')).toHaveText('40');
  await expect(page.getByText('3 sheet pans, 8 on the last.')).toBeVisible();
  await expect(page.getByText('Weigh one in 3, 13 in all')).toBeVisible();
  await expectSound(page);
  await page.getByRole('button', { name: 'Cut them all so' }).tap();
  await expect(page.getByText('All by one pattern: weigh one in 3 alone')).toBeVisible();
  for (const [i, mass] of ['100 g', '90 g', '90 g'].entries()) {
    await weigh(page, mass);
    await expect(page.locator('.figures')).toContainText(`${i + 1}portion`);
  }
  await page.getByLabel('Portions on the scale').fill('12');
  await weighAnyway(page, '1220 g');
  await expect(page.locator('.figures')).toContainText('15portions');
  await expectNoScroll(page);
  await page.getByRole('link', { name: 'One pattern for all' }).tap();
  await page.getByLabel('Fillets', { exact: true }).fill('40');
  await expect(page.getByText('Two in a row were under (2 of 3). Stop and weigh all.')).toBeVisible();
});
