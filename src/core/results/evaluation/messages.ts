import { ROOM_PCT } from '../binder/room';
import { listed } from '@/core/basics/format/names';
import {
  counted,
  formatCount,
  formatFixed,
  formatPercent,
  formatRange,
  isOne,
} from '@/core/basics/format/numbers';
import { capital, subject } from '@/core/basics/format/phrases';
import {
  formatLiters,
  formatMass,
  formatMassRange,
  formatMilliliters,
  formatTemp,
} from '@/core/basics/format/quantities';
import type { FindingCode, FindingFacts } from './facts';
import type { Finding, FindingOf } from './types';

/** What a check says, and what to do about it. */
export interface Said {
  readonly message: string;
  readonly todo: string;
}

type Words = { readonly [C in FindingCode]: (facts: FindingFacts[C]) => Said };

const said = (message: string, todo: string): Said => ({ message, todo });
const ph = (value: number) => formatFixed(value, 1);

const BIND_WITHOUT_WATER = 'Bind it with oil or alcohol, not water.';

const WORDS: Words = {
  'no-acid': () =>
    said('There is no acid, so this won’t fizz.', 'Add citric acid, about half as much as soda.'),
  'no-base': () =>
    said('There is no soda, so this won’t fizz.', 'Add baking soda, 1.3–2.1 times the acid.'),
  'acid-excess': ({ leftoverAcidG, isForSkin }) =>
    isForSkin
      ? said(
          `${formatMass(leftoverAcidG)} of acid stays in the water. A sour bath can sting.`,
          'Use more soda, or less acid.',
        )
      : said(
          `${formatMass(leftoverAcidG)} of acid stays in the water.`,
          'Keep it off stone, aluminum and enamel.',
        ),
  'soda-excess-high': ({ sodaToAcidByMass, usualHigh, leftoverSodaG }) =>
    said(
      `Soda to acid is ${formatFixed(sodaToAcidByMass, 2)} (usual up to ${formatFixed(usualHigh, 1)}), so ${formatMass(leftoverSodaG)} of soda won’t fizz. The water gets soft and the fizz weak.`,
      'Add acid for more fizz. Leave it for a soft bath.',
    ),
  'too-dry': ({ dampIndexPct, windowLowPct, windowHighPct, staysDry, looseWaterPct }) => {
    const figure = moistureAgainst(dampIndexPct, windowLowPct, windowHighPct);
    if (staysDry) return said(`${figure} It will crumble.`, 'Press it dry, or leave it as powder.');
    return looseWaterPct === null
      ? said(`${figure} It will crumble at the edges and crack.`, 'Add a little more liquid.')
      : said(
          `${figure} It will crumble, and its loose water is ${formatPercent(looseWaterPct)} already.`,
          BIND_WITHOUT_WATER,
        );
  },
  'too-wet': ({ dampIndexPct, windowLowPct, windowHighPct, isLoose }) =>
    isLoose
      ? said(
          `${moistureAgainst(dampIndexPct, windowLowPct, windowHighPct)} It won’t pour.`,
          'Use less liquid, or a drier salt.',
        )
      : said(
          `${moistureAgainst(dampIndexPct, windowLowPct, windowHighPct)} It will stick, slump and swell.`,
          'Use less liquid, or more powder.',
        ),
  'free-water-high': ({ freeWaterPct, easyToPct, humidityPct, band, isDry }) => {
    const figure = `Loose water is ${formatPercent(freeWaterPct)} (OK up to ${formatPercent(easyToPct)} at ${formatPercent(humidityPct)} humidity).`;
    // Dry and wet at once: both findings say the same one thing.
    if (isDry) return said(figure, BIND_WITHOUT_WATER);
    return {
      brisk: said(figure, 'Press right away, in dry air.'),
      risky: said(
        `${figure} It may swell.`,
        'Use less water. Otherwise make small pieces and press them right away.',
      ),
      'will-swell': said(
        `${figure} It will swell in the bowl or on the tray.`,
        'Take water out: stronger alcohol, a drier extract, less bloom water.',
      ),
    }[band];
  },
  'closed-pack-gas': ({ gasL, reactedPct }) =>
    said(
      `If ${formatPercent(reactedPct)} of it reacts in a closed pack, it makes ${formatLiters(gasL, 1)} of gas. A jar can burst.`,
      'Leave it open until it is dry, and pack it in something that breathes.',
    ),
  'humidity-low': ({ humidityPct, isForSkin }) =>
    said(
      `The room is at ${formatPercent(humidityPct)} humidity. Pieces will crumble and crack.`,
      isForSkin
        ? 'Use a little more oil, spray a few more squirts, pack firmer, or humidify to 40%.'
        : 'Spray a few more squirts, pack firmer, or humidify to 40%.',
    ),
  'humidity-high': ({ humidityPct, isVeryDamp }) => {
    if (humidityPct >= ROOM_PCT.neverDriesFrom)
      return said(
        `The room is at ${formatPercent(humidityPct)} humidity. Nothing dries here, and the mix may start to fizz in the bowl.`,
        'Don’t make it today.',
      );
    return isVeryDamp
      ? said(
          `The room is at ${formatPercent(humidityPct)} humidity. Pieces will wart, swell and stay soft.`,
          'Run a dehumidifier before you weigh.',
        )
      : said(
          `The room is at ${formatPercent(humidityPct)} humidity. The mix takes up water while you work.`,
          'Spray less, and run a dehumidifier toward 45%.',
        );
  },
  'scent-over-limit': ({ loadPct, limitPct, binds, timesOver }) =>
    said(
      timesOver >= 2
        ? `Scent is ${formatPercent(loadPct)} of the mix, ${formatFixed(timesOver, 1)} times the ${formatPercent(limitPct)} limit of this blend. That limit comes from ${binds}.`
        : `Scent is ${formatPercent(loadPct)} of the mix (limit of this blend ${formatPercent(limitPct)}). That limit comes from ${binds}.`,
      'Use less scent, and check your supplier’s document.',
    ),
  'scent-load-high': ({ loadPct, usualHighPct }) =>
    said(
      `Scent is ${formatPercent(loadPct)} of the mix (usual up to ${formatPercent(usualHighPct)}).`,
      'Check every supplier’s limit, or use less.',
    ),
  'oil-without-emulsifier': ({ emulsifierToOil }) =>
    emulsifierToOil === 0
      ? said(
          'Nothing carries the oil into the water. It leaves a ring, a film and a slippery tub.',
          ADD_EMULSIFIER,
        )
      : said(
          `Emulsifier is only ${formatFixed(emulsifierToOil, 2)} times the oils. It leaves a ring and a slippery tub.`,
          ADD_EMULSIFIER,
        ),
  'scent-limit-unknown': ({ names }) =>
    said(`There is no limit on file for ${listed(names)}.`, 'Check your supplier’s document.'),
  'vanillin-browning': ({ vanillinPct }) =>
    said(
      `Vanillin is ${formatPercent(vanillinPct)} of the mix. It turns pieces yellow to brown within days.`,
      'Plan the color with it, or ask for a vanillin-free scent.',
    ),
  'menthol-caution': ({ names }) =>
    said(
      `${subject(names, 'is', 'are')} hard on eyes and airways.`,
      'Wear gloves when you weigh. Keep it away from infants, small children, pets and asthma.',
    ),
  'menthol-undissolved': () =>
    said(
      'The menthol has too little to dissolve in. Crystals stay in lumps.',
      'Dissolve 1 part in 2–4 parts of high-proof alcohol, or melt it into warm oil.',
    ),
  'methyl-salicylate-caution': ({ names }) =>
    said(
      `${subject(names, 'is', 'are')} nearly all methyl salicylate, which acts like aspirin through the skin.`,
      'Use very little of it. Never use it for children or with blood thinners.',
    ),
  'phototoxic-oil': ({ names }) =>
    said(
      `${capital(listed(names))} can burn the skin in the sun when cold pressed.`,
      'Use a distilled or furanocoumarin-free oil, or keep to the supplier’s limit.',
    ),
  'pregnancy-caution': ({ names }) =>
    said(
      `${subject(names, 'is', 'are')} commonly advised against in pregnancy.`,
      'Say so on the label, with “ask a doctor or midwife first”.',
    ),
  'declare-allergens': ({ names, thresholdPct, isForSkin }) =>
    said(
      `More than ${formatPercent(thresholdPct)} of the mix is ${listed(names)}.`,
      isForSkin
        ? 'In the EU, name them in the list of ingredients.'
        : 'In the EU, name them on the label of a cleaning piece too.',
    ),
  'bath-acid': (facts) =>
    said(
      `The fresh bath is at pH ${ph(facts.ph)} (OK from ${ph(facts.edge)}). It stings broken skin.`,
      'Use more soda, less acid or more water.',
    ),
  'bath-alkaline': (facts) =>
    said(
      `The bath is at pH ${ph(facts.ph)} once half of the gas is gone (OK up to ${ph(facts.edge)}). It dries the skin.`,
      'Use more acid.',
    ),
  'acid-on-surface': (facts) =>
    said(
      `The solution is at pH ${ph(facts.ph)}. It eats into stone, aluminum and enamel.`,
      'Keep it off them, and say so on the label.',
    ),
  'alkaline-solution': (facts) =>
    said(
      `The solution is at pH ${ph(facts.ph)}. It is hard on hands, eyes and aluminum.`,
      'Wear gloves and eye protection.',
    ),
  'volume-measure-uncertain': ({ names, ratioLow, ratioHigh }) =>
    ratioLow === undefined || ratioHigh === undefined
      ? said(`${firstOf(names)}: measured by volume, not weighed.`, 'Weigh them once.')
      : said(
          `${firstOf(names)}: measured by volume, not weighed. Soda to acid may be ${formatRange(ratioLow, ratioHigh, 1)}.`,
          'Weigh them once.',
        ),
  'dangerous-substance': ({ names, whys }) =>
    said(
      `${capital(listed(names))} must not be in a fizzing product: ${whys.join('; ')}.`,
      'Leave it out, and keep it away from the bench.',
    ),
  'unread-lines': ({ lines }) =>
    isOne(lines)
      ? said(
          'One written line is not read yet. The results leave it out.',
          'Choose what it is, or remove it.',
        )
      : said(
          `${formatCount(lines)} written lines are not read yet. The results leave them out.`,
          'Choose what they are, or remove them.',
        ),
  'borax-in-bath-product': () =>
    said('Borax never goes into a bath product.', 'Take the borax out.'),
  'alkali-in-bath-product': ({ names, ph: bathPh, isStop }) => {
    if (isStop)
      return bathPh === null
        ? said(
            `${subject(names, 'is', 'are')} too alkaline for skin. There is more than the acid takes up.`,
            NEUTRALIZE,
          )
        : said(
            `${subject(names, 'is', 'are')} too alkaline for skin. The bath is at pH ${ph(bathPh)}.`,
            NEUTRALIZE,
          );
    return bathPh === null
      ? said(
          `The acid takes up ${listed(names)}, but dry grains sting eyes and damp hands.`,
          GLOVES_AND_GOGGLES,
        )
      : said(
          `The acid takes up ${listed(names)} and the bath is at pH ${ph(bathPh)}, but dry grains sting eyes and damp hands.`,
          GLOVES_AND_GOGGLES,
        );
  },
  'not-for-skin': ({ names }) =>
    said(`${subject(names, 'does', 'do')} not belong on skin.`, 'Take it out.'),
  'not-for-this-use': ({ names, why }) =>
    said(
      `${subject(names, 'does', 'do')} not belong in this product: ${why}.`,
      'Choose something else, and check the rules where you sell.',
    ),
  'external-use-color': ({ names }) =>
    said(
      `${subject(names, 'is', 'are')} listed for external use only. One view is that a bath is not external use, as its water reaches mucous membranes. The other is that what is rinsed off may have it.`,
      'Check the rules where you sell, or choose another color.',
    ),
  'detergent-bath-caution': ({ names }) =>
    said(
      `${subject(names, 'foams', 'foam')}, and a foaming bath product must carry a caution.`,
      'Put the caution of US 21 CFR 740.17 on the label.',
    ),
  'oil-in-cleaning-piece': ({ names }) =>
    said(
      `${subject(names, 'leaves', 'leave')} a film on what you clean.`,
      'Leave it out. Cleaning pieces need no skin oil.',
    ),
  'oil-in-steamer': ({ names }) =>
    said(
      `${subject(names, 'washes', 'wash')} onto the shower floor, which gets slippery.`,
      'Leave it out, or use only a trace that holds the piece.',
    ),
  'magnesium-carbonate-scale': ({ names, massG }) =>
    said(
      `${formatMass(massG)} of ${listed(names)} makes magnesium carbonate with washing soda. It leaves a white film on glass and pipes.`,
      'Soften with citrate instead, or leave one of the two out.',
    ),
  'ultramarine-with-acid': ({ names }) =>
    said(
      `${subject(names, 'gives', 'give')} off hydrogen sulfide with acid. It smells of rotten eggs.`,
      'Use a lake or an acid-proof blue.',
    ),
  'oxidizer-with-acid': ({ names }) =>
    said(
      `${subject(names, 'gives', 'give')} off oxygen when damp with acid. The oxygen bleaches dyes and scent.`,
      'Keep it bone dry in something that breathes. Never use it with chlorine bleach.',
    ),
  'oxidizer-with-fuel': ({ names }) =>
    said(
      `${subject(names, 'feeds', 'feed')} fire. With oil, alcohol, scent, starch or sugar it heats up and can catch fire.`,
      'Keep them apart. Use an oxidizer only with soda and builders.',
    ),
  'made-for': ({ whom, scentPct }) => said(...MADE_FOR[whom](formatPercent(scentPct))),
  'nuisance-dust': ({ names }) =>
    said(
      `${firstOf(names)}: the dust is unpleasant to breathe, and a thick cloud of it can flash at a flame.`,
      'Wear a mask. Use no fan across the bowl, and no flame while you sift.',
    ),
  'oil-per-bath': ({ drops, volumeMl, manyDrops }) =>
    said(
      `One bath gets ${counted(Math.round(drops), 'drop')} of essential oil (${formatMilliliters(volumeMl, 1)}).`,
      drops > manyDrops
        ? `Use less, or a smaller piece. Most people bathe in no more than ${formatCount(manyDrops)} drops.`
        : 'Say it where you sell. Buyers ask in drops.',
    ),
  'neat-strong-oil': ({ names, strongG, carrierG }) =>
    carrierG > 0
      ? said(
          `${formatMass(strongG)} of ${listed(names)} has only ${formatMass(carrierG)} to dissolve it. Drops of it float on the bath and burn skin.`,
          ADD_SOLUBILIZER,
        )
      : said(
          `${formatMass(strongG)} of ${listed(names)} has nothing to dissolve it. Drops of it float on the bath and burn skin.`,
          ADD_SOLUBILIZER,
        ),
  'crystals-in-tub': ({ names }) =>
    said(
      `${subject(names, 'cools', 'cool')} all of the skin at once in a tub. The vapor stings eyes and airways.`,
      'Leave it out of a bath. It belongs in a shower steamer.',
    ),
  'oxidizer-wet': ({ names }) =>
    said(
      `${subject(names, 'warms', 'warm')} up when wet. Oxygen builds up, and a closed pack can burst.`,
      'Press it dry, or leave it as powder.',
    ),
  'borax-public-sale': () =>
    said(
      'The EU and some other markets class borax as toxic to reproduction. There it may not be sold to the public.',
      'Use citrate or washing soda in what you sell. Keep borax for your own house.',
    ),
  'eye-hazard': ({ names }) =>
    said(
      `${subject(names, 'harms', 'harm')} eyes, in the bag, in the piece and in a strong solution.`,
      'Wear goggles at the bench. Put the pictogram and what to do on the label.',
    ),
  'foam-high': ({ names, foamerPct, mostPct }) =>
    foamerPct > mostPct
      ? said(
          `${subject(names, 'is', 'are')} ${formatPercent(foamerPct)} of the mix (usual up to 5%, at most ${formatPercent(mostPct)}). It dries skin and sends dust through the room.`,
          'Use less.',
        )
      : said(
          `${subject(names, 'is', 'are')} ${formatPercent(foamerPct)} of the mix (usual up to 5%, 5–10% in a strong foaming bomb).`,
          'Wear a mask. Put the foaming-bath caution on the label.',
        ),
  'fine-dust-caution': ({ names }) =>
    said(
      `${firstOf(names)}: lungs do not clear this fine dust.`,
      'Wear a dust mask to weigh and sieve. Use no fan across the bowl.',
    ),
  'color-batch-certification': ({ names }) =>
    said(
      `${firstOf(names)}: in the US each batch must be certified.`,
      'Buy it with its certification lot number, and keep that with the lot.',
    ),
  'jetted-tub': ({ names }) =>
    said(
      `${firstOf(names)} can clog the pipes of a jetted tub.`,
      'Say “not for jetted tubs” on the label.',
    ),
  'color-without-hue': ({ names }) =>
    said(
      `${subject(names, 'has', 'have')} no hue on file. The piece and the water are shown without it.`,
      'Swap it for the color you have, such as blue, red, yellow or violet.',
    ),
  'food-imitation': ({ names }) =>
    said(
      `${subject(names, 'makes', 'make')} a piece look like food. Rules against food imitations may bar it from sale.`,
      'Choose a plain shape, say “not food” on the label, and keep it out of children’s reach.',
    ),
  'scent-floats': ({ scentG, carrierG }) =>
    carrierG > 0
      ? said(
          `${formatMass(scentG)} of scent has only ${formatMass(carrierG)} to carry it. Undissolved essential oil floats on the bath and burns skin.`,
          CARRY_SCENT,
        )
      : said(
          `${formatMass(scentG)} of scent has nothing to carry it. Undissolved essential oil floats on the bath and burns skin.`,
          CARRY_SCENT,
        ),
  'steamer-not-for-bath': ({ scentPct }) =>
    said(
      `Scent is ${formatPercent(scentPct)} of the mix. That suits a shower and is too strong to sit in.`,
      'Put “for the shower floor, not for the bath” on the label.',
    ),
  'no-gas': () =>
    said(
      'It makes no gas. Washing soda and borax take the acid up first.',
      'Use more acid and baking soda for a fizz, or promise none.',
    ),
  'washing-soda-hydrate': ({ weakerPct, crystalsTimes }) =>
    said(
      `“Washing soda” can be three things. This is the anhydrous one. The monohydrate is ${formatPercent(weakerPct, 0)} weaker. Of crystals you need ${formatFixed(crystalsTimes, 1)} times as much, and they turn wet with acid.`,
      'Look on the box, and swap it for the right one.',
    ),
  'glycerin-with-borax': () =>
    said(
      'Glycerin and borax make a stronger acid together. The mix can react in the bowl.',
      'Leave the glycerin out.',
    ),
  'crystal-water-melts': ({ names, massG, waterPct }) =>
    said(
      `${formatMass(massG)} of ${listed(names)} is ${formatPercent(waterPct)} water in crystals that melt at ${formatTemp(34)}. It wets the mix by itself.`,
      'Use the anhydrous or the monohydrate, or count the water in.',
    ),
  'weak-alcohol-water': ({ names, massG }) =>
    said(
      `${subject(names, 'brings', 'bring')} water along (${formatMass(massG)} in all). The results count it.`,
      'Alcohol of 91% or stronger brings less.',
    ),
  'wet-acid-reacts': ({ names, massG }) =>
    said(
      `${subject(names, 'is', 'are')} acid in water (${formatMass(massG)}). It reacts in the bowl, and that fizz is gone before use.`,
      'Add it by the spoon, mix fast, and expect a weaker piece.',
    ),
  'color-over-rate': ({ names, pctOfMix }) =>
    said(
      `${subject(names, 'is', 'are')} ${formatPercent(pctOfMix)} of the mix, more than usual. It may stain tub and skin.`,
      'Start low. Color cannot be taken out again.',
    ),
  'over-usual-rate': ({ names, pctOfMix }) =>
    said(
      `${subject(names, 'is', 'are')} ${formatPercent(pctOfMix)} of the mix, more than usual. It slows the fizz.`,
      'Try less.',
    ),
  'melt-before-alcohol': ({ names }) =>
    said(
      `${subject(names, 'is', 'are')} melted warm, and alcohol is in the same beaker.`,
      'Melt first, let it cool to lukewarm, then add the alcohol off the heat.',
    ),
  'hygroscopic-salt': ({ names, humidityPct, drawsFromPct, isDamp, isLoose, isDrying }) => {
    const draws = `${subject(names, 'draws', 'draw')} water above ${formatPercent(drawsFromPct)} humidity.`;
    const here = formatPercent(humidityPct);
    const todo = isLoose ? 'Jar it dry, early and tight.' : 'Wrap early and tight.';
    if (isDamp)
      return isLoose
        ? said(`${draws} At ${here} it clumps and won’t pour.`, todo)
        : said(`${draws} At ${here} pieces go soft.`, todo);
    return isDrying
      ? said(`${draws} At ${here} the air takes its crystal water and leaves a white crust.`, todo)
      : said(`${draws} It is fine at ${here}, but softens in a damper store.`, todo);
  },
  'botanical-drain': ({ names }) =>
    said(`${capital(listed(names))} can clog a drain.`, 'Pack it with a bag or a strainer.'),
  'food-allergen': ({ names, allergens }) =>
    said(
      `${firstOf(names)}: people with an allergy ask about this (${listed(allergens)}).`,
      'Name it plainly on the label.',
    ),
  'slip-caution': () => said('Oils make tubs and shower floors slippery.', 'Say so on the label.'),
  'dust-caution': ({ names }) =>
    said(
      `${firstOf(names)}: the dust irritates nose, eyes and lungs.`,
      'Wear a mask, goggles and gloves. Use no fan across the bowl.',
    ),
  'flammable-vapor': ({ names }) =>
    said(`${firstOf(names)}: the vapor burns.`, 'Use no flame and no oven. Air the room.'),
  'never-with-bleach': () =>
    said(
      'The acid frees chlorine from bleach.',
      'Put “never with bleach or other cleaners, keep out of reach of children” on the label.',
    ),
};

