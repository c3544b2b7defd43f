import { expect, type Page, test } from '@playwright/test';
import { ulid } from 'ulid';
import { ask, CHEF, probe, putOnPan, signIn, troutInPairs, weigh } from './kitchen';

// Pictures, not checks: made by bin/shots only.
const on = process.env.SECTUM_SHOTS === '1';

/** A day so many days ago. */
const lately = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10);

const shot = async (page: Page, name: string) => {
  await page.waitForTimeout(900);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

/** The screen as it stands, read in another language for one picture. */
async function inLanguage(page: Page, code: string, take: () => Promise<void>) {
  const read = async (language: string) => {
    await page.evaluate(async (one) => {
      // biome-ignore lint/suspicious/noDocumentCookie: what the page itself writes when a language is chosen
      document.cookie = `sectum_language=${one}; path=/`;
      const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '');
      await fetch('/api/me/language', {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ language: one }),
      });
    }, language);
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('lang', language);
    await expect(page.getByRole('navigation').first()).toBeVisible();
    await page.waitForTimeout(1_500);
  };
  await read(code);
  await take();
  await read('en');
}

/** A side searched for bones and one cut, each of a seed that is named, with its answer over it. */
const practiseShots = async (page: Page) => {
  const play = async (skill: string, subject: string, moves: unknown[], last: (drill: Drilled) => unknown) => {
    const drill = await ask<Drilled>(page, 'PUT', `/practise/drills/${ulid()}`, { skill, subject, seed: '0000dem0' });
    let moved = drill;
    for (const [i, move] of moves.entries()) {
      moved = await ask<Drilled>(page, 'PUT', `/practise/drills/${drill.id}/moves/${i + 1}`, move);
    }
    await ask(page, 'PUT', `/practise/drills/${drill.id}/answer`, last(moved));
    await page.goto(`/practise/${skill}/0000dem0`);
    await expect(page.getByText('of 100')).toBeVisible();
  };
  const stroke = (across: number) => ({
    stroke: [
      [0.01, across],
      [0.95, across - 0.1],
    ],
    seconds: 5,
  });
  await play('bones', 'short', [stroke(0.12)], (drill) => ({
    taps: [...(drill.moves.at(-1)?.said.felt ?? []), [0.7, 0.05]],
  }));
  await shot(page, 'practise-bones');
  await play(
    'cuts',
    'long-side',
    [1.7, 6.4, 10.1, 14, 17.3, 20.9, 24.2, 28.3, 32.4, 37.9].map((cm) => ({ cm })),
    () => ({
      done: true,
    }),
  );
  await shot(page, 'practise-cuts');
};

type Drilled = { id: string; moves: { said: { felt?: number[][] } }[] };

