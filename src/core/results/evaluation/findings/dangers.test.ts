import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../../tests/fixtures/bodies';
import { USUAL_CONDITIONS } from '../../conditions/types';
import { readRecipe } from '@/core/formula/reading/readRecipe';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { emptyBody } from '@/core/formula/model/create';
import type { Family, Method } from '@/core/formula/model/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { waterFor } from '@/core/workshop/settings/waterFor';
import { evaluate } from '../evaluate';
import { sayFinding } from '../messages';

/** Findings of a written recipe in the water of its family, one piece of 100 g. */
function findingsOf(text: string, family: Family = 'bath-bomb', method: Method = 'press') {
  return evaluate(bodyFrom(text, family, method), {
    ...USUAL_CONDITIONS,
    tub: waterFor(family, USUAL_SETTINGS),
    pieceG: 100,
  }).findings;
}

function severityOf(code: string, text: string, family?: Family, method?: Method): string {
  return findingsOf(text, family, method).find((one) => one.code === code)?.severity ?? 'none';
}

const PLAIN = '200 g baking soda\n110 g citric acid\n20 g cornstarch';
const CLEAN = '200 g baking soda\n110 g citric acid';

/** Each rule just outside and just inside: the code, what it comes to, the recipe, the family. */
const CASES: ReadonlyArray<readonly [string, string, string, Family?, Method?]> = [
  // Cold and hot oils in a tub want as much carrier as there is of them; a drop hurts nobody.
  ['neat-strong-oil', 'stop', `${PLAIN}\n2 g peppermint eo`],
  ['neat-strong-oil', 'stop', `${PLAIN}\n2 g tea tree eo\n1.9 g polysorbate 80`],
  ['neat-strong-oil', 'none', `${PLAIN}\n2 g tea tree eo\n2 g polysorbate 80`],
  ['neat-strong-oil', 'none', `${PLAIN}\n2 g lavender eo`],
  ['neat-strong-oil', 'none', `${PLAIN}\n2 g peppermint eo`, 'shower-steamer'],
  // 100 g of these 330 g go into a bath: a drop is 0.03 g.
  ['neat-strong-oil', 'none', `${PLAIN}\n0.09 g peppermint eo`],
  ['neat-strong-oil', 'stop', `${PLAIN}\n0.11 g peppermint eo`],
  ['crystals-in-tub', 'stop', `${PLAIN}\n0.5 g menthol\n5 g almond oil`],
  ['crystals-in-tub', 'stop', `${PLAIN}\n0.5 g camphor\n5 g almond oil`],
  ['crystals-in-tub', 'none', `${PLAIN}\n0.5 g menthol\n5 g almond oil`, 'shower-steamer'],
  // A whole oil is held down in a bath: 1% of peppermint, whatever its constituents allow.
  [
    'scent-over-limit',
    'none',
    `200 g baking soda\n97 g citric acid\n2.9 g peppermint eo\n6 g polysorbate 80`,
  ],
  [
    'scent-over-limit',
    'warning',
    `200 g baking soda\n97 g citric acid\n3.2 g peppermint eo\n6 g polysorbate 80`,
  ],
  [
    'scent-over-limit',
    'none',
    `200 g baking soda\n97 g citric acid\n3.2 g peppermint eo`,
    'shower-steamer',
  ],
  // Lavender weighs 0.885 g/mL: twenty drops are 0.59 g in 100 g of 330.
  ['oil-per-bath', 'info', `${PLAIN}\n1.9 g lavender eo`],
  ['oil-per-bath', 'advice', `${PLAIN}\n2.1 g lavender eo`],
  ['oil-per-bath', 'none', `${PLAIN}\n2.1 g lavender eo`, 'shower-steamer'],
  ['oil-per-bath', 'none', `${PLAIN}\n2.1 g fragrance oil`],
  ['nuisance-dust', 'info', PLAIN],
  ['fine-dust-caution', 'none', PLAIN],
  ['fine-dust-caution', 'info', `${CLEAN}\n5 g kaolin`],
  // Pressed pieces dry before they are packed: over brisk is a word, wet is a warning.
  ['closed-pack-gas', 'none', `${CLEAN}\n6.2 g water`],
  ['closed-pack-gas', 'advice', `${CLEAN}\n6.5 g water`],
  ['closed-pack-gas', 'advice', `${CLEAN}\n11.1 g water`],
  ['closed-pack-gas', 'warning', `${CLEAN}\n11.4 g water`],
  ['closed-pack-gas', 'warning', `${CLEAN}\n20 g water`, 'cleaning-fizzy'],
  // Acid by its equivalents: a millionth of a mole in each gram is acid, and the lactic trace of milk is none.
  ['ultramarine-with-acid', 'warning', '200 g baking soda\n10 g vinegar\n0.5 g ultramarine'],
  ['ultramarine-with-acid', 'none', '200 g baking soda\n5 g goat milk powder\n0.5 g ultramarine'],
  ['oxidizer-with-acid', 'warning', '100 g percarbonate\n9 g vinegar', 'cleaning-fizzy'],
  ['oxidizer-with-acid', 'none', '100 g percarbonate\n9 g water', 'cleaning-fizzy'],
  ['oxidizer-with-fuel', 'warning', '100 g percarbonate\n1 g cornstarch', 'cleaning-fizzy'],
  ['oxidizer-with-fuel', 'warning', '100 g percarbonate\n1 g 99% alcohol', 'cleaning-fizzy'],
  ['oxidizer-with-fuel', 'none', '100 g percarbonate\n90 g washing soda', 'cleaning-fizzy'],
  // Clove bud is 82% eugenol, limit 0.5%: 0.61% of it may be there, and twice is a stop.
  ['scent-over-limit', 'none', `${PLAIN}\n2.01 g clove bud oil\n3 g polysorbate 80`],
  ['scent-over-limit', 'warning', `${PLAIN}\n2.1 g clove bud oil\n3 g polysorbate 80`],
  ['scent-over-limit', 'warning', `${PLAIN}\n4.05 g clove bud oil\n3 g polysorbate 80`],
  ['scent-over-limit', 'stop', `${PLAIN}\n4.2 g clove bud oil\n3 g polysorbate 80`],
  // What stays on the skin has another rule: said, and not a limit.
  ['scent-over-limit', 'none', `${PLAIN}\n6 g bergamot essential oil\n6 g polysorbate 80`],
  ['phototoxic-oil', 'advice', `${PLAIN}\n6 g bergamot essential oil\n6 g polysorbate 80`],
  ['phototoxic-oil', 'none', `${PLAIN}\n6 g bergaptene free bergamot\n6 g polysorbate 80`],
  // Limonene is 0.9 of sweet orange and more: over 0.01% it is named on a cleaning piece too.
  ['declare-allergens', 'info', `${CLEAN}\n0.05 g sweet orange eo`, 'cleaning-fizzy'],
  ['declare-allergens', 'none', `${CLEAN}\n0.02 g sweet orange eo`, 'cleaning-fizzy'],
  ['borax-public-sale', 'advice', `${CLEAN}\n1 g borax`, 'cleaning-fizzy'],
  ['borax-public-sale', 'none', CLEAN, 'cleaning-fizzy'],
  ['eye-hazard', 'advice', `${CLEAN}\n1 g washing soda`, 'cleaning-fizzy'],
  ['eye-hazard', 'advice', `${CLEAN}\n1 g sodium bisulfate`, 'cleaning-fizzy'],
  ['eye-hazard', 'none', CLEAN, 'cleaning-fizzy'],
  // 106 g of washing soda take a mole of protons before any gas: 64 g of citric acid bring one.
  ['no-gas', 'advice', '106 g sodium carbonate\n64 g citric acid', 'cleaning-fizzy'],
  ['no-gas', 'none', '106 g sodium carbonate\n72 g citric acid', 'cleaning-fizzy'],
  ['menthol-caution', 'advice', `${PLAIN}\n1 g rosemary eo`, 'shower-steamer'],
  ['menthol-caution', 'advice', `${PLAIN}\n1 g camphor`, 'shower-steamer'],
  ['menthol-caution', 'none', `${PLAIN}\n1 g tea tree eo`, 'shower-steamer'],
  // A part of strong alcohol takes a part of menthol, weak alcohol a quarter, oil half.
  ['menthol-undissolved', 'none', `${PLAIN}\n5 g menthol\n5 g 99% alcohol`, 'shower-steamer'],
  ['menthol-undissolved', 'advice', `${PLAIN}\n5.1 g menthol\n5 g 99% alcohol`, 'shower-steamer'],
  ['menthol-undissolved', 'advice', `${PLAIN}\n2 g menthol\n5 g 70% alcohol`, 'shower-steamer'],
  ['menthol-undissolved', 'none', `${PLAIN}\n2.5 g menthol\n5 g castor oil`, 'shower-steamer'],
  // Over a tenth of a percent, scent wants as much carrier as itself.
  ['scent-floats', 'warning', '400 g epsom salt\n2 g lavender eo', 'fizzing-salts', 'loose'],
  ['scent-floats', 'none', '400 g epsom salt\n0.4 g lavender eo', 'fizzing-salts', 'loose'],
  ['scent-floats', 'warning', `${PLAIN}\n2 g lavender eo\n1.9 g polysorbate 80`],
  ['scent-floats', 'none', `${PLAIN}\n2 g lavender eo\n2 g polysorbate 80`],
  ['scent-floats', 'none', `${PLAIN}\n2 g lavender eo`, 'shower-steamer'],
  ['steamer-not-for-bath', 'info', `${PLAIN}\n1 g spearmint eo`, 'shower-steamer'],
  ['steamer-not-for-bath', 'none', `${PLAIN}\n1 g spearmint eo`],
  ['food-imitation', 'advice', `${PLAIN}\nIcing:\n20 g powdered sugar`],
  ['food-imitation', 'none', PLAIN],
  ['jetted-tub', 'info', `${PLAIN}\n5 g castor oil`],
  ['color-without-hue', 'info', `${CLEAN}\n0.2 g powder dye`],
  ['color-without-hue', 'none', `${CLEAN}\n0.2 g blue powder dye`],
  ['jetted-tub', 'none', CLEAN],
  ['jetted-tub', 'none', `${PLAIN}\n5 g castor oil`, 'shower-steamer'],
  ['fine-dust-caution', 'info', `${CLEAN}\n1 g kaolin`],
  ['fine-dust-caution', 'info', `${CLEAN}\n1 g gold mica`],
  ['fine-dust-caution', 'none', CLEAN],
  ['color-batch-certification', 'info', `${CLEAN}\n0.1 g blue 1`],
  ['color-batch-certification', 'none', `${CLEAN}\n0.1 g purple mica`],
  // Magnesium chloride draws water from 33% on, Epsom salt near 90: the room is at 45.
  ['hygroscopic-salt', 'info', '400 g epsom salt', 'fizzing-salts', 'loose'],
  ['hygroscopic-salt', 'warning', '400 g magnesium flakes', 'fizzing-salts', 'loose'],
  // Foam: usual to 5%, with its cautions to 10.
  ['foam-high', 'none', `${CLEAN}\n16 g SLSA`],
  ['foam-high', 'advice', `${CLEAN}\n17 g SLSA`],
  ['foam-high', 'advice', `${CLEAN}\n34 g SLSA`],
  ['foam-high', 'warning', `${CLEAN}\n35 g SLSA`],
  // Alkali in a bath by the pH it makes: with acid to take it up it is only said.
  ['alkali-in-bath-product', 'advice', `${CLEAN}\n10 g sodium carbonate`],
  ['alkali-in-bath-product', 'stop', '300 g sodium carbonate\n1 g citric acid'],
  ['alkali-in-bath-product', 'advice', `${CLEAN}\n10 g sesquicarbonate`],
  ['alkali-in-bath-product', 'stop', `${CLEAN}\n10 g sodium carbonate`, 'shower-steamer'],
  ['washing-soda-hydrate', 'advice', '100 g washing soda', 'cleaning-fizzy'],
  ['washing-soda-hydrate', 'none', '100 g anhydrous washing soda', 'cleaning-fizzy'],
  ['washing-soda-hydrate', 'none', '100 g soda ash', 'cleaning-fizzy'],
  // Colors, wherever they come from: for external use, and not listed.
  ['external-use-color', 'advice', `${CLEAN}\n1 g ultramarine violet`],
  ['external-use-color', 'advice', `${CLEAN}\n1 g blue mica`],
  ['external-use-color', 'advice', `${CLEAN}\n0.1 g violet 2`],
  ['not-for-this-use', 'warning', `${CLEAN}\n1 g activated charcoal`],
  ['external-use-color', 'none', `${CLEAN}\n1 g purple mica`],
  ['external-use-color', 'none', `${CLEAN}\n1 g blue mica`, 'shower-steamer'],
  ['not-for-this-use', 'warning', `${CLEAN}\n1 g activated charcoal`, 'shower-steamer'],
];

