import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { SAMPLE_URL, skipTo, stepTitle } from './support';

const LEVELS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
/** What a change of colors can break; all else is the same in the dark. */
const OF_COLOR = ['color-contrast', 'link-in-text-block'];

/** Names that two fields of one group bear: somebody who only hears them cannot tell which is which. */
async function sharedNames(page: Page): Promise<string[]> {
  return page
    .locator('input:visible, select:visible, textarea:visible')
    .evaluateAll((fields: readonly HTMLElement[]) => {
      const nameOf = (field: HTMLElement) => {
        const by = (field.getAttribute('aria-labelledby') ?? '').split(' ').filter(Boolean);
        const words = by.map((id) => document.getElementById(id)?.textContent ?? '');
        const labels = [...((field as HTMLInputElement).labels ?? [])];
        return (
          field.getAttribute('aria-label') ??
          (words.length > 0 ? words : labels.map(({ textContent }) => textContent)).join(' ')
        ).trim();
      };
      const group = 'dialog, [role=dialog], fieldset, [role=group], tr, li, form, section, main';
      const named = fields.map((field) => ({ name: nameOf(field), within: field.closest(group) }));
      return named.flatMap(({ name, within }, i) =>
        named.findIndex((one) => one.name === name && one.within === within) < i ? [name] : [],
      );
    });
}

/** Scans the page in light and in dark, or only what lies above the veil while a dialog is open. */
async function scan(page: Page, inside = 'body'): Promise<void> {
  expect(await sharedNames(page)).toEqual([]);
  await scanIn(page, 'light', new AxeBuilder({ page }).include(inside).withTags(LEVELS));
  await scanIn(page, 'dark', new AxeBuilder({ page }).include(inside).withRules(OF_COLOR));
}

/** Controls that show no word and have no tooltip. */
async function withoutTooltip(page: Page): Promise<string[]> {
  return page.locator('main button:visible, main a:visible').evaluateAll((controls) =>
    controls
      .filter(({ textContent }) => !/[\p{L}\p{N}]/u.test(textContent ?? ''))
      .filter((control) => !control.closest('.v-field, .v-chip') && !control.hasAttribute('title'))
      .map((control) => control.getAttribute('aria-label') ?? control.outerHTML.slice(0, 120)),
  );
}

/** The bench is slate by day and by night: one scan sees both. */
async function scanBench(page: Page, inside = 'body'): Promise<void> {
  expect(await sharedNames(page)).toEqual([]);
  await scanIn(page, 'light', new AxeBuilder({ page }).include(inside).withTags(LEVELS));
}

async function scanIn(page: Page, colorScheme: 'light' | 'dark', axe: AxeBuilder): Promise<void> {
  await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
  await expect(page.locator(`.v-theme--${colorScheme}`).first()).toBeAttached();
  // No frame of another origin is here: nothing has to be put together in a page of its own.
  const { violations } = await axe.setLegacyMode(true).analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${colorScheme}, ${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
    ),
  ).toEqual([]);
}

test('the door', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Skip for now' })).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: 'shower steamer' }).click();
  await expect(page.getByText('How do you shape them?')).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: 'Skip for now' }).click();
  await expect(page.getByText('No formula yet')).toBeVisible();
  await scan(page);
});

