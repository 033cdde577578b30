import { expect, test } from '@playwright/test';
import { SAMPLE_URL, figure, findMaterial, gramsOf } from './support';

test.beforeEach(async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await expect(page.getByLabel('Formula name')).toHaveValue('Quince Lantern');
});

test('a boundary is pulled by hand: two masses trade, and one undo takes it back', async ({
  page,
}) => {
  const boundary = page.getByRole('slider', {
    name: 'Boundary between Cornstarch and Sea salt, fine',
  });
  await boundary.hover();
  const box = await boundary.boundingBox();
  if (!box) throw new Error('the boundary is not drawn');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 4, { steps: 4 });
  await page.mouse.up();
  const starch = Number(await gramsOf(page, 'Cornstarch').inputValue());
  const salt = Number(await gramsOf(page, 'Sea salt, fine').inputValue());
  expect(starch).toBeGreaterThan(75);
  expect(starch + salt).toBeCloseTo(135, 6);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(gramsOf(page, 'Cornstarch')).toHaveValue('75');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('a boundary is pulled by key, and a lock holds it', async ({ page }) => {
  const boundary = page.getByRole('slider', {
    name: 'Boundary between Kaolin clay and Cornstarch',
  });
  await boundary.focus();
  await boundary.press('ArrowDown');
  await boundary.press('ArrowDown');
  await boundary.press('Shift+ArrowUp');
  await expect(gramsOf(page, 'Kaolin clay')).toHaveValue('41.9');
  await expect(gramsOf(page, 'Cornstarch')).toHaveValue('73.1');
  await page.getByRole('button', { name: 'Lock Cornstarch' }).click();
  await expect(boundary).toHaveAttribute('aria-disabled', 'true');
  await boundary.press('ArrowDown');
  await expect(gramsOf(page, 'Kaolin clay')).toHaveValue('41.9');
});

test('a line is typed as a measure, refused as nonsense, added, moved, swapped and removed', async ({
  page,
}) => {
  const starch = gramsOf(page, 'Cornstarch');
  await starch.fill('1/2 cup');
  await starch.press('Enter');
  // The sample's maker weighed a level cup of starch: 0.52 g/mL.
  await expect(starch).toHaveValue('61.5');
  await starch.fill('lots');
  await starch.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Type a weight');
  await expect(starch).toHaveValue('lots');
  await starch.press('Escape');
  // The sample's maker weighed a level cup of starch: 0.52 g/mL.
  await expect(starch).toHaveValue('61.5');

  const add = page.getByRole('form', { name: 'Add a material' });
  await findMaterial(add.getByRole('combobox', { name: 'Add a material' }), 'epsom', 'Epsom salt');
  await add.getByLabel('Amount').fill('-5');
  await add.getByRole('button', { name: 'Add' }).click();
  await expect(add.getByRole('alert')).toContainText('0 or more');
  await add.getByLabel('Amount').fill('30');
  await add.getByRole('button', { name: 'Add' }).click();
  await expect(gramsOf(page, 'Epsom salt')).toHaveValue('30');

  const rows = page.getByRole('list', { name: 'Lines of main mix' }).getByRole('listitem');
  const order = async () =>
    rows.evaluateAll((items) => items.map((item) => item.getAttribute('aria-label')));
  expect((await order()).slice(0, 5)).toEqual([
    'Baking soda',
    'Kaolin clay',
    'Cornstarch',
    'Sea salt, fine',
    'Epsom salt',
  ]);
  await page.getByRole('button', { name: 'More for Epsom salt' }).click();
  await page.getByRole('menuitem', { name: 'Move up' }).click();
  await expect
    .poll(async () => (await order()).slice(3, 5))
    .toEqual(['Epsom salt', 'Sea salt, fine']);

  await page.getByRole('button', { name: 'More for Epsom salt' }).click();
  await page.getByText('Swap material').click();
  const dialog = page.getByRole('dialog', { name: 'Swap material' });
  const picker = dialog.getByRole('combobox', { name: 'Material' });
  await findMaterial(picker, 'dendritic', 'Dendritic salt');
  await dialog.getByRole('button', { name: 'Swap' }).click();
  await expect(gramsOf(page, 'Dendritic salt')).toHaveValue('30');
  await page.getByRole('button', { name: 'More for Dendritic salt' }).click();
  await page.getByText('Remove', { exact: true }).click();
  await expect(gramsOf(page, 'Dendritic salt')).toBeHidden();
});

test('rows are carried to another place', async ({ page }) => {
  const rows = page.getByRole('list', { name: 'Lines of main mix' }).getByRole('listitem');
  const handle = rows.nth(3).locator('.carry');
  await handle.hover();
  await expect(handle).toHaveCSS('cursor', 'grab');
  await handle.dragTo(rows.nth(1).locator('.carry'));
  await expect
    .poll(() =>
      rows.evaluateAll((items) => items.slice(0, 4).map((item) => item.getAttribute('aria-label'))),
    )
    .toEqual(['Baking soda', 'Sea salt, fine', 'Kaolin clay', 'Cornstarch']);
});

test('the room moves the window, a cure is taken, a reading says why, a version is kept', async ({
  page,
}) => {
  await page.getByRole('button', { name: /humidity/ }).click();
  const room = page.getByRole('dialog', { name: 'Workroom air' });
  await room.getByLabel('Humidity').fill('140');
  await expect(room.getByText('Type a number from 5 to 100')).toBeVisible();
  await room.getByLabel('Humidity').fill('25');
  await room.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/The room is at 25%/)).toBeVisible();

  await gramsOf(page, 'Sweet almond oil').fill('20');
  await gramsOf(page, 'Sweet almond oil').press('Enter');
  await expect(page.getByText(/It will crumble/)).toBeVisible();
  await page.getByRole('button', { name: /^Add .* g of sweet almond oil$/ }).click();
  await expect(page.getByText(/It will crumble/)).toBeHidden();

  await page.getByRole('button', { name: 'Why: Moisture' }).click();
  await expect(page.getByRole('dialog', { name: 'Why: Moisture' })).toContainText(
    'Iveson et al. 2001',
  );
  await page.keyboard.press('Escape');
  await expect(page.getByText('version 2, changed since')).toBeVisible();
  await page.getByRole('button', { name: 'Save a version' }).click();
  await expect(page.getByText('· version 3')).toBeVisible();
  await expect(figure(page, 'Moisture')).not.toHaveText('–');
});
