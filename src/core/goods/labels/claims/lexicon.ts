import type { ClaimRow } from './claimRow';
import { CONDITIONS } from './conditions';
import { GREEN } from './green';
import { PEST } from './pests';
import { PROMISES } from './promises';

const DISEASE = 'names a condition, and what is sold for it is a drug';
const HEALS = 'says that it treats or prevents, which makes a cosmetic a drug';
const BODY = 'says that it changes how the body works, which makes a cosmetic a drug';
const KILLS = 'says that it kills or drives off living things, which needs a registration';
const BACKED = 'says that someone vouches for it, which needs their word in writing';
const ABSOLUTE = 'promises more than anyone can prove';

const WARM_BATH = 'a warm, scented bath';
const FRESH = 'a fresh scent in the shower';
const CLEAN = 'cleans and freshens';
const EVENING = 'a quiet evening in the tub';
const SKIN = 'leaves skin feeling soft';

const list = (...words: readonly string[]) => new RegExp(`\\b(?:${words.join('|')})\\b`, 'gi');

const GROWTH = '(?:mou?lds?|mildew|fung(?:i|us|al)|algae|spores?|yeasts?)';
const GERM =
  '(?:(?<!wheat[- ])germs?|bacteri\\w+|virus(?:es)?|microbes?|pathogens?|microorganisms?)';

/**
 * Words that make more of a bath piece or a cleaner than it is. A row is one way of saying so.
 * Source: US FD&C Act 201(g), FIFRA; EU Regulations 1223/2009 (article 20), 655/2013 and 528/2012; not looked up.
 */
