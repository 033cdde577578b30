import { readFile, truncate, writeFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, chooseForming, pasteRecipe, startEmpty } from './support';

async function tryPaste(page: Page, text: string): Promise<void> {
  const dialog = page.getByRole('dialog', { name: 'Paste a recipe' });
  if (!(await dialog.isVisible()))
    await page.getByRole('button', { name: 'Paste a recipe', exact: true }).first().click();
  await dialog.getByLabel('Recipe as written').fill(text);
  await dialog.getByRole('button', { name: 'Create formula' }).click();
}

test('what cannot be a recipe is refused with a sentence, and stays in the box', async ({
  page,
  context,
}) => {
  await startEmpty(page);
  const alert = page.getByRole('dialog', { name: 'Paste a recipe' }).getByRole('alert');
  await tryPaste(page, '');
  await expect(alert).toContainText('There is no line to read.');
  const prose = 'It was a gray morning on the quay.\nThe ferry was late, and so was the tide.';
  await tryPaste(page, prose);
  await expect(alert).toContainText('There is no amount with a material in it');
  await expect(page.getByLabel('Recipe as written')).toHaveValue(prose);
  // As hands paste: the same text typed would take the browser half a minute.
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const long = Array(2000).fill('1 g water').join('\n');
  await page.evaluate((text) => navigator.clipboard.writeText(text), long);
  const box = page.getByLabel('Recipe as written');
  await box.press('Control+a');
  await box.press('Control+v');
  await expect(box).toHaveValue(long);
  await page.getByRole('button', { name: 'Create formula' }).click();
  await expect(alert).toContainText('2,000 lines');
});

test('absurd amounts wait beside the column, and a formula without acid or soda says so', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(
    page,
    'Odd',
    '200 g baking soda\n1/0 cup borax\n-5 g kaolin\n99999999 kg cornstarch',
  );
  const asking = page.getByRole('region', { name: 'Not read yet' });
  await expect(asking).toContainText('divides by zero');
  await expect(asking).toContainText('below zero');
  await expect(asking).toContainText('A line holds up to 1,000 kg.');
  await expect(page.getByText('There is no acid, so this won’t fizz.')).toBeVisible();
  await page.reload();
  await expect(asking.getByRole('listitem')).toHaveCount(3);

  await page.getByRole('button', { name: 'Formulas' }).click();
  await pasteRecipe(page, 'Odder', '100 g citric acid');
  await expect(page.getByText('There is no soda, so this won’t fizz.')).toBeVisible();
});

