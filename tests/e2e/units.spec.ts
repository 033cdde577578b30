import { expect, test } from '@playwright/test';
import { SAMPLE_URL, gramsOf, stepTitle, wantPieces } from './support';

test.use({ locale: 'en-US' });

test('a person in the US sees ounces, Fahrenheit and a clock of 12 hours, types either unit, and stores grams', async ({
  page,
}) => {
  await page.goto(SAMPLE_URL);
  await expect(page).toHaveTitle('Quince Lantern · Design · Rovack');
  await expect(page.getByRole('heading', { name: 'Design', level: 1 })).toBeVisible();
  const starch = gramsOf(page, 'Cornstarch');
  await expect(starch).toHaveValue('2.65');
  await starch.fill('85 g');
  await starch.press('Enter');
  await expect(starch).toHaveValue('3');
  await starch.fill('3 miles');
  await starch.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“miles” doesn’t fit here.');
  await starch.press('Escape');
  await expect(starch).toHaveValue('3');
  await starch.fill('1,5');
  await starch.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Use a period for decimals: 1.5.');
  await starch.press('Escape');

  // A room is typed in either unit; what cannot be a room is asked about.
  await page.getByRole('button', { name: /humidity/ }).click();
  const room = page.getByRole('dialog', { name: 'Workroom air' });
  await room.getByLabel('Temperature').fill('400 F');
  await expect(room.getByText('Type a number from 14 to 122°F.')).toBeVisible();
  await room.getByLabel('Temperature').fill('22 C');
  await room.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: /humidity/ })).toContainText(/72°F.*[AP]M/s);

  // The scale's own unit stays the large figure at the bench.
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await wantPieces(page, '12');
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.getByRole('button', { name: 'Skip this step' }).click();
  const meter = page.getByRole('meter', { name: 'On the scale' });
  await expect(meter).toHaveAttribute('aria-valuetext', /^0\.0 g of \d+\.\d g$/);
  await expect(page.getByRole('main')).toContainText(/\d oz/);
  await page.goto(`${SAMPLE_URL}/dry`);
  await expect(page.getByText(/drying room at \d+%, [\d.]+°F/)).toBeVisible();

  // Changed on Workshop, all of it follows; the file holds grams.
  await page.goto(`${SAMPLE_URL}/workshop`);
  await page.getByRole('combobox', { name: 'Units' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option', { name: /^Metric/ })).toBeVisible();
  await page.getByRole('option', { name: /^Metric/ }).click();
  await expect(page.getByRole('option', { name: /^Metric/ })).toBeHidden();
  await page.getByRole('link', { name: 'Design', exact: true }).click();
  await expect(gramsOf(page, 'Cornstarch')).toHaveValue('85');
  await expect(page.getByRole('button', { name: /humidity/ })).toContainText(/22°C.*[AP]M/s);
});
