import { expect, test } from '@playwright/test';
import { weightOf } from '../../scripts/lib/firstView';

test('the first view is light: what it does not show is not loaded with it', async ({
  browser,
}) => {
  const { scriptKb, styleKb } = await weightOf(browser, 'dist', 4193);
  expect(scriptKb).toBeLessThan(250);
  expect(styleKb).toBeLessThan(50);
});
