import { expect, type Page, test } from '@playwright/test';
import { ulid } from 'ulid';
import { ask, CUTTER, expectNothingSpills, expectSound, received, signIn, speciesCalled, tapIn } from './kitchen';

const TRAINEE = { name: 'Wenna Pike', pin: '3690' };

/** Of each skill: how its button begins, and what of a result nothing may say before the answer is given. */
const DRILLS = [
  { skill: 'order', name: 'Order of the steps', secret: /"(whys|broken|right)"/ },
  { skill: 'bones', name: 'Where the bones lie', secret: /"(missed|found)"/ },
  { skill: 'weight', name: 'An eye for weight', secret: /"(weighs|off_pct)"/ },
  { skill: 'cuts', name: 'Placing cuts', secret: /"(best_cm|possible)"/ },
  { skill: 'fresh', name: 'Is it fresh?', secret: /"(grades|decides|reasons)"/ },
  { skill: 'sheets', name: 'Which weight is wrong?', secret: /"(kind|piece_said|points)"/ },
  { skill: 'bins', name: 'Where does it go?', secret: /"(why|points)"/ },
  { skill: 'raw', name: 'May it be served raw?', secret: /"(may|points)"/ },
] as const;

type Skill = (typeof DRILLS)[number]['skill'];

/** Everything the kitchen computer says of the drill until its answer is given. */
function listen(page: Page) {
  const said: string[] = [];
  page.on('response', async (response) => {
    if (/\/api\/practise\/(drills|[a-z]+\/[0-9a-z]{8})/.test(response.url()) && !/\/answer$/.test(response.url())) {
      said.push(await response.text().catch(() => ''));
    }
  });
  return said;
}

const answer = (page: Page) => page.getByRole('button', { name: 'Give the answer' });
const scored = (page: Page) => page.locator('aside [role=status]').filter({ hasText: 'of 100' });

/** One tab after the other, each chosen in by what `choose` does. */
async function eachTab(page: Page, group: string, choose: (i: number) => Promise<void>) {
  const tabs = page.getByRole('radiogroup', { name: group }).locator('label');
  for (let i = 0; i < (await tabs.count()); i++) {
    await tabs.nth(i).tap();
    await choose(i);
  }
}

const BY_TOUCH: Record<Skill, (page: Page) => Promise<void>> = {
  order: async (page) => {
    const first = page.locator('[data-place="0"]');
    const letter = await first.getAttribute('data-letter');
    const [from, to] = [
      await first.locator('span').first().boundingBox(),
      await page.locator('[data-place="2"] span').first().boundingBox(),
    ];
    await page.mouse.move((from?.x ?? 0) + 10, (from?.y ?? 0) + 20);
    await page.mouse.down();
    await page.mouse.move((to?.x ?? 0) + 10, (to?.y ?? 0) + 20, { steps: 6 });
    await page.mouse.up();
    await expect(page.locator('[data-place="2"]')).toHaveAttribute('data-letter', letter ?? '');
    for (const asks of await page.locator('ol select').all()) {
      await asks.selectOption({ index: 1 });
    }
  },
  bones: async (page) => {
    const box = await page.getByTestId('side').boundingBox();
    const [left, top, width, height] = [box?.x ?? 0, box?.y ?? 0, box?.width ?? 0, box?.height ?? 0];
    const felt = page.waitForResponse(/\/moves\/1$/);
    await page.mouse.move(left + 0.04 * width, top + 0.47 * height);
    await page.mouse.down();
    await page.mouse.move(left + 0.9 * width, top + 0.5 * height, { steps: 25 });
    await page.mouse.up();
    expect((await felt).status()).toBe(200);
    await page.touchscreen.tap(left + 0.3 * width, top + 0.48 * height);
    await page.touchscreen.tap(left + 0.4 * width, top + 0.48 * height);
    await expect(page.getByText('2 bones', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'First pass done' }).tap();
  },
  weight: async (page) => {
    for (let i = 1; i <= 8; i++) {
      await page.getByLabel(`Piece ${i} of 8 weighs`).fill('160 g');
      await page.getByRole('button', { name: 'Next piece' }).tap();
    }
  },
  cuts: async (page) => {
    for (const cm of ['1.6', '6.5', '11']) {
      await page.getByLabel('Knife at').fill(cm);
      await page.getByTestId('cut').tap();
      await expect(page.getByRole('list', { name: 'Weighed so far' }).locator('li').last()).toContainText('g');
      await expect(page.getByLabel('Knife at')).not.toHaveValue(cm);
    }
  },
  fresh: async (page) => {
    await eachTab(page, 'Lots', async () => {
      for (const grades of await page.getByRole('radiogroup', { name: /^Grade of/ }).all()) {
        await grades.locator('label').nth(1).tap();
      }
      await page.getByRole('radiogroup', { name: 'What do you do with it?' }).getByText('Accept').tap();
      await page.getByLabel('Which sign decides it?').selectOption('Gills');
    });
  },
  sheets: async (page) => {
    await eachTab(page, 'Sheets', async (i) => {
      if (i === 0) {
        await page.getByRole('button', { name: /^Head/ }).tap();
        await page.getByRole('radiogroup', { name: 'What happened to it?' }).getByText('Two digits').tap();
      } else {
        await page.getByRole('button', { name: 'All of it is right' }).tap();
      }
    });
  },
  bins: async (page) => {
    for (let i = 0; i < 10; i++) {
      await page
        .getByRole('list', { name: 'Bins' })
        .getByRole('button')
        .nth(i % 9)
        .tap();
    }
  },
  raw: async (page) => {
    await eachTab(page, 'Cases', async () => {
      await page.getByRole('radiogroup', { name: 'Served so?' }).getByText('It does not').tap();
      await page.getByRole('radiogroup', { name: 'Because' }).getByText('No proof').tap();
    });
  },
};

