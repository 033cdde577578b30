import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { openDB } from 'idb';
import { expect, it } from 'vitest';
import { loadWorkshop } from './repository';
import { openWorkshopDb } from './open';
import { STORE_NAMES } from '../records/keys';

const OLD = JSON.parse(
  readFileSync(
    new URL('../../../tests/fixtures/workshop-format-1.rovack.json', import.meta.url),
    'utf8',
  ),
);

it('brings a database of format 1 up: every record is read, what is new begins empty', async () => {
  const old = await openDB('harbor', 1, {
    upgrade(db) {
      for (const store of STORE_NAMES) db.createObjectStore(store, { keyPath: 'id' });
    },
  });
  await old.put('formulas', OLD.formulas[0]);
  await old.put('batches', OLD.batches[0]);
  await old.put('settings', OLD.settings);
  old.close();

  const stored = await loadWorkshop(await openWorkshopDb('harbor'));
  expect(stored.refused).toEqual([]);
  expect(stored.records.formulas).toMatchObject([{ id: OLD.formulas[0].id, archivedAt: null }]);
  expect(stored.records.batches[0]?.entries).toHaveLength(OLD.batches[0].entries.length);
  expect(stored.records.batches[0]?.request).toMatchObject({ bowls: 'equal', ways: {} });
  expect(stored.records.documents).toEqual([]);
});
