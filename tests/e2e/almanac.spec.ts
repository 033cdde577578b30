import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { SAMPLE_URL } from './support';

test('the Almanac: found, walked on the map by keys, taught, a record excluded and taken back, a season kept', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/almanac`);
  // Found by a person and a kind, saved as a table.
  await page.getByRole('textbox', { name: 'Search batches' }).fill('quince');
  await expect(page.getByText('11 of 30 batches')).toBeVisible();
  await page.getByRole('button', { name: 'Views and export' }).click();
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export as CSV' }).click(),
  ]);
  const rows = readFileSync(await table.path(), 'utf8')
    .trim()
    .split('\r\n');
  expect(rows).toHaveLength(12);
  expect(rows[0]).toContain('"humidity","moisture","faults"');

  // The map holds the same filter; arrow keys walk the marks by humidity, and Enter opens one.
  await page.getByRole('tab', { name: 'Weather map' }).click();
  await expect(page).toHaveURL(/\/almanac\/map$/);
  await expect(page.getByText('11 of 30 batches')).toBeVisible();
  const map = page.getByRole('application');
  await map.focus();
  const humidities: number[] = [];
  for (let i = 0; i < 6; i++) {
    await page.keyboard.press('ArrowRight');
    const said = await page.getByText(/^QL-\d+, Quince Lantern, .* humidity, moisture/).innerText();
    humidities.push(Number(/: (\d+)% humidity/.exec(said)?.[1]));
  }
  expect(humidities).toEqual([...humidities].sort((a, b) => a - b));
  const code = /^(QL-\d+)/.exec(
    await page
      .getByText(/^QL-\d+, Quince Lantern/)
      .first()
      .innerText(),
  )?.[1];
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`/batches/${code}$`));
  await page.goBack();
  // Brushed over the right half: fewer, and both sides say so.
  const box = await page.getByRole('application').boundingBox();
  if (!box) throw new Error('the map is drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width - 20, box.y + box.height - 60, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/Humidity \d+–\d+%, moisture/)).toBeVisible();
  await page.getByRole('button', { name: 'Clear filters' }).click();
  await expect(page.getByText('30 batches', { exact: true }).first()).toBeVisible();
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as SVG' }).click(),
  ]);
  expect(readFileSync(await picture.path(), 'utf8').match(/<title>/g)?.length).toBeGreaterThan(25);

  // What it taught: without the hardest puller the value is what its row said; included again, it is as before.
  await page.getByRole('tab', { name: 'What it taught' }).click();
  const row = page.getByRole('button', { name: /^Moisture wanted/ });
  await row.click();
  await expect(page).toHaveURL(/\/almanac\/taught\/damp$/);
  const before = await row.innerText();
  const pulls = page.getByRole('table', { name: 'What pulls Moisture wanted' });
  const hardest = pulls.getByRole('row').nth(1);
  const without = await hardest.getByRole('cell').nth(1).innerText();
  await hardest.getByRole('button', { name: /^Exclude/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Exclude this record?' });
  await expect(dialog.getByRole('button', { name: 'Exclude' })).toBeDisabled();
  await dialog.getByLabel('Reason').fill('the sprayer leaked');
  await dialog.getByRole('button', { name: 'Exclude' }).click();
  await expect(row).toContainText('1 excluded');
  await expect(row).toContainText(without);
  await page.reload();
  await expect(page.getByText('the sprayer leaked')).toBeVisible();
  await page.getByRole('button', { name: /^Include/ }).click();
  await expect(row).not.toContainText('excluded');
  expect(await row.innerText()).toBe(before);

  // Two batches side by side, from the record of one; the line of versions says what changed.
  await page.goto(`${SAMPLE_URL}/batches/QL-007`);
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page).toHaveURL(/\/almanac\/compare\?batches=QL-007,QL-\d+$/);
  const sides = page.getByRole('table', { name: 'Batches side by side' });
  await expect(sides.getByRole('columnheader')).toHaveCount(3);
  await expect(sides.getByRole('row', { name: /^Faults \(differs\)/ })).toContainText('Warts');
  await expect(page.getByText('Polysorbate 80: 20 g, was 12 g')).toBeVisible();

  // A row of the season card becomes the formula, and a version that says why.
  await page.getByRole('tab', { name: 'Season card' }).click();
  const card = page.getByRole('table', { name: 'Season card' });
  await expect(card.getByRole('row')).toHaveCount(7);
  await card.getByRole('button', { name: 'Save as version for 68%' }).click();
  await expect(page.getByLabel('Formula name')).toHaveValue('Quince Lantern');
  await page.getByRole('tab', { name: 'Versions' }).click();
  await expect(page.getByText(/For 68% humidity, from the season card/)).toBeVisible();
});
