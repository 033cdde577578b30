import { expect, test, type Page } from '@playwright/test';
import {
  SAMPLE_URL,
  findMaterial,
  gramsOf,
  pasteRecipe,
  pourToTarget,
  skipTo,
  startEmpty,
  stepTitle,
  toMainMix,
  wantPieces,
} from './support';

const SHOAL = '200 g baking soda\n104 g citric acid\n12 g cornstarch\n15 g sweet almond oil';

interface StoredEntry {
  readonly kind: string;
  readonly voidedAt: string | null;
  readonly materialId?: string;
  readonly massG?: number;
  readonly by?: string;
  readonly felt?: string;
  readonly why?: string;
  readonly factor?: number;
}

/** The only batch as the browser stored it. */
async function storedBatch(
  page: Page,
): Promise<{ readonly entries: readonly StoredEntry[]; readonly outcome: string }> {
  return page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('rovack');
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction('batches').objectStore('batches').getAll();
          reading.onsuccess = () => resolve(reading.result[0]);
          reading.onerror = () => reject(reading.error);
        };
      }),
  );
}

/** A maker's own mix is typed; the practice scale weighs what belongs to the sample, so the stored one is made to. */
async function practiceOn(page: Page): Promise<void> {
  const change = () =>
    page.evaluate(
      () =>
        new Promise<number>((resolve, reject) => {
          const opening = indexedDB.open('rovack');
          opening.onerror = () => reject(opening.error);
          opening.onsuccess = () => {
            const tx = opening.result.transaction(['formulas', 'settings'], 'readwrite');
            let changed = 0;
            for (const [store, fields] of [
              ['formulas', { origin: 'sample' }],
              ['settings', { scaleSource: 'simulated' }],
            ] as const) {
              const walking = tx.objectStore(store).openCursor();
              walking.onsuccess = () => {
                if (walking.result === null) return;
                walking.result.update({ ...walking.result.value, ...fields });
                changed++;
                walking.result.continue();
              };
            }
            tx.oncomplete = () => resolve(changed);
            tx.onerror = () => reject(tx.error);
          };
        }),
    );
  // The formula and the settings, once both are stored.
  await expect.poll(change).toBe(2);
  await page.reload();
}

async function toBench(page: Page, pieces: string): Promise<void> {
  await startEmpty(page);
  await pasteRecipe(page, 'Shoal', SHOAL);
  await expect(gramsOf(page, 'Baking soda')).toBeVisible();
  await practiceOn(page);
  await page.getByRole('button', { name: 'Plan a batch' }).click();
  await wantPieces(page, pieces);
  await page.getByLabel('Diameter').fill('40');
  await page.getByRole('button', { name: 'Start this batch' }).click();
  const asked = page.getByRole('dialog', { name: 'Before you start' });
  await expect(asked).toContainText('It will crumble');
  await asked.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await expect(page.getByText('Practice scale').first()).toBeVisible();
}

const meter = (page: Page) => page.getByRole('meter', { name: 'On the scale' });
const onScale = async (page: Page) => Number(await meter(page).getAttribute('aria-valuenow'));

