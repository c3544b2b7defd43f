import { expect, type Page, test } from '@playwright/test';
import { ulid } from 'ulid';
import {
  ask,
  CUTTER,
  expectNoScroll,
  filletsOf,
  putOnPan,
  received,
  signIn,
  speciesCalled,
  tapIn,
  weigh,
} from './kitchen';

/** Two plain fillets of a fish no other test works on, on the portion bench for a dish of their own. */
async function portioned(page: Page, name: string, dishName: string, many: number) {
  const species = await speciesCalled(page, name);
  const [dish, fish] = [ulid(), ulid()];
  await ask(page, 'PUT', `/portion/dishes/${dish}`, {
    name: dishName,
    target: '160 g',
    minus: '20 g',
    plus: '20 g',
    species,
    price: '24.50',
  });
  await filletsOf(page, fish, species, dish);
  for (let i = 0; i < many; i++) {
    await ask(page, 'PUT', `/portion/fish/${fish}/readings/${ulid()}`, {
      part: 'portion',
      weight: { typed: `${150 + i} g` },
      sure: true,
    });
  }
  const bench = await ask<{ portions: { piece: string }[] }>(page, 'GET', `/portion/fish/${fish}`);
  const tray = ulid();
  await ask(page, 'PUT', `/portion/batches/${tray}`, { dish, pieces: bench.portions.map((one) => one.piece) });
  return { fish, dish, tray };
}

/** The kitchen computer's clock, as the page hears it, is so many seconds later from now on. */
async function later(page: Page, seconds: number) {
  await page.route(/\/api\/hold\/(now|treatings\/)/, async (route) => {
    const answer = await route.fetch();
    const body = await answer.json();
    const clock = body.clock ?? body;
    if (typeof clock.now === 'number') {
      clock.now += seconds;
    }
    await route.fulfill({ response: answer, json: body });
  });
}

/** A logger's file of so many hours up to an hour ago, a reading every ten minutes. */
function record(from: number, to: number, core: (hour: number) => number): string {
  const rows = ['time,air,core'];
  for (let minutes = from * 60; minutes >= to * 60; minutes -= 10) {
    const at = new Date(Date.now() - minutes * 60_000).toISOString().slice(0, 16).replace('T', ' ');
    rows.push(`${at}:00,-38.0,${core((from * 60 - minutes) / 60).toFixed(1)}`);
  }
  return rows.join('\n');
}

const local = (hours: number) => new Date(Date.now() - hours * 3_600_000).toISOString().slice(0, 16);

test('a brine from the scale to the tray: made up by weight, called when it is due, weighed again', async ({
  page,
}) => {
  await signIn(page);
  await portioned(page, 'Sea trout', 'Sea trout, brined', 4);
  await page.goto('/hold/treatments');
  await page.getByRole('link', { name: /^Six per cent brine/ }).tap();
  await page.getByRole('checkbox', { name: /Sea trout, brined/ }).check();
  await page.getByLabel('Thickest, mm').fill('28');
  await putOnPan(page, '600 g');
  await expect(page.getByText('600 g of fish take')).toBeVisible();
  await expectNoScroll(page);
  await page.getByRole('button', { name: /^Record 600 g/ }).tap();
  await expect(page.getByTestId('todo')).toHaveText('Weigh in: Water.');
  await putOnPan(page, '1000 g');
  await expect(page.getByText('128 g to go')).toBeVisible();
  await weigh(page, '1130 g');
  await expect(page.getByTestId('todo')).toHaveText('Weigh in: Salt.');
  await weigh(page, '70 g');
  await expect(page.getByTestId('todo')).toHaveText('Put the fish in and start the clock.');
  await expectNoScroll(page);
  await page.getByRole('button', { name: 'It goes in: start the clock' }).tap();
  await expect(page.getByTestId('left')).toHaveText('25 min left');

  await later(page, 26 * 60);
  await page.reload();
  await expect(page.getByTestId('left')).toHaveText('1 min over');
  const call = page.getByRole('alertdialog', { name: 'Something is due' });
  await expect(call).toContainText('Take out: Six per cent brine');
  await call.getByRole('button', { name: 'Coming' }).tap();
  await expect(call).toHaveCount(0);
  await page.reload();
  await expect(page.getByTestId('left')).toHaveText('1 min over');
  await expect(call).toHaveCount(0);

  await page.getByRole('button', { name: 'It comes out' }).tap();
  await page.getByRole('button', { name: 'Rinsed' }).tap();
  await page.getByRole('button', { name: 'Dried' }).tap();
  await expect(page.getByTestId('todo')).toHaveText('Weigh it again.');
  await weigh(page, '610 g');
  await expect(page.getByText(/\+1\.7 %; usual \+1\.5 ± 1\.5 %/)).toBeVisible();
  await expect(page.getByText('It does not replace freezing.').first()).toBeVisible();
});

