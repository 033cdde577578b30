import { expect, test } from '@playwright/test';
import { SAMPLE_URL, gramsOf, pourToTarget, skipTo, stepTitle, toMainMix } from './support';

test('a page killed in the middle of weighing goes on at that step, with everything weighed so far', async ({
  context,
}) => {
  const page = await context.newPage();
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.keyboard.press('Space');
  await toMainMix(page);
  await pourToTarget(page);
  const weighed =
    (await page.getByRole('meter', { name: 'On the scale' }).getAttribute('aria-valuetext')) ?? '';
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Kaolin clay');
  await expect(page.getByText(/Step \d+ of \d+ · saved/)).toBeVisible();
  await page.keyboard.down('p');

  // No goodbye: the renderer is gone in the middle of the pour.
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(`${SAMPLE_URL}/make`);
  await expect(stepTitle(again)).toHaveText('Kaolin clay');
  await expect(again.getByText('Quince Lantern · QL-012 · Step')).toBeVisible();
  await pourToTarget(again);
  await again.keyboard.press('Space');
  await skipTo(again, /^Mix the powders/);

  await again.keyboard.press('Space');
  await expect(again.getByRole('timer')).toContainText('left');
  await again.reload();
  await expect(again.getByRole('timer')).toContainText('left');

  await again.getByRole('button', { name: 'Leave the bench' }).click();
  const soda = again.getByRole('row', { name: /^Baking soda/ }).first();
  await expect(soda).toContainText(weighed.split(' g of ')[0] ?? 'nothing');
  await again.goto(`${SAMPLE_URL}/workshop`);
  await expect(again.getByText(/8 formulas, 31 batches/)).toBeVisible();
});

test('weights typed by hand: nothing, nonsense and too much are all said, and nothing is lost', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/workshop`);
  await page.getByLabel('My own scale, typed').check();
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.getByLabel('Humidity').fill('soggy');
  await page.getByLabel('Humidity').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Check the humidity.');
  await page.getByLabel('Humidity').fill('44');
  await page.getByLabel('Humidity').press('Enter');

  await toMainMix(page);
  const field = page.getByLabel('Weight on the scale');
  await expect(field).toBeFocused();
  await field.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Type the weight that the scale shows.');
  await field.fill('1300');
  await expect(page.getByRole('button', { name: /1,300/ })).toBeVisible();
  await field.press('Enter');
  await expect(page.getByRole('region', { name: 'Too much' })).toContainText('Soda to acid');
  await field.press('Enter');
  await expect(stepTitle(page)).toHaveText('Kaolin clay');
  await page.getByRole('button', { name: 'Previous step' }).click();
  await field.fill('1247.4');
  await field.press('Enter');
  await expect(stepTitle(page)).toHaveText('Kaolin clay');
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  const story = page.getByRole('region', { name: 'Log' });
  await expect(story.getByRole('listitem').filter({ hasText: '1,300' })).toContainText('replaced');
  await expect(page.getByRole('row', { name: /^Baking soda/ }).first()).toContainText('1,247.4');
});

test('a browser that has lost what it stored has everything back from its backup, and says so', async ({
  page,
}) => {
  await page.goto(SAMPLE_URL);
  await gramsOf(page, 'Baking soda').fill('777');
  await gramsOf(page, 'Baking soda').press('Enter');
  await expect(page.getByText('· saved')).toBeVisible();
  await expect.poll(() => page.evaluate(spareCopy)).toContain('"massG":777');
  await page.goto(`${SAMPLE_URL}/icon.svg`);
  await page.evaluate(
    () =>
      new Promise((done, failed) => {
        const request = indexedDB.deleteDatabase('rovack');
        request.onsuccess = done;
        request.onerror = failed;
      }),
  );
  await page.goto(SAMPLE_URL);
  await expect(gramsOf(page, 'Baking soda')).toHaveValue('777');
  await expect(page.getByRole('alert')).toContainText('Rovack restored everything from its backup');
});

/** In the page: the text of the spare copy. */
async function spareCopy(): Promise<string> {
  const root = await navigator.storage.getDirectory();
  const place = await root.getDirectoryHandle('rovack spare copy');
  return (await (await place.getFileHandle('spare-1')).getFile()).text();
}
