import type { Family } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import type { AllergenDocument } from '@/core/results/scent/declarable';
import { cautionedForInfants, cautionedInPregnancy } from '@/core/results/scent/cautions';
import { listed } from '@/core/basics/format/names';
import { useOf } from '@/core/formula/model/messages';
import { clogsJets } from '@/core/matter/materials/jets';
import { classify, type Classification } from './classification/classify';
import type { HazardCode, PrecautionCode } from './classification/statements';
import { US_WORDS, usSignal } from './classification/usWords';
import { isEuropean, type Market } from './market';
import type { LabelKind } from './soldAs';

/** One sentence for the label and who asks for it. */
export interface LabelCaution {
  readonly code: CautionCode;
  readonly text: string;
  readonly source: string;
}

export type CautionCode =
  | 'foaming-bath'
  | 'outside-use'
  | 'menthol'
  | 'strong-vapor'
  | 'methyl-salicylate'
  | 'phototoxic'
  | 'pregnancy'
  | 'slippery'
  | 'drain'
  | 'stop-if'
  | 'keep-dry'
  | 'jetted-tub'
  | 'food-allergens'
  | 'not-for-skin'
  | 'shower-only'
  | 'signal'
  | 'household'
  | 'bleach'
  | 'contains'
  | 'EUH208'
  | 'borax-not-for-sale'
  | HazardCode
  | PrecautionCode
  | 'first-aid';

const practice = 'common practice';
const clp: Readonly<Record<'eu' | 'uk', string>> = {
  eu: 'EU 1272/2008. Not checked against the current rule',
  uk: 'GB CLP (1272/2008 as kept). Not checked against the current rule',
};
const fhsa = 'US 16 CFR 1500. Not checked against the current rule';

/** For whom a foaming bath is made: the rule lets its last sentence differ. */
export const FOR_WHOM = ['everyone', 'children', 'adults'] as const;
export type ForWhom = (typeof FOR_WHOM)[number];

const FOAMING =
  'Caution: Use only as directed. Excessive use or prolonged exposure may cause irritation to skin and urinary tract. Discontinue use if rash, redness, or itching occurs. Consult your physician if irritation persists.';

/** The permitted ends of the foaming-bath caution. Source: US 21 CFR 740.17, not looked up: check the wording before printing. */
const FOAMING_ENDS: Readonly<Record<ForWhom, string>> = {
  everyone: ' Keep out of reach of children.',
  children: ' Keep out of reach of children except under adult supervision.',
  adults: '',
};

export interface CautionQuestion {
  readonly family: Family;
  readonly kind: LabelKind;
  readonly market: Market;
  readonly contents: readonly Portion[];
  /** What is on file for a scent’s substances. */
  readonly documentFor?: (materialId: string) => AllergenDocument | null;
  readonly forWhom?: ForWhom;
}

/** Sentences a label of this family and these contents should carry, gravest first. Local rules have the last word. */
export function labelCautions(asked: CautionQuestion): readonly LabelCaution[] {
  if (asked.kind === 'cosmetic') return bathCautions(asked);
  return asked.kind === 'cleaner' ? cleanerCautions(asked) : airCareCautions(asked);
}

function bathCautions({
  family,
  market,
  contents,
  forWhom = 'everyone',
}: CautionQuestion): readonly LabelCaution[] {
  const materials = contents.filter(({ massG }) => massG > 0).map(({ material }) => material);
  const has = (trait: (typeof materials)[number]['traits'][number]) =>
    materials.some(({ traits }) => traits.includes(trait));
  // A steamer is never put into a bath: the rule speaks of what makes a bath foam.
  const foams = has('detergent') && family !== 'shower-steamer';
  const foods = [
    ...new Set(
      materials.flatMap(({ sentenceName, foodAllergen }) =>
        foodAllergen ? [`${sentenceName} (${foodAllergen.value})`] : [],
      ),
    ),
  ];
  const vapors = materials.some(cautionedForInfants);
  const isKeptFromInfants = vapors || has('menthol') || has('methyl-salicylate');
  return [
    ...say(
      foams,
      'foaming-bath',
      // What is kept from small children is not handed to them under supervision either.
      FOAMING + FOAMING_ENDS[forWhom === 'children' && isKeptFromInfants ? 'everyone' : forWhom],
      market === 'us' ? 'US 21 CFR 740.17. Not checked against the current rule' : practice,
    ),
    ...say(
      !(foams && forWhom !== 'adults'),
      'outside-use',
      'For external use only. Do not swallow. Keep out of reach of children.',
      practice,
    ),
    ...say(
      foams && forWhom !== 'adults',
      'outside-use',
      'For external use only. Do not swallow.',
      practice,
    ),
    ...vaporCautions(materials),
    ...say(
      has('phototoxic'),
      'phototoxic',
      'Keep bathed skin out of the sun for twelve hours.',
      practice,
    ),
    ...say(
      materials.some(cautionedInPregnancy),
      'pregnancy',
      'In pregnancy ask a doctor or midwife first.',
      practice,
    ),
    ...say(
      has('skin-oil') || has('detergent') || family === 'shower-steamer',
      'slippery',
      family === 'shower-steamer'
        ? 'The floor may be slippery: step with care.'
        : 'Makes tub and floor slippery: step with care.',
      practice,
    ),
    ...say(
      family === 'shower-steamer',
      'shower-only',
      'Not for the bath: too much scent for skin.',
      practice,
    ),
    ...say(has('drain'), 'drain', 'Use a strainer: plant parts clog the drain.', practice),
    ...say(
      useOf(family) === 'tub' && materials.some(clogsJets),
      'jetted-tub',
      'Not for jetted tubs.',
      practice,
    ),
    ...say(foods.length > 0, 'food-allergens', `Contains ${listed(foods)}.`, practice),
    ...say(
      true,
      'stop-if',
      'Stop if skin reddens or itches. With broken skin, infection or after childbirth ask a doctor first.',
      practice,
    ),
    ...say(true, 'keep-dry', 'Keep dry.', practice),
  ];
}