test('a freezing run with a door left open opens nothing; one that meets the rule does; it thaws', async ({ page }) => {
  test.setTimeout(180_000);
  await signIn(page);
  const species = await speciesCalled(page, 'Lemon sole');
  const fish = ulid();
  await received(page, fish, species, '2310 g');
  const shown = await ask<{ title: string }>(page, 'GET', `/hold/out/${fish}`);
  await page.goto('/hold/places');
  await page.getByRole('button', { name: 'Add a place' }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Blast chiller$/ }).tap();
  await page.getByLabel('Name', { exact: true }).fill('Second blast');
  await page.getByRole('button', { name: 'Save' }).tap();
  await expect(page.getByRole('heading', { name: 'Second blast' })).toBeVisible();
  await page.getByLabel('Temperature of Second blast').fill('-37.5');
  await page.getByLabel('Temperature of Second blast').press('Enter');
  await expect(page.getByTestId('shows-Second blast')).toHaveText('−37.5 °C');

  const begin = async (hours: number) => {
    await page.goto('/hold/freezing');
    await page.getByLabel('Where').selectOption('Second blast');
    await page.getByLabel(/^Went in/).fill(local(hours));
    await page.getByLabel('Thickest, mm').fill('40');
    await page.getByRole('checkbox', { name: new RegExp(`^${shown.title} `) }).check();
    await page.getByRole('button', { name: 'Start run with 1 item' }).tap();
    await expect(page.getByRole('heading', { name: /^Freezing record/ })).toBeVisible();
  };
  const bring = async (csv: string) => {
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
    await page.getByRole('checkbox', { name: 'Its clock runs on UTC' }).check();
    await page.getByRole('button', { name: 'Add to the record' }).tap();
    await expect(page.getByText(/rows read, \d+ new readings, 0 left out/)).toBeVisible();
  };
  const freezes = (hour: number) => (hour < 1 ? 3 - 5 * hour : -37);

  await begin(70);
  // Somebody left the door open after twelve hours of cold.
  await bring(record(70, 50, (hour) => (hour > 12 && hour < 14 ? -8 : freezes(hour))));
  await expect(page.getByText(/^Does not meet it:/).first()).toBeVisible();
  await expect(page.getByText('Raw service closed.')).toBeVisible();
  await page.getByRole('button', { name: `Take out ${shown.title}` }).tap();
  await page.getByLabel('Why it is taken out').fill('the record broke');
  await page.getByRole('button', { name: 'Take out', exact: true }).tap();
  await expect(page.getByText(/the record broke/)).toBeVisible();
  await page.getByRole('button', { name: 'End the record' }).tap();
  await expect(page.getByRole('button', { name: 'End the record' })).toHaveCount(0);

  await begin(30);
  await bring(record(30, 0.2, freezes));
  await expect(page.getByText(/^Meets it since/)).toBeVisible();
  await expect(page.getByText('Raw service open.')).toBeVisible();
  await expect(page.getByTestId('todo')).toContainText('Raw service is open');
  await expectNoScroll(page);
  const sheet = await page.request.get(
    (await page.getByRole('link', { name: 'Print the evidence' }).getAttribute('href')) ?? '',
  );
  expect(sheet.headers()['content-type']).toBe('application/pdf');

  await page.goto('/hold/thaw');
  const frozen = page.locator('.thaw-line', { hasText: shown.title }).first();
  await frozen.getByRole('button', { name: `Plan to thaw ${shown.title}` }).tap();
  await page.getByLabel('Needed at').fill(local(-30));
  await page.getByRole('button', { name: 'Save plan' }).tap();
  const going = page.locator('.thaw-going', { hasText: shown.title });
  await expect(going).toContainText('Take it out by');
  await going.getByLabel('Weight before').fill('2310 g');
  await going.getByRole('button', { name: 'Out of the freezer' }).tap();
  await going.getByLabel('Weight after').fill('2265 g');
  await going.getByLabel('Core, °C').fill('1.8');
  await going.getByRole('button', { name: 'It has thawed' }).tap();
  await expect(page.locator('.thaw-line', { hasText: 'drip 1.9 %' })).toBeVisible();
});

