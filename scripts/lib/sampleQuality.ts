import { newId } from '../../src/core/basics/newId';
import type { LogbookEntry, NewLogbookEntry } from '../../src/core/goods/quality/logbook';
import {
  USUAL_CONDITIONS,
  USUAL_MARKS,
  type StabilityPlan,
  type StabilityResult,
} from '../../src/core/goods/quality/stability';
import type { SupplierDocument } from '../../src/core/results/scent/documents';
import type { WorkshopFile } from '../../src/storage/file/schema';

const origin = 'sample' as const;
const noon = (day: string) => `${day}T12:00:00.000+00:00`;

/** The sample workshop's papers: suppliers' documents, releases, complaints, checks, and a stability plan under way. */
export function sampleQuality(workshop: WorkshopFile) {
  const batchId = (code: string): string => {
    const found = workshop.batches.find((batch) => batch.code === code);
    if (!found) throw new Error(`the sample has no batch ${code}`);
    return found.id;
  };
  const scale = workshop.tools.find(({ name }) => name === 'Bench scale');
  if (scale?.kind !== 'scale') throw new Error('the sample has no bench scale');
  const log = (entry: NewLogbookEntry): LogbookEntry =>
    ({ ...entry, id: newId(), origin, voidedAt: null }) as LogbookEntry;
  const check = (day: string, shownG: number): NewLogbookEntry => ({
    kind: 'scale-check',
    at: noon(day),
    who: 'Teo',
    toolId: scale.id,
    stepG: scale.stepG,
    capacityG: scale.capacityG,
    weightG: 500,
    shownG,
  });
  const release = (code: string, day: string): NewLogbookEntry => ({
    kind: 'release',
    at: noon(day),
    who: 'Maud',
    batchId: batchId(code),
    verdict: 'released',
    open: ['no-tests'],
    note: '',
  });
  return {
    documents: sampleDocuments(workshop),
    logbook: [
      release('QL-009', '2026-08-24'),
      release('QL-010', '2026-09-28'),
      release('FS-002', '2026-10-05'),
      check('2026-09-28', 500),
      check('2026-10-05', 501),
      check('2026-10-12', 500),
      {
        kind: 'cleaning',
        at: noon('2026-10-12'),
        who: 'Teo',
        what: 'Bench, bowls and press',
        how: 'hot water, dried overnight',
      } as const,
      {
        kind: 'water-activity',
        at: noon('2026-10-01'),
        who: 'Maud',
        batchId: batchId('QL-010'),
        waterActivity: 0.44,
        tempC: 21,
        by: 'borrowed meter',
      } as const,
      {
        kind: 'complaint',
        at: noon('2026-10-08'),
        who: 'Maud',
        batchId: batchId('QL-009'),
        what: 'quality',
        isSerious: false,
        from: 'stall, R. M.',
        said: 'Two of four cracked in the box.',
        answer: 'Boxes were stacked five high. We sent two more.',
        closedOn: '2026-10-09',
      } as const,
      {
        kind: 'complaint',
        at: noon('2026-10-13'),
        who: 'Teo',
        batchId: batchId('QL-010'),
        what: 'skin-reaction',
        isSerious: false,
        from: 'letter, 12 Oct',
        said: 'Red skin on the arms for an hour after the bath.',
        answer: '',
        closedOn: null,
      } as const,
    ].map(log),
    stabilityPlans: [samplePlan(batchId('QL-009'))],
  };
}

function sampleDocuments({ materials, lots }: WorkshopFile): readonly SupplierDocument[] {
  const nothing = {
    origin,
    lotId: null,
    title: '',
    expiresOn: null,
    edition: '',
    limits: [],
    vanillinPct: null,
    flashPointC: null,
    attached: null,
  };
  const lotOf = (code: string) => lots.find((lot) => lot.code === code)?.id ?? null;
  const fragrance = materials.find(({ name }) => name === 'Night Ferry fragrance');
  return [
    ...['sodium-bicarbonate', 'citric-acid', 'isopropyl-alcohol-99', 'sweet-almond-oil'].map(
      (materialId): SupplierDocument => ({
        ...nothing,
        id: newId(),
        kind: 'safety-data-sheet',
        materialId,
        dated: '2025-09-15',
      }),
    ),
    {
      ...nothing,
      id: newId(),
      kind: 'certificate-of-analysis',
      materialId: 'citric-acid',
      lotId: lotOf('CAA-260602'),
      title: 'CA 26-0602',
      dated: '2026-05-28',
    },
    {
      ...nothing,
      id: newId(),
      kind: 'fragrance-certificate',
      materialId: 'cardamom-essential-oil',
      title: 'Cardamom seed oil',
      dated: '2025-10-20',
      expiresOn: '2026-10-31',
      edition: '51',
      limits: [
        { category: '9', pct: 4.2 },
        { category: '10A', pct: 6 },
      ],
      flashPointC: 54,
    },
    ...(fragrance
      ? [
          {
            ...nothing,
            id: newId(),
            kind: 'fragrance-certificate' as const,
            materialId: fragrance.id,
            title: 'Night Ferry',
            dated: '2026-02-03',
            expiresOn: '2027-02-28',
            edition: '51',
            limits: [
              { category: '9' as const, pct: 5.5 },
              { category: '10A' as const, pct: 8.1 },
            ],
            vanillinPct: 1.5,
          },
        ]
      : []),
  ];
}

function samplePlan(batchId: string): StabilityPlan {
  const conditions = USUAL_CONDITIONS.map((one) => ({ ...one, id: newId() }));
  const gains = [0.2, 0.1, 2.6];
  const results = conditions.map(({ id }, i): StabilityResult => ({
    id: newId(),
    at: noon('2026-09-20'),
    who: 'Maud',
    conditionId: id,
    month: 1,
    gainPct: gains[i] ?? 0,
    hard: i === 2 ? 3 : 5,
    scent: i === 1 ? 3 : 4,
    color: 'as-made',
    fizzLossPct: i === 2 ? 12 : 3,
    waterActivity: i === 2 ? 0.7 : 0.45,
    note: '',
    voidedAt: null,
  }));
  return {
    id: newId(),
    origin,
    batchId,
    startedOn: '2026-08-20',
    conditions,
    months: [1, 2, 3, 6, 12],
    marks: USUAL_MARKS,
    results,
  };
}
