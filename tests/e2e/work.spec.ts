import { expect, test, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { pdfText } from './pdfText';
import { pasteRecipe, skipTo, startEmpty, stepTitle, chooseForming, gramsOf } from './support';

const TWO_COLORS = `Harbor Light bath bombs (makes 6)
450 g baking soda
240 g citric acid
20 g almond oil
0.3 g yellow dye bloomed in 2 g water

Embed 1:
40 g baking soda
30 g citric acid

Second color:
450 g baking soda
240 g citric acid
20 g almond oil
2 g blue mica

Topping:
3 g lavender flowers on the floor of the mold

For the icing (50 g each piece):
120 g powdered sugar
12 g meringue powder
22 g water

Paint:
1 g gold mica
4 g almond oil

Press and let dry for a day.`;

const SALTS = `Slack Water bath salts
500 g dendritic salt
200 g baking soda
110 g citric acid
20 g goat milk powder
12 g lavender EO`;

const IN_OIL = `Night steamers (makes 8)
400 g baking soda
260 g citric acid
20 g menthol, melted in the almond oil
30 g almond oil
10 g eucalyptus essential oil, last`;

const IN_ALCOHOL = `Night steamers (makes 8)
400 g baking soda
260 g citric acid
20 g menthol, dissolved in the alcohol
40 g 99% alcohol
10 g eucalyptus essential oil`;

const CUBE = `1/2 cup washing soda
1/2 cup borax
1/2 cup epsom salt
1 tbsp baking soda
1 tbsp citric acid
vinegar, 3 tbsp, a spoon at a time until it clumps
makes about 15 cubes`;

/** Titles on the bench sheet that the plan would print, in order. */
async function sheetTitles(page: Page): Promise<readonly string[]> {
  await page.getByRole('tab', { name: 'Bench sheet' }).click();
  const sheet = page.getByRole('article', { name: 'Bench sheet' });
  await expect(sheet).toBeVisible();
  return (await sheet.getByRole('row').allTextContents()).map((text) => text.trim());
}

function inOrder(rows: readonly string[], ...wanted: readonly RegExp[]): void {
  let from = 0;
  for (const pattern of wanted) {
    const at = rows.findIndex((row, i) => i >= from && pattern.test(row));
    expect(at, `${pattern} after row ${from} of\n${rows.join('\n')}`).toBeGreaterThanOrEqual(0);
    from = at + 1;
  }
}

/** The sheet that stands open, as PDF text and on a phone. */
async function onPaperAndPhone(page: Page, titles: readonly string[]): Promise<void> {
  const printed = await pdfText(await page.pdf({ format: 'A4' }));
  for (const title of titles) expect(printed).toContain(title);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.setViewportSize({ width: 1280, height: 800 });
}

/** From a pasted page to the scale. */
async function scaled(page: Page, name: string, text: string): Promise<void> {
  await pasteRecipe(page, name, text);
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await expect(page.getByRole('button', { name: 'Start this batch', exact: true })).toBeVisible();
}

/** Takes the plan to the bench and enters all of it as the paper sheet had it, up to the count. */
async function madeFromPaper(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start this batch', exact: true }).click();
  const asPlanned = page.getByRole('button', { name: /^All as planned/ });
  // A formula with warnings asks first.
  const asked = page.getByRole('dialog').getByRole('button', { name: 'Start this batch' });
  await expect(asPlanned.or(asked)).toBeVisible();
  if (await asked.isVisible()) await asked.click();
  await asPlanned.click();
  await page
    .getByRole('dialog', { name: 'All as planned' })
    .getByRole('button', { name: 'Enter as planned' })
    .click();
}

/** A whole batch from paper to the record, and back to the list of formulas. */
async function madeAndCounted(page: Page, pieces: string): Promise<void> {
  await madeFromPaper(page);
  await page.getByLabel('Whole pieces').fill(pieces);
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Design', exact: true }).click();
  await page.getByRole('button', { name: 'Formulas' }).click();
}

test('two colors, an embed, petals on the floor, icing and paint: each made, placed and finished', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(page, 'Harbor Light', TWO_COLORS);
  await page
    .getByRole('tablist', { name: 'Views of the formula' })
    .getByRole('tab', { name: 'Steps' })
    .click();
  const flow = page.getByRole('region', { name: 'Steps of the work' });
  await expect(flow.getByRole('button', { name: /^Embed 1, dish/ })).toBeVisible();
  await expect(flow.getByRole('alert')).toBeHidden();
  await flow.getByRole('button', { name: 'Show all steps' }).click();
  // A count before the filling breaks a rule, and says so where it stands.
  const later = flow.getByRole('button', { name: /^Earlier: Count the pieces/ });
  for (let i = 0; i < 6; i++) await later.click();
  await expect(flow.getByRole('alert')).toContainText('There is no piece for this yet.');
  await flow.getByRole('button', { name: 'Restore the usual order' }).click();
  await expect(flow.getByRole('alert')).toBeHidden();

  await page.getByRole('button', { name: 'Plan a batch' }).click();
  const rows = await sheetTitles(page);
  inOrder(
    rows,
    /Baking soda.*Embed 1/i,
    /Cover Embed 1/,
    /Lavender.*topping/i,
    /Squeeze before the acid/,
    /Citric acid/,
    /Lay it in the mold/,
    /Fill and press/,
    /Count the pieces/,
    /Powdered sugar/,
    /Ice the pieces/,
    /Gold mica/,
    /Paint/,
    /Wrap/,
  );
  await onPaperAndPhone(page, ['in the middle.', 'Ice the pieces', 'Gold mica', 'Wrap']);
  await madeFromPaper(page);
  await expect(stepTitle(page)).toHaveText('Count the pieces');
  await page.getByLabel('Whole pieces').fill('6');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Dry', exact: true }).click();
  const asks = page.getByRole('list', { name: 'Next steps' });
  const ice = asks.getByRole('listitem').filter({ hasText: /Ice/i });
  await ice.getByRole('button', { name: 'Done' }).click();
  // It is early: asked once, and taken at the second press.
  await expect(page.getByRole('alert')).toContainText('It is early');
  await ice.getByRole('button', { name: 'Done' }).click();
  const icing = page.getByRole('dialog', { name: 'Ice the pieces' });
  await icing.getByRole('button', { name: 'Done' }).click();
  await expect(icing.getByRole('alert')).toContainText('type its weight');
  await icing.getByRole('button', { name: 'All as planned' }).click();
  await icing.getByRole('button', { name: 'Done' }).click();
  await expect(icing).toBeHidden();
  await page.getByRole('link', { name: /^Open the record of/ }).click();
  await expect(page.getByRole('row', { name: /Powdered sugar/ })).toContainText('as planned');
});

