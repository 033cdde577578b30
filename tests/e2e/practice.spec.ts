import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL } from './support';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });
/** Moves of a lesson that this browser keeps. */
const movesOf = (page: Page, lesson: string) =>
  page.evaluate((id) => {
    const kept = JSON.parse(localStorage.getItem('rovack-practice') ?? '{}') as {
      readonly plays?: Readonly<Record<string, { readonly moves: readonly unknown[] }>>;
    };
    return kept.plays?.[id]?.moves.length ?? 0;
  }, lesson);
/** A lesson may end well or badly; that it ended is what is asked. */
const END = /^(?:Passed: [123] of 3 points|Not passed: no point)$/;

test('the practice bench by keys: squeezed, named, corrected until it holds, pressed, lifted, tried, and left in the middle', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/practice`);
  await expect(heading(page)).toHaveText('The first bowl');
  await expect(page).toHaveTitle(/^The first bowl · Practice · Rovack$/);
  const sign = page.getByRole('status').first();
  // Five grams at a time until the hand shows its marks, as a maker would who has time.
  await page.keyboard.press('Space');
  await expect(sign).toHaveText(/It holds, then breaks at the edge|It crumbles/);
  await page.keyboard.press('1');
  await expect(page.getByText('Yes, this hand says too dry.')).toBeVisible();
  await expect(page.getByText(/At the bench Rovack says: add/)).toBeVisible();
  for (let round = 0; round < 12; round++) {
    if (/drops whole/.test(await sign.innerText())) break;
    await page.keyboard.press('s');
    await expect(page.getByText('Squeeze a handful')).toBeVisible();
    await page.keyboard.press('Space');
    await expect(sign).toHaveText(/It /);
  }
  await expect(sign).toHaveText('It shows the finger marks, and drops whole.');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'They are on the tray.' })).toBeFocused();
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { name: /^Passed: [123] of 3 points$/ })).toBeVisible();
  await expect(page.getByText('This mix wanted moisture of')).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByText(/It was gone after/)).toBeVisible();

  // On to the next; left in the middle it goes on after a reload.
  await page.keyboard.press('l');
  await expect(heading(page)).toHaveText('A winter bowl');
  // A click leaves the space bar to the squeeze.
  await page.getByRole('button', { name: /^Add 5 g of sweet almond oil/ }).click();
  await expect(page.getByText('5 g of sweet almond oil').last()).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'What does the hand tell you?' })).toBeVisible();
  expect(await movesOf(page, 'winter-bowl')).toBe(2);
  await page.reload();
  await expect(page.getByText('5 g of sweet almond oil').last()).toBeVisible();
  await expect(page.getByRole('link', { name: /The first bowl [123] of 3/ })).toBeVisible();

  // The cause in the record: every answer until it is found, then the change.
  await page.goto(`${SAMPLE_URL}/practice/warts`);
  const end = page.getByRole('heading', { name: END });
  const choices = page.locator('.choices').getByRole('button', { disabled: false });
  for (let answers = 1; answers <= 12 && !(await end.isVisible()); answers++)
    await expect(async () => {
      const [, key = ''] = /\s(\d)$/.exec(await choices.first().innerText()) ?? [];
      await page.keyboard.press(key);
      expect(await movesOf(page, 'warts')).toBeGreaterThanOrEqual(answers);
    }).toPass();
  await expect(page.getByRole('heading', { name: END })).toBeVisible();

  // Nothing of it is in the workshop.
  await page.goto(`${SAMPLE_URL}/almanac`);
  await expect(page.getByText('30 batches', { exact: true }).first()).toBeVisible();
});

test('a lesson on a phone: salts brought to where they run, by a finger', async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 360, height: 740 },
    hasTouch: true,
  });
  const page = await context.newPage();
  await page.goto(`${SAMPLE_URL}/practice/salts`);
  const squeeze = page.getByRole('button', { name: /^Squeeze/ });
  await squeeze.tap();
  const sign = page.getByRole('status').first();
  await expect(sign).toHaveText(/It holds/);
  await page.getByRole('button', { name: /^Too wet/ }).tap();
  await expect(page.getByText('Yes, this hand says too wet.')).toBeVisible();
  for (let round = 0; round < 8; round++) {
    if (/runs off/.test(await sign.innerText())) break;
    await page.getByRole('button', { name: /moving dry air/ }).tap();
    await squeeze.tap();
    await expect(sign).toHaveText(/It /);
  }
  await page.getByRole('button', { name: /^Fill the jar/ }).tap();
  await expect(page.getByRole('heading', { name: END })).toBeVisible();
  // Nothing is wider than the phone.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await context.close();
});
