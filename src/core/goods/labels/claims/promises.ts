import type { ClaimRow } from './claimRow';
import { PEST } from './pests';

const FREE_FROM =
  'makes what others use look harmful, or says as an advantage what the law asks of everyone';
const ANIMALS = 'says as an advantage what the law asks of everyone in the EU and the UK';
const TESTED = 'says that someone has tested it, which needs that test on file';
const ORGANIC = 'is a protected word for what a control body has certified';
const FOR_WHOM = 'promises that it is safe for those who need most care, which needs an assessor';
const THROUGH_SKIN = 'says that something passes into the body, which makes a cosmetic a drug';
const WHO_IT_SUITS = 'promises that no skin minds it, which needs a test';

/** Whom it is for: those who cannot judge for themselves. */
const CARE =
  '(?:bab(?:y|ies)|infants?|newborns?|toddlers?|child(?:ren)?|kids?|little ones|bumps?|pregnan\\w+|expectant(?: \\w+)?|expecting|mums?-to-be|moms?-to-be|mamas?-to-be|nursing|breast-?feeding)';

/**
 * Free of this, tested by that, safe for them. Source: EU 655/2013 with its guidance of 2017; EU 2018/848; US 7 CFR 205; US FD&C
 * Act 201 (g). Not checked against the current rules.
 */