test('loose salts soak first, are never too dry, and their jars are counted when they are full', async ({
  page,
}) => {
  await startEmpty(page);
  await scaled(page, 'Slack Water', SALTS);
  const rows = await sheetTitles(page);
  inOrder(
    rows,
    /Dendritic salt/,
    /Lavender/,
    /soak/i,
    /Goat milk/,
    /Baking soda/,
    /Citric acid/,
    /Spread/,
  );
  expect(rows.join('\n')).not.toMatch(/Squeeze|Count the pieces/);
  await onPaperAndPhone(page, ['Dendritic salt', 'Spread']);
  await madeFromPaper(page);
  await page.getByRole('link', { name: 'Dry', exact: true }).click();
  const jars = page.getByRole('list', { name: 'Next steps' }).getByRole('listitem').last();
  await jars.getByRole('button', { name: 'Done' }).click();
  await jars.getByRole('button', { name: 'Done' }).click();
  const dialog = page.getByRole('dialog', { name: 'Fill the jars' });
  await dialog.getByLabel(/^Full jars/).fill('soon');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(dialog.getByRole('alert')).toContainText('type a whole number');
  await dialog.getByLabel(/^Full jars/).fill('9');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(dialog).toBeHidden();
});

test('menthol goes into the oil or into the alcohol, as it is said; a cube takes its vinegar', async ({
  page,
}) => {
  await startEmpty(page);
  await scaled(page, 'In oil', IN_OIL);
  inOrder(
    await sheetTitles(page),
    /almond oil.*pan/i,
    /Menthol.*pan/,
    /Dissolve the menthol.*warm oil/,
    /Eucalyptus.*beaker/,
  );
  await onPaperAndPhone(page, ['Menthol', 'pan']);
  await madeAndCounted(page, '8');
  await scaled(page, 'In alcohol', IN_ALCOHOL);
  inOrder(
    await sheetTitles(page),
    /Eucalyptus.*beaker/,
    /alcohol.*cup/i,
    /Menthol.*cup/,
    /Dissolve the menthol.*alcohol/,
  );
  await onPaperAndPhone(page, ['Menthol', 'cup']);
  await madeAndCounted(page, '8');
  await page.getByRole('button', { name: 'Paste a recipe', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Paste a recipe' });
  await dialog.getByLabel('Recipe as written').fill(CUBE);
  await expect(dialog).toContainText(/It has anhydrous washing soda and borax\./);
  await chooseForming(page, 'silicone tray');
  await dialog.getByRole('button', { name: 'Create formula' }).click();
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  inOrder(
    await sheetTitles(page),
    /Washing soda/,
    /Citric acid/,
    /5% vinegar by the spoon/,
    /Squeeze/,
    /Fill the molds/,
  );
  await onPaperAndPhone(page, ['Washing soda', '5% vinegar by the spoon', 'Fill the molds']);
  await madeAndCounted(page, '15');
  await page.getByRole('link', { name: 'Almanac', exact: true }).click();
  for (const name of ['In oil', 'In alcohol'])
    await expect(page.getByRole('link', { name: new RegExp(name) })).toContainText('8');
});

test('two molds from one bowl with a mini, and a step of one’s own, reach the bench', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(page, 'Two molds', '900 g baking soda\n480 g citric acid\n45 g almond oil');
  await page
    .getByRole('tablist', { name: 'Views of the formula' })
    .getByRole('tab', { name: 'Steps' })
    .click();
  const flow = page.getByRole('region', { name: 'Steps of the work' });
  await flow.getByRole('button', { name: 'Show all steps' }).click();
  await flow.getByLabel('Your own step').fill('Open the window');
  await flow.getByRole('button', { name: 'Add' }).click();
  await expect(flow.getByText('Open the window')).toBeVisible();
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await page.getByRole('button', { name: 'Pieces', exact: true }).click();
  await page.getByLabel('Pieces', { exact: true }).fill('5');
  await page.getByLabel('Pieces', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Add a mold to the same bowl' }).click();
  await expect(page.getByText(/5 × 70 mm sphere of \d+ g, label \d+ g/)).toBeVisible();
  // Minis are pressed from what is left over: of five whole pieces and six, nothing is.
  await page.getByRole('button', { name: 'Add a mold to the same bowl' }).click();
  await page.getByLabel('Minis, from the rest').last().check();
  await expect(page.getByText(/0 × 70 mm sphere .* only enough for these, not 6/)).toBeVisible();
  await page.getByRole('button', { name: 'As written' }).click();
  await page.getByLabel('Diameter').last().fill('18');
  await page.getByLabel('Diameter').last().press('Enter');
  await expect(page.getByText(/[2-6] × 18 mm sphere of 3.\d* g, minis/)).toBeVisible();
  const rows = await sheetTitles(page);
  expect(rows.filter((row) => /Fill and press/.test(row))).toHaveLength(2);
  expect(rows.filter((row) => /Minis from the rest/.test(row))).toHaveLength(1);
  await onPaperAndPhone(page, [
    'Open the window',
    'Fill and press',
    'Minis from the rest',
    'Count the pieces',
  ]);
  await madeFromPaper(page);
  await expect(page.getByText(/\d minis from the rest/)).toBeVisible();
  // Pieces of two molds are counted mold by mold.
  await page
    .getByLabel(/^Whole pieces/)
    .first()
    .fill('4');
  await page
    .getByLabel(/^Whole pieces/)
    .last()
    .fill('3');
  await page.getByLabel('Minis').fill('2');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Dry', exact: true }).click();
  await page.getByRole('link', { name: /^Open the record of/ }).click();
  await expect(page.getByText(/by mold 4 and 3, 2 minis/)).toBeVisible();
});

test('a batch of an older release goes on in the middle of its steps', async ({ page }) => {
  const text = await readFile('tests/fixtures/workshop-format-3.rovack.json', 'utf8');
  const file = JSON.parse(text) as { batches: { code: string }[]; settings: object };
  const [made] = file.batches;
  // Left at the bench before the last four things that were done there.
  const batches = [
    { ...made, currentStep: 27, outcome: 'at-the-bench', finishedAt: null, entries: [] },
  ];
  await startEmpty(page);
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByLabel('File to import').setInputFiles({
    name: 'older.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, batches })),
  });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: 'Make', exact: true }).click();
  await page.getByRole('button', { name: /QL-001/ }).click();
  await expect(page.getByText(/Step 28 of/)).toBeVisible();
  await skipTo(page, /^Count/);
  await page.getByLabel('Whole pieces').fill('6');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'Dry', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Open the record of QL-001/ })).toBeVisible();
});

test('an infused oil is made two days ahead, waits in its jar, and goes into the formula', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(
    page,
    'Calendula',
    'Makes 10\nBaking soda 600 g\nCitric acid 300 g\nOlive oil 40 g\nCalendula petals 10 g, infused in the oil for 2 days\nCornstarch 60 g',
  );
  await page.getByRole('button', { name: 'Add or remove a section' }).click();
  await page.getByText('Make ahead: Main mix').click();
  const dialog = page.getByRole('dialog', { name: 'Make something ahead' });
  await expect(dialog.getByLabel('Name')).toHaveValue('Calendula oil');
  await dialog.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(gramsOf(page, 'Calendula oil')).toHaveValue('40');
  await expect(gramsOf(page, 'Calendula petals, dried')).toHaveCount(0);
  // On the bench it is poured from its jar; what it stood with is on no sheet.
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await expect(page.getByText(/MA-001 not ready yet/)).toBeVisible();
  const rows = await sheetTitles(page);
  inOrder(rows, /Calendula oil into the wet beaker40\.0 g/, /Citric acid/, /Fill and press/);
  expect(rows.some((row) => /Infuse|petals/.test(row))).toBe(false);
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await expect(page.getByText(/MA-001 · ready/)).toBeVisible();
});