if (on) {
  test('the pictures of docs/screenshots', async ({ page, browser }) => {
    test.setTimeout(180_000);
    await page.goto('/');
    await expect(page.getByText(CHEF.name).first()).toBeVisible();
    await signIn(page);
    await shot(page, 'cold-room');
    await page.goto('/plan/order');
    await page.getByText('Hake', { exact: true }).first().tap();
    await expect(page.getByText(/× Hake/)).toBeVisible();
    await shot(page, 'order');
    await page.goto('/plan');
    await expect(page.getByRole('region', { name: 'What matters' })).toBeVisible();
    await shot(page, 'today');
    await page.goto('/plan/prep');
    await expect(page.locator('[data-task]').first()).toBeVisible({ timeout: 15_000 });
    await shot(page, 'prep');
    await page.goto('/receive');
    await page.getByRole('link', { name: 'Continue' }).click();
    await weigh(page, '1515 g');
    await page
      .getByRole('article', { name: 'Meagre' })
      .getByRole('button', { name: /Meagre/ })
      .click();
    await page
      .getByRole('article', { name: 'John Dory' })
      .getByRole('button', { name: /John Dory/ })
      .click();
    await page.getByRole('link', { name: 'Inspect', exact: true }).click();
    await page.getByRole('button', { name: 'All best grade' }).click();
    for (const seen of ['Flat, a little dull', 'Paler, slime turning', 'Dull, slime milky', 'Springs back slowly']) {
      await page.getByLabel(seen).check();
    }
    await probe(page, '2.6');
    await expect(page.locator('.verdict h2')).toBeVisible();
    await shot(page, 'inspection');
    await page.goto('/receive/deliveries');
    await page.getByRole('link', { name: /Harbourgate Fish.*1 to be decided/ }).click();
    await page.getByRole('link', { name: 'Open claim' }).click();
    await page.goto('/log/recall?q=HF-2135');
    await expect(page.locator('.recalled li')).toHaveCount(3);
    await page.goto('/breakdown');
    await expect(page.locator('.fish-row').first()).toBeVisible();

    await page.goto('/receive/fish');
    await page.getByRole('combobox', { name: 'Fish' }).fill('Arctic char');
    await page.getByRole('combobox', { name: 'Supplier' }).fill('Northwater Fish Farm');
    await page.getByLabel('Price per kg').fill('13.90');
    await page.getByRole('heading', { name: 'Receive one fish', exact: true }).click();
    await putOnPan(page, '2105 g');

    await page.goto('/breakdown');
    await page.getByRole('link', { name: /Zander no. 141/ }).click();
    await expect(page.locator('.remark')).toBeVisible();
    await shot(page, 'break-down-suspect');

    await page.locator('.mantine-Chip-root', { hasText: /^Bones/ }).click();
    for (let bone = 0; bone < 9; bone++) {
      await page.keyboard.press('b');
    }

    await page.goto('/breakdown');
    await page.getByRole('link', { name: /Hake no. 143/ }).click();
    await page.locator('.mantine-Chip-root', { hasText: /^Steps$/ }).click();
    await page.getByRole('button', { name: /^Two fillets/ }).click();
    await expect(page.getByRole('button', { name: /^Two fillets/ })).toHaveAttribute('aria-pressed', 'true');
    await page.locator('.mantine-Chip-root', { hasText: /^Fish$/ }).click();
    for (let step = 0; step < 3; step++) {
      await page.getByRole('button', { name: 'Next step' }).click();
      await expect(page.locator('.step-doing')).toContainText(`${step + 2}/`);
    }
    await weigh(page, '520 g');
    await expect(page.locator('.fish-label')).toHaveCount(1);
    await weigh(page, '1185 g');
    await expect(page.locator('.fish-label')).toHaveCount(2);
    await shot(page, 'break-down-steps');

    await page.goto('/receive');
    await page.getByRole('button', { name: 'Accept anyway' }).click();
    await expect(page.getByRole('heading', { name: 'To be decided' })).toHaveCount(0);

    await page.goto('/portion/tonight');
    await expect(page.locator('.dealt .said').first()).toBeVisible();
    await page.goto('/portion');
    await page.getByRole('link', { name: /Meagre no. 142/ }).click();
    await page.getByRole('link', { name: 'Plan the cuts' }).click();
    await page.locator('.kinds li', { hasText: 'Meagre, tomato' }).getByRole('checkbox').check();
    await page.getByLabel('Length').fill('49 cm');
    await page.getByLabel('Thickest').fill('32 mm');
    await expect(page.locator('.headline')).toContainText('49.0 cm long');
    await shot(page, 'planner');
    await page.getByRole('link', { name: 'Its zones' }).click();
    await expect(page.getByRole('row', { name: /^Head end/ })).toBeVisible();
    await page.getByRole('link', { name: 'Back to the cuts' }).click();
    await page.getByRole('link', { name: 'Slice it instead' }).click();
    await page.getByLabel('Covers', { exact: true }).fill('12');
    await expect(page.getByText(/^Enough\.$|^Short of/)).toBeVisible();
    await page.getByRole('link', { name: 'Back to the cuts' }).click();
    await page.locator('.kinds li', { hasText: 'Meagre, tomato' }).getByRole('checkbox').check();
    await page.getByLabel('Length').fill('49 cm');
    await page.getByLabel('Thickest').fill('32 mm');
    await page.getByRole('button', { name: 'Save plan and cut' }).click();
    await expect(page.getByTestId('todo')).toContainText('Square off at');
    await weigh(page, '35 g');
    for (const mass of ['190 g', '185 g', '170 g']) {
      await expect(page.getByTestId('todo')).toContainText('Cut at');
      await weigh(page, mass);
      await expect(page.locator('.readings li').first()).toContainText(mass);
    }
    await putOnPan(page, '180 g');
    await inLanguage(page, 'es', () => shot(page, 'portion'));
    await troutInPairs(page, 40);
    await page.goto('/portion/servings');
    await expect(page.locator('.servings-grid li').first()).toBeVisible();
    await page.goto('/portion/trays');
    await page.locator('.ready-row', { hasText: 'Hake, parsley sauce' }).getByRole('button').click();
    await page.getByRole('button', { name: 'Print the tray label' }).click();
    await expect(page.locator('.printed li')).toHaveCount(1);

    await page.goto('/route');
    await page.locator('.fish-row').first().click();
    await page
      .getByRole('button', { name: /^Squared-off end / })
      .first()
      .click();
    await inLanguage(page, 'fr', () => shot(page, 'route'));
    await page.goto('/route/batches');
    await page.locator('.made-list a').first().click();
    await expect(page.locator('.cooling circle')).toHaveCount(4);
    await page.goto('/cost/plates');
    await page.locator('.plate-row', { hasText: 'Char, brown butter' }).click();
    await page.getByRole('slider', { name: /^Portion, grams/ }).focus();
    for (let i = 0; i < 5; i++) {
      await page.keyboard.press('ArrowLeft');
    }
    await expect(page.getByTestId('said')).toContainText('5 g lighter');
    await page.locator('.plate-fish a').first().click();
    await expect(page.locator('.walk')).toBeVisible();
    await shot(page, 'cost');

    const span = `from=${lately(61)}&until=${lately(0)}`;
    await page.goto(`/log/walk?${span}`);
    await expect(page.getByRole('link', { name: /^On plates/ })).toBeVisible();
    await shot(page, 'log-grams');
    await page.goto('/log/effects');
    await page.getByRole('button', { name: /Ilse Varga/ }).tap();
    await page.getByRole('button', { name: /Tobin Hale/ }).tap();
    await expect(page.getByRole('status').filter({ hasText: 'in 100' })).toBeVisible({ timeout: 15_000 });
    await shot(page, 'log-effects');
    await page.goto('/practise');
    await expect(page.getByRole('link', { name: 'Wenna Pike' })).toBeVisible();
    await shot(page, 'practise');
    await practiseShots(page);

    const { treatments } = await ask<{ treatments: { id: string; name: string }[] }>(page, 'GET', '/hold/treatments');
    const ready = await ask<{ tray: string | null; name: string }[]>(page, 'GET', '/hold/ready');
    const treating = ulid();
    await ask(page, 'PUT', `/hold/treatings/${treating}`, {
      treatment: treatments.find((one) => one.name === 'Six per cent brine')?.id,
      weight: { typed: '1085 g' },
      thick_mm: 28,
      faces: 2,
      things: [{ tray: ready.find((one) => one.name.includes('Brill'))?.tray }],
    });
    const made = await ask<{ steps: { name: string; mass: { text: string } }[] }>(
      page,
      'GET',
      `/hold/treatings/${treating}`,
    );
    for (const step of made.steps) {
      await ask(page, 'PUT', `/hold/treatings/${treating}/marks/${ulid()}`, {
        what: step.name,
        weight: { typed: step.mass.text },
      });
    }
    const since = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString().slice(0, 16);
    await ask(page, 'PUT', `/hold/treatings/${treating}/started`, { version: 1, at: since(18) });
    const cure = ulid();
    await ask(page, 'PUT', `/hold/treatings/${cure}`, {
      treatment: treatments.find((one) => one.name === 'Light cure')?.id,
      weight: { typed: '300 g' },
      thick_mm: 24,
      faces: 1,
      things: [{ tray: ready.find((one) => one.name.includes('Bream'))?.tray }],
    });
    await ask(page, 'PUT', `/hold/treatings/${cure}/started`, { version: 1, at: since(190) });
    await page.goto(`/hold/treatings/${treating}`);
    await expect(page.getByTestId('left')).toContainText('left');
    await page.goto('/hold/freezing');
    await page.getByRole('link', { name: /Blast chiller/ }).click();
    await expect(page.getByRole('heading', { name: 'Freezing record 1' })).toBeVisible();
    await shot(page, 'hold-run');
    await page.goto('/hold');
    await expect(page.locator('.timeline-row').first()).toBeVisible();
    await shot(page, 'hold-timeline');

    await page.goto('/people');
    await expect(page.locator('.person-row')).toHaveCount(4);
    await page.getByRole('button', { name: 'Add a person' }).click();
    await page.goto('/settings');
    await expect(page.locator('.rule-row').first()).toBeVisible();
    await page.getByRole('button', { name: /^A kitchen day ends at/ }).click();
    // As a new kitchen sees it: the same page, told that there is no head chef yet.
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const first = await context.newPage();
    await first.route('**/api/kitchen', async (route) => {
      const answer = await route.fetch();
      await route.fulfill({ json: { ...(await answer.json()), needs_setup: true, me: null } });
    });
    await first.goto('/');
    await expect(first.getByRole('heading', { name: 'A new kitchen' })).toBeVisible();
    await shot(first, 'first-run');
    await context.close();
  });
}