test('a whole batch without a mouse: over-poured, squeezed too dry, reloaded in the middle, on record to the gram', async ({
  page,
}) => {
  await toBench(page, '3');
  const weighed: number[] = [];
  const weigh = async (next: string | RegExp) => {
    await pourToTarget(page);
    weighed.push(await onScale(page));
    await page.keyboard.press('Space');
    await expect(stepTitle(page)).toHaveText(next);
  };
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Baking soda');
  await weigh('Cornstarch');

  await page.keyboard.down('p');
  await expect(meter(page)).toHaveAttribute('data-against', 'over');
  await page.keyboard.up('p');
  await page.keyboard.press('o');
  const ways = page.getByRole('region', { name: 'Too much' });
  await expect(ways).toContainText('Baking soda');
  await expect(ways).toContainText('Moisture');
  await expect(ways.getByRole('button', { name: /^Take out/ })).toBeVisible();
  weighed.push(await onScale(page));
  await page.keyboard.press('2');
  await expect(stepTitle(page)).toHaveText('Baking soda, more');
  await weigh('Sieve the powders');

  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Mix the powders');
  await page.reload();
  await expect(stepTitle(page)).toHaveText('Mix the powders');
  await page.keyboard.press('Space');
  await expect(page.getByRole('timer')).toContainText('left');
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Sweet almond oil');
  await page.keyboard.down('p');
  await expect(meter(page)).not.toHaveAttribute('aria-valuenow', '0');
  // Pulled in the middle of the pour: said, nothing is written, and it goes on where it was.
  await page.keyboard.press('x');
  await expect(page.getByText('The scale is unplugged.')).toBeVisible();
  await page.keyboard.up('p');
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert')).toContainText('The scale is unplugged.');
  await page.keyboard.press('x');
  await expect(meter(page)).toHaveAttribute('data-state', 'ready');
  await weigh('Pour the beaker into the bowl and mix');
  await page.keyboard.press('Space');
  await expect(page.getByRole('timer')).toContainText('left');
  await page.keyboard.press('Space');
  // So little mix is not turned over into a second bowl.

  await expect(stepTitle(page)).toHaveText('Squeeze before the acid');
  await page.keyboard.press('1');
  await expect(page.getByText('Too dry. Add one of these')).toBeVisible();
  await expect(page.getByText('Mix for 2 min and squeeze again.').first()).toBeVisible();
  await page.keyboard.press('1');
  await page.keyboard.press('2');
  await expect(stepTitle(page)).toHaveText('Citric acid, anhydrous');
  await weigh('Mix in the acid');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Spray if it needs it');
  for (let i = 0; i < 3; i++) await page.keyboard.press('s');
  await expect(page.getByRole('group', { name: 'Squirts' })).toContainText('3 squirts, 2.1 g');
  await page.keyboard.press('u');
  await expect(page.getByRole('group', { name: 'Squirts' })).toContainText('2 squirts');
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Squeeze with the acid in');
  await page.keyboard.press('2');

  await expect(stepTitle(page)).toHaveText('Fill and press');
  const filled: number[] = [];
  for (let piece = 1; piece <= 3; piece++) {
    await pourToTarget(page);
    filled.push(await onScale(page));
    await page.keyboard.press('Space');
    await expect(page.getByText(`${piece}of 3 pressed`)).toBeVisible();
    await expect(meter(page)).toHaveAttribute('aria-valuenow', '0');
  }
  await expect(page.getByRole('status').filter({ hasText: 'Mean' })).toContainText('spread');
  await page.keyboard.press('d');
  await expect(stepTitle(page)).toHaveText('Count the pieces');
  await page.keyboard.press('Space');
  await expect(page.getByRole('link', { name: 'Open the record of' })).toBeVisible();
  await expect(page.getByText('saved')).toBeVisible();

  const { entries, outcome } = await storedBatch(page);
  const standing = (kind: string) =>
    entries.filter((entry) => entry.kind === kind && entry.voidedAt === null);
  expect(outcome).toBe('made');
  expect(standing('weighed').map(({ massG }) => massG)).toEqual(weighed);
  expect(standing('weighed').every(({ by }) => by === 'simulated-scale')).toBe(true);
  expect(standing('rescaled')).toHaveLength(1);
  expect(standing('filled').map(({ massG }) => massG)).toEqual(filled);
  expect(standing('squeezed').map(({ felt }) => felt)).toEqual(['too-dry', 'right', 'right']);
  const sprayed = entries.filter(({ why }) => why === 'sprayed');
  expect(sprayed.map(({ voidedAt }) => voidedAt === null)).toEqual([true, true, false]);
});

