import { expect, test } from '@playwright/test';
import { SAMPLE_URL, figure, gramsOf, pasteRecipe, startEmpty } from './support';

test('a column begins from a preset of its family, and another school is one choice away', async ({
  page,
}) => {
  await startEmpty(page);
  await page.getByRole('button', { name: 'Start from a preset' }).click();
  await page.getByRole('menuitem', { name: /Bath bomb, classic/ }).click();
  await expect(figure(page, 'Fizz balance')).toHaveText('2.00');
  await page.getByRole('button', { name: /bath bomb · acid last/ }).click();
  await page.getByRole('button', { name: /^acid-forward/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(figure(page, 'Fizz balance')).toHaveText('1.40');
  await expect(gramsOf(page, 'Baking soda')).toHaveValue('525');
});

test('a menthol solution is kept as a premix, and the scale offers it', async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await page.getByRole('button', { name: 'Formulas' }).click();
  await page.getByRole('button', { name: /^Bow Wave/ }).click();
  await page
    .getByRole('tablist', { name: 'Views of the formula' })
    .getByRole('tab', { name: 'Scent' })
    .click();
  await page.getByRole('button', { name: 'Create a premix' }).click();
  const dialog = page.getByRole('dialog', { name: 'Premix' });
  await expect(dialog).toContainText('25 g of menthol');
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText(/PX-002/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await page.getByRole('button', { name: 'How to weigh Menthol crystals' }).click();
  await page.getByRole('menuitem', { name: /Premix PX-002/ }).click();
  await expect(page.getByRole('row', { name: /^Menthol/ })).toContainText('premix PX-002');
});

test('undo goes on where it was when a formula is taken in hand again', async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await gramsOf(page, 'Kaolin clay').fill('44');
  await gramsOf(page, 'Kaolin clay').press('Enter');
  await page.getByRole('button', { name: 'Formulas' }).click();
  await page.getByRole('button', { name: /^Ebb Glass/ }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await page.getByRole('button', { name: 'Formulas' }).click();
  await page.getByRole('button', { name: /^Quince Lantern/ }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(gramsOf(page, 'Kaolin clay')).toHaveValue('40');
});

test('commas and units, a material twice, markup in a name: read, kept, and shown as they are', async ({
  page,
}) => {
  await startEmpty(page);
  const name = '<img src=x onerror="document.title=1"> & “tide”';
  await pasteRecipe(
    page,
    name,
    '1,250 g baking soda\n0,6 kg citric acid\n100 g baking soda\n1 <b>g</b> kaolin',
  );
  await expect(page.getByLabel('Formula name')).toHaveValue(name);
  await expect(page.getByRole('main').locator('img')).toHaveCount(0);
  await expect(gramsOf(page, 'Baking soda')).toHaveCount(2);
  await expect(gramsOf(page, 'Citric acid, anhydrous')).toHaveValue('600');
  await expect(figure(page, 'Fizz balance')).toHaveText('2.25');
  const citric = gramsOf(page, 'Citric acid, anhydrous');
  for (const [typed, said] of [
    ['-4', 'Type 0 or more.'],
    ['99999999 kg', '1,000 kg'],
  ] as const) {
    await citric.fill(typed);
    await citric.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: said })).toBeVisible();
    await citric.press('Escape');
    await expect(citric).toHaveValue('600');
  }
});

test('200 lines stand in the column, can be pulled, and go to the scale', async ({ page }) => {
  await startEmpty(page);
  const kinds = ['baking soda', 'cornstarch', 'kaolin', 'sea salt', 'citric acid'];
  const lines = Array.from({ length: 200 }, (_, i) => `${10 + i} g ${kinds[i % kinds.length]}`);
  await pasteRecipe(page, 'Long', lines.join('\n'));
  await expect(
    page.getByRole('list', { name: 'Lines of main mix' }).getByRole('listitem'),
  ).toHaveCount(200);
  const edge = page.getByRole('slider').first();
  await edge.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await expect(page.getByRole('row', { name: /^Cornstarch/ })).toHaveCount(40);
});
