/**
 * Names inside a sentence, where that is not the name of the catalog with a small first letter: “anhydrous citric acid”,
 * “Epsom salt”. Common practice.
 */
const SENTENCE_NAMES: Readonly<Record<string, string>> = {
  'sodium-carbonate': 'anhydrous washing soda',
  'sodium-carbonate-monohydrate': 'monohydrate washing soda',
  'sodium-carbonate-decahydrate': 'washing soda crystals',
  'citric-acid': 'anhydrous citric acid',
  'lactic-acid-80': '80% lactic acid',
  'magnesium-sulfate-heptahydrate': 'Epsom salt',
  'sodium-chloride': 'fine table salt',
  'sea-salt': 'fine sea salt',
  'sea-salt-coarse': 'coarse sea salt',
  'dead-sea-salt': 'Dead Sea salt',
  pvp: 'PVP powder',
  cmc: 'CMC powder',
  trimethylglycine: 'beet betaine',
  'sodium-lauryl-sulfoacetate': 'SLSA foaming powder',
  'betaine-powder': 'foaming betaine powder',
  'vinegar-5': '5% vinegar',
  'vinegar-10': '10% cleaning vinegar',
  'calendula-water-extract': 'calendula water',
  'isopropyl-alcohol-99': '99% isopropyl alcohol',
  'isopropyl-alcohol-91': '91% isopropyl alcohol',
  'isopropyl-alcohol-70': '70% isopropyl alcohol',
  'ethanol-95': '95% ethanol',
  vodka: '40% vodka',
  'lemon-juice': 'lemon juice',
  'chamomile-flowers': 'dried chamomile flowers',
  'cornflower-petals': 'dried cornflower petals',
  'hibiscus-flowers': 'dried hibiscus flowers',
  yarrow: 'dried yarrow',
  'plantain-leaf': 'dried plantain leaf',
  'peg-40-hydrogenated-castor-oil': 'PEG-40 hydrogenated castor oil',
  'foaming-paste-70': '70% foaming paste',
  'decyl-glucoside': 'liquid decyl glucoside',
  'coco-glucoside': 'liquid coco glucoside',
  'calendula-oil-extract': 'calendula oil',
  'infused-oil': 'infused oil',
  tocopherol: 'vitamin E',
  'roman-chamomile-essential-oil': 'Roman chamomile essential oil',
  'bergamot-fcf-essential-oil': 'bergaptene-free bergamot essential oil',
  'lime-distilled-essential-oil': 'distilled lime essential oil',
  'jasmine-essential-oil': 'jasmine absolute',
  'water-soluble-dye': 'water-soluble dye',
  'lake-color': 'lake color',
  'violet-2-dye': 'violet dye (CI 60730)',
  'violet-2-oil-dye': 'oil-soluble violet (CI 60725)',
  'lavender-flowers': 'dried lavender flowers',
  'rose-petals': 'dried rose petals',
  'calendula-petals': 'dried calendula petals',
};

/** How a shipped material is called inside a sentence. */
export function sentenceNameOf({
  id,
  name,
}: {
  readonly id: string;
  readonly name: string;
}): string {
  return SENTENCE_NAMES[id] ?? name.charAt(0).toLowerCase() + name.slice(1);
}
