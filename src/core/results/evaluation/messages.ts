import { capital, listed } from '@/core/basics/format/names';
import { counted, sayGrams, sayPercent } from '@/core/basics/format/numbers';
import type { FindingCode, FindingFacts } from './facts';
import type { Finding, FindingOf } from './types';

/** What a finding says, and what to do about it. */
export interface Said {
  readonly message: string;
  readonly todo: string;
}

type Words = { readonly [C in FindingCode]: (facts: FindingFacts[C]) => Said };

const said = (message: string, todo: string): Said => ({ message, todo });
const ph = (value: number) => value.toFixed(1);

const WORDS: Words = {
  'no-acid': () =>
    said('No acid: this will not fizz.', 'Add citric acid, about half as much as soda.'),
  'no-base': () =>
    said('No base: this will not fizz.', 'Add baking soda, 1.3 to 2.1 times the acid.'),
  'acid-excess': ({ leftoverAcidG, isForSkin }) =>
    isForSkin
      ? said(
          `${sayGrams(leftoverAcidG)} of acid stays in the water: a sour bath that can sting.`,
          'More soda, or less acid.',
        )
      : said(
          `${sayGrams(leftoverAcidG)} of acid stays in the water.`,
          'Keep it off stone, aluminum and enamel.',
        ),
  'soda-excess-high': ({ sodaToAcidByMass, usualHigh, leftoverSodaG }) =>
    said(
      `${sodaToAcidByMass.toFixed(2)} of soda to acid, over the usual ${usualHigh.toFixed(1)}: ${sayGrams(leftoverSodaG)} of soda stays unfizzed. Soft water, weak fizz.`,
      'More acid for more fizz; leave it for a soft bath.',
    ),
  'too-dry': ({ dampIndexPct, windowLowPct, windowHighPct, staysDry }) =>
    said(
      `${dampAgainst(dampIndexPct, windowLowPct, windowHighPct)}: it will crumble at the edges and crack.`,
      staysDry ? 'Press it dry, or leave it as powder.' : 'A little more liquid.',
    ),
  'too-wet': ({ dampIndexPct, windowLowPct, windowHighPct, isLoose }) =>
    said(
      `${dampAgainst(dampIndexPct, windowLowPct, windowHighPct)}: ${isLoose ? 'it will not pour.' : 'it will stick, slump and swell.'}`,
      isLoose ? 'Less liquid, or a drier salt.' : 'Less liquid, or more powder.',
    ),
  'free-water-high': ({ freeWaterPct, easyToPct, humidityPct, band }) =>
    said(
      `Free water ${sayPercent(freeWaterPct)}, easy up to ${sayPercent(easyToPct)} at ${humidityPct} % humidity${band === 'will-swell' ? ': it will swell in the bowl or in the tray' : ''}.`,
      {
        brisk: 'Press at once, in dry air.',
        risky: 'Only for small pieces made at once; better less water.',
        'will-swell': 'Take water out: a drier extract, stronger alcohol, less bloom water.',
      }[band],
    ),
  'closed-pack-gas': ({ gasL, reactedPct }) =>
    said(
      `Closed while damp, ${sayPercent(reactedPct)} of it reacting makes ${gasL.toFixed(1)} L of gas: a jar can burst.`,
      'Spread or leave it open until it is dry, and pack it in what breathes.',
    ),
  'humidity-low': ({ humidityPct, isForSkin }) =>
    said(
      `The room is at ${humidityPct} %: pieces crumble and crack.`,
      `${isForSkin ? 'A little more oil, a' : 'A'} few more squirts, pack firmer, or humidify to 40.`,
    ),
  'humidity-high': ({ humidityPct, isVeryDamp }) =>
    isVeryDamp
      ? said(
          `The room is at ${humidityPct} %: warts, swelling and soft pieces.`,
          'Dehumidify before you weigh.',
        )
      : said(
          `The room is at ${humidityPct} %: the mix takes up water as you work.`,
          'Fewer squirts, and dehumidify toward 45.',
        ),
  'scent-over-limit': ({ loadPct, limitPct, binds, timesOver }) =>
    said(
      `Scent ${sayPercent(loadPct)} of the mix, ${timesOver >= 2 ? `${timesOver.toFixed(1)} times` : 'over'} the ${sayPercent(limitPct)} this blend may have: ${binds} binds first.`,
      'Take some out, and check your supplier’s document.',
    ),
  'scent-load-high': ({ loadPct, usualHighPct }) =>
    said(
      `Scent ${sayPercent(loadPct)} of the mix, usual up to ${sayPercent(usualHighPct)}.`,
      'Check every supplier’s limit, or take some out.',
    ),
  'oil-without-emulsifier': ({ emulsifierToOil }) =>
    said(
      emulsifierToOil === 0
        ? 'Nothing carries the oil into the water: a ring, a film, a slippery tub.'
        : `Too little carrier for the oil (${emulsifierToOil.toFixed(2)} of it): a ring and a slippery tub.`,
      'Add polysorbate 80, 0.1 to 0.35 of the oils and scent; as much again truly carries it.',
    ),
  'scent-limit-unknown': ({ names }) =>
    said(`No limit on file for ${listed(names)}.`, 'Check your supplier’s document.'),
  'vanillin-browning': ({ vanillinPct }) =>
    said(
      `Vanillin ${sayPercent(vanillinPct)} of the mix: it turns yellow to brown in days.`,
      'Plan the color with it, or ask for a vanillin-free scent.',
    ),
  'menthol-caution': ({ names }) =>
    said(
      `${listed(names)}: hard on eyes and airways.`,
      'Gloves when weighing; not near infants, small children, pets or asthma.',
    ),
  'menthol-undissolved': () =>
    said(
      'The menthol has too little to dissolve in: crystals stay in lumps.',
      '1 part in 2 to 4 parts of high-proof alcohol, or melted into warm oil.',
    ),
  'methyl-salicylate-caution': ({ names }) =>
    said(
      `${listed(names)} is nearly all methyl salicylate: it acts like aspirin through the skin.`,
      'Very little of it, never for children or with blood thinners.',
    ),
  'phototoxic-oil': ({ names }) =>
    said(
      `${listed(names)} can burn the skin in the sun when cold pressed.`,
      'Use a distilled or furanocoumarin-free oil, or keep to the supplier’s limit.',
    ),
  'pregnancy-caution': ({ names }) =>
    said(
      `${listed(names)}: commonly advised against in pregnancy.`,
      'Say so on the label, and to ask a doctor or midwife.',
    ),
  'declare-allergens': ({ names, thresholdPct, isForSkin }) =>
    said(
      `Over ${thresholdPct} % of the mix: ${listed(names)}.`,
      isForSkin
        ? 'Name them in the list of ingredients where the EU’s rules hold.'
        : 'Name them on the label of a cleaning piece too where the EU’s rules hold.',
    ),
  'bath-acid': (facts) =>
    said(
      `The bath stands at pH ${ph(facts.ph)} fresh, under ${ph(facts.edge)}: sour on broken skin.`,
      'More soda, less acid or more water.',
    ),
  'bath-alkaline': (facts) =>
    said(
      `The bath stands at pH ${ph(facts.ph)} once half of the gas is gone, over ${ph(facts.edge)}: drying.`,
      'More acid.',
    ),
  'acid-on-surface': (facts) =>
    said(
      `The solution stands at pH ${ph(facts.ph)}: it eats stone, aluminum and enamel.`,
      'Keep it off them, and say so on the label.',
    ),
  'alkaline-solution': (facts) =>
    said(
      `The solution stands at pH ${ph(facts.ph)}: hard on hands and eyes, and on aluminum.`,
      'Gloves and eye protection.',
    ),
  'volume-measure-uncertain': ({ names, ratioLow, ratioHigh }) =>
    said(
      `${firstOf(names)}: measured by volume, not weighed.${ratioLow === undefined || ratioHigh === undefined ? '' : ` Soda to acid may be ${ratioLow.toFixed(1)} to ${ratioHigh.toFixed(1)}.`}`,
      'Weigh them once.',
    ),
  'dangerous-substance': ({ names, whys }) =>
    said(
      `${capital(listed(names))} must not be in a fizzing product: ${whys.join('; ')}.`,
      'Leave it out, and keep it away from the bench.',
    ),
  'unread-lines': ({ lines }) =>
    said(
      lines === 1
        ? 'One written line is not read yet: the readings leave it out.'
        : `${lines} written lines are not read yet: the readings leave them out.`,
      'Choose what they are, or drop them.',
    ),
  'borax-in-bath-product': () => said('Borax never goes into a bath product.', 'Take it out.'),
  'alkali-in-bath-product': ({ names, ph, isStop }) =>
    isStop
      ? said(
          `${listed(names)} is too alkaline for skin${ph === null ? ': more than the acid takes up' : `: the bath stands at pH ${ph.toFixed(1)}`}.`,
          'Use baking soda, or acid enough to take it up.',
        )
      : said(
          `${listed(names)}: the acid takes it up${ph === null ? '' : ` and the bath stands at pH ${ph.toFixed(1)}`}, but dry grains sting eyes and damp hands.`,
          'Gloves and goggles at the bench; baking soda is gentler.',
        ),
  'not-for-skin': ({ names }) => said(`${listed(names)} does not belong on skin.`, 'Take it out.'),
  'not-for-this-use': ({ names, why }) =>
    said(
      `${listed(names)} does not belong here: ${why}.`,
      'Choose another, and check the rules of the place you sell in.',
    ),
  'external-use-color': ({ names }) =>
    said(
      `${listed(names)}: listed for external use only. One reading keeps that out of a bath, as its water reaches mucous membranes; another allows it in what is rinsed off.`,
      'Check the rules where you sell, or choose another color.',
    ),
  'detergent-bath-caution': ({ names }) =>
    said(
      `${listed(names)} foams: a foaming bath product has to carry its caution.`,
      'Put the caution of US 21 CFR 740.17 on the label.',
    ),
  'oil-in-cleaning-piece': ({ names }) =>
    said(
      `${listed(names)} leaves a film where you want none.`,
      'Leave it out: cleaning pieces need no skin oil.',
    ),
  'oil-in-steamer': ({ names }) =>
    said(
      `${listed(names)} washes onto the shower floor: slippery underfoot.`,
      'Leave it out, or keep it to a trace that holds the piece.',
    ),
  'magnesium-carbonate-scale': ({ names, massG }) =>
    said(
      `${sayGrams(massG)} of ${listed(names)} meets washing soda: magnesium carbonate, a white film on glass and pipes.`,
      'Soften with citrate instead, or leave one of the two out.',
    ),
  'ultramarine-with-acid': ({ names }) =>
    said(
      `${listed(names)} gives hydrogen sulfide with acid: it smells of bad eggs.`,
      'Use a lake or an acid-proof blue.',
    ),
  'oxidizer-with-acid': ({ names }) =>
    said(
      `${listed(names)} with acid gives off oxygen when damp, and bleaches dyes and scent.`,
      'Keep it bone dry in what breathes; never with chlorine bleach.',
    ),
  'oxidizer-with-fuel': ({ names }) =>
    said(
      `${listed(names)} feeds fire: with oil, alcohol, scent, starch or sugar it heats up, and can take fire.`,
      'Keep them apart: an oxidizer belongs in a mix of soda and builders alone.',
    ),
  'made-for': ({ whom, scentPct }) => said(...MADE_FOR[whom](sayPercent(scentPct))),
  'nuisance-dust': ({ names }) =>
    said(
      `${firstOf(names)}: a nuisance to breathe, and a thick cloud of it can flash at a flame.`,
      'A mask, no fan across the bowl, no flame while you sift.',
    ),
  'oil-per-bath': ({ drops, volumeMl, manyDrops }) =>
    said(
      `One bath gets ${counted(Math.round(drops), 'drop')} of essential oil (${volumeMl.toFixed(1)} ml).`,
      drops > manyDrops
        ? `Over ${manyDrops} drops is more than most people bathe in: use less, or a smaller piece.`
        : 'Say it where you sell it: buyers ask in drops.',
    ),
  'neat-strong-oil': ({ names, strongG, carrierG }) =>
    said(
      `${listed(names)}: ${sayGrams(strongG)} with ${carrierG > 0 ? `only ${sayGrams(carrierG)}` : 'nothing'} to dissolve it. Drops of it float on the bath and burn skin.`,
      'Add as much polysorbate 80 or skin oil as there is of it, or leave it out.',
    ),
  'crystals-in-tub': ({ names }) =>
    said(
      `${listed(names)} in a tub cools all of the skin at once and stings eyes and airways.`,
      'Leave it out of a bath; it belongs in a shower steamer.',
    ),
  'oxidizer-wet': ({ names }) =>
    said(
      `${listed(names)}: wet, it warms up and gives its oxygen off; a closed pack bursts.`,
      'Press it dry, or leave it as powder.',
    ),
  'borax-public-sale': () =>
    said(
      'Borax is classed as toxic to reproduction in the EU and some other markets, where it may not be sold to the public.',
      'Use citrate or washing soda in what you sell; keep it for your own house.',
    ),
  'eye-hazard': ({ names }) =>
    said(
      `${listed(names)} harms eyes, in the bag, in the piece and in a strong solution.`,
      'Goggles at the bench; the label carries the pictogram and what to do.',
    ),
  'foam-high': ({ names, foamerPct, mostPct }) =>
    said(
      `${listed(names)} at ${sayPercent(foamerPct)} of the mix, usual up to 5 %${foamerPct > mostPct ? `, and over the ${mostPct} % of a strong foaming bomb` : ', 5 to 10 % in a strong foaming bomb'}.`,
      foamerPct > mostPct
        ? 'Take some out: it dries skin and sends dust through the room.'
        : 'Mask on, and the foaming-bath caution on the label.',
    ),
  'fine-dust-caution': ({ names }) =>
    said(
      `${firstOf(names)}: fine dust that lungs do not clear.`,
      'A dust mask for weighing and sieving, no fan across the bowl.',
    ),
  'color-batch-certification': ({ names }) =>
    said(
      `${firstOf(names)}: in the US each batch of it must be certified.`,
      'Buy it with its certification lot number, and keep that with the lot.',
    ),
  'jetted-tub': ({ names }) =>
    said(
      `${firstOf(names)} can foul the pipes of a jetted tub.`,
      'Say “not for jetted tubs” on the label.',
    ),
  'color-without-hue': ({ names }) =>
    said(
      `${listed(names)} is of no hue on file: piece and water are shown without it.`,
      'Swap it for the one you have: blue, red, yellow, violet.',
    ),
  'food-imitation': ({ names }) =>
    said(
      `${listed(names)}: icing and sweets make a piece look like food.`,
      'Rules against food imitations may bar it from sale: plain shape, “not food” on the label, out of children’s reach.',
    ),
  'scent-floats': ({ scentG, carrierG }) =>
    said(
      `${sayGrams(scentG)} of scent with ${carrierG > 0 ? `only ${sayGrams(carrierG)}` : 'nothing'} to carry it: undissolved essential oil floats on the bath and burns skin.`,
      'Add polysorbate 80 or a skin oil, as much as there is scent or more.',
    ),
  'steamer-not-for-bath': ({ scentPct }) =>
    said(
      `Scented for the shower (${sayPercent(scentPct)} of the mix): too strong to sit in.`,
      'Label: “for the shower floor, not for the bath”.',
    ),
  'no-gas': () =>
    said(
      'It gives no gas: washing soda and borax take the acid up before any can form.',
      'More acid and baking soda for a fizz, or promise none.',
    ),
  'washing-soda-hydrate': ({ weakerPct, crystalsTimes }) =>
    said(
      `“Washing soda” is three things: anhydrous, as it is taken here; monohydrate, ${weakerPct.toFixed(0)} % weaker; crystals, of which it takes ${crystalsTimes.toFixed(1)} times as much and which turn wet with acid.`,
      'Look on the box, and swap it for the right one.',
    ),
  'glycerin-with-borax': () =>
    said(
      'Glycerin and borax make a stronger acid together: the mix can react in the bowl.',
      'Leave the glycerin out.',
    ),
  'crystal-water-melts': ({ names, massG, waterPct }) =>
    said(
      `${sayGrams(massG)} of ${listed(names)} is ${sayPercent(waterPct)} water in crystals that melt at 34 °C: it wets the mix by itself.`,
      'Use the anhydrous or the monohydrate, or count the water in.',
    ),
  'weak-alcohol-water': ({ names, massG }) =>
    said(
      `${listed(names)} (${sayGrams(massG)}) brings water along; it is counted.`,
      '91 % alcohol or stronger brings less.',
    ),
  'wet-acid-reacts': ({ names, massG }) =>
    said(
      `${listed(names)} (${sayGrams(massG)}) is acid in water: it reacts in the bowl, and what fizzes there is gone before use.`,
      'By the spoon, mixing fast, and reckon with a weaker piece.',
    ),
  'color-over-rate': ({ names, pctOfMix }) =>
    said(
      `${listed(names)} at ${sayPercent(pctOfMix)} of the mix is over its usual rate: it may stain tub and skin.`,
      'Start low; color cannot be taken out again.',
    ),
  'over-usual-rate': ({ names, pctOfMix }) =>
    said(
      `${listed(names)} at ${sayPercent(pctOfMix)} of the mix is over what makers usually put in.`,
      'It slows the fizz; try less.',
    ),
  'melt-before-alcohol': ({ names }) =>
    said(
      `${listed(names)} is melted warm, and alcohol is in the same beaker.`,
      'Melt first, let it cool to lukewarm, alcohol last and off the heat.',
    ),
  'hygroscopic-salt': ({ names, humidityPct, drawsFromPct, isDamp, isLoose, isDrying }) =>
    said(
      `${listed(names)} draws water from ${drawsFromPct} % humidity on: ${
        isDamp
          ? `at ${humidityPct} % ${isLoose ? 'it clumps and will not pour' : 'pieces go soft'}`
          : isDrying
            ? `fine at ${humidityPct} %, though air so dry takes its crystal water and leaves a white crust`
            : `fine at ${humidityPct} %, soft in a damper store`
      }.`,
      isLoose ? 'Jar it dry, early and tight.' : 'Wrap early and tight.',
    ),
  'botanical-drain': ({ names }) =>
    said(`${listed(names)} can clog a drain.`, 'Pack it with a bag or a strainer.'),
  'food-allergen': ({ names, allergens }) =>
    said(
      `${listed(names)}: people with an allergy ask (${listed(allergens)}).`,
      'Name it plainly on the label.',
    ),
  'slip-caution': () => said('Oils make tubs and shower floors slippery.', 'Say so on the label.'),
  'dust-caution': ({ names }) =>
    said(
      `${listed(names)}: the dust irritates nose, eyes and lungs.`,
      'Mask, goggles, gloves, no fan across the bowl.',
    ),
  'flammable-vapor': ({ names }) =>
    said(`${listed(names)}: the vapor burns.`, 'No flame, no oven, air the room.'),
  'never-with-bleach': () =>
    said(
      'The acid frees chlorine from bleach.',
      'Label: never with bleach or other cleaners; out of the reach of children.',
    ),
};