/** Each in the workshop that was opened once: a fresh one for each view is most of the time. */
for (const [which, views] of [
  [
    'the stations',
    [
      ['/design', 'Checks'],
      ['/formulas/quince-lantern/tub', 'The bath it leaves'],
      ['/formulas/quince-lantern/color', 'Color to order'],
      ['/scale', 'Bowl filled'],
      ['/make', 'There is no batch at the bench.'],
      ['/dry', 'on the trays'],
      ['/try', 'New test'],
      ['/pack', 'Label checks'],
      ['/calendar', 'to be on time for'],
    ],
  ],
  [
    'the rooms',
    [
      ['/shelf/lots', 'Search lots'],
      ['/shelf/materials', 'Search materials'],
      ['/shelf/packaging', 'Gift box for three'],
      ['/shelf/molds', 'Your fills'],
      ['/shelf/tools', 'Weigh ten squirts once.'],
      ['/shelf/log', 'Cleaning log'],
      ['/shelf/to-buy', 'Batches to make'],
      ['/almanac', '30 batches'],
      ['/almanac/map', 'the formula today'],
      ['/almanac/taught/damp', 'What pulls it hardest'],
      ['/almanac/season', 'Wrap after'],
      ['/almanac/compare', 'History of a formula'],
      ['/workshop', 'Everything stays in this browser'],
      ['/practice/first-bowl', 'Squeeze a handful'],
      ['/practice/warts', 'What caused the warts?'],
      ['/practice/dye', 'As ordered'],
      ['/guide', 'Chapter 1 of 12'],
      ['/nowhere', 'There is nothing at'],
    ],
  ],
] as const)
  test(which, async ({ page }) => {
    for (const [path, ready] of views)
      await test.step(path, async () => {
        await page.goto(SAMPLE_URL + path);
        await expect(page.getByText(ready).first()).toBeVisible();
        await expect(page).toHaveTitle(/^\S.* · Rovack$/);
        await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
        expect(await withoutTooltip(page)).toEqual([]);
        await scan(page);
      });
  });

test('the search, the keys, the checks and the sound of the bench', async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await expect(page.getByLabel('Formula name')).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: /^Search, or/ }).fill('quince');
  await expect(page.getByRole('listbox', { name: 'Found' })).toContainText('QL-011');
  await scan(page, '[role=dialog]');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys of this screen' })).toBeVisible();
  await scan(page, '[role=dialog]');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('c');
  await expect(page.getByRole('dialog', { name: 'Checks' })).toBeVisible();
  await scan(page, '[role=dialog]');
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.keyboard.press('y');
  await expect(page.getByRole('dialog', { name: 'Sound, voice and pedal' })).toBeVisible();
  await scan(page, '[role=dialog]');
});

test('what stands behind a label', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/pack`);
  for (const [view, ready] of [
    ['Product', 'Packaging, from the inside out'],
    ['Stock', 'Log'],
    ['Papers', 'Missing'],
    ['Books', 'By month'],
  ] as const) {
    await page.getByRole('tab', { name: view, exact: true }).click();
    await expect(page.getByText(ready).first()).toBeVisible();
    if (view === 'Papers') await page.getByRole('button', { name: 'Prices', exact: true }).click();
    await scan(page, '.middle');
  }
  await page.getByRole('button', { name: 'Hand over' }).click();
  await scan(page, '[role=dialog]');
});

test(`what the scale shows beside the weights`, async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  for (const [view, ready] of [
    ['Why weigh', /by cup$/],
    ['Cost', 'Largest costs'],
    ['Bench sheet', 'no batch yet'],
    ['Class sheet', 'Stay safe'],
    ['Several formulas', 'Batches to make'],
  ] as const) {
    await page.getByRole('tab', { name: view }).click();
    await expect(page.getByText(ready).first()).toBeVisible();
    await scan(page, '.plan');
  }
});

test(`what is known of a lot, a material and their stability`, async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/shelf`);
  await page.getByRole('option', { name: /Borax/ }).click();
  await expect(page.getByText('Used in')).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: 'Receive a lot' }).click();
  await expect(page.getByRole('dialog', { name: 'Receive a lot' })).toBeVisible();
  await scan(page, '[role="dialog"]');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('tab', { name: 'Materials', exact: true }).click();
  await page.getByRole('textbox', { name: 'Search materials' }).fill('lavender');
  await page.getByRole('option', { name: /^Lavender essential/ }).click();
  await page.getByRole('button', { name: 'Add document' }).click();
  await expect(page.getByRole('dialog', { name: 'Supplier’s document' })).toBeVisible();
  await scan(page, '[role=dialog]');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await scan(page);
  await page.goto(`${SAMPLE_URL}/try`);
  await page.getByRole('tab', { name: /^Retained/ }).click();
  await page.getByRole('button', { name: 'New stability plan' }).click();
  await scan(page, '[role=dialog]');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await scan(page, '.middle');
});

