import { expect, test } from '@playwright/test';
import { SAMPLE_URL } from './support';

const JPEG = Buffer.from(
  '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAgGBgcGBQgHBwcJCQgKDBQNDAsLDBkSEw8UHRofHh0aHBwgJC4nICIsIxwcKDcpLDAxNDQ0Hyc5PTgyPC4zNDL/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AVN//2Q==',
  'base64',
);

test('the trays: the marked piece is weighed, the forecast moves at once, pieces are wrapped', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/dry`);
  await expect(page.getByText('4 batches, 54 pieces')).toBeVisible();
  await page.getByRole('button', { name: /^Quince Lantern/ }).click();
  const detail = page.getByRole('region', { name: 'Drying of QL-011' });
  await expect(detail).toContainText('Weighed 4 times');
  const before = await detail.getByText(/Weighed \d times/).textContent();
  await detail.getByLabel('Marked piece').fill('soap');
  await detail.getByRole('button', { name: 'Save' }).first().click();
  await expect(detail.getByRole('alert')).toContainText('Type a weight');
  await detail.getByLabel('Marked piece').fill('1980');
  await detail.getByRole('button', { name: 'Save' }).first().click();
  await expect(detail.getByRole('alert')).toContainText('Weigh the marked piece alone.');
  await detail.getByLabel('Marked piece').fill('197.0');
  await detail.getByRole('button', { name: 'Save' }).first().click();
  await expect(detail).toContainText('Weighed 5 times');
  await expect(detail.getByText(/Weighed \d times/)).not.toHaveText(
    (before ?? '').replace('4 times', '5 times'),
  );
  await detail.getByLabel('Moisture meter').fill('80');
  await detail.getByRole('button', { name: 'Save' }).last().click();
  await expect(detail.getByRole('alert')).toContainText('30%');

  await page.getByRole('button', { name: 'Read the drying room' }).click();
  const room = page.getByRole('dialog', { name: 'Drying room air' });
  await room.getByLabel('Humidity').fill('75');
  await room.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('won’t dry here at 75% humidity').first()).toBeVisible();

  await page.getByRole('button', { name: /^Ebb Glass/ }).click();
  const wrapping = page.getByRole('list', { name: 'Next steps' });
  await wrapping.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('3 batches, 42 pieces')).toBeVisible();
});

test('pieces are looked over: faults counted, a photo kept, causes ranked from the batch’s own record', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/dry`);
  await page.getByRole('button', { name: /^Quince Lantern/ }).click();
  await page.getByRole('button', { name: 'Inspect the pieces' }).click();
  const dialog = page.getByRole('dialog', { name: 'Inspect QL-011' });
  await dialog.getByRole('button', { name: 'One piece more: Crumbles' }).click();
  await dialog.getByRole('button', { name: 'One piece more: Crumbles' }).click();
  await expect(dialog.getByLabel('Pieces: Crumbles')).toHaveText('2');
  await dialog.getByLabel('Rejects', { exact: true }).fill('40');
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(dialog.getByRole('alert')).toContainText('There can’t be more rejects than pieces.');
  await dialog.getByLabel('Rejects', { exact: true }).fill('2');
  const photo = dialog.getByLabel('Photo of the pieces');
  await photo.setInputFiles({ name: 'note.txt', mimeType: 'text/plain', buffer: Buffer.from('x') });
  await expect(dialog.getByText('“note.txt” is not a picture.')).toBeVisible();
  await photo.setInputFiles({ name: 'tray.jpg', mimeType: 'image/jpeg', buffer: JPEG });
  await expect(dialog.getByRole('img', { name: /^Photo of QL-011/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(dialog.getByRole('heading', { name: 'Likely causes' })).toBeVisible();
  await expect(dialog.getByRole('listitem').first()).toContainText('Next time:');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.reload();
  await page.getByRole('button', { name: /^Quince Lantern/ }).click();
  await page.getByRole('link', { name: 'Open the record of QL-011' }).click();
  await expect(page.getByRole('region', { name: 'Log' })).toContainText(
    'Inspected 24 pieces: Crumbles (2), 2 rejects',
  );
  await expect(page.getByRole('img', { name: /^Photo of QL-011/ })).toBeVisible();
});