export const LEXICON: readonly ClaimRow[] = [
  // Conditions by name.
  {
    verdict: 'drug',
    words: list(
      ...CONDITIONS,
      'eczema',
      'psoriasis',
      'acne',
      'pimples?',
      'blemish(?:es)?',
      'dermatitis',
      'rosacea',
      'arthriti[cs]',
      'rheumat\\w+',
      'gout',
      'fibromyalgia',
      'sciatica',
      'lumbago',
      'migraines?',
      'headaches?',
      'asthma\\w*',
      'hay ?fever',
      'allergy relief',
      'flu',
      'influenza',
      'covid\\w*',
      'cough\\w*',
      'bronchitis',
      'sinusitis',
      'infections?',
      'infected',
      'inflam\\w+',
      'cramps?',
      'cramping',
      'spasms?',
      'pms',
      'period pains?',
      'menopaus\\w+',
      'hot flas?hes',
      'depression',
      'antidepress\\w*',
      'anxiety',
      'anxious',
      'panic attacks?',
      'adhd',
      'autism',
      'fungus',
      "athlete['’]?s foot",
      'warts?',
      'hemorrhoids?',
      'varicose',
      'eczematous',
      'diabet\\w+',
      'cancer',
      'tumou?rs?',
      'nausea',
      'indigestion',
      'bloating',
      'constipat\\w+',
      'hangovers?',
      'sunburns?',
      'rash(?:es)?',
      'itch(?:y|es|ing)?',
      'hives',
      'swelling',
      'bruis(?:es?|ing)',
      'wounds?',
      'ulcers?',
      'neuropath\\w+',
      'restless legs?',
      'uti',
      'high blood pressure',
      'cellulite',
      'ailments?',
      'illness(?:es)?',
      'diseases?',
      'symptoms?',
      'injur(?:y|ies)',
      'fevers?',
      'jet ?lag',
      'fatigue',
      'hair loss',
      'baldness',
      '(?:for|on|against|soothes|cools) (?:minor |small |sun)?burns',
    ),
    but: /cabin fever|fever pitch|saturday night fever|itching to|the itch to/i,
    why: DISEASE,
    instead: WARM_BATH,
  },
  {
    verdict: 'drug',
    words:
      /\bcolds\b|\b(?:head|chest|common|summer|winter)[- ]colds?\b|\bcold (?:and|&|or) (?:flu|cough)|\bcold(?: |-)(?:relief|remedy|symptoms?|season|sores?|virus)|\b(?:a|your|that|nasty|bad) cold\b(?=\s*(?:will\b|is\b|goes\b|[.,;:!?]|$|and\b|or\b|with\b|coming\b|away\b|fast\b|quick|strikes|hits))/gi,
    but: /(?:in|out|from|against) the cold/i,
    why: DISEASE,
    instead: FRESH,
  },
  // Healing.
  {
    verdict: 'drug',
    words:
      /\b(?:heals?|healed|healing|healer|curative|remed(?:y|ies)|therapeutic\w*|medicinal\w*|medicated|medicines?|medication|painkillers?|analgesic|aspirin|ibuprofen|antibiotics?|steroids?|sedatives?|decongest\w*|antihistamine|expectorant|diuretic|laxative|numb(?:s|ing)|anti-?itch|pharmaceutical)\b/gi,
    but: /medicine (?:cabinet|ball|chest)|well[- ]healed|remed(?:y|ies)-free/i,
    why: HEALS,
    instead: SKIN,
  },
  {
    verdict: 'drug',
    words: /\bcur(?:es?|ed|ing)\b/gi,
    but: /cur(?:es?|ed|ing)\s+(?:time|for (?:an?|one|two|three|four|five|six|ten|twelve|some|several|\d+|about|at least) |over|in|on|at|until|hard|slowly|overnight|room|rack|days?|\d)|(?:air|slow|fully|well|let it|leave (?:it )?to|while (?:it|they)|is|are|been|was|were)[- ]cur|cur(?:es?|ed|ing) (?:the )?boredom/i,
    why: HEALS,
    instead: SKIN,
  },
  {
    verdict: 'drug',
    words:
      /\btreat(?:s|ed|ing)?\s+(?:(?:the|your|all|any|most|stubborn|mild|severe|minor|dry|damaged|problem|cracked|broken|irritated|tired|aching|sore)\s+)*(?:skin|conditions?|problems?|damage|complaints?|feet|heels|scalp|muscles?|joints?|body)\b|\btreatments?\s+(?:for|of|against)\b|\balternative to (?:pills|drugs|medicine|a doctor)|\b(?:drug|doctor|pill)[- ](?:strength|away)\b|\bdoctor away\b/gi,
    but: /treat(?:s|ed|ing)? (?:your|tired) (?:feet|skin|body|senses|self)(?: and \w+)? to\b|treats? your (?:feet|self)\b/i,
    why: HEALS,
    instead: WARM_BATH,
  },
  {
    verdict: 'drug',
    words: /\b(?:reliev(?:es?|ed|ing)|alleviat\w+|relief)\b/gi,
    but: /what a relief|comic relief|relieves? (?:you of|boredom|the boredom)|in (?:high |low |bas[- ])?relief|relief (?:pattern|print|map|design|of the mold|carving)|a welcome relief from the (?:rain|cold|wind)/i,
    why: HEALS,
    instead: WARM_BATH,
  },
  // Pain, muscles, joints.
  {
    verdict: 'drug',
    words:
      /\b(?:pains?|painful|pain-free|ach(?:e|es|y|ing)|sore(?:ness)?|stiff(?:ness)?(?=\s+(?:joints?|necks?|backs?|muscles?|limbs?|knees?|fingers?|mornings?))|joint (?:support|health|comfort|care)|(?:stiff|tired|tender|creaky|swollen) joints?)\b/gi,
    but: /aching(?:ly)? (?:with|beautiful|lovely|pretty)\b|no pains? spared|pains? (?:were|was)? ?taken|took (?:great )?pains?|sight for sore eyes|sore loser|painful to (?:watch|part)|window|pain au/i,
    why: HEALS,
    instead: 'for the end of a long day',
  },
  {
    verdict: 'drug',
    words:
      /\b(?:tired|tense|tight|weary|overworked|worn(?:-|\s)out|hard-?worked|strained|knotted|heavy|cold|exercised)\s+(?:\w+\s+)?muscles?\b|\b(?:relax|relaxes|relaxing|sooth(?:e|es|ing)|eas(?:e|es|ing)|melt|melts|calm|calms|loosen|loosens|rest|rests|repair|repairs|recover|restor(?:e|es)|warm|warms|revives?|unwinds?|help|helps|good for|great for|for|unknots?|soften|softens)\s+(?:\w+\s+){0,3}?muscles?\b|\bmuscles?[- ](?:recovery|relax\w*|soak|rub|rescue|relief|tension|ease|repair|tightness|therapy|fatigue|balm|melt)\b|\bmuscle\s?(?:pain|soreness)\b|\b(?:after|post)[- ]?(?:workout|exercise|training|run)[- ]recovery\b|\b(?:aids?|speeds?|faster|helps|supports?) (?:\w+ )?recovery\b/gi,
    why: HEALS,
    instead: 'for the end of a long day at the oars',
  },
  {
    verdict: 'look',
    words: /\bmuscles?\b/gi,
    but: /no muscle|without (?:any )?muscle|muscle power|puts? (?:some |its )?muscle|needs? (?:no|little) muscle|elbow/i,
    why: HEALS,
    instead: 'for the end of a long day',
  },
  {
    verdict: 'drug',
    words:
      /\b(?:soothes?|soothing|calms?|calming|eases?|easing|comforts?|cools?|repairs?|restores?|settles?|helps?)\s+(?:\w+\s+){0,2}?(?:irritat\w+|irritation|redness|inflamed|broken|damaged|cracked|chapped|burn(?:s|t|ed)?|nerves|joints?|throats?|stomachs?|tumm(?:y|ies)|backs?|sinus\w*|chests?|knees?|necks?|feverish)\b/gi,
    but: /redness of the (?:sky|sunset)|lays? back|sits? back/i,
    why: HEALS,
    instead: SKIN,
  },
  // Stress and sleep.
  {
    verdict: 'drug',
    words:
      /\b(?:reduc\w+|eas(?:e|es|ing)|melt\w*|fight\w*|lower\w*|calm\w*|lift\w*|sooth\w*|beat\w*|banish\w*|combat\w*|dissolv\w+|busts?|releas\w+|take\w*|wash\w*|soak\w*|chas\w+|forget|manag\w+)\s+(?:\w+\s+){0,3}?(?:stress|tension|worry|worries|burnout)\b|\b(?:stress|tension)[- ](?:relie\w+|reduc\w+|bust\w+|melt\w+|away|soother|buster)\b|\bde-?stress\w*\b|\bantistress\b|\banti-stress\b/gi,
    but: /stress(?:ed)? on|surface tension/i,
    why: BODY,
    instead: EVENING,
  },
  {
    verdict: 'drug',
    words:
      /\b(?:insomnia\w*|sleepless\w*|restless nights?|sleep(?:ing)?[- ]?(?:aids?|remed\w+|potion|inducing|support|better|well|soundly|deep\w*|like a baby|faster|easier|quality|cycles?|problems?|trouble|tablets?|pills?)|fall(?:s|ing)? asleep|(?:promot\w+|help\w*|bring\w*|induc\w+|encourag\w+|aid\w*|support\w*|improv\w+|deep\w*|restful|sound|better|good|great|longer|natural|peaceful|gentle|easy|for|you|to|into) (?:a |an |your |you |you to |restful |deep |good |sound |better |restorative |great |more |of )*(?:sleep|slumber)|(?:good|great|better|sound|peaceful|restful|full) night['’]?s (?:sleep|rest)|puts? you to sleep|melatonin|nod off|knocks? you out|lulls? you(?: to sleep)?)\b/gi,
    but: /(?:boats?|dogs?|town|harbou?r|gulls?|children|city|world|tide|everyone|others)\s+(?:fall|falls|go|goes|sleep|sleeps)|go(?:es|ing)? to sleep (?:on|early)|\bsleep (?:in|over|late)\b|let (?:the |sleeping )?dogs|before (?:you )?(?:go to )?sleep\b(?!\s*(?:better|well))/i,
    why: BODY,
    instead: 'a warm bath before bed',
  },
  {
    verdict: 'look',
    words: /\bsleepy ?time\b|\bdrift off\b|\bsweet dreams\b|\bsleep\b/gi,
    but: /(?:boats?|dogs?|town|harbou?r|gulls?|children|city|world|tide|everyone|others|while)\s+(?:\w+\s+)?sleep|\bsleep (?:in|over|late)\b|let (?:the |sleeping )?dogs|before (?:you )?(?:go to )?sleep\b|go(?:es|ing)? to sleep (?:on|early)/i,
    why: BODY,
    instead: 'a warm bath before bed',
  },
  // Detox and what goes on inside.
  {
    verdict: 'drug',
    words:
      /\b(?:detox\w*|de-tox\w*|toxins?|purg(?:e|es|ing)|flush(?:es)? (?:out )?(?:the |your )?(?:body|system|impurit\w+|poison\w*|waste)|(?:draws?|pulls?|sweats?|drives?) out (?:\w+ )?(?:impurit\w+|poisons?|heavy metals?|toxi\w+|illness|waste)|cleans(?:e|es|ing) (?:the |your )?(?:body|system|blood|organs?|liver|colon|inside)|cleanses? (?:you )?from (?:within|the inside)|purif(?:y|ies|ying) (?:the |your )?(?:blood|body|system)|liver|kidneys?|lymph\w*)\b/gi,
    but: /non-?toxi|kidney[- ](?:bean|shape)|liver spots? of rust/i,
    why: BODY,
    instead: WARM_BATH,
  },
  {
    verdict: 'drug',
    words:
      /\b(?:immun(?:e|ity)\w*|metaboli\w+|circulation|blood (?:flow|pressure|sugar|circulation)|hormon\w+|libido|aphrodisiac|fertility|weight[- ]loss|lose weight|slimming|burns? (?:fat|calories)|fat[- ]burning|serotonin|endorphins?|cortisol|nervous system|digestion|testosterone|oestrogen|estrogen|collagen|regenerat\w+ (?:cells?|skin|tissue)|cell(?:ular)? (?:renewal|repair|turnover)|stimulates? (?:hair|cell|nerve|blood)|hair (?:re)?growth|regrow\w*|reverses? (?:aging|ageing|wrinkles|damage)|strengthens? the (?:body|heart|nerves)|lowers? (?:your )?(?:pulse|heart rate)|boosts? (?:your )?(?:health|defen[cs]es|antibodies|vitality levels)|draws? (?:out )?magnesium|magnesium (?:absorption|deficiency)|absorbed through the skin|spf ?\d*|sunscreen|sun protection)\b/gi,
    but: /(?:air|water) circulation|immune to (?:boredom|rust|fashion)/i,
    why: BODY,
    instead: WARM_BATH,
  },
  {
    verdict: 'drug',
    words:
      /\b(?:(?:clear|clears|clearing|open|opens|opening|unblock\w*|unclog\w*|free|frees|decongest\w*|drains?)\s+(?:up\s+)?(?:the\s+|your\s+|a\s+|blocked\s+|stuffy\s+|stuffed\s+|clogged\s+|congested\s+)*(?:sinus\w*|airways?|lungs?|noses?|nasal\w*|chests?|heads?|bronch\w+|passages)|sinus(?:es)?|nasal|congest\w+|stuffy|stuffed[- ]up|blocked[- ](?:up )?noses?|runny noses?|snuffles|sniffles|breathe (?:more )?(?:easier|easily|better|freely|again|clearly)|easier breathing|airways?|respiratory|bronchial)\b/gi,
    but: /traffic congest|congested (?:harbou?r|traffic|drains?)|unclog\w* (?:the |your )?(?:drain|sink|pipe)|stuffy (?:room|cabin|air|bathroom)|clears? (?:the|your) head of (?:the )?(?:day|office)|breathe (?:in|deep|out)/i,
    why: BODY,
    instead: FRESH,
  },
  // Skin beyond its looks.
  {
    verdict: 'drug',
    words:
      /\b(?:(?:fad(?:e|es)|eras(?:e|es)|remov(?:e|es)|reduc(?:e|es)|heal(?:s)?|eliminat(?:e|es)) (?:\w+ )?(?:scars?|stretch ?marks?|age spots?|varicose veins?)|restores? (?:the |your )?(?:skin['’]?s )?(?:ph|barrier)|repairs? (?:the |your )?(?:skin|barrier|cells|dna))\b/gi,
    why: BODY,
    instead: SKIN,
  },
  {
    verdict: 'look',
    words:
      /\b(?:anti-?ag(?:e?ing)|wrinkles?|firm(?:s|ing) (?:the )?skin|rejuvenat\w+|impurit\w+|stretch ?marks?|scars?|health benefits?|good for your health|improves? (?:your )?(?:health|memory|concentration|focus|mood)|wellness cure|hydrotherapy|clears? (?:the|your) head|balances? (?:the |your )?(?:ph|body|energy|hormones?)|bioactive|works? wonders)\b/gi,
    but: /(?:look|appearance) of|wrinkles? (?:in|on) the (?:wrap|film|bag|label|shirt)/i,
    why: BODY,
    instead: SKIN,
  },
  // Killing and repelling.
  {
    verdict: 'pesticide',
    words:
      /\b(?:anti-?bacterial\w*|anti-?microbial\w*|anti-?viral\w*|anti-?fungal\w*|anti-?septic\w*|disinfect\w*|saniti[sz]\w*|sterili[sz]\w*|germicid\w*|bactericid\w*|fungicid\w*|virucid\w*|biocid\w*|insecticid\w*|pesticid\w*|insect repellent|bug (?:spray|repellent)|mosquito repellent|hygienically clean)\b/gi,
    but: /not (?:a |an )?(?:disinfectant|pesticide)|pesticide-free|no pesticides|grown without pesticides|free (?:of|from) pesticides|without pesticides/i,
    why: KILLS,
    instead: CLEAN,
  },
  {
    verdict: 'pesticide',
    words: new RegExp(
      `\\b(?:kill\\w*|destroy\\w*|eliminat\\w*|eradicat\\w*|wip(?:e|es) out|fight\\w*|inactivat\\w*|remov\\w*|stop\\w*|prevent\\w*|inhibit\\w*|zap\\w*|knock\\w*|rid\\w*|free (?:of|from)|against|protects? (?:\\w+ )?(?:from|against)|blasts?|banish\\w*|safe from|attack\\w*|murder\\w*)\\s+(?:\\S+\\s+){0,4}?${GERM}|\\b${GERM}[- ](?:kill\\w*|free|fight\\w*|bust\\w*|proof)|\\b\\d[\\d.]* ?(?:%|percent) of (?:\\w+ )*${GERM}|${GERM} (?:protection|defen[cs]e|control)|\\bgerms\\b|\\bbacteria\\b`,
      'gi',
    ),
    but: /computer virus|wheat germ/i,
    why: KILLS,
    instead: CLEAN,
  },
  {
    verdict: 'pesticide',
    words: new RegExp(
      `\\b(?:kill\\w*|destroy\\w*|eradicat\\w*|stop\\w*|prevent\\w*|inhibit\\w*|resist\\w*|fight\\w*|halt\\w*|protects? (?:\\w+ )?(?:from|against)|keeps? (?:out|away|down)|no more|get rid of)\\s+(?:\\S+\\s+){0,3}?${GROWTH}\\b|\\b${GROWTH}[- ](?:kill\\w*|resist\\w*|proof|fight\\w*|growth)\\b`,
      'gi',
    ),
    but: /stuck in the mou?ld|(?:silicone|metal|hand|press) mou?lds?|out of the mou?ld|from the mou?ld/i,
    why: KILLS,
    instead: 'removes stains',
  },
  {
    verdict: 'pesticide',
    words: new RegExp(
      `\\b(?:kill\\w*|repel\\w*|deter\\w*|driv(?:e|es|ing) (?:away|off|out)|ward\\w* off|chas(?:e|es|ing) (?:away|off)|scar(?:e|es) (?:away|off)|get\\w* rid of|banish\\w*|hate[sd]?(?: by)?|keep\\w* (?:away|off|out)|send\\w* (?:away|off)|protects? (?:\\w+ )?(?:from|against)|exterminat\\w*|no more|good ?bye to|poison\\w*|control\\w*)\\s+(?:\\S+\\s+){0,3}?${PEST}\\b|\\b(?:keep\\w*|send\\w*|driv\\w+|hold\\w*)\\s+(?:\\S+\\s+){0,3}?${PEST}\\s+(?:away|off|out|at bay|packing)|\\b${PEST}[- ](?:repell\\w+|free|proof|killer|killing|deterrent|away|control|bite\\w*)\\b|\\b${PEST} (?:hate|dislike|stay away|keep away|flee|cannot stand|can't stand)`,
      'gi',
    ),
    but: /ants? in (?:my|your) pants|fly fishing|time flies|butterfl/i,
    why: KILLS,
    instead: CLEAN,
  },
  {
    verdict: 'pesticide',
    words:
      /\bweed ?killer\b|\bkills? weeds\b|\bkills?\s+(?:\d[\d.]*\s*%|99|everything|on contact)/gi,
    why: KILLS,
    instead: CLEAN,
  },
  // Vouched for.
  {
    verdict: 'look',
    words:
      /\b(?:(?:fda|epa|eu|government|state|health (?:department|authority|ministry)|authority|officially|federally|ministry)[- ](?:\w+[- ])?(?:approved|registered|certified|cleared|licensed|endorsed|recommended|authori[sz]ed|tested|accepted)|(?:approved|certified|licensed|cleared|endorsed|recommended|authori[sz]ed|sanctioned|registered) (?:by|with|from) (?:\w+ ){0,3}\w+|approval|(?:dermatologist|doctor|physician|pediatrician|paediatrician|midwife|nurse|pharmacist|vet|veterinarian|dentist|expert|hospital|lab|laboratory|clinically|scientifically|medically)s?[- ](?:\w+ )?(?:tested|approved|recommended|trusted|proven|certified|grade|endorsed|backed)|(?:doctors?|dermatologists?|physicians?|nurses|midwives|experts|scientists|science|studies) (?:recommend|approve|agree|trust|say|show|prove|swear)\w*|(?:clinical(?:ly)?|scientific(?:ally)?|medical(?:ly)?) (?:prove[ns]?|proof|strength|studies|grade|tested|evidence|trials?)|(?:medical|hospital|pharmaceutical|clinical)[- ]grade|proven to|complies with all|(?:fda|eu|epa)[- ]compliant|prescription|the safest|your doctor will|meets? (?:all )?(?:fda|eu|legal|government) (?:\w+ )?(?:rules|standards|requirements)|certified organic|gras)\b/gi,
    but: /approval of (?:the|our) (?:[\w']+ )?(?:crew|cat|dog|captain)|recommended by (?:our|the) (?:[\w']+ )?(?:crew|cat|dog|captain)|approved by (?:our|the) (?:[\w']+ )?(?:crew|cat|dog|captain|club)|tested by (?:our|the)/i,
    why: BACKED,
    instead: 'made in small batches and tested by us',
  },
  // Promises.
  {
    verdict: 'look',
    words:
      /\b(?:100 ?%[- ](?:safe|natural|pure|effective|organic)|(?:completely|totally|absolutely|perfectly) (?:safe|harmless)|chemical[- ]free|(?:no|without) (?:any )?(?:harmful )?chemicals|non-?toxic|safe for (?:everyone|all|babies|infants|pregnan\w+)|(?:safe )?(?:in|during) pregnancy|hypo-?allergenic|allergen[- ]free|allergy[- ](?:free|friendly|safe)|(?:no|without) (?:any )?side effects|miracle\w*|miraculous\w*|guaranteed (?:to|results)|magic(?:al)? (?:cure|powers?)|eco-?friendly|environmentally (?:safe|friendly)|earth[- ]friendly|kid[- ]safe|safe to (?:eat|swallow|drink)|edible)\b/gi,
    why: ABSOLUTE,
    instead: 'say what is in it and what is not',
  },
  ...GREEN,
  ...PROMISES,
];

/** A sentence that warns or disclaims: naming a condition in it claims nothing. */
export const NOT_A_CLAIM =
  /\b(?:do not use|don['’]t use|not for use|never use|do not (?:bathe|apply|swallow|inhale)|stop (?:use|using|if)|discontinue|avoid (?:use|using|contact|if|with|when|on|in)|not (?:suitable )?for (?:infants?|children|people|anyone|those|use|broken|internal|consumption|pets)|ask (?:a|your) (?:doctor|physician|midwife|pharmacist)|consult|(?:keep|store) (?:out of|away from|dry)|may (?:cause|irritate|produce)|not (?:intended|meant) to|(?:is|are) not (?:a |an )?(?:medicine|drug|treatment|cure|remedy|disinfectant|cosmetic|medical)|makes? no (?:medical |health )?claims?|no (?:medical|health) claims?|in case of|if (?:irritation|rash|redness|itching|swallowed|in eyes))\b/i;
