import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, pasteRecipe, startEmpty } from './support';

const look = (page: Page, view: string) =>
  page
    .getByRole('tablist', { name: 'Views of the formula' })
    .getByRole('tab', { name: view })
    .click();

const figure = (page: Page, name: string) =>
  page.getByRole('row', { name: new RegExp(`^${name}`) }).getByRole('cell');

test('the film plays, is scrubbed, ends in the color of the tub, and is saved', async ({
  page,
}) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await startEmpty(page);
  await pasteRecipe(
    page,
    'Blue hour',
    '600 g baking soda\n300 g citric acid\n0.3 g blue 1 dye\n0.2 g red 33 dye',
  );
  await look(page, 'Tub');
  const hand = page.getByRole('slider', { name: 'Moment of the film' });
  await expect(figure(page, 'Gas so far')).toContainText('0 mL of');
  await page.getByRole('button', { name: 'Play' }).click();
  await expect.poll(async () => Number(await hand.inputValue())).toBeGreaterThan(2);
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  await expect(figure(page, 'Gas so far')).not.toContainText('0 mL of');
  await hand.focus();
  await page.keyboard.press('End');
  await expect(figure(page, 'Piece left')).toContainText('0 g of');
  // The water of the last frame, as the worker stepped it, is the swatch of the models.
  const swatch = page.getByRole('img', { name: /^Water #/ });
  const hex = ((await swatch.getAttribute('aria-label')) ?? '').slice('Water '.length);
  const wanted = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  const canvas = page.getByRole('img', { name: /^Blue hour from above/ });
  await expect
    .poll(async () => {
      const seen = await canvas.evaluate((of: HTMLCanvasElement) =>
        Array.from(
          of.getContext('2d')?.getImageData(of.width * 0.35, of.height * 0.4, 1, 1).data ?? [],
        ),
      );
      return Math.max(...wanted.map((byte, i) => Math.abs(byte - (seen[i] ?? 0))));
    })
    .toBeLessThanOrEqual(1);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  await page.getByText('Eight pictures').click();
  expect((await saved).suggestedFilename()).toBe('Blue hour strip.png');
});

test('a film stands beside a version, and is eight pictures where motion is not wanted', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/formulas/quince-lantern/tub`);
  await expect(page.getByText('the film is eight pictures')).toBeVisible();
  await expect(
    page.getByRole('listitem').getByRole('img', { name: /of the piece left/ }),
  ).toHaveCount(8);
  await page.getByRole('combobox', { name: 'Compare with' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: /^Version 1/ }).click();
  await expect(figure(page, 'Piece left')).toHaveCount(2);
});

test('a color is ordered for the water, drawn, taken, and taken back', async ({ page }) => {
  await startEmpty(page);
  await pasteRecipe(page, 'Plain', '600 g baking soda\n300 g citric acid\n0.3 g yellow 5 dye');
  await look(page, 'Color');
  const order = page.getByRole('region', { name: 'Color to order' });
  await order.getByLabel('Wanted color').fill('#b9e4f2');
  await expect(order.getByText(/None of these colors can tint the water/)).toBeVisible();
  await order.getByRole('button', { name: 'All colors' }).click();
  await expect(order.getByText(/Reached with .* the same to the eye/)).toBeVisible();
  await order.getByRole('button', { name: 'Apply' }).click();
  // Its grams are rounded to what is worth weighing: the water is that color to the eye.
  const water = page.getByRole('img', { name: /^Water #/ }).first();
  const off = async () => {
    const hex = ((await water.getAttribute('aria-label')) ?? '').slice('Water '.length);
    return Math.max(
      ...[1, 3, 5].map((at) =>
        Math.abs(parseInt(hex.slice(at, at + 2), 16) - parseInt('#b9e4f2'.slice(at, at + 2), 16)),
      ),
    );
  };
  await expect.poll(off).toBeLessThanOrEqual(3);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(off).toBeGreaterThan(20);
});
