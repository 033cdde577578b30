import { expect, test } from '@playwright/test';
import { SAMPLE_URL, gramsOf } from './support';

// Another name of this machine by plain http: to the browser that is no secure place.
test.use({
  launchOptions: async ({ launchOptions }, use) => {
    const args = [...(launchOptions.args ?? []), '--host-resolver-rules=MAP tablet.test 127.0.0.1'];
    await use({ ...launchOptions, args });
  },
});

test('an address that is not secure saves all the same, and says once what is missing and what to do', async ({
  page,
}) => {
  await page.goto(SAMPLE_URL.replace('localhost', 'tablet.test'));
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  const notice = page.getByRole('alert').filter({ hasText: 'This address is not secure' });
  await expect(notice).toContainText('Open it by https');
  await gramsOf(page, 'Baking soda').fill('777');
  await gramsOf(page, 'Baking soda').press('Enter');
  await expect(page.getByText('· saved')).toBeVisible();
  await notice.getByRole('button', { name: 'Dismiss' }).click();
  await page.reload();
  await expect(gramsOf(page, 'Baking soda')).toHaveValue('777');
  await expect(notice).toBeHidden();
});
