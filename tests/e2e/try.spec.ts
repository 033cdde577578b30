import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, startEmpty } from './support';

/** The day of the sample; the clock is held and moved by hand. */
const DAY = new Date('2026-10-14T16:00:00Z');

async function toTry(page: Page, batch: string): Promise<void> {
  await page.clock.install({ time: DAY });
  await page.goto(`${SAMPLE_URL}/try`);
  await choose(page, batch);
}

async function choose(page: Page, batch: string): Promise<void> {
  const piece = page.getByRole('combobox', { name: 'Piece' });
  await piece.fill(batch);
  await page.clock.runFor(500);
  await page.getByRole('option', { name: new RegExp(batch) }).click();
  await page.clock.runFor(500);
}

const seconds = (page: Page, count: number) => page.clock.runFor(1000 * count);
const clock = (page: Page) => page.getByRole('timer');
const trace = (page: Page) => page.getByRole('img', { name: /^Forecast flow of gas/ });

test('a piece in the tub by keyboard: timed, reloaded in the middle, seen, taken back, and learned from', async ({
  page,
}) => {
  await toTry(page, 'QL-010');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await page.keyboard.press('f');
  await expect(page.getByRole('alert')).toContainText('not in the water');
  await page.keyboard.press('Space');
  await seconds(page, 2);
  await page.keyboard.press('Space');
  await seconds(page, 3);
  await page.keyboard.press('s');
  await seconds(page, 40);
  await expect(clock(page)).toHaveText('0:45');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Fizz over time' })).toBeVisible();
  await seconds(page, 5);
  await expect(clock(page)).toHaveText(/0:5\d/);
  await page.keyboard.press('Space');
  await seconds(page, 80);
  await page.keyboard.press('g');
  await expect(trace(page)).toHaveAccessibleName(/sinks at 0:05.*half gone.*gone at 2:1\d/);
  await expect(page.getByText(/Gone after 2\.\d min, within the forecast/)).toBeVisible();
  // Out of order, and taken back with a trace.
  await page.keyboard.press('Space');
  await page.keyboard.press('u');
  await page.getByText('Log').click();
  await expect(page.getByRole('listitem').filter({ hasText: 'last bubbles' })).toHaveCSS(
    'text-decoration-line',
    'line-through',
  );
  await page.keyboard.press('n');
  await page.keyboard.press('3');
  await expect(page.getByRole('button', { name: /^Foam after 1 min/ })).toContainText('2 fingers');
  await page
    .getByRole('button', { name: /^Nearest/ })
    .first()
    .click();
  await expect(page.getByText('by eye', { exact: true })).toBeVisible();
  // A photo without white is no measure.
  const rail = await page.screenshot({ clip: { x: 2, y: 420, width: 60, height: 60 } });
  await page
    .getByLabel('Photo of the water with a white card')
    .setInputFiles({ name: 'dark.png', mimeType: 'image/png', buffer: rail });
  await page.getByRole('region', { name: 'Color of the water' }).locator('canvas').click();
  await expect(page.getByRole('alert')).toContainText('too dark for a white card');
  const teaches = page.getByRole('region', { name: 'What it teaches' });
  await expect(teaches).toContainText(/\d+ tests/);
  await page.getByRole('button', { name: 'Change it', exact: true }).click();
  await page.getByRole('button', { name: 'sinks', exact: true }).click();
  await page.getByRole('button', { name: /^Save/ }).click();
  await page.getByRole('tab', { name: /^All tests \(\d+\)/ }).click();
  const mine = page.getByRole('button', { name: /QL-010, Quince Lantern.*Change it/ }).first();
  await mine.click();
  // It was another piece after all: taken back as a whole, it stays in sight.
  await page.getByText('Log').click();
  await page.getByRole('button', { name: /^Don’t count this test/ }).click();
  await page.getByRole('tab', { name: /^All tests \(\d+\)/ }).click();
  await expect(mine).toContainText('not counted');
  await mine.click();
  await page.getByText('Log').click();
  await page.getByRole('button', { name: 'Count this test again' }).click();
  // It is laid over the forecast on Design.
  await page.getByRole('link', { name: 'Design', exact: true }).click();
  await expect(page.getByRole('img', { name: /^Gas over time.*tests? marked/ })).toBeVisible();
});

