import { expect, test, type Page } from '@playwright/test';
import { CARD, SAMPLE_URL, stepTitle } from './support';

const searchField = (page: Page) =>
  page.getByRole('combobox', { name: 'Search, or type what to do' });

const found = (page: Page) => page.getByRole('listbox', { name: 'Found' }).getByRole('option');

test('from an empty browser to the printed sheet in seven actions, by keyboard alone', async ({
  page,
}) => {
  await page.goto('/');
  // 1: the recipe is pasted.
  await page.getByLabel('Recipe as written').focus();
  await page.keyboard.insertText(`${CARD.replace('\na splash of moonlight', '')}\nMakes 6`);
  const read = page.getByRole('region', { name: 'What Rovack understood' });
  await expect(read).toContainText('Baking soda');
  await expect(read).toContainText('6 pieces of');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Choose how you shape the pieces first.');
  // 2: how it is shaped is the one thing that is asked.
  await read.getByRole('button', { name: 'hand shells' }).focus();
  await page.keyboard.press('Enter');
  // 3: it becomes a formula, under its own name and address.
  await page.getByRole('button', { name: 'Use this recipe' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Formula name')).toHaveValue('Quay bomb');
  await expect(page).toHaveURL(/\/formulas\/quay-bomb-[0-9a-f]{6}$/);
  await expect(page.getByText('saved').first()).toBeVisible();
  // 4: a batch of it.
  await page.keyboard.press('b');
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeVisible();
  await expect(page).toHaveURL(/\/scale\/quay-bomb-/);
  // 5 and 6: the bench sheet, by the search.
  await page.keyboard.press('/');
  await searchField(page).fill('bench sheet');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/scale\/quay-bomb-[0-9a-f]{6}\/sheet$/);
  // 7: printed.
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.getByRole('button', { name: 'Print', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('body[data-printed]')).toBeAttached();
  await expect(page.getByText('Quay bomb').first()).toBeVisible();
});

test('every place has an address: back, forward, reload and two windows', async ({
  page,
  context,
}) => {
  await page.goto(SAMPLE_URL);
  await expect(page).toHaveURL(/\/formulas\/quince-lantern-\w{6}$/);
  const first = page.url();
  await page.getByRole('tab', { name: 'Scent', exact: true }).click();
  await expect(page).toHaveURL(`${first}/scent`);
  await page.getByRole('tab', { name: /^Embed/ }).click();
  await expect(page).toHaveURL(`${first}/scent/embed`);
  await page.reload();
  await expect(page.getByRole('tab', { name: 'Scent', exact: true })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await expect(page.getByRole('tab', { name: /^Embed/ })).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('button', { name: 'Formulas' }).click();
  await expect(page).toHaveURL(/\/formulas$/);
  await page.getByRole('button', { name: /^Ebb Glass/ }).click();
  await expect(page.getByLabel('Formula name')).toHaveValue('Ebb Glass');
  // A second window has its own formula, and neither takes the other's away.
  const other = await context.newPage();
  await other.goto(`${first}/versions`);
  await expect(other.getByLabel('Formula name')).toHaveValue('Quince Lantern');
  await other.getByRole('link', { name: 'Scale', exact: true }).click();
  await expect(other).toHaveURL(/\/scale\/quince-lantern-/);
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await expect(page).toHaveURL(/\/scale\/ebb-glass-/);
  await page.goBack();
  await expect(page.getByLabel('Formula name')).toHaveValue('Ebb Glass');
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('Formula name')).toHaveValue('Quince Lantern');
  await expect(page).toHaveURL(`${first}/scent/embed`);
  await page.goForward();
  await expect(page).toHaveURL(/\/formulas$/);
  // A batch at the bench has one too, step by step.
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(page).toHaveURL(/\/batches\/[A-Z]+-\d+\/steps\/1$/);
  await page.getByRole('button', { name: 'Skip this step' }).click();
  await expect(page).toHaveURL(/\/steps\/2$/);
  const title = (await stepTitle(page).textContent()) ?? '';
  await page.reload();
  await expect(stepTitle(page)).toHaveText(title);
});

test('one search finds records, screens and what can be done; ? lists the keys; a removal is undone', async ({
  page,
}) => {
  await page.goto(SAMPLE_URL);
  await expect(page.getByLabel('Formula name')).toBeVisible();
  const find = async (words: string) => {
    await page.keyboard.press('Control+k');
    await searchField(page).fill(words);
    await expect(found(page).first()).toHaveAttribute('aria-selected', 'true');
    await page.keyboard.press('Enter');
  };
  await find('quinse lantren 11');
  await expect(page).toHaveURL(/\/batches\/QL-011$/);
  await find('REO-251026');
  await expect(page).toHaveURL(/\/shelf\/lots\/REO-251026$/);
  await find('rebalance');
  await expect(page).toHaveURL(/\/rebalance$/);
  await find('add 5 g of kaolin');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await page.keyboard.press('Control+k');
  await searchField(page).fill('x'.repeat(10_000));
  await expect(page.getByText('Nothing found.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys of this screen' });
  await expect(keys).toContainText('Plan a batch');
  await keys.getByRole('button', { name: 'Close' }).click();
  await page.goto(`${SAMPLE_URL}/shelf/molds`);
  const mold = page
    .getByRole('region', { name: 'Molds' })
    .getByRole('button', { name: /Plate of 32/ });
  await mold.click();
  await expect(page).toHaveURL(/\/shelf\/molds\/plate-of-32-/);
  await page.getByRole('button', { name: 'Remove mold' }).click();
  await expect(mold).toBeHidden();
  const bar = page.getByText('Removed Plate of 32');
  await expect(bar).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(mold).toBeVisible();
});

test('a phone has the screens along the bottom, nothing beside the page, and begins with the thing itself', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto(SAMPLE_URL);
  await expect(page.getByRole('button', { name: /tip/ })).toBeVisible();
  const screens = page.getByRole('navigation', { name: 'Screens' });
  for (const name of ['Design', 'Scale', 'Make', 'Dry', 'Try', 'Pack']) {
    await screens.getByRole('link', { name, exact: true }).click();
    await expect(screens.getByRole('link', { name, exact: true })).toHaveAttribute(
      'aria-current',
      'page',
    );
    await isNarrow(page);
  }
  for (const room of ['Shelf', 'Calendar', 'Almanac', 'Workshop', 'Guide']) {
    await screens.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: new RegExp(`^${room}`) }).click();
    await expect(page).toHaveURL(new RegExp(`/${room.toLowerCase()}`));
    await isNarrow(page);
  }
  const small = await screens.locator('a:visible, button:visible').evaluateAll(
    (all) =>
      all.filter((one) => {
        const { width, height } = one.getBoundingClientRect();
        return width < 44 || height < 44;
      }).length,
  );
  expect(small).toBe(0);
});

/** No sideways scroll, and what the screen is about begins in the first 150 px. */
async function isNarrow(page: Page): Promise<void> {
  await expect(page.locator('main h1').first()).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth))
    .toBe(true);
  const header = await page.locator('.page-header .line').first().boundingBox();
  expect((header?.y ?? 0) + (header?.height ?? 999)).toBeLessThan(150);
}

test('a note on a screen leads into the guide, chapter by chapter', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/dry`);
  await page.getByRole('button', { name: 'What is this for?' }).click();
  await expect(page.getByRole('note')).toContainText('First weigh the marked piece');
  await page.getByRole('link', { name: 'Read the guide' }).click();
  await expect(page.getByRole('heading', { name: 'Dry', level: 1 })).toBeVisible();
  for (let chapter = 7; chapter < 10; chapter++)
    await page.getByRole('link', { name: /^Next: / }).click();
  await expect(page.getByText('Chapter 10 of 12')).toBeVisible();
});
