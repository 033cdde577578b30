import { expect, type Locator, type Page } from '@playwright/test';
import { PORTS } from './ports';

/** The server that starts an empty browser with the sample workshop. */
export const SAMPLE_URL = `http://localhost:${PORTS.sample}`;

export const CARD = `Quay bomb
2 cups baking soda
1 cup citric acid
1/2 cup corn starch
3 tbsp sweet almond oil
1 tsp polysorbate 80
20 drops lavender essential oil
10 g salt
a splash of moonlight`;

/** Opens the door of an empty browser and starts empty. */
export async function startEmpty(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Skip for now' }).click();
  await expect(page.getByRole('heading', { name: 'Formulas' })).toBeVisible();
}

export async function pasteRecipe(page: Page, name: string, text: string): Promise<void> {
  // An empty start offers it twice: above, and where the formula will be.
  await page.getByRole('button', { name: 'Paste a recipe', exact: true }).first().click();
  const dialog = page.getByRole('dialog', { name: 'Paste a recipe' });
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByLabel('Recipe as written').fill(text);
  await chooseForming(page, 'bench press');
  await dialog.getByRole('button', { name: 'Create formula' }).click();
}

/** Says how the pieces are formed where neither the page nor the shelf does. */
export async function chooseForming(page: Page, method: string): Promise<void> {
  const forming = page
    .getByRole('dialog', { name: 'Paste a recipe' })
    .getByRole('combobox', { name: 'Forming' });
  await expect(forming).toBeVisible();
  if (!(await page.getByText('Choose how you form it').isVisible())) return;
  await forming.focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: method, exact: true }).click();
}

/** The figure an instrument shows. */
export function figure(page: Page, title: string): Locator {
  return page.getByRole('region', { name: title, exact: true }).locator('.figure');
}

export function gramsOf(page: Page, material: string): Locator {
  return page.getByLabel(`Weight of ${material}`, { exact: true });
}

/** The title of the step in hand. */
export function stepTitle(page: Page): Locator {
  return page.getByRole('main').getByRole('heading', { level: 1 });
}

/** Pours on the simulated scale by key until the weight is in its band, and waits until it has settled there. */
export async function pourToTarget(page: Page): Promise<void> {
  const reading = page.getByRole('meter', { name: 'On the scale' });
  await page.keyboard.down('p');
  await expect(reading).toHaveAttribute('data-against', 'within');
  await page.keyboard.up('p');
  await expect(page.getByText('Scale steady')).toBeVisible();
}

/** Types what the plan wants, as a hand that has weighed it does. */
export async function typeTarget(page: Page): Promise<void> {
  const band = (await page.locator('.legend').textContent()) ?? '';
  const [, low = '', high = ''] = /([\d.,]+)\s*–\s*([\d.,]+)/.exec(band) ?? [];
  const number = (text: string) => Number(text.replaceAll(',', ''));
  await page.getByLabel('Weight on the scale').fill(((number(low) + number(high)) / 2).toFixed(2));
}

/** Goes through every step as a careful maker does, until the title of a step matches. */
export async function workTo(page: Page, stop: RegExp): Promise<void> {
  for (let guard = 0; guard < 60; guard++) {
    const title = (await stepTitle(page).textContent()) ?? '';
    if (stop.test(title)) return;
    const number = await page.getByText(/Step \d+ of \d+/).textContent();
    if (await page.getByRole('timer').isVisible()) {
      await page.keyboard.press('Space');
      await expect(page.getByRole('timer')).toContainText('left');
      await page.keyboard.press('Space');
    } else if (/^Squeeze/.test(title)) await page.keyboard.press('2');
    else if (/^Fill and press/.test(title)) await page.keyboard.press('d');
    else {
      const isTyped = await page.getByLabel('Weight on the scale').isVisible();
      if (isTyped) await typeTarget(page);
      else if (await page.getByText('Scale steady').isVisible()) await pourToTarget(page);
      await page.keyboard.press(isTyped ? 'Enter' : 'Space');
    }
    await expect(page.getByText(/Step \d+ of \d+/)).not.toHaveText(number ?? '');
  }
  throw new Error(`no step matched ${stop}`);
}

/** Past the embed and what is laid ready, to the first powder of the main mix. */
export async function toMainMix(page: Page): Promise<void> {
  await skipTo(page, /^Calendula/);
  await page.getByRole('button', { name: 'Skip this step' }).click();
  await expect(stepTitle(page)).toHaveText('Baking soda');
}

/** Asks Scale for whole pieces. */
export async function wantPieces(page: Page, pieces: string): Promise<void> {
  await page.getByRole('button', { name: 'Pieces', exact: true }).click();
  await page.getByLabel('Pieces', { exact: true }).fill(pieces);
}

/** Leaves steps out until the title of one matches: for what is looked at, not for what is weighed. */
export async function skipTo(page: Page, stop: RegExp): Promise<void> {
  for (let guard = 0; guard < 60; guard++) {
    if (stop.test((await stepTitle(page).textContent()) ?? '')) return;
    const number = await page.getByText(/Step \d+ of \d+/).textContent();
    await page.getByRole('button', { name: 'Skip this step' }).click();
    await expect(page.getByText(/Step \d+ of \d+/)).not.toHaveText(number ?? '');
  }
  throw new Error(`no step matched ${stop}`);
}

/** Takes an action from a menu by key: nothing that still moves is aimed at. */
export async function choose(page: Page, menu: string, action: string): Promise<void> {
  await page.getByRole('button', { name: menu }).press('Enter');
  const item = page.getByRole('menuitem', { name: action });
  await expect(item).toBeVisible();
  await item.press('Enter');
  await expect(item).toBeHidden();
}

/** Finds a material in a picker and takes the first that is found, by key. */
export async function findMaterial(picker: Locator, query: string, name: string): Promise<void> {
  await picker.fill(query);
  await expect(picker.page().getByRole('option').first()).toContainText(name);
  await picker.press('Enter');
  await expect(picker).toHaveValue(name);
}
