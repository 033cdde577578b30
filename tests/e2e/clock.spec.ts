import { expect, test } from '@playwright/test';
import { SAMPLE_URL, skipTo, stepTitle } from './support';

test.use({ timezoneId: 'America/New_York' });

test('in the night when the hour comes twice, and with a clock set back, no figure is one that cannot be', async ({
  page,
}) => {
  // 01:50 in New York, ten minutes before the clocks go back.
  await page.clock.install({ time: '2026-11-01T05:50:00Z' });
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.keyboard.press('Space');
  await skipTo(page, /^Mix the powders/);
  await page.keyboard.press('Space');
  const timer = page.getByRole('timer');
  await expect(timer).toContainText('left');

  // Two hours back, by hand: the timer was begun in what is now to come.
  await page.clock.setSystemTime('2026-11-01T03:50:00Z');
  await page.reload();
  await expect(timer).toContainText('10:00');
  await page.keyboard.press('Space');
  // The second 01:20 of that night.
  await page.clock.setSystemTime('2026-11-01T06:20:00Z');
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  const story = page.getByRole('region', { name: 'Log' });
  await expect(story).toBeVisible();
  await expect(story).not.toContainText(/NaN|Invalid|-\d/);
  await page.getByRole('link', { name: 'Dry' }).click();
  await expect(page.getByRole('main')).not.toContainText(/NaN|Invalid/);
});