/** The same without a finger: what is focused is chosen by Space or an arrow. */
async function press(page: Page, keys: string[]) {
  for (const key of keys) {
    await page.keyboard.press(key);
  }
}

async function chooseByKey(page: Page, group: string, times = 1) {
  const one = page.getByRole('radiogroup', { name: group }).locator('input').first();
  await one.focus();
  await press(page, [...Array.from({ length: times }, () => 'ArrowRight'), 'Space']);
}

async function eachTabByKey(page: Page, group: string, choose: () => Promise<void>) {
  const tabs = page.getByRole('radiogroup', { name: group }).locator('input');
  for (let i = 0; i < (await tabs.count()); i++) {
    if (i > 0) {
      await tabs.nth(i - 1).focus();
      await page.keyboard.press('ArrowRight');
    }
    await choose();
  }
}

const BY_KEY: Record<Skill, (page: Page) => Promise<void>> = {
  order: async (page) => {
    const second = await page.locator('[data-place="1"]').getAttribute('data-letter');
    await page.locator('[data-place="1"] button').first().focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-place="0"]')).toHaveAttribute('data-letter', second ?? '');
    for (const asks of await page.locator('ol select').all()) {
      await asks.focus();
      await page.keyboard.press('ArrowDown');
    }
  },
  bones: async (page) => {
    await press(page, ['ArrowRight', 'ArrowRight', 'b', 'ArrowRight', '.', 'b', 'b', 'z']);
    await expect(page.getByText('2 bones', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'First pass done' }).focus();
    await page.keyboard.press('Enter');
  },
  weight: async (page) => {
    await page.getByLabel('Piece 1 of 8 weighs').focus();
    for (let i = 1; i <= 8; i++) {
      await expect(page.getByLabel(`Piece ${i} of 8 weighs`)).toBeFocused();
      await page.keyboard.type('160');
      await page.keyboard.press('Enter');
    }
    await page.keyboard.press('Escape');
  },
  cuts: async (page) => {
    await press(page, ['c']);
    await expect(page.getByRole('list', { name: 'Weighed so far' }).locator('li')).toHaveCount(1);
    await press(page, ['ArrowRight', 'ArrowRight', 'c']);
    await expect(page.getByRole('list', { name: 'Weighed so far' }).locator('li')).toHaveCount(2);
  },
  fresh: async (page) => {
    await eachTabByKey(page, 'Lots', async () => {
      for (const grades of await page.getByRole('radiogroup', { name: /^Grade of/ }).all()) {
        await grades.locator('input').first().focus();
        await page.keyboard.press('Space');
      }
      await chooseByKey(page, 'What do you do with it?');
      await page.getByLabel('Which sign decides it?').focus();
      await press(page, ['ArrowDown', 'ArrowDown']);
    });
  },
  sheets: async (page) => {
    await eachTabByKey(page, 'Sheets', async () => {
      await page.getByRole('button', { name: 'All of it is right' }).focus();
      await page.keyboard.press('Enter');
    });
  },
  bins: async (page) => {
    await press(page, ['1', '2', '3', 'ArrowUp', '4', '5', '6', '7', '8', '9', '1', '2']);
  },
  raw: async (page) => {
    await eachTabByKey(page, 'Cases', async () => {
      await chooseByKey(page, 'Served so?');
      await chooseByKey(page, 'Because', 2);
    });
  },
};