/** Whom or what the page says it is made for, and what that changes. @param scent its load, as a sentence says it */
const MADE_FOR: {
  readonly [W in FindingFacts['made-for']['whom']]: (
    scent: string,
  ) => readonly [message: string, todo: string];
} = {
  babies: () => [
    'For babies and toddlers: no bath bomb, foam or essential oil belongs in their bath.',
    'Make it for adults, or leave scent, color and foaming powder out and ask a qualified person.',
  ],
  children: (scent) => [
    `For children: half the usual scent at most (1 % of the mix; here ${scent}), no mint, eucalyptus, camphor or wintergreen, and no bubble bath that stings.`,
    'Make a small piece of 55 to 60 g, say “under adult supervision” on the label, and nothing small inside.',
  ],
  pregnancy: () => [
    'For pregnancy: many essential oils are advised against, and a label may promise nothing.',
    'Leave essential oils out, and say “ask your midwife or doctor first”.',
  ],
  pets: () => [
    'For pets: essential oils, mint and tea tree poison cats and dogs, and they lick their fur.',
    'Do not make it for animals.',
  ],
  'jetted-tub': () => [
    'For a jetted tub: oils, butters, petals, glitter and foam foul its pipes and pump.',
    'Leave them out, or say “not for jetted tubs” on the label.',
  ],
  toy: () => [
    'Something small inside: a child can choke on it, and the rules for toys then hold for the whole piece.',
    'Leave it out, or sell to adults with “small parts, not for children under 3”.',
  ],
  food: () => [
    'Shaped like food: it may be taken for something to eat, and many markets bar that.',
    'Choose another shape, or make it plain on the front that it is not food.',
  ],
};

/** The sentence of a finding: what it is, and what to do. */
export function sayFinding(finding: Finding): Said {
  return say(finding);
}

function say<C extends FindingCode>({ code, facts }: FindingOf<C>): Said {
  return WORDS[code](facts);
}

function dampAgainst(index: number, lowPct: number, highPct: number): string {
  return `Damp index ${index.toFixed(1)}, window ${lowPct.toFixed(1)} to ${highPct.toFixed(1)}`;
}

const NAMED_AT_MOST = 3;

/** A few names, and that there are others. */
function firstOf(names: readonly string[]): string {
  return capital(
    names.length > NAMED_AT_MOST
      ? `${names.slice(0, NAMED_AT_MOST).join(', ')} and others`
      : listed(names),
  );
}
