import { expect, test } from '@playwright/test';
import { SAMPLE_URL, gramsOf, stepTitle } from './support';

test('a note goes into a closed batch, and a batch at the bench can be given up', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/almanac`);
  await page.getByRole('textbox', { name: 'Search batches' }).fill('steamer');
  await expect(page.getByRole('link', { name: /BW-001/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /QL-001/ })).toBeHidden();
  await page.getByRole('link', { name: /BW-001/ }).click();
  await page.getByLabel('Note on this batch').fill('The quay door stood open.');
  await page.getByRole('button', { name: 'Add note' }).click();
  const story = page.getByRole('region', { name: 'Log' });
  await expect(story).toContainText('The quay door stood open.');
  await page.reload();
  await expect(story).toContainText('The quay door stood open.');

  // What was written wrong is put right: the old figure is struck and stays in sight.
  await story
    .getByRole('button', { name: /^Correct: Baking soda/ })
    .first()
    .click();
  await story.getByLabel('Correct value').fill('412.5');
  await story.getByRole('button', { name: 'Save' }).click();
  await expect(story).toContainText('Baking soda: 412.5 g of');
  await expect(story.locator('.struck', { hasText: 'Baking soda' })).toBeVisible();

  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  await page.getByRole('button', { name: 'Abandon batch' }).click();
  await page
    .getByRole('dialog', { name: 'Abandon batch' })
    .getByRole('button', { name: 'Abandon batch' })
    .click();
  await expect(page.getByText('abandoned')).toBeVisible();
  await page.getByRole('link', { name: 'Make', exact: true }).click();
  await expect(page.getByText('There is no batch at the bench.')).toBeVisible();
});

test('what one tab writes, the other shows', async ({ context }) => {
  const [first, second] = [await context.newPage(), await context.newPage()];
  await first.goto(SAMPLE_URL);
  await expect(first.getByLabel('Formula name')).toHaveValue('Quince Lantern');
  await second.goto(SAMPLE_URL);
  await expect(gramsOf(second, 'Cornstarch')).toHaveValue('75');
  await gramsOf(first, 'Cornstarch').fill('81');
  await gramsOf(first, 'Cornstarch').press('Enter');
  await expect(gramsOf(second, 'Cornstarch')).toHaveValue('81');
  await gramsOf(second, 'Kaolin clay').fill('33');
  await gramsOf(second, 'Kaolin clay').press('Enter');
  await expect(gramsOf(first, 'Kaolin clay')).toHaveValue('33');
  await expect(gramsOf(first, 'Cornstarch')).toHaveValue('81');
});

test('scaling by total weight and by other molds, down to less than a piece', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Total', exact: true }).click();
  await page.getByLabel('Total mix').fill('60');
  await expect(page.getByRole('alert')).toContainText(/ g of mix is less than one piece of 199 g/);
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeDisabled();
  await page.getByRole('combobox', { name: 'Mold' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: 'By its measures' }).click();
  await page.getByRole('combobox', { name: 'Shape' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: 'own volume' }).click();
  await page.getByLabel('Water it holds').fill('10');
  await expect(page.getByText(/^11(\.\d)? g a piece, 10 mL/)).toBeVisible();
  await page.getByLabel('Water it holds').fill('0');
  await expect(page.getByText('Type a number from 1 to 20,000')).toBeVisible();
  await expect(page.getByText(/^11(\.\d)? g a piece, 10 mL/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Total mix')).toHaveValue('60');
});
