import type { Page } from '@playwright/test';

/** Something that both tabs do at once, and what must be true in both of them, and at the next start. */
export interface Deed {
  readonly name: string;
  /** Brings a tab to where the deed is done. */
  ready(page: Page, home: string): Promise<void>;
  /** What this tab does; `mark` is its own, and of this round alone. */
  act(page: Page, mark: Mark): Promise<void>;
  /** @returns what is wrong in a tab, or null */
  wrong(page: Page, home: string, marks: readonly [Mark, Mark]): Promise<string | null>;
}

export interface Mark {
  readonly tab: number;
  readonly round: number;
}

const LINES = ['Baking soda', 'Cornstarch', 'Kaolin clay'] as const;
const nameOf = ({ tab, round }: Mark) => `Helper ${round}-${tab}`;
const codeOf = ({ round }: Mark) => `TT-${round}`;
const gramsOf = ({ tab, round }: Mark) => 200 + 2 * (round % 100) + tab;
/** Now the same line in both tabs, now one each. */
const lineOf = ({ tab, round }: Mark) =>
  LINES[(round + (round % 2 === 0 ? 0 : tab)) % LINES.length] ?? LINES[0];

const grams = (page: Page, line: string) => page.getByLabel(`Grams of ${line}`, { exact: true });
const isSaved = (page: Page) => page.getByText('· saved').first().waitFor();

/** Every line's grams of every formula and of its versions, as the browser has stored them. */
const GRAMS_EVER = `(async () => {
  const [{ name }] = await indexedDB.databases();
  const db = await new Promise((done) => {
    const asked = indexedDB.open(name);
    asked.onsuccess = () => done(asked.result);
  });
  const formulas = await new Promise((done) => {
    const asked = db.transaction('formulas').objectStore('formulas').getAll();
    asked.onsuccess = () => done(asked.result);
  });
  db.close();
  const bodies = formulas.flatMap(({ body, versions }) => [body, ...versions.map((one) => one.body)]);
  return bodies.flatMap(({ parts }) => parts.flatMap(({ lines }) => lines.map(({ massG }) => massG)));
})()`;

const edit: Deed = {
  name: 'two edits of a formula',
  async ready(page, home) {
    await page.goto(`${home}/design`);
    await grams(page, LINES[0]).waitFor();
  },
  async act(page, mark) {
    const field = grams(page, lineOf(mark));
    await field.fill(String(gramsOf(mark)));
    await field.press('Enter');
    await isSaved(page);
  },
  async wrong(page, home, marks) {
    await edit.ready(page, home);
    // The same formula changed in both: one of them stands, the other is kept as a version.
    const kept = await page.evaluate<number[]>(GRAMS_EVER);
    const gone = marks.filter((mark) => !kept.includes(gramsOf(mark)));
    // In one line the second figure may have been typed over the first one, in full view of it.
    const most = lineOf(marks[0]) === lineOf(marks[1]) ? 1 : 0;
    return gone.length > most ? `${gone.map(gramsOf).join(' and ')} g is in no version` : null;
  },
};

const people: Deed = {
  name: 'a person added in each',
  async ready(page, home) {
    await page.goto(`${home}/calendar`);
    await page.getByRole('button', { name: 'Who works when' }).click();
    await page.getByRole('button', { name: 'Another pair of hands' }).click();
  },
  async act(page, mark) {
    await page.getByLabel('Name').last().fill(nameOf(mark));
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('dialog').waitFor({ state: 'hidden' });
  },
  async wrong(page, home, marks) {
    await page.goto(`${home}/calendar`);
    await page.getByRole('button', { name: 'Who works when' }).click();
    await page.getByLabel('Name').first().waitFor();
    const names = await Promise.all(
      (await page.getByLabel('Name').all()).map((field) => field.inputValue()),
    );
    const gone = marks.map(nameOf).filter((name) => !names.includes(name));
    return gone.length > 0 ? `${gone.join(' and ')} is not among ${names.join(', ')}` : null;
  },
};

const lots: Deed = {
  name: 'a lot of the same code received in each',
  async ready(page, home) {
    await page.goto(`${home}/shelf`);
    await page.getByRole('button', { name: 'Receive a lot' }).click();
    const dialog = page.getByRole('dialog', { name: 'Receive a lot' });
    await dialog.getByLabel('Material').fill('bicarb');
    await page.getByRole('option', { name: /^Baking soda Sodium/ }).click();
    await dialog.getByLabel('Grams received').fill('5000');
    await dialog.getByLabel('What all of it cost').fill('12.50');
  },
  async act(page, mark) {
    await page.getByLabel('Code on it').fill(codeOf(mark));
    const put = page.getByRole('button', { name: 'Put it on the shelf' });
    // The other tab may have been there first: then this one is told, and nothing is put.
    const taken = page.getByText(`Lot ${codeOf(mark)} of baking soda is on the shelf already.`);
    await put.click({ timeout: 3000 }).catch(() => taken.waitFor());
  },
  async wrong(page, home, [mark]) {
    await page.goto(`${home}/shelf`);
    await page.getByLabel('Find a lot').fill(codeOf(mark));
    const found = page.getByRole('option').filter({ hasText: 'Baking soda' });
    await found.first().waitFor();
    const codes = (await found.allTextContents()).map(
      (text) => new RegExp(`${codeOf(mark)}(-\\d+)?`).exec(text)?.[0],
    );
    return new Set(codes).size === codes.length ? null : `two lots are ${codes.join(' and ')}`;
  },
};

const batches: Deed = {
  name: 'a batch begun in each',
  async ready(page, home) {
    await page.goto(`${home}/scale`);
    await page.getByRole('button', { name: 'Take it to the bench' }).waitFor();
  },
  async act(page) {
    await page.getByRole('button', { name: 'Take it to the bench' }).click();
    const bench = page.getByRole('button', { name: 'Skip this step' });
    const start = page.getByRole('button', { name: /^Start (this batch|for own use)/ });
    await bench.or(start).first().waitFor();
    if (await start.isVisible()) await start.click();
    await bench.waitFor();
  },
  async wrong(page, home) {
    await page.goto(`${home}/almanac`);
    const rows = page.getByRole('main').getByText(/^[A-Z]{2}-\d{3}(-\d+)?$/);
    await rows.first().waitFor();
    const codes = await rows.allTextContents();
    return new Set(codes).size === codes.length
      ? null
      : `a code stands twice among ${codes.join(', ')}`;
  },
};

const skips: Deed = {
  name: 'a step skipped in both',
  async ready(page, home) {
    await page.goto(`${home}/make`);
    await page.getByRole('button', { name: 'Skip this step' }).waitFor();
  },
  async act(page) {
    await page.getByRole('button', { name: 'Skip this step' }).click();
    await page.getByText(/step \d+ of \d+ · saved/).waitFor();
  },
  async wrong(page, home) {
    await skips.ready(page, home);
    return (await page.getByText(/step \d+ of \d+/).isVisible()) ? null : 'no batch is here';
  },
};

/** In this order: a step is skipped in the batch that was begun before it. */
export const DEEDS: readonly Deed[] = [edit, people, lots, batches, skips];
