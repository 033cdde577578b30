import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, choose, figure, gramsOf } from './support';

test.beforeEach(async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await expect(page.getByLabel('Formula name')).toHaveValue('Quince Lantern');
});

function look(page: Page, view: string) {
  return page
    .getByRole('tablist', { name: 'Views of the formula' })
    .getByRole('tab', { name: view })
    .click();
}

test('a rebalance is offered, drawn, taken, and one undo takes it back', async ({ page }) => {
  await gramsOf(page, 'Sweet almond oil').fill('140');
  await gramsOf(page, 'Sweet almond oil').press('Enter');
  await expect(page.getByText(/It will stick, slump and swell/)).toBeVisible();
  await look(page, 'Rebalance');
  const view = page.getByRole('region', { name: 'Rebalance' });
  await view.getByRole('button', { name: 'Find the smallest change' }).click();
  await expect(view.getByRole('rowheader', { name: 'Sweet almond oil' })).toBeVisible();
  await view.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByText(/It will stick, slump and swell/)).toBeHidden();
  await expect(gramsOf(page, 'Sweet almond oil')).not.toHaveValue('140');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(gramsOf(page, 'Sweet almond oil')).toHaveValue('140');
});

test('wishes that clash are named, and letting go of one settles it', async ({ page }) => {
  for (const name of ['Baking soda', 'Citric acid, anhydrous'])
    await page.getByRole('button', { name: `Lock ${name}` }).click();
  await page.getByRole('tab', { name: /^Embed/ }).click();
  for (const name of ['Baking soda', 'Citric acid, anhydrous'])
    await page.getByRole('button', { name: `Lock ${name}` }).click();
  await look(page, 'Rebalance');
  const view = page.getByRole('region', { name: 'Rebalance' });
  await view.getByLabel('Set soda to acid').check();
  await view.getByRole('button', { name: /acid-forward/ }).click();
  await view.getByRole('button', { name: 'Find the smallest change' }).click();
  await expect(view.getByText('These don’t fit together:')).toBeVisible();
  await expect(view.getByText(/soda to acid at 1\.4/i)).toBeVisible();
  await expect(view.getByText(/The lock of baking soda at 1,000 g/i)).toBeVisible();
  await view.getByLabel('Set soda to acid').uncheck();
  await view.getByRole('button', { name: 'Find the smallest change' }).click();
  await expect(view.getByText('Every result is in its range already.')).toBeVisible();
});

test('a blend goes over its limit, is taken down to it, and a document moves the limit', async ({
  page,
}) => {
  await look(page, 'Scent');
  const view = page.getByRole('region', { name: 'Scent blend' });
  await view.getByRole('button', { name: 'drops' }).click();
  await view.getByLabel('Cardamom essential oil, drops').fill('600');
  await view.getByLabel('Cardamom essential oil, drops').press('Enter');
  await expect(gramsOf(page, 'Cardamom essential oil')).toHaveValue('19.9');
  await view.getByRole('button', { name: 'g', exact: true }).click();
  await view.getByLabel('Fragrance oil, g').fill('40');
  await view.getByLabel('Fragrance oil, g').press('Enter');
  await expect(page.getByText(/usual up to 2%/).first()).toBeVisible();
  await view.getByRole('button', { name: /Lower to/ }).click();
  await expect(figure(page, 'Scent')).toHaveText('2.00%');

  await view.getByRole('button', { name: 'Add document for Fragrance oil' }).click();
  const dialog = page.getByRole('dialog', { name: 'Supplier’s document' });
  await dialog.getByLabel('Limit in category 9, %').fill('140');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByRole('alert')).toContainText('over 0, up to 100%');
  await dialog.getByLabel('Limit in category 9, %').fill('0.5');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/set by fragrance oil/).first()).toBeVisible();
});

test('an embed is added, grown by key, and the total stays; a split carries the base color', async ({
  page,
}) => {
  const embed = page.getByRole('slider', { name: 'Embed in a piece' });
  await choose(page, 'Add or remove a section', 'Remove section: Embed');
  await expect(embed).toBeHidden();
  await choose(page, 'Add or remove a section', 'Add section: Embed');
  await expect(embed).toBeVisible();
  const before = Number(await embed.getAttribute('aria-valuenow'));
  const total = page.getByText(/^1,9\d\d g$/);
  const totalBefore = await total.textContent();
  await embed.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowUp');
  await expect(embed).toHaveAttribute('aria-valuenow', (before + 5).toFixed(1));
  expect(await total.textContent()).toBe(totalBefore);

  await choose(page, 'Add or remove a section', 'Add section: Second color');
  await look(page, 'Color');
  const view = page.getByRole('region', { name: 'Color' });
  await expect(view.getByRole('heading', { name: 'Second color' })).toBeVisible();
  await expect(view.getByRole('slider', { name: /^Yellow dye/ })).toHaveCount(2);
});

test('a version is kept by name, compared with what is here, and gone back to', async ({
  page,
}) => {
  await gramsOf(page, 'Kaolin clay').fill('6 %');
  await gramsOf(page, 'Kaolin clay').press('Enter');
  await expect(gramsOf(page, 'Kaolin clay')).not.toHaveValue('40');
  await look(page, 'Versions');
  const view = page.getByRole('region', { name: 'Versions' });
  const changed = view.getByRole('table', { name: 'What changed' });
  await expect(changed.getByRole('row', { name: /Kaolin clay 40/ })).toBeVisible();
  await expect(
    view.getByRole('table', { name: 'Results before and now' }).getByRole('row', { name: /Lasts/ }),
  ).toBeVisible();
  await view.getByLabel('Name of the new version').fill('clay for the harbor air');
  await view.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('· version 3 ·')).toBeVisible();
  await expect(view.getByText('Nothing has changed since.')).toBeVisible();
  await view.getByRole('combobox', { name: /Compare with version/ }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: /^2 ·/ }).click();
  await view.getByRole('button', { name: 'Restore version 2' }).click();
  await expect(gramsOf(page, 'Kaolin clay')).toHaveValue('40');
});

test('a shared recipe comes back; a page without one is refused; a formula is archived and found', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Share' }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByText('Save as recipe data').click(),
  ]);
  const text = await (await import('node:fs/promises')).readFile(await saved.path(), 'utf8');
  await page.getByRole('button', { name: 'Paste a recipe', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Paste a recipe' });
  const field = dialog.getByLabel('Recipe as written');
  await field.fill('{"@type":"WebPage","name":"Fog <b>bank</b>"}');
  await expect(dialog.getByText(/has no recipe/)).toBeVisible();
  await field.fill(text);
  await dialog.getByRole('button', { name: 'Create formula' }).click();
  await expect(page.getByLabel('Formula name')).toHaveValue('Quince Lantern');
  await expect(page.getByText('no version yet')).toBeVisible();
  await expect(gramsOf(page, 'Baking soda')).toHaveValue('1,000');

  await page.getByRole('button', { name: 'Formulas' }).click();
  await page.getByRole('textbox', { name: 'Search by name or material' }).fill('borax');
  await expect(page.getByRole('button', { name: /Bilge Bright/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Quince Lantern/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Archive' }).click();
  await expect(page.getByText('No formula matches.')).toBeVisible();
  await page.getByRole('button', { name: 'Archived (1)' }).click();
  await expect(page.getByRole('button', { name: /Bilge Bright/ })).toBeVisible();
});