test('a real scale on a cable: read line by line, garbage is no weight, unplugged it says so and goes on', async ({
  page,
}) => {
  await page.addInitScript({ path: 'tests/fixtures/cable.js' });
  const cable = (does: 'send' | 'pull' | 'plugIn', text = '') =>
    page.evaluate(
      ([name, line]) => (window as unknown as Record<string, (line: string) => void>)[name]?.(line),
      [does, text] as const,
    );
  await page.goto(`${SAMPLE_URL}/workshop`);
  await page.getByLabel('My own scale, on a cable').check();
  await page.getByRole('button', { name: 'Choose a port' }).click();
  await cable('send', 'W 210.0 g steady\n');
  await expect(page.getByText(/Received: 210 g/)).toBeVisible();
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.keyboard.press('Space');
  await toMainMix(page);
  await page.keyboard.press('t');
  await cable('send', 'W 10');
  await cable('send', '10.5 g moving\r\n');
  await expect(meter(page)).toHaveAttribute('aria-valuenow', '800.5');
  await cable('send', 'W NaN g\n');
  await expect(page.getByText(/“W NaN g”/)).toBeVisible();
  await cable('pull');
  await expect(page.getByText('The scale is unplugged.')).toBeVisible();
  await cable('plugIn');
  await cable('send', 'W 1467.0 g steady\n');
  await expect(meter(page)).toHaveAttribute('aria-valuenow', '1257');
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Kaolin clay');
  await cable('send', 'OVER\n');
  await expect(page.getByText('Overload. Take something off the scale.')).toBeVisible();
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  await expect(page.getByRole('row', { name: /^Baking soda/ }).first()).toContainText(
    'scale on a cable',
  );
});

test('two bowls at once, an unplanned gram, a bowl split after all, the room read again', async ({
  page,
}) => {
  await page.goto(`${SAMPLE_URL}/scale`);
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(stepTitle(page)).toHaveText('The room');
  await page.getByRole('button', { name: 'Leave the bench' }).click();
  await page.getByRole('link', { name: 'Scale', exact: true }).click();
  await page.getByRole('button', { name: 'Start this batch' }).click();
  await expect(page.getByText('Quince Lantern · QL-013')).toBeVisible();
  await skipTo(page, /^Mix the powders/);
  await page.keyboard.press('Space');
  await expect(page.getByRole('timer')).toContainText('left');
  await page.keyboard.press('n');
  await expect(page.getByText('Quince Lantern · QL-012')).toBeVisible();
  await expect(page.getByRole('button', { name: /^QL-013/ })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('timer')).toContainText('left');

  await page.keyboard.press('a');
  const adding = page.getByRole('dialog', { name: 'Add to the bowl' });
  await findMaterial(adding.getByRole('combobox', { name: 'Material' }), 'kaolin', 'Kaolin clay');
  await adding.getByLabel('Amount').fill('3');
  await adding.getByRole('button', { name: 'Add' }).click();
  await page.keyboard.press('a');
  await expect(adding.getByLabel('Material')).toBeFocused();
  await adding.getByLabel('Share into a second bowl').fill('40');
  await adding.getByRole('button', { name: 'Split the bowl' }).click();
  await page.keyboard.press('r');
  await page.getByRole('dialog', { name: 'Workroom air' }).getByLabel('Humidity').fill('58');
  await page.keyboard.press('Enter');
  await expect(page.getByText('58% 20°C')).toBeVisible();
  await page.keyboard.press('l');
  const story = page.getByRole('region', { name: 'Log' });
  for (const line of ['Kaolin clay: added 3 g', '40%', 'Room at 58%', 'Left the bench'])
    await expect(story).toContainText(line);
});

test('a full store is said plainly; the batch stays on screen and goes into a file', async ({
  page,
}) => {
  await toBench(page, '2');
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room left', 'QuotaExceededError');
    };
  });
  await page.keyboard.press('Space');
  await expect(stepTitle(page)).toHaveText('Baking soda');
  await expect(page.getByRole('alert')).toContainText('this browser’s storage is full');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export now' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/\.rovack\.json$/);
  await expect(stepTitle(page)).toHaveText('Baking soda');
});