test('a file that is no good is named and touches nothing', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/workshop`);
  const sample = await readFile('demo/orrin-quay.rovack.json', 'utf8');
  const stored = page.getByText('8 formulas, 30 batches in this browser');
  const alert = page.getByRole('region', { name: 'File' }).getByRole('alert');
  const take = (name: string, text: string) =>
    page
      .getByLabel('File to import')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  for (const [name, text, said] of [
    ['cut.json', sample.slice(0, 20_000), 'The file is cut off'],
    ['list.json', '{"groceries":["soda"]}', 'not a Rovack file'],
    [
      'newer.json',
      sample.replace(/"formatVersion": \d+/, '"formatVersion": 99'),
      'format version 99',
    ],
    ['photo.json', '\u0000\u0001', 'not JSON'],
  ] as const) {
    await take(name, text);
    await expect(alert).toContainText(name);
    await expect(alert).toContainText(said);
    await expect(stored).toBeVisible();
  }
  const big = test.info().outputPath('big.json');
  await writeFile(big, '{}');
  await truncate(big, 70 * 1024 * 1024);
  await page.getByLabel('File to import').setInputFiles(big);
  await expect(alert).toContainText('The file has 70.0 MB');
  // One record of it is not whole: it is named, and the rest can come.
  await take(
    'broken.json',
    sample.replace('"materialId":"sodium-bicarbonate"', '"materialId":"moon-dust"'),
  );
  const dialog = page.getByRole('dialog', { name: 'Import a file' });
  await expect(dialog.getByRole('alert')).toContainText('1 record');
  await expect(dialog).toContainText('Quince Lantern (its material moon-dust is unknown)');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  // A copy outside the browser is counted from its day.
  await expect(
    page.getByText('There is no copy outside this browser yet. Export one.'),
  ).toBeVisible();
  await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export everything' }).click(),
  ]);
  await expect(page.getByText('You made a copy outside this browser today.')).toBeVisible();
  // The same file again: all of it is here already.
  await take('sample.json', sample);
  await expect(dialog).toContainText('0 formulas');
});

test('a screen that throws names the record that made it fail, and it can be saved and set aside', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(page, 'Ebb', '200 g baking soda\n100 g citric acid');
  await expect(page.getByLabel('Formula name')).toHaveValue('Ebb');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('link', { name: 'Design' }).click();
  await page.getByRole('button', { name: 'Formulas', exact: true }).first().click();
  await pasteRecipe(page, 'Anchor', '76543.25 g baking soda\n100 g citric acid');
  await expect(page.getByLabel('Formula name')).toHaveValue('Anchor');
  await expect(page.getByText('saved').first()).toBeVisible();
  // From now on whoever writes that one mass fails.
  await page.addInitScript(() => {
    const { format } = Object.getOwnPropertyDescriptors(Intl.NumberFormat.prototype);
    Object.defineProperty(Intl.NumberFormat.prototype, 'format', {
      get(this: Intl.NumberFormat) {
        const own = format.get?.call(this) as (value: number) => string;
        return (value: number) => {
          if (value === 76543.25) throw new Error('made to fail');
          return own(value);
        };
      },
    });
  });
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Couldn’t show this screen' })).toBeVisible();
  await expect(page.getByText('made to fail')).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file Anchor' }).click(),
  ]);
  expect(await readFile(await file.path(), 'utf8')).toContain('76543.25');
  // Everything else goes on.
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByText('There are no lots yet.').first()).toBeVisible();
  await page.getByRole('link', { name: 'Design' }).click();
  await page.getByRole('button', { name: 'Set aside Anchor' }).click();
  await expect(page.getByRole('heading', { name: 'Couldn’t show this screen' })).toBeHidden();
  await page.reload();
  await expect(page.getByText('Ebb').first()).toBeVisible();
  await expect(page.getByText('Anchor')).toBeHidden();
  await page.goto('/workshop');
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByText('2 formulas, 0 batches in this browser')).toBeVisible();
});

test('an unknown address and an unknown batch lead back', async ({ page }) => {
  for (const path of ['/nowhere', '/batches/no-such-batch', '/calendar/nonsense']) {
    await page.goto(SAMPLE_URL + path);
    await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
    expect(new URL(page.url()).pathname).toBe(path);
  }
  await page.goto(`${SAMPLE_URL}/batches/QL-11`);
  await expect(page.getByRole('link', { name: 'QL-011' })).toBeVisible();
  await page.getByRole('link', { name: 'Open Design' }).click();
  await expect(page.getByLabel('Formula name')).toBeVisible();
});

test('the sample goes as a whole', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/workshop`);
  await page.getByRole('button', { name: 'Remove the sample workshop' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByText('0 formulas, 0 batches in this browser')).toBeVisible();
  await page.reload();
  await expect(page.getByText('0 formulas, 0 batches in this browser')).toBeVisible();
});

test('a slip of spelling is answered by one press, a danger is a stop with its reason', async ({
  page,
}) => {
  await startEmpty(page);
  await page.getByRole('button', { name: 'Paste a recipe', exact: true }).first().click();
  const dialog = page.getByRole('dialog', { name: 'Paste a recipe' });
  await dialog
    .getByLabel('Recipe as written')
    .fill('300 g baking soda\n150 g citirc acid\n10 g sodium chlorite');
  await expect(dialog).toContainText('with acid it frees chlorine dioxide');
  await dialog.getByRole('button', { name: 'Citric acid, anhydrous' }).click();
  await expect(dialog.getByLabel('Recipe as written')).toHaveValue(/150 g Citric acid, anhydrous/);
  await chooseForming(page, 'bench press');
  await dialog.getByRole('button', { name: 'Create formula' }).click();
  await expect(page.getByText('A chlorite must not be in a fizzing product')).toBeVisible();

  const search = page.getByRole('combobox', { name: 'Add a material' });
  await search.fill('bleach');
  await expect(page.getByText('Chlorine bleach must not be in a fizzing product')).toBeVisible();
  await search.fill('moon dust');
  await page.getByText('Add “moon dust” as a material').click();
  await expect(page.getByRole('dialog', { name: 'Add a material' }).getByLabel('Name')).toHaveValue(
    'moon dust',
  );
});

test('a private window that has no store says so in place of the screens', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('The operation is insecure.', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText(
    'Couldn’t open this browser’s storage, so nothing would be saved.',
  );
});

test('where no backup can be kept Workshop says so, and asks for copies outside', async ({
  page,
}) => {
  await page.route('**/backup.worker*', (route) => route.abort());
  await startEmpty(page);
  await page.getByRole('link', { name: 'Workshop' }).click();
  const file = page.getByRole('region', { name: 'File' });
  await expect(file).toContainText('There is no copy outside this browser yet. Export one.');
  await expect(file).toContainText('This browser can’t keep a backup. Export more often.');
});
