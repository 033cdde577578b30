import type { BatchFile } from './batchFile';
import type { BatchGapCode } from './logbook';

/** One thing the papers of a batch lack, with what it is about. */
export interface BatchGap {
  readonly code: BatchGapCode;
  /** `missing` keeps an assessor from signing; `look` is to be looked at. */
  readonly state: 'missing' | 'look';
  /** How many of them. */
  readonly count: number;
  /** Of how many; 0 where that says nothing. */
  readonly of: number;
  /** What they are called. */
  readonly names: readonly string[];
}

/** What an assessor would ask for, and a careful maker before a batch is sold. */
export function batchGaps(file: BatchFile): readonly BatchGap[] {
  const { weighed, lots, fills, trials, looks, warnings } = file;
  const gap = (
    code: BatchGapCode,
    names: readonly string[],
    of = 0,
    state: BatchGap['state'] = 'missing',
  ): readonly BatchGap[] =>
    names.length > 0 ? [{ code, state, count: names.length, of, names }] : [];
  const bare = lots.filter(({ documents }) => documents.length === 0);
  const uncertified = lots.filter(
    ({ role, documents }) =>
      role === 'scent' && !documents.some(({ kind }) => kind === 'fragrance-certificate'),
  );
  return [
    ...gap(
      'not-weighed',
      weighed.filter(({ weighedG }) => weighedG === null).map(({ material }) => material),
      weighed.length,
    ),
    ...(weighed.length > 0 && lots.length === 0 ? gap('no-lots', [file.code]) : []),
    ...gap(
      'lots-without-documents',
      bare.map(({ code }) => code),
      lots.length,
    ),
    ...gap(
      'no-certificate',
      uncertified.map(({ material }) => material),
    ),
    ...gap(
      'expired-documents',
      lots.filter(({ documents }) => documents.some(isStale(documents))).map(({ code }) => code),
    ),
    ...gap(
      'lot-on-hold',
      lots.filter(({ isSetAside }) => isSetAside).map(({ code }) => code),
    ),
    ...(fills === null ? gap('no-fills', [file.code]) : []),
    ...(trials.length === 0 ? gap('no-tests', [file.code]) : []),
    ...(looks.length === 0 ? gap('no-samples', [file.code]) : []),
    ...gap('open-warnings', warnings, 0, 'look'),
  ];
}

/** Is a document past its day, with none of its kind that is not? */
function isStale(documents: BatchFile['lots'][number]['documents']) {
  return ({ isExpired, kind }: (typeof documents)[number]) =>
    isExpired && !documents.some((other) => other.kind === kind && !other.isExpired);
}
