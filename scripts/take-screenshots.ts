import { mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import config from '../playwright.config';
import { createServer } from '../server/app';

/** One current picture of each main view, from the sample workshop, at 1280 x 800. */
const OUT = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const DIST = fileURLToPath(new URL('../dist', import.meta.url));
const PORT = 4193;
const HOME = `http://localhost:${PORT}`;

mkdirSync(OUT, { recursive: true });
const server = createServer({ distDir: DIST, start: 'sample' }).listen(PORT, '127.0.0.1');
const browser = await chromium.launch(config.use?.launchOptions ?? {});
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
  timezoneId: 'UTC',
  // Grams and a clock of 24 hours.
  locale: 'en-GB',
});
const page = await context.newPage();
/** A page as a maker writes it, with one word that nobody knows. */
const PASTED = [
  'Harbor Swirl, 8 x 110 g',
  '2 cups baking soda, sifted',
  '1 cup citric acid',
  '1/2 cup corn starch',
  '0.4 g blue dye bloomed in 3 g water',
  '2 tbsp coconut oil, melted',
  '20 drops lavender',
  '30 g stardust',
  'witch hazel, spray until it holds',
  'Embed: 60 g soda, 42 g citric, pinch of gold mica',
  'Whisk the dry first, and press at once.',
].join('\n');
// The day of the sample, so that the pictures do not change with the calendar.
await page.clock.setFixedTime(new Date('2026-10-14T16:00:00Z'));

await page.goto(HOME);
await page.getByRole('heading', { name: 'Checks' }).waitFor();
await page.getByRole('region', { name: 'Fizz over time' }).waitFor();
await page.getByRole('combobox', { name: 'Add a material' }).waitFor();
await page.getByText('marked where the piece was gone').waitFor();
await shoot('design');
const views = page.getByRole('tablist', { name: 'Views of the formula' });
await views.getByRole('tab', { name: 'Steps' }).click();
await page.getByRole('region', { name: 'Steps of the work' }).waitFor();
await shoot('design-flow');
await page.getByRole('button', { name: 'Paste a recipe' }).click();
await page.getByLabel('Recipe as written').fill(PASTED);
await page.getByText('Line 8:').first().waitFor();
await page.keyboard.press('Alt+KeyN');
await shoot('design-paste');
await page.getByRole('button', { name: 'Cancel' }).click();
await views.getByRole('tab', { name: 'Rebalance' }).click();
await page.getByLabel('Longer fizz').check();
await page.getByRole('button', { name: 'Find the smallest change' }).click();
await page.getByRole('button', { name: 'Apply' }).waitFor();
await shoot('design-rebalance');
await views.getByRole('tab', { name: 'Tub' }).click();
await page.emulateMedia({ reducedMotion: 'no-preference' });
await page.locator('section[aria-label="From above"][aria-busy="false"]').waitFor();
await page.getByRole('slider', { name: 'Moment of the film' }).fill('108');
await shoot('design-tub');
await page.emulateMedia({ reducedMotion: 'reduce' });
await page.getByRole('button', { name: 'Plan a batch' }).click();
await page.getByText('Bowl filled').waitFor();
await shoot('scale');
await page.getByRole('button', { name: 'Start this batch' }).click();
await page.getByLabel('Humidity, %').waitFor();
await page.clock.resume();
await page.keyboard.press('Space');
await page.getByRole('heading', { name: 'Baking soda' }).waitFor();
await page.keyboard.down('p');
await page.locator('[data-against=within]').waitFor();
await page.keyboard.up('p');
await page.getByText('Scale steady').waitFor();
await shoot('make-weigh');
await skipTo(page, /^Squeeze before/);
await shoot('make-squeeze');
await page.goto(`${HOME}/dry`);
await page.getByRole('button', { name: /^Quince Lantern/ }).waitFor();
await shoot('dry');
await page.goto(`${HOME}/try`);
await page.getByRole('tab', { name: /^All/ }).click();
await page.getByRole('button', { name: /QL-007, Quince Lantern In the tub/ }).click();
await page.getByRole('img', { name: /^Forecast flow of gas/ }).waitFor();
await shoot('try');
await page.getByRole('tab', { name: /^All/ }).click();
await page
  .getByRole('button', { name: /On the scale.*of its fizz/ })
  .first()
  .click();
await page.getByText('of its fizz is still in it').waitFor();
await shoot('try-scale');
await page.goto(`${HOME}/pack`);
await page.getByRole('img', { name: /^Label of/ }).waitFor();
await shoot('pack');
await page.getByRole('tab', { name: 'Papers', exact: true }).click();
await page.getByRole('button', { name: 'Recall of a lot' }).click();
await page.getByRole('article', { name: /^Recall/ }).waitFor();
await shoot('pack-papers');
await page.goto(`${HOME}/calendar`);
await page.getByText(/to be on time for/).waitFor();
await page.getByText('Looking for a better plan').waitFor({ state: 'hidden' });
await shoot('calendar');
await page.goto(`${HOME}/almanac`);
await page
  .getByText(/\d+ batches/)
  .first()
  .waitFor();
await shoot('almanac');
await page.getByRole('textbox', { name: 'Search batches' }).fill('QL-003');
await page.getByRole('link', { name: /QL-003/ }).click();
await page.getByRole('heading', { name: 'Log' }).waitFor();
await shoot('batch-record');
await page.goto(`${HOME}/shelf`);
await page.getByRole('option', { name: /Blue mica/ }).click();
await page.getByText('Used in').waitFor();
await shoot('shelf-lots');
await page.goto(`${HOME}/workshop`);
await page.getByText('Everything stays in this browser').waitFor();
await shoot('workshop');
// A lesson that another day would deal otherwise: its bowl is set, not drawn.
await page.goto(HOME);
await page.evaluate(() =>
  localStorage.setItem(
    'rovack-practice',
    JSON.stringify({
      plays: { 'winter-bowl': { lessonId: 'winter-bowl', seed: 4, moves: [] } },
      best: { 'first-bowl': { won: 3, ended: 1 } },
    }),
  ),
);
await page.goto(`${HOME}/practice/winter-bowl`);
await page.getByText('Squeeze a handful').waitFor();
await page.keyboard.press('Space');
await page.keyboard.press('1');
await page.keyboard.press('s');
await page.keyboard.press('Space');
await page.getByRole('heading', { name: 'What does the hand tell you?' }).waitFor();
await shoot('practice');
await browser.close();
server.close();

async function shoot(name: string): Promise<void> {
  await page.mouse.move(1279, 799);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${OUT}${name}.png` });
  process.stdout.write(`${name}.png\n`);
}

async function skipTo(bench: Page, title: RegExp): Promise<void> {
  const heading = bench.getByRole('main').getByRole('heading', { level: 1 });
  for (let guard = 0; guard < 60; guard++) {
    const said = (await heading.textContent()) ?? '';
    if (title.test(said)) return;
    const number = (await bench.getByText(/Step \d+ of \d+/).textContent()) ?? '';
    await bench.getByRole('button', { name: 'Skip this step' }).click();
    await bench.getByText(number, { exact: true }).waitFor({ state: 'hidden' });
  }
}