test(`what is looked at beside the column`, async ({ page }) => {
  await page.goto(SAMPLE_URL);
  const views = page.getByRole('tablist', { name: 'Views of the formula' });
  for (const [view, ready] of [
    ['Scent', 'Scent constituents and their limits'],
    ['Color', 'the tub with the whole piece in it'],
    ['Versions', 'Nothing has changed since.'],
    ['Rebalance', 'Also make it'],
  ] as const) {
    await views.getByRole('tab', { name: view }).click();
    await expect(page.getByText(ready)).toBeVisible();
    await scan(page, '.middle');
  }
  await page.getByLabel('longer fizz').check();
  await page.getByRole('button', { name: 'Find the smallest change' }).click();
  await expect(page.getByRole('button', { name: 'Apply' })).toBeVisible();
  await scan(page);
});

test(`dialogs, formulas and a batch record`, async ({ page }) => {
  await page.goto(SAMPLE_URL);
  await page.getByRole('button', { name: 'Formulas' }).click();
  await expect(page.getByRole('button', { name: /Boathouse Card/ })).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: /Boathouse Card/ }).click();
  await expect(page.getByRole('region', { name: 'Not read yet' })).toBeVisible();
  await scan(page);
  await page.getByRole('button', { name: 'Paste a recipe', exact: true }).click();
  await page.getByLabel('Recipe as written').fill('2 cups baking soda\nsalt 5 g');
  await expect(page.getByText('Which one is it?').first()).toBeVisible();
  await scan(page, '[role=dialog]');
  await page.goto(`${SAMPLE_URL}/almanac`);
  await page.getByRole('textbox', { name: 'Search batches' }).fill('QL-002');
  await page.getByRole('link', { name: /QL-002/ }).click();
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await scan(page);
});

test('the bench: room, weighing, mixing, squeezing, curing, counting', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await scanBench(page);
  for (const step of [/^Baking soda/, /^Sieve/, /^Mix the powders/, /^Squeeze before/]) {
    await skipTo(page, step);
    await scanBench(page);
    if (step.source === '^Baking soda') {
      await page.keyboard.down('p');
      await expect(page.locator('[data-against=over]')).toBeVisible();
      await page.keyboard.up('p');
      await page.keyboard.press('o');
      await expect(page.getByRole('region', { name: 'Too much' })).toBeVisible();
      await scanBench(page);
      await page.keyboard.press('3');
    }
  }
  await page.keyboard.press('1');
  await expect(page.getByText('Too dry. Add one')).toBeVisible();
  await scanBench(page);
  await page.keyboard.press('1');
  for (const step of [/^Spray/, /^Fill and press/, /^Count/]) {
    await skipTo(page, step);
    await scanBench(page);
  }
  await page.keyboard.press('a');
  await expect(page.getByRole('dialog', { name: 'Add to the bowl' })).toBeVisible();
  await scanBench(page, '[role=dialog]');
});

test('trying: the stopwatch and what is seen, the pitcher, a cup test, retained samples, all of them', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/try`);
  await page.getByRole('combobox', { name: 'Piece' }).fill('QL-009');
  await page.getByRole('option', { name: /QL-009/ }).click();
  await page.getByRole('button', { name: 'Start the test' }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('n');
  await expect(page.getByRole('button', { name: /^1 finger/ })).toBeVisible();
  await scan(page);
  for (const [view, ready] of [
    ['Cup test', '6 of 6 cups done'],
    [/^Retained samples/, 'pieces retained'],
    [/^All/, 'of its fizz'],
  ] as const) {
    await page.getByRole('tab', { name: view }).click();
    await expect(page.getByText(ready).first()).toBeVisible();
    await scan(page, '.station');
  }
  await page
    .getByRole('button', { name: /On the scale.*of its fizz/ })
    .first()
    .click();
  await expect(page.getByText(/of its fizz is still in it/)).toBeVisible();
  await scan(page);
});

test('looking pieces over', async ({ page }) => {
  await page.goto(`${SAMPLE_URL}/dry`);
  await page.getByRole('button', { name: 'Inspect the pieces' }).click();
  await expect(page.getByLabel('Faults')).toBeVisible();
  await scan(page, '[role=dialog]');
});
