import { namesIn } from './types';

/** Names that hold a dangerous word or sound like one, and are none: they are taken as a whole, before any danger in them. */
export const HARMLESS = namesIn(`
  oxygen bleach; oxygen based bleach; oxi bleach; non chlorine bleach; chlorine free bleach; sodium carbonate peroxide;
  sodium percarbonate; magnesium hydroxide; milk of magnesia; aluminum hydroxide; zinc hydroxide; chromium hydroxide green;
  chromium oxide green; barium sulfate; betaine hcl; betaine hydrochloride; pyridoxine hcl; thiamine hcl; arginine hcl;
  glucosamine hcl; dicaprylyl ether; dimethyl ether free; gunpowder tea; gunpowder green tea; lavandina oil;
  lavandina essential oil; lime essential oil; lime oil; lime zest; lime juice; lime peel; mustard yellow; mustard color;
  sodium thiosulfate free; castor bean oil; castor seed oil; ammonium lauryl sulfate; ammonium laureth sulfate;
  ammonium glycyrrhizate; cetrimonium chloride; benzalkonium chloride; ferric ammonium ferrocyanide;
  ferric ferrocyanide; prussian blue; ultramarine; sodium ferrocyanide; potassium ferrocyanide; vitamin b12; cyanocobalamin;
  soda bread; lead time; lead in; peroxide free; lye soap; lye free; bleached beeswax; diesel free; cement mixer;
  water glass of; mercury free; arsenic free; lead free; evening primrose; hemp; water hemp; nitrate free; nitrite free;
  yellow camphor free; white camphor oil; camphor laurel; verbena blend; vervain; tartrazine; potassium nitrate free;
  bicarbonate of potash; potash bicarbonate; potash baking soda
`);

/** Words that a slip of a dangerous one is not: they are words of their own. */
export const OWN_WORDS: ReadonlySet<string> = new Set(
  (
    'chloride sulfate bisulfate phosphate pyrophosphate acetate citrate lactate gluconate benzoate sorbate carbonate ' +
    'bicarbonate sesquicarbonate percarbonate tartrate bitartrate stearate palmitate laurate cocoate oleate silica ' +
    'boric sulfamic sulfonic citric malic maleic lactic tartaric succinic fumaric ascorbic glycolic acetic gluconic ' +
    'chocolate chlorella chlorophyll chlorine-free oxide dioxide trioxide magnesium manganese potassium permanent ' +
    'ammonium menthol methanol ethanol ethyl methyl propanol butanol acetone peroxide nitrogen hydrogen oxygen hydrated ' +
    'hydroxyl hydration hydrolat hydrolate hydrosol mustard custard fragrance absolute absolutely additive cyan cyanine ' +
    'terpinene terpineol turmeric formula formulate formulated formaldehyde-free naphthol glycerin naturally nutrition'
  ).split(' '),
);

/** A scent or a color that is called after a plant is none. */
export const ONLY_CALLED =
  /\b(?:fragrance|scent|scented|perfume|parfum|aroma|flavor|flavour|mica|colou?r|colou?rant|dye|lake|pigment|oxide|yellow|pink|red|green|blue|purple|type|accord|soap|glitter|duft|mica)\b/;

/** What makes a plant of a name: a part of it, or what is made of it. */
export const PLANT_PART =
  /\b(?:oil|eo|essential|absolute|extract|tincture|infusion|infused|leaf|leave|leaves|herb|root|seed|flower|petal|bud|berry|berries|needle|bark|powder|powdered|ground|dried|fresh|tea|water|hydrosol|resin|balsam|sprig|stem|plant|bean|bundle)s?\b/;