const ADD_EMULSIFIER = 'Add polysorbate 80, 0.1–0.35 times the oils and scent.';
const ADD_SOLUBILIZER =
  'Add as much polysorbate 80 or skin oil as there is of it, or leave it out.';
const CARRY_SCENT = 'Add at least as much polysorbate 80 or skin oil as there is scent.';
const NEUTRALIZE = 'Use baking soda, or enough acid to take it up.';
const GLOVES_AND_GOGGLES = 'Wear gloves and goggles at the bench. Baking soda is gentler.';

/** Whom or what the page says it is made for, and what that changes. @param scent its load, as a sentence says it */
const MADE_FOR: {
  readonly [W in FindingFacts['made-for']['whom']]: (
    scent: string,
  ) => readonly [message: string, todo: string];
} = {
  babies: () => [
    'This is for babies or toddlers. No bath bomb, foam or essential oil belongs in their bath.',
    'Make it for adults. Otherwise leave scent, color and foaming powder out and ask a qualified person.',
  ],
  children: (scent) => [
    `This is for children. Use at most half the usual scent (1% of the mix, here ${scent}). Use no mint, eucalyptus, camphor, wintergreen or bubble bath.`,
    `Make a piece of ${formatMassRange(55, 60)} with nothing small inside, and say “under adult supervision” on the label.`,
  ],
  pregnancy: () => [
    'This is for pregnancy. Many essential oils are advised against, and a label may promise nothing.',
    'Leave essential oils out, and say “ask your midwife or doctor first”.',
  ],
  pets: () => [
    'This is for pets. Essential oils, mint and tea tree poison cats and dogs, and they lick their fur.',
    'Do not make it for animals.',
  ],
  'jetted-tub': () => [
    'This is for a jetted tub. Oils, butters, petals, glitter and foam clog its pipes and pump.',
    'Leave them out, or say “not for jetted tubs” on the label.',
  ],
  toy: () => [
    'There is something small inside. A child can choke on it, and the rules for toys apply to the whole piece.',
    'Leave it out, or sell to adults with “small parts, not for children under 3”.',
  ],
  food: () => [
    'This is shaped like food. People may eat it, and many markets bar that.',
    'Choose another shape, or say on the front that it is not food.',
  ],
};

/** The sentence of a finding: what it is, and what to do. */
export function sayFinding(finding: Finding): Said {
  return say(finding);
}

function say<C extends FindingCode>({ code, facts }: FindingOf<C>): Said {
  return WORDS[code](facts);
}

function moistureAgainst(index: number, lowPct: number, highPct: number): string {
  return `Moisture is ${formatFixed(index, 1)} (OK ${formatRange(lowPct, highPct, 1)}).`;
}

const NAMED_AT_MOST = 3;

/** A few names, and that there are others. */
function firstOf(names: readonly string[]): string {
  const each = [...new Set(names)];
  return capital(
    each.length > NAMED_AT_MOST
      ? `${each.slice(0, NAMED_AT_MOST).join(', ')} and ${counted(each.length - NAMED_AT_MOST, 'other')}`
      : listed(each),
  );
}
