import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import {
  CARD,
  figure,
  gramsOf,
  pasteRecipe,
  typeTarget,
  startEmpty,
  stepTitle,
  wantPieces,
  workTo,
} from './support';

test('a newcomer goes from a recipe in cups to a batch on record, and carries it to another browser', async ({
  page,
  browser,
}, info) => {
  await startEmpty(page);

  await test.step('Design: paste, answer what was not read, balance', async () => {
    await pasteRecipe(page, 'Quay Bomb', CARD);
    // 2 cups at 4.6 g a teaspoon.
    await expect(gramsOf(page, 'Baking soda')).toHaveValue('442');
    const asking = page.getByRole('region', { name: 'Not read yet' });
    await expect(asking.getByRole('listitem')).toHaveCount(2);
    await asking
      .getByRole('listitem', { name: 'Line 9', exact: true })
      .getByRole('button', { name: 'Remove' })
      .click();
    const salt = asking.getByRole('listitem', { name: 'Line 8', exact: true });
    await salt.getByRole('combobox', { name: 'Material' }).click();
    await page.getByRole('option', { name: /^Sea salt, fine/ }).click();
    await salt.getByRole('button', { name: 'Add' }).click();
    await expect(asking).toBeHidden();
    await expect(gramsOf(page, 'Sea salt, fine')).toHaveValue('10');
    await expect(page.getByText(/measured by volume, not weighed/)).toBeVisible();

    await gramsOf(page, 'Citric acid, anhydrous').fill('260');
    await gramsOf(page, 'Citric acid, anhydrous').press('Enter');
    await expect(figure(page, 'Fizz balance')).toHaveText('1.70');
    await expect(page.getByText('balance 1.31')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(figure(page, 'Fizz balance')).toHaveText('2.07');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(figure(page, 'Fizz balance')).toHaveText('1.70');
    for (const title of ['Gas', 'Moisture', 'Loose water', 'Scent'])
      await expect(figure(page, title)).not.toHaveText('–');
    await page.getByRole('button', { name: 'Plan a batch' }).click();
  });

  await test.step('Scale: six pieces in a 60 mm sphere', async () => {
    await wantPieces(page, '6');
    await page.getByLabel('Diameter').fill('60');
    await expect(page.getByText('124 g a piece, 113.1 mL')).toBeVisible();
    await expect(page.getByRole('table', { name: 'Results' })).toContainText('Soda to acid');
    await page.getByRole('button', { name: 'Start this batch' }).click();
  });

  await test.step('Make: by keyboard, with a dry squeeze on the way', async () => {
    await expect(stepTitle(page)).toHaveText('The room');
    await page.getByLabel('Humidity').fill('38');
    await page.getByLabel('Humidity').press('Enter');
    await expect(stepTitle(page)).toHaveText('Baking soda');
    // Weights of one's own are typed: the practice scale belongs to the sample.
    await expect(page.getByText('Practice scale')).toBeHidden();
    await typeTarget(page);
    await page.keyboard.press('Enter');
    await workTo(page, /^Squeeze with the acid in/);
    await page.keyboard.press('1');
    await expect(page.getByText('1 g of sweet almond oil')).toBeVisible();
    await page.keyboard.press('1');
    await workTo(page, /^Count/);
    await page.getByLabel('Whole pieces').fill('5');
    await page.getByLabel('Rejects').fill('1');
    await page.getByLabel('Rejects').press('Enter');
    await page.getByRole('link', { name: 'Open the record of QB-001' }).click();
  });

  await test.step('Almanac: what was planned, weighed, when, in which room', async () => {
    await expect(page.getByRole('heading', { name: 'QB-001 Quay Bomb' })).toBeVisible();
    await expect(page.getByText('bath bomb, version 1')).toBeVisible();
    const soda = page.getByRole('row', { name: /^Baking soda/ });
    await expect(soda).toContainText('typed');
    const story = page.getByRole('region', { name: 'Log' });
    await expect(story).toContainText('Room at 38%');
    await expect(story).toContainText('Squeeze test with the acid in:');
    await expect(story).toContainText('Sweet almond oil: added 1 g');
    await expect(story).toContainText('Counted 5 pieces, 1 reject');
    await page.getByRole('link', { name: 'Almanac' }).click();
    await expect(page.getByRole('link', { name: /QB-001/ })).toContainText('5 pieces, 1 reject');
  });

  await test.step('File: the same in another, empty browser, to the last digit', async () => {
    await page.getByRole('link', { name: 'Workshop' }).click();
    const exportTo = async (from: typeof page, name: string) => {
      const downloading = from.waitForEvent('download');
      await from.getByRole('button', { name: 'Export everything' }).click();
      const path = info.outputPath(name);
      await (await downloading).saveAs(path);
      return path;
    };
    const first = await exportTo(page, 'first.rovack.json');
    const other = await (
      await browser.newContext({ baseURL: info.project.use.baseURL ?? '' })
    ).newPage();
    await startEmpty(other);
    await other.getByRole('link', { name: 'Workshop' }).click();
    await other.getByLabel('File to import').setInputFiles(first);
    await expect(other.getByText('1 formula, 1 batch, and 1 day of room readings')).toBeVisible();
    await other.getByRole('button', { name: 'Import', exact: true }).click();
    await expect(
      other.getByText('Imported 1 formula, 1 batch, and 1 day of room readings.'),
    ).toBeVisible();
    const second = await exportTo(other, 'second.rovack.json');
    const [here, there] = await Promise.all(
      [first, second].map(async (path) => JSON.parse(await readFile(path, 'utf8'))),
    );
    expect(there.formulas).toEqual(here.formulas);
    expect(there.batches).toEqual(here.batches);
    await other.context().close();
  });
});
