import type { ClaimRow } from './claimRow';

const VAGUE =
  'is a general environmental claim, which needs recognized excellent performance behind it';
const NEEDS_PROOF = 'says what becomes of it in nature, which needs a test of this very product';
const OFFSET = 'says that its climate effect is made good, which offsets may not carry';
const SAY_WHAT = 'say which part and what of it, as “box of recycled paper”';

/**
 * Environmental claims. Source: EU 2005/29 as amended by 2024/825, applied from September 2026; US 16 CFR 260; UK Green Claims
 * Code. Not checked against the current rules.
 */
export const GREEN: readonly ClaimRow[] = [
  {
    verdict: 'look',
    topic: 'green',
    words:
      /\b(?:carbon|climate|co2|emissions?)[- ](?:neutral|positive|negative|friendly|compensated|offset)\b|\b(?:low|lower|small|smaller|reduced|less|no|zero)[- ](?:carbon|emissions?)\b|\bcarbon footprint\b|\boffset(?:s|ting)? (?:\w+ ){0,3}?(?:emissions?|carbon|footprint)\b|\bnet[- ]zero\b|\bzero[- ](?:carbon|emissions?)\b/gi,
    why: OFFSET,
    instead: SAY_WHAT,
  },
  {
    verdict: 'look',
    topic: 'green',
    words:
      /\b(?:bio-?degrad\w+|compostable|home[- ]compost\w*|marine[- ]degradable|oxo-?degradable|(?:dissolves?|vanish(?:es)?|goes|gone) without a trace|(?:leaves?|leaving) no trace|breaks? down (?:naturally|safely|completely|in (?:nature|water|the sea|soil|weeks|days))|(?:fully|completely|readily) degradable|microplastic[- ]free)\b/gi,
    why: NEEDS_PROOF,
    instead: SAY_WHAT,
  },
  {
    verdict: 'look',
    topic: 'green',
    words:
      /\b(?:reef|ocean|sea[- ]life|marine|fish|bee|bees|wildlife|planet|earth|nature|forest|river|septic|pond)[- ](?:safe|friendly|kind|positive|conscious)\b|\b(?:safe|kind|kinder|gentle|gentler|good|better|best|great|harmless|guilt[- ]free) (?:\w+ )?(?:for|to|on) (?:the |our |your )?(?:reefs?|oceans?|seas?|planet|earth|environment|nature|fish|bees|wildlife|waterways|rivers?|septic tanks?)\b/gi,
    why: NEEDS_PROOF,
    instead: SAY_WHAT,
  },
  {
    verdict: 'look',
    topic: 'green',
    words:
      /\beco\b(?!-?\d)|\beco[- ]?(?:friendly|conscious|logical(?:ly)?|safe|responsible|warrior|chic|luxe)\b|\becological(?:ly)?\b|\b(?:environmentally|ecologically)[- ](?:safe|friendly|sound|responsible|conscious)\b|\bsustainab\w+\b|\bzero[- ]waste\b|\bnon-?polluting\b|\bgreen(?:er)? (?:cleaning|clean|choice|product|formula|bath|power|living|alternative)\b|\b(?:go|going) green\b|\b(?:planet|nature)[- ]positive\b|\bgreenest\b|\bguilt[- ]free\b|\bresponsibly (?:made|sourced)\b|\bclean beauty\b/gi,
    but: /green (?:tea|apple|clay)/i,
    why: VAGUE,
    instead: SAY_WHAT,
  },
  {
    verdict: 'look',
    topic: 'green',
    words: /\b(?:plastic|palm[- ]oil)[- ]free\b|\brecyclable\b|\b100 ?% recycled\b/gi,
    why: 'is right only for the part that it is true of',
    instead: SAY_WHAT,
  },
];
