import type { Plain, PlainRecords } from './plain';

/** A supplier’s document says what it is, for which lot, until when, and its limits by category. */
export function recordsTo11(stored: PlainRecords): PlainRecords {
  return {
    ...stored,
    documents: (stored.documents ?? []).map(documentTo11),
    documentFiles: stored.documentFiles ?? [],
    logbook: stored.logbook ?? [],
    stabilityPlans: stored.stabilityPlans ?? [],
  };
}

function documentTo11(document: Plain): Plain {
  const { maxPct, ...others } = document;
  return {
    kind: 'fragrance-certificate',
    lotId: null,
    title: '',
    expiresOn: null,
    edition: '',
    // The one limit there was is that of what is rinsed off.
    limits: typeof maxPct === 'number' ? [{ category: '9', pct: maxPct }] : [],
    attached: null,
    ...others,
  };
}