test('the pitcher on the scale, simulated, to the record; a stopwatch that was forgotten', async ({
  page,
}) => {
  await toTry(page, 'QL-010');
  await page.getByRole('button', { name: 'On the scale' }).click();
  // Too coarse for crumbs, and said before anything is wet; water that steams is refused.
  await page.getByLabel('Sample').fill('20');
  await expect(page.getByText(/Use .* on this scale/)).toBeVisible();
  await page.getByLabel('Water temperature').fill('warm');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await expect(page.getByText(/Type a temperature/)).toBeVisible();
  await page.getByLabel('Water temperature').fill('95');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await expect(page.getByText(/steam/)).toBeVisible();
  await page.getByLabel('Water temperature').fill('38');
  await page.getByLabel('Sample').fill('190');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await seconds(page, 3);
  await expect(page.getByText('the scale shows 2,420 g')).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await seconds(page, 70);
  await expect(page.getByText(/% of\s+its fizz/).first()).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert')).toContainText('The slope after the fizz is still missing.');
  await seconds(page, 270);
  await expect(page.getByText(/\d+% of its fizz is still in it\./)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /^Gone, finish/ })).toBeHidden();
  await page.getByRole('tab', { name: /^All tests \(\d+\)/ }).click();
  await expect(
    page.getByRole('button', { name: /On the scale \d+% of its fizz/ }).first(),
  ).toBeVisible();

  // In the shower nothing is timed but what is smelled; overnight the watch was forgotten.
  await page.getByRole('button', { name: 'New test' }).click();
  await choose(page, 'EG-006');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await page.keyboard.press('Space');
  await page.clock.setSystemTime(new Date(DAY.getTime() + 9 * 3_600_000));
  await seconds(page, 1);
  await expect(page.getByText('The stopwatch has been running')).toBeVisible();
  await page.getByLabel('Gone after').fill('3');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(clock(page)).toHaveText('3:00');
});

test('the pitcher with weights typed by hand: nonsense is said, and what it shows is read the same', async ({
  page,
}) => {
  await page.clock.install({ time: DAY });
  await page.goto(`${SAMPLE_URL}/workshop`);
  await page.getByLabel('My own scale, typed').check();
  await page.getByRole('link', { name: 'Try', exact: true }).click();
  await choose(page, 'QL-010');
  await page.getByRole('button', { name: 'On the scale' }).click();
  await page.getByLabel('Sample').fill('190');
  await page.getByRole('button', { name: 'Start the test' }).click();
  const weight = page.getByLabel('Weight on the scale, g');
  const type = async (text: string) => {
    await weight.fill(text);
    await page.keyboard.press('Enter');
  };
  await type('soon');
  await expect(page.getByRole('alert').last()).toContainText(
    'Type the weight that the scale shows.',
  );
  await type('90');
  await expect(page.getByRole('alert').last()).toContainText('pitcher');
  await type('2420');
  await page.getByRole('button', { name: /^The sample is in/ }).click();
  // 35.7 g can leave; nine tenths of it do, by the third power of what is left.
  for (let at = 20; at <= 400; at += 20) {
    await seconds(page, 20);
    const left = Math.max(0, 1 - (at - 4) / 160) ** 3;
    await type(String(Math.round(2610 - 32.1 * (1 - left) - (0.05 * at) / 60)));
  }
  await expect(page.getByText(/(8[7-9]|9[0-3])% of its fizz is still in it\./)).toBeVisible();
  await page.getByRole('button', { name: 'Gone, finish' }).click();
  await expect(page.getByText('This test is closed')).toBeVisible();
});