test('the pass: a tap serves, a mistake is undone, the count closes, and what is left carries over', async ({
  page,
}) => {
  await signIn(page);
  await portioned(page, 'Saithe', 'Cod for the pass', 6);
  await page.goto('/hold/kept');
  const left = page.getByTestId('left-Cod for the pass');
  const serve = page.getByRole('button', { name: /^Serve one Cod for the pass/ });
  await expect(left).toHaveText('6');
  await serve.tap();
  await expect(left).toHaveText('5');
  const tile = page.locator('.kept-dish', { hasText: 'Cod for the pass' });
  await tile.getByRole('button', { name: 'Several' }).tap();
  await tile.getByRole('button', { name: '3', exact: true }).tap();
  await expect(left).toHaveText('2');
  await page
    .getByRole('button', { name: /^Undo Cod for the pass/ })
    .first()
    .tap();
  await expect(left).toHaveText('5');

  await tile.getByRole('button', { name: 'Trays' }).tap();
  await page.locator('.mantine-Chip-root', { hasText: /^Discard$/ }).tap();
  await page.getByRole('button', { name: 'Discard', exact: true }).tap();
  await expect(page.getByText('Give the reason.').first()).toBeVisible();
  await page.getByLabel('Reason (required)').fill('dropped');
  await page.getByRole('button', { name: 'Discard', exact: true }).tap();
  await expect(left).toHaveText('4');

  await page.getByRole('button', { name: 'Closing count' }).tap();
  await page.getByLabel('Counted of Cod for the pass').fill('3');
  await page.getByLabel('Why Cod for the pass differs').fill('eaten at the pass');
  await page.getByRole('button', { name: 'Save count' }).tap();
  await expect(left).toHaveText('3');
  await expect(page.locator('.pass-foot')).toContainText(/Carries over to tomorrow[\s\S]*Cod for the pass\s*3/);

  // Two tablets serve the last at once: only one of them has it.
  const kept = await ask<{ dishes: { dish: string; name: string }[] }>(page, 'GET', '/hold/kept');
  const dish = kept.dishes.find((one) => one.name === 'Cod for the pass')?.dish;
  const statuses = await page.evaluate(
    async ({ path, ids }) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      const answers = await Promise.all(
        [...ids].map((id) =>
          fetch(`${path}/${id}`, {
            method: 'PUT',
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({ how: 'served', count: 2 }),
          }),
        ),
      );
      return answers.map((answer) => answer.status).sort();
    },
    { path: `/api/hold/kept/dishes/${dish}/out`, ids: [ulid(), ulid()] },
  );
  expect(statuses).toEqual([200, 422]);
});

test('work takes a fish out of the cold; the timeline and the bench put it back', async ({ page }) => {
  await signIn(page);
  const species = await speciesCalled(page, 'Plaice');
  const fish = ulid();
  await received(page, fish, species, '900 g');
  await ask(page, 'PUT', `/breakdown/fish/${fish}/readings/${ulid()}`, {
    part: 'head',
    weight: { typed: '150 g' },
    sure: true,
  });
  await page.goto(`/breakdown/${fish}`);
  await page.getByRole('button', { name: /^Out of the cold .*Put back/ }).tap();
  await expect(page.getByRole('button', { name: /^Out of the cold/ })).toHaveCount(0);
  await ask(page, 'PUT', `/hold/out/${fish}/moved/${ulid()}`, { back: false });
  await page.goto('/hold');
  await page.getByRole('button', { name: /^Put Plaice .* back into the cold/ }).tap();
  await expect(page.getByRole('button', { name: /^Put Plaice/ })).toHaveCount(0);
});

test('scale and probe are checked; what failed is in the list of the day', async ({ page }) => {
  await signIn(page);
  await page.goto('/hold/checks');
  await page.getByLabel('Scale shows').fill('1000 g');
  await page.getByRole('button', { name: 'Record' }).first().tap();
  await expect(page.getByText(/^Good .*1000 g\./)).toBeVisible();
  await page.getByLabel('Probe shows, °C').fill('1.8');
  await page.getByRole('button', { name: 'Record' }).last().tap();
  await expect(page.getByText(/^Off .*1\.8 °C/)).toBeVisible();
  await expect(page.getByRole('row', { name: /Probe in ice water/ })).toContainText('Out of range.');
  const file = await page.request.get('/api/hold/day-file.pdf');
  expect(file.headers()['content-type']).toBe('application/pdf');
});

test('a cutter begins at what is due, the head chef with the day', async ({ page }) => {
  await signIn(page, CUTTER);
  await expect(page).toHaveURL(/\/hold$/);
  await page.getByRole('button', { name: 'Sign out' }).tap();
  await expect(page.getByText('Who is at the board?')).toBeVisible();
  await tapIn(page);
  await expect(page).toHaveURL(/\/plan$/);
});
