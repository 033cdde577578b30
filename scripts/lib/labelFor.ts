import { z } from 'zod';
import { FAMILIES } from '../../src/core/formula/model/kinds';
import { stayingLines, totalMassG } from '../../src/core/formula/model/edit';
import { FOR_WHOM } from '../../src/core/goods/labels/cautions';
import { MARKETS, isEuropean } from '../../src/core/goods/labels/market';
import { SOLD_AS, labelKind } from '../../src/core/goods/labels/soldAs';
import { RULES_WRITTEN } from '../../src/core/goods/labels/requirements/rules';
import { NO_WORDS, labelContent, type LabelQuestion } from '../../src/core/goods/labels/content';
import { classify } from '../../src/core/goods/labels/classification/classify';
import { US_WORDS, usSignal } from '../../src/core/goods/labels/classification/usWords';
import { claimsIn } from '../../src/core/goods/labels/claims/claimsIn';
import { labelRequirements } from '../../src/core/goods/labels/requirements/labelRequirements';
import { sayLabelRequirement } from '../../src/core/goods/labels/requirements/messages';
import { portionsOf } from '../../src/core/matter/materials/portion';
import { USUAL_SETTINGS } from '../../src/core/workshop/settings/settings';
import { bodyFrom } from './bodyFrom';
import { parseOptions, type Answer } from './command';

const optionsSchema = z.object({
  /** One, or several with commas. */
  market: z
    .string()
    .transform((text) => [...new Set(text.split(',').map((one) => one.trim().toLowerCase()))])
    .pipe(z.array(z.enum(MARKETS)).min(1)),
  'sold-as': z.enum(SOLD_AS).optional(),
  family: z.enum(FAMILIES).optional(),
  'net-g': z.coerce.number().min(0.1).max(1_000_000).optional(),
  claims: z.string().max(20_000).optional(),
  'for-whom': z.enum(FOR_WHOM).default('everyone'),
});

/** The contract's answer for the text of a recipe or of an exported file, with the command line's options as written. */
export function labelFor(text: string, rawOptions: Readonly<Record<string, unknown>>): Answer {
  const parsed = parseOptions(optionsSchema, rawOptions);
  if (!parsed.ok) return parsed;
  const { options } = parsed;
  const found = bodyFrom(text, options);
  if (!found.ok) return found;
  const { body, catalog, scentDocuments, pieces } = found;
  const totalG = totalMassG(body);
  const pieceG = pieces ? totalG / pieces : totalG;
  const netG = options['net-g'] ?? (totalG > 0 ? pieceG : null);
  const words = options.claims ?? '';
  const asked: LabelQuestion = {
    markets: MARKETS.filter((one) => options.market.includes(one)),
    soldAs: options['sold-as'] ?? null,
    products: [
      {
        name: '',
        family: body.family,
        method: body.method,
        contents: portionsOf(catalog, stayingLines(body)),
        documentFor: (id) => {
          const allergens = scentDocuments.find(({ materialId }) => materialId === id)?.allergens;
          return allergens ? { allergens } : null;
        },
      },
    ],
    netG,
    forWhom: options['for-whom'],
    own: { ...NO_WORDS, story: words },
  };
  const content = labelContent(asked);
  const musts = labelRequirements(asked, content, {
    batchCodes: [],
    maker: USUAL_SETTINGS.maker,
    ufi: '',
    filings: [],
    sizeMm: null,
    keepsMonths: null,
    fills: null,
    ownTexts: [],
    unread: body.unread.map((line) => line.text),
    hasSafetyReport: false,
  });
  const [product] = content.products;
  return {
    ok: true,
    value: {
      identity: content.identity,
      ingredients: product?.ingredients ?? [],
      ingredientText: product?.ingredientText ?? '',
      netWeight: content.netWeight ?? { g: 0, oz: 0, text: '' },
      allergens: product?.allergens.declared ?? [],
      cautions: content.cautions,
      ...(labelKind(body.family, asked.soldAs) !== 'cosmetic' && {
        classification: classificationFor(asked),
      }),
      rulesNote: `Written in ${RULES_WRITTEN}. Not checked against the current rules.`,
      claims: claimsOf(words),
      missing: musts
        .filter(({ state }) => state === 'missing')
        .map((must) => ({ code: must.code, ...sayLabelRequirement(must), rule: must.rule })),
      toLookAt: musts
        .filter(({ state }) => state === 'look')
        .map((must) => ({ code: must.code, ...sayLabelRequirement(must), rule: must.rule })),
    },
  };
}

/** A household piece by the market’s own rule; in the US alone without codes, for there are none. */
function classificationFor({ markets, products: [product] }: LabelQuestion) {
  const { signal, hazards, supplemental, precautions, pictograms, contains } = classify(
    product?.contents ?? [],
    product?.documentFor,
  );
  if (markets.some(isEuropean))
    return { signal, hazards, supplemental, precautions, pictograms, contains };
  const codes = hazards.map(({ code }) => code);
  const word = usSignal(codes);
  return {
    signal: word === null ? null : word === 'DANGER' ? 'Danger' : 'Warning',
    hazards: codes.flatMap((code) =>
      US_WORDS[code] === undefined ? [] : [{ code: '16 CFR 1500', text: US_WORDS[code] }],
    ),
    supplemental: [],
    precautions: [],
    pictograms: [],
    contains,
  };
}

/** Every claim in the words, and what of them is none. */
function claimsOf(words: string) {
  return [...words.matchAll(/[^.!?;\n]+[.!?;\n]*/g)].flatMap(([sentence]) => {
    const claims = claimsIn(sentence);
    const said = sentence.trim();
    if (claims.length > 0)
      return claims.map(({ words: of, verdict, why, instead }) => ({
        words: of,
        verdict,
        why,
        instead,
      }));
    return said === '' ? [] : [{ words: said, verdict: 'fine', why: '', instead: '' }];
  });
}
