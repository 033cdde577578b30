import { counted } from '@/core/basics/format/numbers';
import type { Batch } from '@/core/batches/records/schema';
import { claimsIn } from '../labels/claims/claimsIn';
import type { LabelContent } from '../labels/content';
import type { Must } from '../labels/requirements/labelRequirements';
import { sayLabelRequirement } from '../labels/requirements/messages';
import type { LabelBooks, UnitLabel } from '../products/labelOf';
import type { Books } from '../products/recall';
import type { SaleUnit } from '../products/schema';
import {
  batchFileOf,
  type BatchFile,
  type BatchFileQuestion,
  type DocumentOnFile,
} from './batchFile';
import { batchGaps } from './batchGaps';
import { complaintCount, complaintsOf } from './complaints';
import { releaseOf, standingEntries } from './entries';
import type { LogbookEntry } from './logbook';
import {
  COMPLAINT_WORDS,
  GAP_RULES,
  RELEASE_WORDS,
  gapTitle,
  sayComplaints,
  sayGap,
  sayMark,
  sayPreservation,
  sayScaleCheck,
  sayStabilityResult,
  sayStabilityVerdict,
} from './messages';
import { preservationOf } from './preservation';
import { MARK_IDS, stabilityChecks, stabilityVerdict, type StabilityPlan } from './stability';

/** What a safety file says before anything else. */
export const NOT_A_SIGNATURE =
  'This is a collection of a maker’s records. It is not a safety assessment. A qualified assessor reads it, asks for what is missing, and signs their own report.';

/** One batch of the product, with who released it. */
export interface SafetyFileBatch extends BatchFile {
  readonly release: {
    readonly verdict: string;
    readonly who: string;
    readonly at: string;
    readonly note: string;
    /** What was open then. */
    readonly open: readonly string[];
  } | null;
}

/** A stability plan and what came of it. */
export interface SafetyFileStability {
  readonly batch: string;
  readonly startedOn: string;
  readonly marks: readonly string[];
  readonly rows: readonly {
    readonly month: number;
    readonly condition: string;
    readonly dueOn: string;
    readonly measured: string;
    readonly verdict: string;
  }[];
}

/** Everything an assessor asks for of one product and its batches, as data that is open to read. */
export interface SafetyFile {
  readonly format: 'rovack-safety-file';
  readonly formatVersion: 2;
  readonly writtenAt: string;
  readonly notice: string;
  readonly product: string;
  readonly kind: string;
  readonly maker: LabelBooks['maker'];
  /** What is missing or to be looked at, gravest first. */
  readonly missing: readonly {
    readonly state: Must['state'];
    readonly title: string;
    readonly detail: string;
    readonly rule: string;
  }[];
  readonly label: {
    readonly markets: readonly string[];
    readonly identity: string;
    readonly netWeight: string;
    readonly ingredients: readonly { readonly product: string; readonly text: string }[];
    readonly allergens: readonly { readonly name: string; readonly pct: number }[];
    readonly directions: string;
    readonly cautions: readonly { readonly text: string; readonly source: string }[];
    readonly bestBefore: string | null;
  };
  readonly claims: readonly {
    readonly text: string;
    readonly marked: readonly string[];
    readonly support: string;
  }[];
  readonly batches: readonly SafetyFileBatch[];
  /** Why it needs no preservative, or that nothing shows it. */
  readonly preservation: string;
  readonly stability: readonly SafetyFileStability[];
  readonly complaints: {
    readonly summary: string;
    readonly rows: readonly {
      readonly at: string;
      readonly batch: string;
      readonly what: string;
      readonly isSerious: boolean;
      readonly said: string;
      readonly answer: string;
      readonly closedOn: string | null;
    }[];
  };
  /** Checks of scales and cleaning while these batches were made. */
  readonly upkeep: readonly { readonly at: string; readonly who: string; readonly said: string }[];
}

export interface SafetyFileQuestion extends BatchFileQuestion {
  readonly unit: SaleUnit;
  readonly label: UnitLabel;
  readonly batches: readonly Batch[];
  readonly logbook: readonly LogbookEntry[];
  readonly plans: readonly StabilityPlan[];
  /** Where the goods went. */
  readonly goods: Books;
  /** Day of best before as printed; null for none. */
  readonly bestBefore: string | null;
}

export function safetyFileOf(asked: SafetyFileQuestion): SafetyFile {
  const { unit, label, batches, books, logbook, writtenAt, bestBefore } = asked;
  const { content, musts } = label;
  const made = batches.map((batch) => safetyFileBatch(batch, asked));
  const ids = new Set(batches.map(({ id }) => id));
  const preservation = preservationOf(ids, logbook);
  const count = complaintCount(batches, logbook, asked.goods);
  return {
    format: 'rovack-safety-file',
    formatVersion: 2,
    writtenAt,
    notice: NOT_A_SIGNATURE,
    product: unit.name,
    kind: content.identity,
    maker: books.maker,
    missing: [
      ...missingOf(musts),
      ...made.flatMap(missingInBatch),
      ...(preservation.code === 'nothing-grows'
        ? []
        : [
            {
              state: 'missing' as const,
              title: 'Water activity',
              detail: sayPreservation(preservation),
              rule: 'EU 1223/2009, annex I, 3',
            },
          ]),
      ...(count.open > 0
        ? [
            {
              state: 'look' as const,
              title: 'Complaints',
              detail: sayComplaints(count),
              rule: 'EU 1223/2009, annex I, 9',
            },
          ]
        : []),
    ].sort((a, b) => GRAVITY[a.state] - GRAVITY[b.state]),
    label: labelPart(content, asked, bestBefore),
    claims: [unit.label.title, unit.label.own.story, unit.label.own.directions]
      .filter((text) => text.trim() !== '')
      .map((text) => ({
        text,
        marked: claimsIn(text).map(
          ({ words, why, instead }) => `“${words}” ${why}. Say “${instead}”.`,
        ),
        support: supportFor(made),
      })),
    batches: made,
    preservation: sayPreservation(preservation),
    stability: asked.plans
      .filter(({ batchId }) => ids.has(batchId))
      .map((plan) => stabilityPart(plan, batches)),
    complaints: {
      summary: sayComplaints(count),
      rows: complaintsOf(ids, logbook).map(
        ({ at, batchId, what, isSerious, said, answer, closedOn }) => ({
          at,
          batch: codeOf(batchId, batches),
          what: COMPLAINT_WORDS[what],
          isSerious,
          said,
          answer,
          closedOn,
        }),
      ),
    },
    upkeep: upkeepOf(batches, logbook),
  };
}

