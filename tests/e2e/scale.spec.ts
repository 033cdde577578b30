import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, pasteRecipe, startEmpty, stepTitle } from './support';
import { pdfText } from './pdfText';

/** What a line of the plan is to be weighed, grams. */
async function weighed(page: Page, material: RegExp): Promise<number> {
  const row = page.getByRole('row', { name: material }).first();
  const text = await row.getByRole('cell').nth(2).textContent();
  return Number((text ?? '').replace(/[^\d.]/g, ''));
}

test('twice the pieces: the main mix, the embed and the topping grow together', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByLabel('Pieces', { exact: true }).fill('20');
  await expect(page.getByRole('img', { name: /^20 pieces of 199 g/ })).toBeVisible();
  const lines = [/^Sweet almond oil/, /^Magenta dye/, /^Calendula petals/, /^Kaolin clay/];
  const before: number[] = [];
  for (const line of lines) before.push(await weighed(page, line));
  await page.getByLabel('Pieces', { exact: true }).fill('40');
  await expect(page.getByRole('img', { name: /^40 pieces/ })).toBeVisible();
  // 40 pieces are more than the mixer's bowl holds: two bowls, each of what 20 pieces took.
  await expect(page.getByText('the weights below are for one bowl')).toBeVisible();
  for (const [i, line] of lines.entries())
    expect(Math.abs((await weighed(page, line)) - (before[i] ?? 0))).toBeLessThanOrEqual(0.15);
  await page.getByLabel('Pieces', { exact: true }).fill('10');
  await expect(page.getByRole('img', { name: /^10 pieces/ })).toBeVisible();
  for (const [i, line] of lines.entries())
    expect(Math.abs(2 * (await weighed(page, line)) - (before[i] ?? 0))).toBeLessThanOrEqual(0.25);
});

test('what makes no plan is said: zero pieces, no piece at all, a mold of nothing', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByLabel('Pieces', { exact: true }).fill('0');
  await expect(page.getByText('Type a number from 1 to 10,000')).toBeVisible();
  await expect(page.getByRole('img', { name: /^12 pieces/ })).toBeVisible();
  await page.getByRole('button', { name: 'Bowls', exact: true }).click();
  await expect(page.getByLabel('Bowls')).toHaveValue('1');
  await page.getByRole('button', { name: 'Use up', exact: true }).click();
  await expect(page.getByText(/g on the shelf/)).toBeVisible();
  await page.getByLabel('Amount to use').fill('0');
  await expect(page.getByText('Type a number from 0.1 to 1,000,000')).toBeVisible();
});

test('a material is used up: its line takes all there is of it', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Use up', exact: true }).click();
  await page.getByRole('combobox', { name: 'Material to use up' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: 'Kaolin clay' }).click();
  await page.getByLabel('Amount to use').fill('40');
  await expect(page.getByRole('row', { name: /^Kaolin clay/ })).toContainText('40.0 g');
  await expect(page.getByRole('row', { name: /^Kaolin clay/ })).toContainText('KC-');
});

test('0.3 g of dye on a 1 g scale: a premix is made, weighed at the bench, and falls on the shelf', async ({
  page,
}) => {
  await startEmpty(page);
  await pasteRecipe(
    page,
    'Ebb',
    '600 g baking soda\n300 g citric acid\n96 g cornstarch\n0.3 g yellow dye',
  );
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await page.getByRole('button', { name: 'Total', exact: true }).click();
  await page.getByLabel('Total mix').fill('996.3');
  await page.getByRole('combobox', { name: 'Scale step' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: '1 g', exact: true }).click();
  await expect(page.getByText(/0\.300 g is too little for/)).toBeVisible();
  await page.getByRole('button', { name: 'Create a premix of Yellow dye' }).click();
  const dialog = page.getByRole('dialog', { name: 'Premix' });
  await expect(dialog.getByLabel('Strength')).toHaveValue('2');
  await expect(dialog.getByLabel('Amount')).toHaveValue('500');
  await expect(dialog).toContainText('10 g of yellow dye');
  await expect(dialog).toContainText('490 g of cornstarch');
  await dialog.getByRole('button', { name: 'Create' }).click();
  const dye = page.getByRole('row', { name: /^Yellow dye/ });
  await expect(dye).toContainText('0.300 g, as premix PX-001');
  await expect(dye).toContainText('15 g');
  // The premix brings 14.7 g of the 96 g of starch.
  await expect(page.getByRole('row', { name: /^Cornstarch/ })).toContainText('81 g');

  await page.getByRole('button', { name: 'Start this batch' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  while (!/^Yellow dye/.test((await stepTitle(page).textContent()) ?? '')) {
    const number = await page.getByText(/Step \d+ of \d+/).textContent();
    await page.getByRole('button', { name: 'Skip this step' }).click();
    await expect(page.getByText(/Step \d+ of \d+/)).not.toHaveText(number ?? '');
  }
  await expect(page.getByText('premix PX-001', { exact: false }).first()).toBeVisible();
  // An own workshop types its weights until a scale is on the cable.
  const onScale = 15;
  await page.getByLabel('Weight on the scale').fill(String(onScale));
  await page.getByLabel('Weight on the scale').press('Enter');
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  await expect(page.getByRole('row', { name: /^Yellow dye/ })).toContainText(
    (onScale * 0.02).toFixed(3).replace(/0+$/, ''),
  );
  const lotsInIt = page.getByRole('region', { name: 'Lots used' });
  await lotsInIt.getByRole('link', { name: 'PX-001' }).click();
  const lot = page.getByRole('region', { name: 'Lot PX-001' });
  await expect(lot).toContainText(`${500 - onScale} g`);
  await expect(lot.getByRole('link', { name: /^E/ })).toBeVisible();
});

test('why weigh, what it costs and what it needs are computed from this plan', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('tab', { name: 'Why weigh' }).click();
  await expect(page.getByText(/times as uncertain/)).toBeVisible();
  await page.getByRole('tab', { name: 'Cost', exact: true }).click();
  const cost = page.getByRole('region', { name: 'Cost', exact: true });
  await expect(cost).toContainText('Cost a piece');
  const before = await cost.locator('.figure').first().textContent();
  await cost.getByLabel('Labor to make it, min').fill('0');
  await expect(cost.locator('.figure').first()).not.toHaveText(before ?? '');
  await page.getByRole('tab', { name: 'Several formulas' }).click();
  await page.getByLabel('Fog Signal').fill('3');
  await page.getByLabel('Fog Signal').press('Tab');
  // No spearmint stands on the sample's shelf.
  await expect(page.getByRole('row', { name: /^Spearmint/ })).toContainText('no price');
});

test('the sheet on paper has every step, weight, lot and caution, and the code of its batch', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('tab', { name: 'Bench sheet' }).click();
  await page.getByRole('button', { name: 'Start this batch and print its sheet' }).click();
  await expect(page.getByRole('heading', { name: /^Bench sheet QL-/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Code of QL-/ })).toBeVisible();
  const said = [
    'Quince Lantern',
    'QL-012',
    'Baking soda',
    '± ',
    'BS-2606',
    'The dust irritates',
    'Squeeze before the acid',
    'Count the pieces',
    'Notes',
  ];
  const printed = await pdfText(await page.pdf({ format: 'A4' }));
  for (const words of said) expect(printed).toContain(words);
  expect(printed).not.toContain('Workshop');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('QL-012.pdf');
  const saved = await pdfText(await readFile(await file.path()));
  for (const words of said) expect(saved).toContain(words);
});
