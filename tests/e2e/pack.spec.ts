import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { pdfText } from './pdfText';
import { CARD, SAMPLE_URL, pasteRecipe, startEmpty } from './support';

async function toPack(page: Page): Promise<void> {
  await page.goto(`${SAMPLE_URL}/pack`);
  await expect(page.getByText('Quince Lantern ·').first()).toBeVisible();
}

async function choose(page: Page, unit: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Product' }).click();
  await page.getByRole('option', { name: unit }).click();
  await expect(page.getByText(`${unit} ·`).first()).toBeVisible();
}

const label = (page: Page) => page.getByRole('img', { name: /^Label of/ }).first();
const must = (page: Page) => page.getByRole('region', { name: 'Label checks' });

async function saved(page: Page, button: string): Promise<Buffer> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return readFileSync(await file.path());
}

test('the label of a pair for several markets, on any place of a used sheet; a claim marked and reworded', async ({
  page,
}) => {
  await toPack(page);
  await choose(page, 'Bow Wave, a pair');
  await expect(label(page)).toContainText('Shower steamer');
  const markets = page.getByRole('group', { name: 'Sold in' });
  const press = (name: string) => markets.getByRole('button', { name, exact: true }).click();
  await expect(label(page)).toContainText('(Water)');
  await press('US');
  await expect(label(page)).toContainText('Zea Mays Starch');
  await expect(label(page)).not.toContainText('Corn');
  // The last one stays.
  await press('EU');
  await expect(markets.getByRole('button', { name: 'EU' })).toHaveAttribute('aria-pressed', 'true');
  await press('UK');
  await press('EU');
  await expect(must(page)).toContainText('Notified in the UK (SCPN)');
  await expect(must(page)).not.toContainText('CPNP');
  await press('US');
  await press('UK');
  await expect(label(page)).toContainText('Zea Mays (Corn)');
  await expect(label(page)).toContainText(/Net wt .* oz/);
  await page.getByLabel('Copies').fill('3');
  await page.getByLabel('Start at label').fill('11');
  const text = await pdfText(await saved(page, 'Save as PDF'));
  expect(text.match(/Bow Wave, a pair/g)).toHaveLength(3);
  expect(text).toContain('BW-004');
  await expect(page.getByText(/3 labels/)).toBeVisible();

  await choose(page, 'Quince Lantern');
  await expect(must(page)).toContainText('Calms aching muscles');
  await page.getByRole('button', { name: 'Edit text and size' }).click();
  const story = page.getByLabel('Your description');
  await story.fill('A lamp lit over still water.');
  await story.blur();
  await expect(must(page)).not.toContainText('aching');
  // The maker's words stay when another batch is in it.
  await page.getByRole('button', { name: /^Wrap 24/ }).click();
  await expect(page.getByText('Wrapped. The packaging came off the shelf.')).toBeVisible();
  await expect(label(page)).toContainText('A lamp lit over still water.');
  // What is printed is the sheet alone.
  await page.evaluate(() => {
    window.print = () => window.dispatchEvent(new Event('printed'));
  });
  const printed = page.evaluate(
    () =>
      new Promise<string>((done) =>
        window.addEventListener('printed', () =>
          done(document.querySelector('.label-sheets')?.textContent ?? ''),
        ),
      ),
  );
  await page.getByRole('button', { name: /^Print \d+$/ }).click();
  expect(await printed).toContain('Quince Lantern');
});

test('a box of three is wrapped, sold, and found again from a lot that was called back', async ({
  page,
}) => {
  await toPack(page);
  await choose(page, 'Harbor Box');
  await expect(page.getByText(/on hold: REO-251026/).first()).toBeVisible();
  await page.getByLabel('Count').fill('999');
  await page.getByRole('button', { name: /^Wrap 999/ }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'This needs' })).toContainText(
    /This needs 999 pieces of .*, and/,
  );
  await page.getByLabel('Count').fill('3');
  // Asked once: the same press again means it.
  await page.getByRole('button', { name: /^Wrap 3/ }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'again' })).toContainText('REO-251026');
  await page.getByRole('button', { name: /^Wrap 3/ }).click();
  await expect(page.getByText('Wrapped. The packaging came off the shelf.')).toBeVisible();
  await page.getByRole('tab', { name: 'Stock', exact: true }).click();
  await expect(page.getByRole('row', { name: /^HB-P002 Harbor Box/ })).toContainText('3 of 3');
  await page
    .getByRole('region', { name: 'Stock' })
    .getByRole('button', { name: 'Hand over' })
    .click();
  const dialog = page.getByRole('dialog', { name: 'Hand over' });
  await dialog.getByRole('combobox', { name: 'To' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: 'Someone else' }).click();
  await dialog.getByLabel(/^Count \(of 5\)/).fill('4');
  await dialog.getByRole('button', { name: 'Hand over' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Type who takes them');
  await dialog.getByLabel('Name').fill('Pilot station');
  await dialog.getByRole('button', { name: 'Hand over' }).click();
  await expect(dialog.getByRole('alert')).toContainText('HB-P001');
  await dialog.getByRole('button', { name: 'Hand over' }).click();
  await expect(dialog).toBeHidden();
  // Oldest first: two of the older wrapping, two of the new one.
  await expect(page.getByRole('row', { name: /^HB-P002 Harbor Box/ })).toContainText('1 of 3');
  await page.getByRole('button', { name: /^Undo: Harbor Box, 3 products wrapped/ }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'handed out already' })).toBeVisible();

  await page.getByRole('tab', { name: 'Papers', exact: true }).click();
  await page.getByRole('button', { name: 'Recall of a lot' }).click();
  const paper = page.getByRole('article', { name: /^Recall: REO-251026/ });
  await expect(paper.getByRole('row', { name: /^Pilot station/ })).toContainText('EG-006');
  const text = await pdfText(await saved(page, 'Save as PDF'));
  expect(text).toContain('Pilot station');
  expect(text).toContain('HB-P002');
  await page.getByRole('button', { name: 'Contents of an order' }).click();
  await page.getByRole('combobox', { name: 'Order' }).click();
  await page.getByRole('option', { name: /Pilot station/ }).click();
  await expect(page.getByRole('article', { name: /^Contents: Pilot station/ })).toContainText(
    'REO-251026',
  );
});