describe('a danger is said where it begins, and not before', () => {
  it.each(
    CASES.map(([code, severity, text, family, method]) => ({
      code,
      severity,
      text,
      family,
      method,
    })),
  )('$code is $severity in “$text”', ({ code, severity, text, family, method }) => {
    expect(severityOf(code, text, family, method)).toBe(severity);
  });

  it('never shows a limit of more than the whole', () => {
    const { scent } = evaluate(bodyFrom(`${PLAIN}\n1 g sandalwood eo`), USUAL_CONDITIONS);
    expect(scent.constituents.length).toBeGreaterThan(0);
    expect(scent.limit).toBeNull();
  });
});

describe('practice’s cleaning cube', () => {
  const cube =
    '1/2 cup washing soda\n1/2 cup borax\n1/2 cup Epsom salt\n1 tbsp baking soda\n1 tbsp citric acid\n3 tbsp vinegar';

  it('is workable: damp as it should be, and no gas that could swell it', () => {
    const { binder, findings } = evaluate(bodyFrom(cube, 'cleaning-fizzy', 'silicone'), {
      ...USUAL_CONDITIONS,
      tub: USUAL_SETTINGS.basin,
      pieceG: 28,
    });
    expect(binder.verdict).toBe('in-window');
    expect(binder.freeWaterBand).toBe('easy');
    expect(binder.easyToPct).toBeNull();
    expect(findings.map(({ code }) => code)).toContain('no-gas');
  });
});

