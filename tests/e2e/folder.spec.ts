import { expect, test, type Browser, type Page } from '@playwright/test';
import { CARD, gramsOf, pasteRecipe, startEmpty } from './support';

/** A browser whose picker hands out a folder of its own private file system. */
async function browserWithFolder(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.showDirectoryPicker = async () =>
      (await navigator.storage.getDirectory()).getDirectoryHandle('Harbor', { create: true });
  });
  return page;
}

type Files = Record<string, string>;

/** Everything in the folder, but for the dated copies. */
function filesIn(page: Page): Promise<Files> {
  return page.evaluate(async () => {
    const root = await navigator.storage.getDirectory();
    const folder = await root.getDirectoryHandle('Harbor', { create: true });
    const files: Record<string, string> = {};
    for await (const [name, entry] of folder.entries())
      if (entry instanceof FileSystemFileHandle) files[name] = await (await entry.getFile()).text();
    return files;
  });
}

async function writeInto(page: Page, files: Files): Promise<void> {
  await page.evaluate(async (all) => {
    const root = await navigator.storage.getDirectory();
    const folder = await root.getDirectoryHandle('Harbor', { create: true });
    for (const [name, text] of Object.entries(all)) {
      const writable = await (await folder.getFileHandle(name, { create: true })).createWritable();
      await writable.write(text);
      await writable.close();
    }
  }, files);
}

/** As a synchronizer does, once what is looked for has been written. */
async function carry(from: Page, to: Page, found: string): Promise<void> {
  await expect
    .poll(async () => Object.values(await filesIn(from)).some((text) => text.includes(found)))
    .toBe(true);
  await writeInto(to, await filesIn(from));
  await comeBack(to);
}

/** The window gets the focus again: what others wrote is looked for at once. */
function comeBack(page: Page): Promise<void> {
  return page.evaluate(() => void window.dispatchEvent(new Event('focus')));
}

async function openFolderPanel(page: Page) {
  await page.getByRole('link', { name: 'Workshop' }).click();
  return page.getByRole('region', { name: 'Folder' });
}

test('two browsers with one folder: what one makes the other has, what both change is kept and said', async ({
  browser,
}) => {
  const [desk, bench] = [await browserWithFolder(browser), await browserWithFolder(browser)];
  await startEmpty(desk);
  await pasteRecipe(desk, 'Quay bomb', CARD);
  const panel = await openFolderPanel(desk);
  await panel.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(panel.getByRole('status')).toContainText('Harbor is up to date');
  await panel.getByLabel('Name of this browser').fill('Desk');
  await panel.getByLabel('Name of this browser').press('Enter');
  await expect(panel.getByText(/^none yet/)).toBeVisible();
  await bench.goto('/');
  await carry(desk, bench, '"name":"Desk"');

  await bench.getByRole('button', { name: 'Open a shared folder' }).click();
  await expect(
    bench.getByRole('link', { name: /^Quay bomb/ }).or(bench.getByText('Quay bomb').first()),
  ).toBeVisible();
  await bench.getByText('Quay bomb').first().click();
  await gramsOf(bench, 'Citric acid, anhydrous').fill('333');
  await gramsOf(bench, 'Citric acid, anhydrous').press('Enter');
  await carry(bench, desk, '"massG":333');
  await desk.getByRole('link', { name: 'Design', exact: true }).click();
  await expect(gramsOf(desk, 'Citric acid, anhydrous')).toHaveValue('333');

  // Both change the same line before either hears of the other.
  await gramsOf(desk, 'Citric acid, anhydrous').fill('111');
  await gramsOf(desk, 'Citric acid, anhydrous').press('Enter');
  await gramsOf(bench, 'Citric acid, anhydrous').fill('222');
  await gramsOf(bench, 'Citric acid, anhydrous').press('Enter');
  await carry(desk, bench, '"massG":111');
  await expect(
    bench.getByRole('alert').filter({ hasText: 'Quay bomb was changed here' }),
  ).toBeVisible();
  await carry(bench, desk, '"massG":222');
  await expect
    .poll(async () => gramsOf(desk, 'Citric acid, anhydrous').inputValue())
    .toBe(await gramsOf(bench, 'Citric acid, anhydrous').inputValue());

  // Half a file, and then no folder at all: said, and nothing else stops.
  const again = await openFolderPanel(desk);
  await writeInto(desk, { 'rovack-0badf00d.rovack.json': '{"format": "rovack-workshop", "form' });
  await comeBack(desk);
  await expect(again.getByText(/Couldn’t read .*0badf00d/)).toBeVisible();
  await desk.evaluate(async () =>
    (await navigator.storage.getDirectory()).removeEntry('Harbor', { recursive: true }),
  );
  await comeBack(desk);
  await expect(again.getByRole('alert')).toContainText('Harbor was moved, renamed or unplugged.');
  await desk.getByRole('link', { name: 'Design', exact: true }).click();
  await gramsOf(desk, 'Citric acid, anhydrous').fill('150');
  await gramsOf(desk, 'Citric acid, anhydrous').press('Enter');
  await expect(desk.getByText('· saved')).toBeVisible();
});
