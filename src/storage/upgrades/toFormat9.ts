import { isPlain, plainOf, plainsOf, type Plain, type PlainRecords } from './plain';

const RENAMED: Readonly<Record<string, string>> = {
  struckAt: 'voidedAt',
  struckWhy: 'voidedWhy',
  isLaidAway: 'isArchived',
};

/** Fields under their plain names, and what suppliers say of scents as records of their own. */
export function recordsTo9(stored: PlainRecords): PlainRecords {
  const records = Object.fromEntries(
    Object.entries(stored).map(([name, list]) => [name, list.map((one) => plainOf(renamed(one)))]),
  );
  const settings = (records.settings ?? []).map(plainOf);
  return {
    ...records,
    documents: [
      ...(records.documents ?? []),
      ...settings.flatMap(({ scentDocuments }) => plainsOf(scentDocuments)).map(documentOf),
    ],
    settings: settings.map(withoutDocuments),
  };
}

function renamed(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(renamed);
  if (!isPlain(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([field, one]) => [RENAMED[field] ?? field, renamed(one)]),
  );
}

function documentOf(document: Plain): Plain {
  return { ...document, id: document.materialId, origin: 'own' };
}

function withoutDocuments(settings: Plain): Plain {
  return Object.fromEntries(
    Object.entries(settings).filter(([field]) => field !== 'scentDocuments'),
  );
}