describe('a dangerous substance', () => {
  it('is a stop with its reason, though its line is only asked', () => {
    const read = readRecipe('200 g baking soda\n100 g citric acid\n10 g sodium chlorite', SHIPPED);
    if (!read.ok) throw new Error(read.problem.message);
    const { parts, unread } = read.recipe;
    expect(parts.flatMap(({ lines }) => lines)).toHaveLength(2);
    expect(unread).toMatchObject([{ reason: { code: 'dangerous', about: 'sodium chlorite' } }]);
    const [first] = evaluate(
      { ...emptyBody('bath-bomb'), parts, unread },
      USUAL_CONDITIONS,
    ).findings;
    expect(first).toMatchObject({ code: 'dangerous-substance', severity: 'stop' });
    expect(first && sayFinding(first).message).toMatch(/chlorine dioxide/);
  });

  it('is a stop also at the end of a long name', () => {
    const long = '10 g very thick and extra strong lemon scented household bleach';
    expect(severityOf('dangerous-substance', `200 g baking soda\n${long}`)).toBe('stop');
  });

  it.each(['Keep away from bleach and ammonia.', 'chlorine-free water', 'Never mix with bleach'])(
    'is not seen where it is only warned of: %s',
    (text) => {
      expect(findingsOf(`200 g baking soda\n${text}`).map(({ code }) => code)).not.toContain(
        'dangerous-substance',
      );
    },
  );
});