test('a steamer, salts, a cube and a piece from elsewhere are asked what they are for', async ({
  page,
}) => {
  await toTry(page, 'BW-003');
  await expect(page.getByRole('button', { name: 'In the shower' })).toBeVisible();
  await page.getByRole('button', { name: 'Start the test' }).click();
  await page.getByRole('button', { name: /^Showers until gone/ }).click();
  await page.keyboard.press('4');
  await expect(page.getByRole('region', { name: 'What it teaches' })).toContainText(
    'steamers last',
  );
  for (const [batch, row] of [
    ['SW-002', 'Pouring'],
    ['BB-002', 'Film before'],
  ] as const) {
    await page.getByRole('button', { name: 'New test' }).click();
    await choose(page, batch);
    await page.getByRole('button', { name: 'Start the test' }).click();
    await expect(page.getByRole('button', { name: new RegExp(`^${row}`) })).toBeVisible();
  }
  await page.getByRole('button', { name: 'New test' }).click();
  await choose(page, 'elsewhere');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await expect(page.getByRole('alert')).toContainText('a name for this piece');
  await page.getByLabel('Name').fill('From the market');
  await page.getByRole('button', { name: 'Start the test' }).click();
  await page.keyboard.press('Space');
  await expect(page.getByText('There is no forecast for this piece.')).toBeVisible();
});

test('a cup test goes from its question to an answer, and a retained sample is looked at', async ({
  page,
}) => {
  await page.clock.install({ time: DAY });
  await page.goto(`${SAMPLE_URL}/try`);
  await page.getByRole('tab', { name: 'Cup test' }).click();
  await expect(page.getByText('The answer is clear.').first()).toBeVisible();
  await page.getByRole('button', { name: 'New cup test' }).click();
  await page.getByRole('button', { name: 'Create cup test' }).click();
  await expect(page.getByRole('alert')).toContainText('Choose a formula and a material to vary.');
  await page.getByRole('combobox', { name: 'Material to vary (1)' }).fill('kaolin');
  await page.clock.runFor(500);
  await page.getByRole('option', { name: /^Kaolin/ }).click();
  await page.getByLabel('Highest (1)').fill('6');
  await page.getByRole('button', { name: 'Create cup test' }).click();
  const set = page.getByRole('article', { name: /^What does more kaolin clay do/ });
  await expect(set.getByRole('row')).toHaveCount(5);
  await expect(set.getByText(/The answer is not clear yet/)).toBeVisible();
  await set.getByRole('button', { name: /^Drop in cup 1$/ }).click();
  await seconds(page, 60);
  await set.getByRole('button', { name: /^Gone, 1:00 cup 1$/ }).click();
  for (const [cup, value] of [
    [2, '62'],
    [3, '130'],
    [4, '126'],
  ] as const) {
    await set.getByLabel(`Seconds until gone, cup ${cup}`).fill(value);
    await page.keyboard.press('Enter');
  }
  await expect(set.getByText(/More kaolin clay raises it/)).toBeVisible();
  await page.getByRole('tab', { name: /^Retained samples \(1 due\)/ }).click();
  await page.getByRole('button', { name: 'Check one of EG-005' }).click();
  await page.getByLabel('Hardness, 0–5').fill('4');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/3 months: hardness 4/).first()).toBeVisible();
  await expect(page.getByRole('tab', { name: /^Retained samples/ })).toBeVisible();
});

test('an empty workshop is told what to do', async ({ page }) => {
  await startEmpty(page);
  await page.getByRole('link', { name: 'Try', exact: true }).click();
  await page.getByRole('tab', { name: /^All tests/ }).click();
  await expect(page.getByText('There is no test yet.')).toBeVisible();
  await page.getByRole('tab', { name: 'Retained samples' }).click();
  await expect(page.getByText('There are no retained samples yet.')).toBeVisible();
});