type Materials = readonly CautionQuestion['contents'][number]['material'][];

function vaporCautions(materials: Materials): readonly LabelCaution[] {
  const has = (trait: Materials[number]['traits'][number]) =>
    materials.some(({ traits }) => traits.includes(trait));
  return [
    ...say(
      has('menthol'),
      'menthol',
      'Not for infants, small children, pets, or with asthma. Keep away from eyes and face.',
      practice,
    ),
    ...say(
      materials.some(cautionedForInfants) && !has('menthol'),
      'strong-vapor',
      'Strong vapor: not near infants and small children.',
      practice,
    ),
    ...say(
      has('methyl-salicylate'),
      'methyl-salicylate',
      'Not for children, nor with blood thinners or aspirin allergy.',
      practice,
    ),
  ];
}

function hazardCautions({ market, contents, documentFor }: CautionQuestion) {
  const classed = classify(contents, documentFor);
  return isEuropean(market) ? byRegulation(classed, clp[market], market) : inUsWords(classed);
}

function cleanerCautions(asked: CautionQuestion): readonly LabelCaution[] {
  return [
    ...hazardCautions(asked),
    ...say(
      true,
      'household',
      'Household cleaner. Keep out of reach of children and pets. Not a sweet, not for the bath.',
      practice,
    ),
    ...say(true, 'bleach', 'Never mix with bleach or other cleaners: dangerous gas.', practice),
    ...say(true, 'keep-dry', 'Keep dry, in a pack that can breathe.', practice),
  ];
}

/** A steamer that is sold as a household product scents the air: nothing of it is meant for skin. */
function airCareCautions(asked: CautionQuestion): readonly LabelCaution[] {
  const materials = asked.contents.filter(({ massG }) => massG > 0).map((one) => one.material);
  const isSteamer = asked.family === 'shower-steamer';
  return [
    ...hazardCautions(asked),
    ...vaporCautions(materials),
    ...say(
      true,
      'not-for-skin',
      'Scents the air. Not for skin, not for the bath, not a sweet. Keep out of reach of children and pets.',
      practice,
    ),
    ...say(isSteamer, 'slippery', 'The floor may be slippery: step with care.', practice),
    ...say(true, 'keep-dry', 'Keep dry.', practice),
  ];
}

/** Signal word, substances, hazard and precautionary statements in the regulation’s own words. */
function byRegulation(
  { signal, contains, hazards, supplemental, precautions }: Classification,
  source: string,
  market: 'eu' | 'uk',
): readonly LabelCaution[] {
  const borax = hazards.some(({ code }) => code === 'H360FD');
  return [
    ...say(signal !== null, 'signal', `${signal}.`, source),
    ...say(contains.length > 0, 'contains', `Contains ${listed(contains)}.`, source),
    ...[...hazards, ...supplemental, ...precautions].map(({ code, text }) => ({
      code,
      text,
      source,
    })),
    ...say(
      borax,
      'borax-not-for-sale',
      'Restricted to professional users.',
      market === 'eu'
        ? 'EU 1907/2006, annex XVII, entry 30. Not checked against the current rule'
        : 'UK REACH, annex XVII, entry 30. Not checked against the current rule',
    ),
  ];
}

function inUsWords({ hazards }: Classification): readonly LabelCaution[] {
  const signal = usSignal(hazards.map(({ code }) => code));
  return [
    ...say(signal !== null, 'signal', `${signal}.`, fhsa),
    ...hazards.flatMap(({ code }) =>
      say(US_WORDS[code] !== undefined, code, US_WORDS[code] ?? '', fhsa),
    ),
    ...say(
      signal !== null,
      'first-aid',
      'In eyes: rinse with water for several minutes, remove contact lenses, continue rinsing. If swallowed: rinse the mouth, call a poison center.',
      fhsa,
    ),
  ];
}

function say(
  holds: boolean,
  code: CautionCode,
  text: string,
  source: string,
): readonly LabelCaution[] {
  return holds ? [{ code, text, source }] : [];
}
