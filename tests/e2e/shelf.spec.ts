import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { SAMPLE_URL, findMaterial, gramsOf, startEmpty } from './support';

async function openShelf(page: Page, side = 'lots'): Promise<void> {
  await page.goto(`${SAMPLE_URL}/shelf/${side}`);
}

test('a recall: from a lot through its premix to every batch, and from a batch to its lots', async ({
  page,
}) => {
  await openShelf(page);
  await page.getByLabel('Search lots').fill('cornstarch');
  await page
    .getByRole('option', { name: /Cornstarch/ })
    .first()
    .click();
  const lot = page.getByRole('region', { name: /^Lot C-/ });
  await expect(lot.getByRole('listitem').filter({ hasText: 'PX-001' })).toContainText('95 g');
  await lot.getByRole('link', { name: 'QL-001' }).click();
  await expect(
    page
      .getByRole('region', { name: 'Lots used' })
      .getByRole('listitem')
      .filter({ hasText: 'Cornstarch' }),
  ).toContainText('97.2 g');
  const starch = page.getByRole('row', { name: /^Cornstarch/ });
  await expect(starch.getByRole('link')).toHaveText(/^C-/);
  await starch.getByRole('link').click();
  await expect(lot).toBeVisible();
  await lot.getByRole('button', { name: 'PX-001' }).click();
  await expect(page.getByRole('region', { name: 'Lot PX-001' })).toContainText('Made from');
});

test('a lot is received, counted, set aside; a code that is there already is refused', async ({
  page,
}) => {
  await startEmpty(page);
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByText('There are no lots yet.')).toBeVisible();
  for (const isSecond of [false, true]) {
    await page.getByRole('button', { name: 'Receive a lot' }).click();
    const dialog = page.getByRole('dialog', { name: 'Receive a lot' });
    await findMaterial(dialog.getByRole('combobox', { name: 'Material' }), 'bicarb', 'Baking soda');
    await dialog.getByLabel('Lot code').fill('A-1');
    await dialog.getByLabel('Amount').fill('5000');
    await dialog.getByLabel('Total cost').fill('12,50');
    if (isSecond) {
      await expect(dialog.getByRole('status')).toContainText(
        'Lot A-1 of baking soda is on the shelf already.',
      );
      await expect(dialog.getByRole('button', { name: 'Add', exact: true })).toBeDisabled();
      await dialog.getByRole('button', { name: 'Cancel' }).click();
    } else await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  }
  const lot = page.getByRole('region', { name: 'Lot A-1' });
  await expect(lot).toContainText('$12.50, $2.50 per kg');
  await lot.getByLabel('Counted').fill('4800');
  await lot.getByRole('button', { name: 'Save count' }).click();
  await expect(lot).toContainText('4,800 g');
  await expect(lot).toContainText('−200 g');
  await lot.getByLabel('On hold').check();
  await expect(page.getByRole('option', { name: /Baking soda/ })).toContainText('on hold');
  await page.reload();
  await page.getByRole('option', { name: /Baking soda/ }).click();
  await expect(lot).toContainText('4,800 g');
});