test('the product safety file opens with what is missing, as a PDF and as open JSON; prices for a shop', async ({
  page,
}) => {
  await toPack(page);
  await page.getByRole('button', { name: 'Open papers' }).click();
  await expect(
    page.getByRole('article', { name: 'Product safety file: Quince Lantern' }),
  ).toContainText('MISSING: Safety report');
  const text = await pdfText(await saved(page, 'Save as PDF'));
  expect(text.indexOf('Missing')).toBeLessThan(text.indexOf('Maker'));
  expect(text).toMatch(/A qualified assessor signs it/);
  expect(text).toContain('144-55-8');
  const safetyFile = JSON.parse((await saved(page, 'Save as JSON')).toString());
  expect(safetyFile).toMatchObject({ format: 'rovack-safety-file', product: 'Quince Lantern' });
  expect(safetyFile.batches[0].code).toBe('QL-011');
  await page.getByRole('button', { name: 'Prices', exact: true }).click();
  await expect(page.getByRole('row', { name: /^Harbor Box/ })).toContainText('$19.50');
});

test('pieces that are not wrapped are crumbled into a lot, counted by hand and taken back', async ({
  page,
}) => {
  await toPack(page);
  await page.getByRole('tab', { name: 'Stock', exact: true }).click();
  await page.getByRole('button', { name: 'Use pieces of EG-006' }).click();
  const dialog = page.getByRole('dialog', { name: 'Pieces of EG-006' });
  await dialog.getByLabel('Count').fill('40');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('There are only 12 of EG-006. Use fewer.');
  await dialog.getByLabel('Count').fill('2');
  await dialog.getByRole('button', { name: 'Save' }).click();
  // They hold a lot that is on hold: asked once.
  await expect(dialog.getByRole('alert')).toContainText('REO-251026');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /^EG-006/ })).toContainText('10');
  await page.getByRole('button', { name: /^Undo: .*EG-006.*crumbled/ }).click();
  await expect(page.getByRole('row', { name: /^EG-006/ })).toContainText('12');
  await page.goto(`${SAMPLE_URL}/shelf/lots`);
  await expect(
    page.getByRole('option', { name: /Embed powder from EG-006, Ebb Glass/ }),
  ).toBeVisible();
});

test('an empty workshop: a product of nothing, a name of 300 letters in another script, a wrap of one’s own', async ({
  page,
}) => {
  await startEmpty(page);
  await page.goto('/pack');
  await expect(page.getByText('A product is what you sell')).toBeVisible();
  await page.getByRole('button', { name: 'New product' }).click();
  const dialog = page.getByRole('dialog', { name: 'New product' });
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Choose at least one formula.');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await page.goto('/design');
  await pasteRecipe(page, 'Quay bomb', CARD);
  await expect(page.getByText('Checks')).toBeVisible();
  await page.goto('/pack');
  await page.getByRole('button', { name: 'New product' }).click();
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(must(page)).toContainText('Nothing was weighed yet.');
  await expect(must(page)).toContainText('a splash of moonlight');
  await page.getByRole('button', { name: 'Edit text and size' }).click();
  const title = page.getByLabel('Name on the label');
  await title.fill('湯の花 '.repeat(75));
  await title.blur();
  await expect(page.getByRole('alert').filter({ hasText: 'font can’t print' })).toContainText('湯');
  await page.getByLabel('Width').fill('30');
  await page.getByLabel('Height').fill('30');
  await expect(page.getByRole('alert').filter({ hasText: 'fit' })).toContainText('cautions');
  await page.goto('/shelf/packaging');
  await page.getByRole('button', { name: 'Add packaging' }).click();
  await page.getByLabel('Pieces', { exact: true }).fill('40');
  await page.getByLabel('Total cost').fill('8');
  await page.getByRole('button', { name: 'Receive' }).click();
  await expect(page.getByRole('button', { name: /^New packaging/ })).toContainText('40 pieces');
  await expect(page.getByRole('button', { name: /^New packaging/ })).toContainText('$0.20 each');
});
