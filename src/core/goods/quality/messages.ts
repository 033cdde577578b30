import { KEPT_COLOR_WORDS } from '@/core/batches/records/messages';
import { shortDate } from '@/core/basics/format/dates';
import { listed, shortened } from '@/core/basics/format/names';
import { counted, formatChangePct, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';
import type { ScentCategory } from '@/core/results/scent/categories';
import type { DocumentKind } from '@/core/results/scent/documents';
import type { ComplaintCount } from './complaints';
import type { BatchGap } from './batchGaps';
import type { BatchGapCode, ComplaintKind, LogbookOf } from './logbook';
import type { Preservation } from './preservation';
import type { Reminder } from './reminders';
import { allowedErrorG, passesCheck } from './scaleCheck';
import type { MarkId, PassMarks, StabilityResult, StabilityVerdict } from './stability';

export const DOCUMENT_WORDS: Readonly<Record<DocumentKind, string>> = {
  'fragrance-certificate': 'Fragrance certificate',
  'safety-data-sheet': 'Safety data sheet',
  'certificate-of-analysis': 'Certificate of analysis',
  other: 'Other document',
};

/** What a category of a fragrance certificate is for. */
export const CATEGORY_WORDS: Readonly<Record<ScentCategory, string>> = {
  '9': 'rinsed off, in a bath',
  '10A': 'household cleaners',
  '10B': 'room sprays',
  '12': 'no skin contact',
};

export const COMPLAINT_WORDS: Readonly<Record<ComplaintKind, string>> = {
  'skin-reaction': 'Skin reaction',
  'other-reaction': 'Other reaction',
  quality: 'Quality',
  packaging: 'Packaging',
};

export const RELEASE_WORDS: Readonly<Record<LogbookOf<'release'>['verdict'], string>> = {
  released: 'Released',
  rejected: 'Rejected',
};

/**
 * Who has to hear of a serious reaction, and how soon.
 * Source: EU 1223/2009, article 23; UK as kept; US Food, Drug, and Cosmetic Act, section 605; not checked against the
 * current rules.
 */
export const SERIOUS_REACTION =
  'Report a serious reaction. In the EU and the UK, the responsible person tells the authority without delay. In the US, send the report within 15 business days. Not checked against the current rule.';

const GAP_TITLES: Readonly<Record<BatchGapCode, string>> = {
  'not-weighed': 'not weighed',
  'no-lots': 'lots',
  'lots-without-documents': 'documents of lots',
  'no-certificate': 'fragrance certificate',
  'expired-documents': 'expired documents',
  'lot-on-hold': 'lot on hold',
  'no-fills': 'fills',
  'no-tests': 'tests',
  'no-samples': 'stability',
  'open-warnings': 'open warning',
};
/** The rule behind each gap, as a paper cites it. */
export const GAP_RULES: Readonly<Record<BatchGapCode, string>> = {
  'not-weighed': 'batch record',
  'no-lots': 'batch record',
  'lots-without-documents': 'raw materials',
  'no-certificate': 'raw materials',
  'expired-documents': 'raw materials',
  'lot-on-hold': 'raw materials',
  'no-fills': 'net weight',
  'no-tests': 'common practice',
  'no-samples': 'EU 1223/2009, annex I, 2',
  'open-warnings': 'computed',
};
/** Names beyond this are counted, not listed. */
const MOST_NAMES = 4;

export function gapTitle(code: BatchGapCode): string {
  return GAP_TITLES[code];
}

/** What is missing in a batch, as a sentence. */
export function sayGap({ code, count, of, names }: BatchGap): string {
  const others = names.length - MOST_NAMES;
  const which =
    others > 0
      ? listed([...names.slice(0, MOST_NAMES), counted(others, 'more', 'more')])
      : listed(names);
  switch (code) {
    case 'not-weighed':
      return `${counted(count, 'line')} of ${of} not weighed: ${which}.`;
    case 'no-lots':
      return 'No lot is named.';
    case 'lots-without-documents':
      return `${count} of ${counted(of, 'lot')} without a supplier’s document: ${which}.`;
    case 'no-certificate':
      return `No fragrance certificate for ${which}.`;
    case 'expired-documents':
      return `A document expired: ${which}.`;
    case 'lot-on-hold':
      return `On hold: ${which}.`;
    case 'no-fills':
      return 'No piece was weighed.';
    case 'no-tests':
      return 'No piece was tested in water.';
    case 'no-samples':
      return 'There are no retained samples.';
    case 'open-warnings':
      return names.join(' ');
  }
}

export function sayPreservation(of: Preservation): string {
  if (of.code === 'not-measured')
    return 'No water activity was measured. Measure a dry piece to show why it needs no preservative.';
  const { waterActivity, tempC, at, by } = of.measured;
  const value = formatFixed(waterActivity, 2);
  const measured = by
    ? `Water activity ${value} at ${formatTemp(tempC)}, measured on ${shortDate(at)} (${by}).`
    : `Water activity ${value} at ${formatTemp(tempC)}, measured on ${shortDate(at)}.`;
  switch (of.code) {
    case 'nothing-grows':
      return `${measured} Nothing grows below 0.60, so a dry piece needs no preservative.`;
    case 'low-risk':
      return `${measured} Bacteria don’t grow below 0.75, but some molds may. Dry it below 0.60.`;
    case 'needs-answer':
      return `${measured} Bacteria can grow from 0.75. Dry it further, or ask an assessor for a preservative.`;
  }
}

export function sayComplaints({ all, reactions, serious, open, away }: ComplaintCount): string {
  if (all === 0) return away === 0 ? 'No complaint.' : `No complaint on ${sayAway(away)}.`;
  const parts = [
    counted(reactions, 'reaction'),
    ...(serious > 0 ? [`${serious} serious`] : []),
    ...(open > 0 ? [`${open} open`] : []),
  ];
  return `${counted(all, 'complaint')} (${parts.join(', ')}) on ${sayAway(away)}.`;
}

const sayAway = (away: number) =>
  counted(away, 'piece or pack that left', 'pieces and packs that left');

export function sayScaleCheck(check: LogbookOf<'scale-check'>): string {
  const { weightG, shownG } = check;
  const shown = `${formatMass(shownG)} shown for ${formatMass(weightG)}`;
  const allowed = formatMass(allowedErrorG(check));
  return passesCheck(check)
    ? `${shown}. Passed, ${allowed} allowed.`
    : `${shown}. Failed, ${allowed} allowed. Level it, calibrate it, and check again.`;
}

export const MARK_WORDS: Readonly<Record<MarkId, string>> = {
  gainPct: 'weight gain',
  hard: 'hardness',
  scent: 'scent',
  colors: 'color',
  fizzLossPct: 'fizz lost',
  waterActivity: 'water activity',
};

/** A pass mark as a paper has it; null where the plan does not ask. */
export function sayMark(id: MarkId, marks: PassMarks): string | null {
  switch (id) {
    case 'gainPct':
      return marks.gainPct === null ? null : `weight gain up to ${formatPercent(marks.gainPct)}`;
    case 'hard':
      return marks.hard === null ? null : `hardness ${marks.hard} of 5 or more`;
    case 'scent':
      return marks.scent === null ? null : `scent ${marks.scent} of 5 or more`;
    case 'colors':
      return marks.colors === null
        ? null
        : `color ${listed(marks.colors.map((color) => KEPT_COLOR_WORDS[color]))}`;
    case 'fizzLossPct':
      return marks.fizzLossPct === null
        ? null
        : `fizz lost up to ${formatPercent(marks.fizzLossPct)}`;
    case 'waterActivity':
      return marks.waterActivity === null
        ? null
        : `water activity below ${formatFixed(marks.waterActivity, 2)}`;
  }
}

/** What was measured at one look. */
export function sayStabilityResult(result: StabilityResult): string {
  const { gainPct, hard, scent, color, fizzLossPct, waterActivity, note } = result;
  const said = [
    gainPct === null ? null : `weight ${formatChangePct(gainPct)}`,
    hard === null ? null : `hardness ${hard}`,
    scent === null ? null : `scent ${scent}`,
    color === null ? null : `color ${KEPT_COLOR_WORDS[color]}`,
    fizzLossPct === null ? null : `fizz lost ${formatPercent(fizzLossPct)}`,
    waterActivity === null ? null : `water activity ${formatFixed(waterActivity, 2)}`,
    note || null,
  ];
  return said.filter((one) => one !== null).join(', ');
}

export function sayStabilityVerdict({ verdict, failed, unmeasured }: StabilityVerdict): string {
  const words = (ids: readonly MarkId[]) => listed(ids.map((id) => MARK_WORDS[id]));
  switch (verdict) {
    case 'passed':
      return 'Passed.';
    case 'failed':
      return `Failed: ${words(failed)}.`;
    case 'open':
      return `Not measured: ${words(unmeasured)}.`;
  }
}

export interface ReminderNames {
  readonly codeOfBatch: (batchId: string) => string;
  readonly codeOfLot: (lotId: string) => string;
  readonly nameOf: (materialId: string) => string;
}

/** A reminder without its day, and what it is about. */
export function sayReminder(
  of: Reminder,
  { codeOfBatch, codeOfLot, nameOf }: ReminderNames,
): { readonly about: string; readonly said: string } {
  switch (of.kind) {
    case 'retained-sample':
      return {
        about: codeOfBatch(of.batchId),
        said: `Check a retained sample after ${counted(of.month, 'month')}`,
      };
    case 'lot':
      return { about: codeOfLot(of.lotId), said: `Lot expires ${shortDate(of.day)}` };
    case 'document': {
      const { kind, materialId, lotId, expiresOn } = of.document;
      return {
        about: lotId === null ? shortened(nameOf(materialId), 24) : codeOfLot(lotId),
        said: `${DOCUMENT_WORDS[kind]} expires ${shortDate(expiresOn ?? of.day)}: ask for a new one`,
      };
    }
    case 'stability':
      return {
        about: codeOfBatch(of.batchId),
        said: `Stability after ${counted(of.month, 'month')}: ${of.condition}`,
      };
    case 'scale-check':
      return { about: of.scale, said: 'Check the scale with a known weight' };
    case 'cleaning':
      return { about: 'Workshop', said: 'Clean, and save it in the log' };
    case 'complaint':
      return { about: codeOfBatch(of.batchId), said: 'Answer a complaint' };
  }
}