const codeOf = (batchId: string, batches: readonly Batch[]) =>
  batches.find(({ id }) => id === batchId)?.code ?? '';

function stabilityPart(plan: StabilityPlan, batches: readonly Batch[]): SafetyFileStability {
  return {
    batch: codeOf(plan.batchId, batches),
    startedOn: plan.startedOn,
    marks: MARK_IDS.flatMap((id) => sayMark(id, plan.marks) ?? []),
    rows: stabilityChecks(plan).map(({ condition, month, dueOn, result }) => ({
      month,
      condition: condition.name,
      dueOn,
      measured: result ? sayStabilityResult(result) : '',
      verdict: result ? sayStabilityVerdict(stabilityVerdict(result, plan.marks)) : '',
    })),
  };
}

/** The last check of each scale and the last cleaning up to the day a batch was begun. */
function upkeepOf(
  batches: readonly Batch[],
  logbook: readonly LogbookEntry[],
): SafetyFile['upkeep'] {
  const checks = standingEntries(logbook, 'scale-check');
  const cleanings = standingEntries(logbook, 'cleaning');
  const entries = batches.flatMap(({ startedAt }) => {
    const before = <E extends { readonly at: string }>(list: readonly E[]) =>
      list.filter(({ at }) => at.slice(0, 10) <= startedAt.slice(0, 10));
    const lastOfEach = new Map(before(checks).map((check) => [check.toolId, check]));
    return [...lastOfEach.values(), ...before(cleanings).slice(-1)];
  });
  return [...new Set(entries)]
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .map((entry) => ({
      at: entry.at,
      who: entry.who,
      said:
        entry.kind === 'scale-check'
          ? `Scale check: ${sayScaleCheck(entry)}`
          : `Cleaned: ${entry.what}${entry.how ? ` (${entry.how})` : ''}.`,
    }));
}

function labelPart(
  content: LabelContent,
  { label }: SafetyFileQuestion,
  bestBefore: string | null,
): SafetyFile['label'] {
  return {
    markets: label.asked.markets,
    identity: content.identity,
    netWeight: content.netWeight?.text ?? '',
    ingredients: content.products.map(({ name, ingredientText }) => ({
      product: name,
      text: ingredientText,
    })),
    allergens: content.products.flatMap(({ allergens }) => allergens.declared),
    directions: content.directions,
    cautions: content.cautions.map(({ text, source }) => ({ text, source })),
    bestBefore,
  };
}

const GRAVITY: Readonly<Record<Must['state'], number>> = { missing: 0, look: 1, met: 2 };

function missingOf(musts: readonly Must[]): SafetyFile['missing'] {
  return musts
    .filter(({ state }) => state !== 'met')
    .map((must) => ({ state: must.state, ...sayLabelRequirement(must), rule: must.rule }));
}

function missingInBatch(batch: SafetyFileBatch): SafetyFile['missing'] {
  const gaps = batchGaps(batch).map((gap) => ({
    state: gap.state,
    title: `${batch.code}: ${gapTitle(gap.code)}`,
    detail: sayGap(gap),
    rule: GAP_RULES[gap.code],
  }));
  if (batch.release?.verdict === RELEASE_WORDS.released) return gaps;
  return [
    ...gaps,
    {
      state: 'missing',
      title: `${batch.code}: release`,
      detail: batch.release ? 'The batch was rejected.' : 'Nobody has released this batch.',
      rule: 'ISO 22716, 9',
    },
  ];
}

function supportFor(batches: readonly SafetyFileBatch[]): string {
  const trials = batches.reduce((sum, one) => sum + one.trials.length, 0);
  return trials > 0
    ? `${counted(trials, 'test')} by the maker, see below. Nothing clinical.`
    : 'Nothing on file.';
}

function safetyFileBatch(batch: Batch, asked: SafetyFileQuestion): SafetyFileBatch {
  const release = releaseOf(batch.id, asked.logbook);
  return {
    ...batchFileOf(batch, asked),
    release: release && {
      verdict: RELEASE_WORDS[release.verdict],
      who: release.who,
      at: release.at,
      note: release.note,
      open: release.open.map(gapTitle),
    },
  };
}

/** Documents of its batches’ lots that have a file, each once. */
export function attachedTo({ batches }: SafetyFile): readonly DocumentOnFile[] {
  const documents = batches.flatMap(({ lots }) => lots.flatMap((lot) => lot.documents));
  return [...new Map(documents.map((one) => [one.id, one])).values()].filter(
    ({ file }) => file !== null,
  );
}