for (const { skill, name, secret } of DRILLS) {
  test(`${name} is played by touch, and its answer is in nothing that was sent before`, async ({ page }) => {
    await signIn(page);
    const said = listen(page);
    await page.goto('/practise');
    await page.getByRole('button', { name: `Practise ${name}` }).tap();
    await expect(page).toHaveURL(new RegExp(`/practise/${skill}/[0-9a-z]{8}$`));
    await expect(answer(page)).toBeDisabled();
    await expectSound(page);
    for (const size of [
      { width: 820, height: 1180 },
      { width: 390, height: 844 },
      { width: 1280, height: 800 },
    ]) {
      await page.setViewportSize(size);
      await expectNothingSpills(page);
    }
    await BY_TOUCH[skill](page);
    // What was answered so far is there again after a reload.
    await expect(answer(page)).toBeEnabled();
    await page.reload();
    await expect(answer(page)).toBeEnabled();
    expect(said.length).toBeGreaterThan(0);
    expect(said.filter((one) => secret.test(JSON.stringify(JSON.parse(one).task)))).toEqual([]);
    expect(said.map((one) => JSON.parse(one).result).filter((one) => one !== null)).toEqual([]);
    await answer(page).tap();
    await expect(scored(page)).toBeVisible();
    await expectSound(page);
    const result = await scored(page).textContent();
    await page.reload();
    await expect(scored(page)).toHaveText(result ?? '');
  });

  test(`${name} is played by keyboard`, async ({ page }) => {
    await signIn(page);
    await page.goto('/practise');
    await page.getByRole('button', { name: `Practise ${name}` }).focus();
    await page.keyboard.press('Enter');
    await expect(answer(page)).toBeVisible();
    await BY_KEY[skill](page);
    await expect(answer(page)).toBeEnabled();
    await answer(page).focus();
    await page.keyboard.press('Enter');
    await expect(scored(page)).toBeVisible();
    await page.getByRole('button', { name: 'Next one' }).focus();
    await page.keyboard.press('Enter');
    await expect(answer(page)).toBeDisabled();
  });
}

test('a trainee sees Practise and the bench, works beside somebody who says so, and the head chef signs', async ({
  page,
  browser,
}) => {
  await tapIn(page, TRAINEE);
  await expect(page).toHaveURL(/practise/);
  await expect(page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: 'Cost' })).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Today’s 10 minutes' })).toBeVisible();
  await expectSound(page);
  await page.getByRole('button', { name: 'Work beside somebody' }).tap();
  await page.getByRole('combobox', { name: 'Fish' }).tap();
  await page.getByRole('option').first().tap();
  await page.getByRole('combobox', { name: 'Who stands beside you' }).tap();
  await page.getByRole('option', { name: 'Tobin Hale' }).tap();
  await page.getByLabel('Their PIN').fill('9998');
  await page.getByRole('button', { name: 'Start beside somebody' }).tap();
  await expect(page.getByText('That is not the PIN of Tobin Hale.')).toBeVisible();
  await page.getByLabel('Their PIN').fill('1180');
  await page.getByRole('button', { name: 'Start beside somebody' }).tap();
  await expect(page.getByRole('button', { name: 'Work beside somebody' })).toBeVisible();
  await page.getByRole('link', { name: 'Last drills' }).tap();
  await expect(page.getByText('Worked on 1 fish beside somebody.', { exact: false })).toBeVisible();

  const office = await browser.newContext({ hasTouch: true });
  const chef = await office.newPage();
  await signIn(chef);
  await chef.goto('/practise');
  await chef.getByRole('link', { name: 'Wenna Pike' }).tap();
  await expectSound(chef);
  const reason = chef.getByLabel('Reason (required: the figures do not carry it yet)').first();
  await reason.fill('Watched four sides');
  await chef.getByRole('button', { name: 'Sign', exact: true }).first().tap();
  await expect(chef.getByText('Signed by Maren Osk', { exact: false })).toBeVisible();
  await chef.getByLabel('Reason', { exact: true }).fill('One came back');
  await chef.getByRole('button', { name: 'Take back' }).tap();
  await expect(chef.getByText('Signed by Maren Osk', { exact: false })).toHaveCount(0);
  const paper = await chef.request.get(
    (await chef.getByRole('link', { name: 'Certificate' }).getAttribute('href')) ?? '',
  );
  expect(paper.headers()['content-type']).toContain('pdf');
  await office.close();
});

test('the seed of somebody else is drawn for practice only', async ({ page }) => {
  await signIn(page);
  await page.goto('/practise/bins/0000seed');
  await expect(page.getByRole('heading', { name: 'This drill is not yours yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Draw it, for practice only' }).tap();
  await expect(page.getByText('practice only', { exact: false })).toBeVisible();
});

test('where the house asks for it, a second pass counts with somebody signed for bones', async ({ page, browser }) => {
  await signIn(page);
  const fish = ulid();
  await received(page, fish, await speciesCalled(page, 'Hake'), '3900 g');
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'side-a',
    weight: { typed: '1280 g' },
    sure: true,
  });
  await ask(page, 'PUT', '/kitchen/settings/gate_bones', { value: '1', was: '0' });
  const board = await browser.newContext({ hasTouch: true });
  const cutter = await board.newPage();
  try {
    await signIn(cutter, CUTTER);
    await cutter.goto(`/breakdown/${fish}`);
    await cutter.locator('.mantine-Chip-root', { hasText: /^Bones/ }).tap();
    await cutter.getByLabel('Bones found, typed').fill('14');
    await cutter.getByRole('button', { name: 'Second pass done' }).tap();
    await expect(cutter.getByText('A second person who is signed for bones', { exact: false })).toBeVisible();
    await cutter.getByLabel('Checked with').selectOption('Maren Osk');
    await cutter.getByLabel('Their PIN').fill('2741');
    await cutter.getByRole('button', { name: 'Second pass done' }).tap();
    await expect(cutter.locator('.bones-sides')).toContainText('boned and checked');
  } finally {
    await ask(page, 'PUT', '/kitchen/settings/gate_bones', { value: '0', was: '1' });
    await board.close();
  }
});