test('lots go out as a table and come in again; what it would change is shown first', async ({
  page,
}) => {
  await openShelf(page);
  // The sample comes a moment after the page: a table written before it is empty.
  await expect(page.getByRole('option').first()).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export as CSV' }).click(),
  ]);
  const text = await readFile(await file.path(), 'utf8');
  const take = (name: string, body: string | Buffer) =>
    page
      .getByLabel('CSV file of lots')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(body) });
  const dialog = page.getByRole('dialog', { name: 'Import lots' });
  await take('same.csv', text);
  await expect(dialog).toContainText('New: 0 lots. Changed: 0. Same: 41.');
  await expect(dialog.getByRole('button', { name: 'Import' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Cancel' }).click();

  await take(
    'new.csv',
    'Code;Material;Grams;Cost\nNEW-1;cornstarch;2.500,5;7,75\nNEW-2;moon dust;4;\n',
  );
  await expect(dialog).toContainText('New: 1 lot. Changed: 0. Same: 0. Couldn’t read 1 row');
  await expect(dialog).toContainText('Row 2: There is no material called “moon dust”.');
  await dialog.getByRole('button', { name: 'Import' }).click();
  await page.getByLabel('Search lots').fill('NEW-1');
  await expect(page.getByRole('option', { name: /Cornstarch/ })).toContainText('2,501 g');

  const problem = page.getByRole('group', { name: 'Table of lots' }).getByRole('alert');
  await take('wrong.csv', 'who,what\nme,soda\n');
  await expect(problem).toContainText(
    'it has no column “code”, “material”, and “grams”. A table of lots has: code, material,',
  );
  await take('long.csv', `code,material,grams\n${'A,kaolin,1\n'.repeat(100_000)}`);
  await expect(problem).toContainText('more than 20,000 rows');
  await take('photo.csv', Buffer.from([0xff, 0xd8, 0xff, 0xe0]));
  await expect(problem).toContainText('Nothing changed.');
});

test('what the maker weighed at home goes into every cup read after it', async ({ page }) => {
  await openShelf(page, 'materials');
  await page.getByRole('textbox', { name: 'Search materials' }).fill('corn starch');
  await page.getByRole('option', { name: /^Cornstarch/ }).click();
  const material = page.getByRole('region', { name: 'Cornstarch' });
  await material.getByLabel('Level measure, g/mL').fill('99');
  await material.getByLabel('Level measure, g/mL').press('Tab');
  await expect(material).toContainText('Type a number from 0.02 to 10, or leave it empty.');
  await material.getByLabel('Level measure, g/mL').fill('0,6');
  await material.getByLabel('Level measure, g/mL').press('Tab');
  await page.getByRole('link', { name: 'Design' }).click();
  const grams = gramsOf(page, 'Cornstarch');
  await grams.fill('1 cup');
  await grams.press('Enter');
  await expect(grams).toHaveValue('142');
});

test('a material of one’s own is added, used, and then stays', async ({ page }) => {
  await openShelf(page, 'materials');
  await page.getByRole('button', { name: 'Add a material' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add a material' });
  await dialog.getByLabel('Name').fill('<b>Harbor</b> starch');
  await dialog.getByLabel('Behaves like').fill('corn starch');
  await page.getByRole('option', { name: /Cornstarch/ }).click();
  await dialog.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('button', { name: 'Remove material' })).toBeVisible();
  await page.getByRole('link', { name: 'Design' }).click();
  const picker = page.getByRole('combobox', { name: 'Add a material' });
  await findMaterial(picker, 'harbor', '<b>Harbor</b> starch');
  await page.getByLabel('Amount').fill('12 g');
  await page.getByLabel('Amount').press('Enter');
  await expect(gramsOf(page, '<b>Harbor</b> starch')).toHaveValue('12');
  await page.goBack();
  await page.getByRole('textbox', { name: 'Search materials' }).fill('harbor');
  await page.getByRole('option', { name: /Harbor/ }).click();
  await expect(page.getByText(/Quince Lantern/)).toBeVisible();
});

test('a scale and fills of one’s own move the plan', async ({ page }) => {
  await openShelf(page, 'tools');
  const scales = page.getByRole('region', { name: 'Scales' });
  await scales.getByRole('button', { name: 'Add : Scales' }).click();
  const added = scales.getByRole('group', { name: 'Scale', exact: true });
  await added.getByLabel('Step', { exact: true }).fill('0.01');
  await added.getByLabel('Capacity').fill('100');
  await page.getByRole('tab', { name: 'Molds', exact: true }).click();
  await page.getByRole('button', { name: /^Steel shells 70/ }).click();
  await page.getByLabel('Weights of filled pieces, g').fill('lots');
  await page.getByRole('button', { name: 'Add fills' }).click();
  await expect(page.getByText('Type weights with spaces between')).toBeVisible();
  await page.getByLabel('Weights of filled pieces, g').fill('230 231 229 230 232 228 231 230');
  await page.getByRole('button', { name: 'Add fills' }).click();
  await expect(page.getByText(/Mean\s+218 g/)).toBeVisible();
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await expect(page.getByText('from 16 fills of yours')).toBeVisible();
  await expect(page.getByRole('row', { name: /^Cardamom/ })).toContainText(/\d\.\d\d g/);
});

test('a supplier’s file on a lot goes into the product safety file, and a named person releases the batch', async ({
  page,
}) => {
  await openShelf(page);
  await page.getByLabel('Search lots').fill('CAA-260602');
  await page.getByRole('option', { name: /CAA-260602/ }).click();
  const lot = page.getByRole('region', { name: 'Lot CAA-260602' });
  await lot.getByRole('button', { name: 'Add document of this lot' }).click();
  const dialog = page.getByRole('dialog', { name: 'Supplier’s document' });
  await dialog.getByLabel('Number or name').fill('Sheet 7');
  const buffer = Buffer.from('%PDF-1.4 sheet seven');
  await dialog
    .getByLabel('File of the document')
    .setInputFiles({ name: 'sheet 7.pdf', mimeType: 'application/pdf', buffer });
  await expect(dialog.getByText('sheet 7.pdf')).toBeVisible();
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(lot.getByText('Sheet 7, dated')).toBeVisible();
  await page.reload();
  await page.getByLabel('Search lots').fill('CAA-260602');
  await page.getByRole('option', { name: /CAA-260602/ }).click();
  const [single] = await Promise.all([
    page.waitForEvent('download'),
    lot.getByRole('button', { name: 'Save file sheet 7.pdf' }).click(),
  ]);
  expect(await readFile(await single.path())).toEqual(buffer);

  await page.getByRole('link', { name: 'Almanac' }).click();
  await page.getByRole('textbox', { name: 'Search batches' }).fill('QL-011');
  await page.getByRole('link', { name: /QL-011/ }).click();
  await page.getByRole('button', { name: 'Release', exact: true }).click();
  const release = page.getByRole('dialog', { name: 'Release QL-011' });
  await expect(release.getByText('Still open.')).toBeVisible();
  await release.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(release.getByRole('alert')).toHaveText('Type the name of the person who decides.');
  await release.getByLabel('Name').fill('Maud');
  await release.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Released by Maud')).toBeVisible();

  await page.getByRole('link', { name: 'Pack' }).click();
  await page.getByRole('tab', { name: 'Papers' }).click();
  await expect(page.getByText('QL-011: documents of lots')).toBeVisible();
  await expect(page.getByText('QL-011: release')).toHaveCount(0);
  const [all] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save with documents (ZIP)' }).click(),
  ]);
  const files = unzipSync(await readFile(await all.path()));
  expect(Object.keys(files).sort()).toEqual([
    'Product safety file Quince Lantern.json',
    'Product safety file Quince Lantern.pdf',
    'files/1 sheet 7.pdf',
  ]);
  expect(Buffer.from(files['files/1 sheet 7.pdf'] ?? [])).toEqual(buffer);
});
