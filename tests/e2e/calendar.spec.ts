import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, startEmpty } from './support';

/** Half a day, at 1280 pixels. */
const HALF_DAY_PX = 52;

/** A Monday before work begins: which plan is found, and how soon, depends on the hour. */
const NOW = new Date('2026-11-30T04:00:00Z');
const DAY_MS = 86_400_000;

async function toCalendar(page: Page): Promise<void> {
  await page.clock.setFixedTime(NOW);
  await page.goto(`${SAMPLE_URL}/calendar`);
  await expect(page.getByRole('button', { name: /^Maud: / }).first()).toBeVisible();
}

test('an order is made, planned, and handed over on Pack', async ({ page }) => {
  await toCalendar(page);
  await page.getByRole('tab', { name: 'Orders', exact: true }).click();
  await page.getByRole('button', { name: 'Add an order' }).click();
  const dialog = page.getByRole('dialog', { name: 'New order' });
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Type a name.');
  await dialog.getByLabel('Name').fill('Pilot station');
  await dialog.getByRole('combobox', { name: 'Product', exact: true }).fill('Slipway');
  await page.getByRole('option', { name: 'Slipway at Dusk' }).click();
  await dialog.getByLabel('Count').fill('2');
  await dialog.getByRole('button', { name: 'Save' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Pilot station' });
  await expect(row).toContainText('2 here');
  await expect(row).toContainText('ready');
  await page.goto(`${SAMPLE_URL}/pack`);
  await page.getByRole('combobox', { name: 'Product' }).click();
  await page.getByRole('option', { name: 'Slipway at Dusk' }).click();
  await page.getByRole('button', { name: 'Hand over' }).click();
  const hand = page.getByRole('dialog', { name: 'Hand over' });
  await hand.getByRole('combobox', { name: 'To' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: /^Pilot station/ }).click();
  await hand.getByLabel(/^Count/).fill('2');
  await hand.getByRole('button', { name: 'Hand over' }).click();
  await page.goto(`${SAMPLE_URL}/calendar`);
  await page.getByRole('tab', { name: 'Orders', exact: true }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Rowing club' }).first()).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Pilot station' })).toBeHidden();
});

test('a step is moved by key, locked and undone; one that cannot be says why; what if; iCalendar', async ({
  page,
}) => {
  await toCalendar(page);
  const press = page.getByRole('button', { name: /^Press: .*, press, / }).first();
  const name = (await press.getAttribute('aria-label')) ?? '';
  const who = /^Press: (.*), press, /.exec(name)?.[1] ?? '';
  await press.focus();
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: new RegExp(`^Press: ${who}, press, .*locked`) }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Press: .*locked/ })).toHaveCount(0);
  // By hand: pulled into the night, where nobody works.
  await expect(page.getByText('Looking for a better plan')).toBeHidden();
  const at = await page.getByRole('button', { name: /^Press: / }).evaluateAll((bars) => {
    // Bars of a quarter of an hour lie over each other: one whose middle is its own.
    const middles = bars.map((bar) => {
      const { x, y, width, height } = bar.getBoundingClientRect();
      return { bar, x: x + width / 2, y: y + height / 2 };
    });
    const found = middles.find(({ bar, x, y }) => bar.contains(document.elementFromPoint(x, y)));
    return found ? { x: found.x, y: found.y } : null;
  });
  if (!at) throw new Error('a step is drawn');
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x + HALF_DAY_PX, at.y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/Nobody works for .+ from then on/)).toBeVisible();
  // Half a night earlier nobody works.
  const mixing = page.getByRole('button', { name: /^Maud: .*, weigh and mix, / }).first();
  await mixing.focus();
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press('ArrowLeft');
    if (await page.getByText(/Nobody works for/).isVisible()) break;
  }
  await expect(page.getByText(/Nobody works for .+ from then on/)).toBeVisible();
  await expect(page.getByText(/^Press .* by .* to be on time for /)).toBeVisible();
  await page.getByLabel('Drying room at').fill('999');
  await expect(page.getByText('Type a number from 5 to 95')).toBeVisible();
  await page.getByLabel('Drying room at').fill('60');
  await page.getByRole('button', { name: 'Check the drying room' }).click();
  await expect(page.getByText(/^With the drying room at 60%/)).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Only Maud' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toMatch(/BEGIN:VCALENDAR[\s\S]*press/);
});

test('a plan that is looked for can be stopped; nobody with hours is said; today opens the bench', async ({
  page,
}) => {
  await toCalendar(page);
  // An order of yesterday is late whatever one does: the search goes on until it is good enough.
  await page.getByRole('tab', { name: 'Orders', exact: true }).click();
  await page.getByRole('button', { name: 'Add an order' }).click();
  const late = page.getByRole('dialog', { name: 'New order' });
  await late.getByLabel('Name').fill('Pilot station');
  await late.getByLabel('Due').fill(new Date(NOW.getTime() - DAY_MS).toISOString().slice(0, 16));
  await late.getByLabel('Count').fill('40');
  await late.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('button', { name: 'Use this plan' }).click();
  await expect(page.getByRole('button', { name: 'Use this plan' })).toBeHidden();
  await expect(page.getByText(/\d+ batch(es)? late/)).toBeVisible();
  await page.getByRole('button', { name: 'Working hours' }).click();
  const dialog = page.getByRole('dialog', { name: 'Working hours' });
  for (const name of ['Maud', 'Teo'])
    for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']) {
      const button = dialog.getByRole('group', { name }).getByRole('button', { name: day });
      if ((await button.getAttribute('aria-pressed')) === 'true') await button.click();
    }
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('nobody has working hours');
  await page.getByRole('tab', { name: 'Today', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Maud' })).toBeVisible();
  await startEmpty(page);
  await page.goto('/calendar');
  await expect(page.getByText('There are no orders.')).toBeVisible();
});