export const PROMISES: readonly ClaimRow[] = [
  {
    verdict: 'look',
    words:
      /\b(?:free (?:from|of)|without(?: any)?|no|zero)\s+(?:added |harsh |synthetic |harmful |nasty |toxic )*(?:parabens?|sul(?:ph|f)ates?|sls|sles|phthalates?|silicones?|nasties|preservatives?|mineral oils?|toxins?|formaldehyde|endocrine disrupt\w+|allergens?|perfumes?|petrochemicals?|gluten|gmos?)\b|\b(?:paraben|sul(?:ph|f)ate|sls|sles|phthalate|silicone|preservative|toxin|formaldehyde|petrochemical|gmo|cruelty|nasties)[- ]?free\b/gi,
    why: FREE_FROM,
    instead: 'list what is in it',
  },
  {
    verdict: 'look',
    words:
      /\b(?:not|never|no|without)\s+(?:\w+ ){0,2}?(?:test(?:ed|ing)?)\s+(?:on|with)\s+(?:animals?|bunn(?:y|ies)|rabbits?|mice)\b|\b(?:no|without) animal test\w*\b|\bcruelty[- ]free\b|\b(?:rabbit|bunny|animal|beagle)[- ](?:approved|friendly|kind|safe)\b/gi,
    why: ANIMALS,
    instead: 'leave it out, or say “tested by the makers, in their own tubs”',
  },
  {
    verdict: 'look',
    words:
      /\b(?:dermatologically|clinically|ophthalmologically|p(?:a?)ediatrically|medically|allergy|patch|skin)[- ](?:tested|proven|approved|certified)\b|\b(?:under|with|by) (?:\w+ )?(?:dermatolog\w+|medical|clinical|p(?:a?)ediatric\w*|expert) (?:control|supervision|tests?|testing|trials?|advice)\b/gi,
    why: TESTED,
    instead: 'made in small batches and tested by us',
  },
  {
    verdict: 'look',
    words: /\borganic(?:ally)?\b|\bbio\b(?!-?(?:hazard|logy|graphy))/gi,
    but: /organic (?:chemistry|shapes?|forms?|look)/i,
    why: ORGANIC,
    instead: 'say where it grew, as “lavender from the next valley”',
  },
  {
    verdict: 'look',
    words: new RegExp(
      `\\b${CARE}[- ](?:safe|friendly|approved|proof)\\b|\\b(?:safe|gentle|gentle enough|mild enough|perfect|suitable|ideal|great|made|kind) (?:for|on|to) (?:\\w+ ){0,2}?${CARE}\\b|\\bfor (?:tiny |little |delicate |sensitive )*(?:bab(?:y|ies)|newborns?|infants?|toddlers?|mums?-to-be|moms?-to-be)\\b|\\b(?:mums?|moms?|mamas?)-to-be(?: |-)friendly\\b|\\b${CARE} (?:can (?:use|bathe|enjoy|have)|(?:will )?(?:love|adore)s?|may (?:use|bathe))\\b`,
      'gi',
    ),
    but: /not (?:safe|suitable) for|child(?:ren)? at heart|for the kid in you|baby shower/i,
    why: FOR_WHOM,
    instead: 'for grown-ups, or for children with an adult, once an assessor agrees',
  },
  {
    verdict: 'drug',
    words:
      /\b(?:absorb\w*|soak\w* (?:in|up|into)|pass\w* (?:in|into|through)|enter\w*|replenish\w*|restor\w*|top\w* up|deliver\w*|boost\w*|feed\w*|nourish\w* with)\s+(?:\w+ ){0,3}?(?:magnesium|minerals|electrolytes|nutrients|vitamins)\b|\b(?:magnesium|minerals|nutrients|vitamins|oils)\s+(?:\w+ ){0,2}?(?:soaks?|pass(?:es)?|seeps?|sinks?|enters?|absorbs?|gets?|penetrates?)\s+(?:\w+ ){0,2}?(?:into|through|deep|your|tired|sore)\b|\btransdermal\w*\b|\bthrough (?:the|your) (?:skin|pores)\b|\bmagnesium (?:levels?|boost|therapy|uptake|supplement)\b/gi,
    why: THROUGH_SKIN,
    instead: 'a bath with Epsom salt',
  },
  {
    verdict: 'look',
    words:
      /\b(?:(?:very |extra |most |for |suits? |on )*sensitive skin|(?:suits?|suitable for|good for|for) all skin types|every skin type|ph[- ](?:balanced|neutral)|skin[- ]neutral|non-?irritating|won['’]?t irritate|tear[- ]free)\b/gi,
    why: WHO_IT_SUITS,
    instead: 'leaves skin feeling soft',
  },
  {
    verdict: 'look',
    words:
      /\b(?:boosts?|elevates?|uplifts?|improves?|enhances?) (?:your |the )?(?:mood|moods|focus|memory|wellbeing|well-being|happiness)\b|\bmood[- ](?:boost\w*|lift\w*|enhanc\w*)\b/gi,
    why: 'says that it changes the mind, which must be shown or makes a drug of it',
    instead: 'a quiet evening in the tub',
  },
  {
    verdict: 'look',
    words:
      /\banti-?oxidant\w*\b|\b(?:firms?|tones?|tightens?|sculpts?|plumps?)(?: |,)+(?:and|&) (?:firms?|tones?|tightens?|lifts?|sculpts?|smooths?)\b|\b(?:firming|toning|contouring)\b|\bdose of (?:calm|sleep|health|sunshine|vitamins?|energy|wellness|happiness)\b/gi,
    why: 'says that it changes the body or the mind, which must be shown or makes a drug of it',
    instead: 'leaves skin feeling soft',
  },
  {
    verdict: 'drug',
    words:
      /\bflat(?:ter)? (?:tummy|tummies|stomach|belly)\b|\b(?:soothes?|eases?|shrinks?|calms?|for|against|bye to) (?:your |those )?piles\b|\bgouty\b/gi,
    why: 'names a condition, and what is sold for it is a drug',
    instead: 'a warm, scented bath',
  },
  {
    verdict: 'look',
    words:
      /\b(?:chakras?|auras?|reiki|energy (?:healing|fields?|flow|clearing|work)|vibrational|crystal healing)\b/gi,
    why: 'promises more than anyone can prove',
    instead: 'a quiet evening in the tub',
  },
  {
    verdict: 'pesticide',
    words: new RegExp(
      `\\b(?:chas\\w+|evict\\w*|ban(?:s|ning)?|deter\\w*|discourag\\w+|confus\\w+|clear\\w*|stop\\w*)\\s+(?:\\w+ ){0,2}?${PEST}\\b|\\b${PEST}[- ](?:ridden|infested|bitten|prone)\\b`,
      'gi',
    ),
    but: /butterfl|fly fishing|time flies/i,
    why: 'says that it kills or drives off living things, which needs a registration',
    instead: 'cleans and freshens',
  },
  {
    verdict: 'pesticide',
    words:
      /\b(?:mou?ld|mildew|algae|moss)[- ](?:remover|cleaner|eraser|spray)\b|\bremoves? (?:black )?(?:mildew|algae|mou?ld (?:spots|spores|growth))\b/gi,
    why: 'says that it removes living things, which needs a registration',
    instead: 'removes stains',
  },
];
