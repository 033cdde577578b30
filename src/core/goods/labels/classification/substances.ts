/** What a substance is classed as under Regulation (EC) 1272/2008, in short. */
export type HazardClass =
  | 'skin-corrosive'
  | 'skin-irritant'
  | 'eye-damage'
  | 'eye-irritant'
  | 'airway-irritant'
  | 'sensitizer'
  | 'strong-sensitizer'
  | 'toxic-to-reproduction'
  | 'oxidizer'
  | 'aquatic-acute-1'
  | 'aquatic-chronic-1'
  | 'aquatic-chronic-2'
  | 'aquatic-chronic-3';

export interface Classed {
  /** As a label names it behind “Contains”. */
  readonly name: string;
  readonly classes: readonly HazardClass[];
  /** Share of the substance in what the catalog calls by this name, 0 to 1. */
  readonly share?: number;
  /** Limits of its own, % of the mixture, where they are not the generic ones. */
  readonly damageFromPct?: number;
  readonly irritatesFromPct?: number;
  readonly sensitizesFromPct?: number;
  /** Oral LD50 or estimate, mg/kg. */
  readonly oralMgKg?: number;
  readonly source: string;
}

const harmonized = 'Regulation (EC) 1272/2008, annex VI. Not checked against the current rule';
const notified = 'Usual self-classification of the makers. Not checked against the current rule';

const eyes = (name: string, more: readonly HazardClass[] = []): Classed => ({
  name,
  classes: ['eye-irritant', ...more],
  source: notified,
});
const detergent = (name: string, oralMgKg?: number): Classed => ({
  name,
  classes: ['eye-damage', 'skin-irritant', 'aquatic-chronic-3'],
  ...(oralMgKg !== undefined && { oralMgKg }),
  source: notified,
});

/** Materials of the catalog by id. What is not in it is not classed. */
export const CLASSED: Readonly<Record<string, Classed>> = {
  'citric-acid': { ...eyes('citric acid', ['airway-irritant']), source: harmonized },
  'citric-acid-monohydrate': {
    ...eyes('citric acid monohydrate', ['airway-irritant']),
    source: harmonized,
  },
  'malic-acid': eyes('malic acid', ['skin-irritant']),
  'tartaric-acid': { name: 'tartaric acid', classes: ['eye-damage'], source: notified },
  'lactic-acid-80': {
    name: 'lactic acid',
    classes: ['skin-corrosive', 'eye-damage'],
    share: 0.8,
    source: harmonized,
  },
  'sodium-bisulfate': {
    name: 'sodium hydrogensulfate',
    classes: ['eye-damage'],
    source: harmonized,
  },
  'sulfamic-acid': {
    name: 'sulfamic acid',
    classes: ['skin-irritant', 'eye-irritant', 'aquatic-chronic-3'],
    source: harmonized,
  },
  'sodium-carbonate': { ...eyes('sodium carbonate'), source: harmonized },
  'sodium-carbonate-monohydrate': eyes('sodium carbonate'),
  'sodium-carbonate-decahydrate': eyes('sodium carbonate'),
  'sodium-sesquicarbonate': eyes('sodium sesquicarbonate', ['skin-irritant']),
  'sodium-percarbonate': {
    name: 'sodium percarbonate',
    classes: ['oxidizer', 'eye-damage'],
    damageFromPct: 25,
    irritatesFromPct: 7.5,
    oralMgKg: 1034,
    source: notified,
  },
  borax: {
    name: 'borax decahydrate',
    classes: ['eye-irritant', 'toxic-to-reproduction'],
    source: harmonized,
  },
  'sodium-lauryl-sulfate': {
    ...detergent('sodium lauryl sulfate', 1288),
    classes: ['eye-damage', 'skin-irritant', 'airway-irritant', 'aquatic-chronic-3'],
  },
  'sodium-coco-sulfate': detergent('sodium coco sulfate'),
  'sodium-olefin-sulfonate': detergent('sodium C14-16 olefin sulfonate'),
  'foaming-paste-70': { ...detergent('sodium laureth sulfate'), share: 0.7 },
  'sodium-lauryl-sulfoacetate': eyes('sodium lauryl sulfoacetate', ['skin-irritant']),
  'sodium-methyl-cocoyl-taurate': eyes('sodium methyl cocoyl taurate'),
  'sodium-cocoyl-isethionate': eyes('sodium cocoyl isethionate'),
  'betaine-powder': {
    name: 'cocamidopropyl betaine',
    classes: ['eye-damage', 'aquatic-chronic-3'],
    source: notified,
  },
  'cocamidopropyl-betaine': {
    name: 'cocamidopropyl betaine',
    classes: ['eye-damage', 'aquatic-chronic-3'],
    share: 0.3,
    source: notified,
  },
  'decyl-glucoside': {
    name: 'decyl glucoside',
    classes: ['eye-damage'],
    share: 0.5,
    source: notified,
  },
  'coco-glucoside': {
    name: 'coco glucoside',
    classes: ['eye-damage'],
    share: 0.5,
    source: notified,
  },
  'isopropyl-alcohol-99': eyes('propan-2-ol'),
  'isopropyl-alcohol-91': { ...eyes('propan-2-ol'), share: 0.874 },
  'isopropyl-alcohol-70': { ...eyes('propan-2-ol'), share: 0.627 },
  'ethanol-95': { ...eyes('ethanol'), share: 0.924 },
  menthol: { name: 'menthol', classes: ['eye-irritant', 'skin-irritant'], source: notified },
};

const sensitizer = (more: Partial<Classed> = {}): Omit<Classed, 'name'> => ({
  classes: ['sensitizer'],
  source: notified,
  ...more,
});

/** Single substances of scents, by the name that a label gives them. */
const OF_SCENTS: Readonly<Record<string, Omit<Classed, 'name'>>> = {
  Limonene: {
    classes: ['sensitizer', 'skin-irritant', 'aquatic-acute-1', 'aquatic-chronic-3'],
    source: harmonized,
  },
  Pinene: {
    classes: ['sensitizer', 'skin-irritant', 'aquatic-acute-1', 'aquatic-chronic-1'],
    source: notified,
  },
  Citral: { classes: ['sensitizer', 'skin-irritant', 'eye-irritant'], source: harmonized },
  Linalool: {
    classes: ['sensitizer', 'skin-irritant', 'eye-irritant'],
    source: harmonized,
  },
  Geraniol: {
    classes: ['sensitizer', 'skin-irritant', 'eye-damage'],
    source: harmonized,
  },
  Cinnamal: {
    classes: ['strong-sensitizer', 'skin-irritant', 'eye-irritant'],
    sensitizesFromPct: 0.02,
    source: harmonized,
  },
  Isoeugenol: { classes: ['strong-sensitizer'], sensitizesFromPct: 0.01, source: harmonized },
  'Rose Ketones': { classes: ['strong-sensitizer'], source: notified },
  'Methyl 2-Octynoate': { classes: ['strong-sensitizer'], source: notified },
  'Methyl Salicylate': {
    classes: ['sensitizer', 'aquatic-chronic-3'],
    oralMgKg: 890,
    source: harmonized,
  },
  Carvone: sensitizer({ source: harmonized }),
  Menthol: { classes: ['eye-irritant', 'skin-irritant'], source: notified },
  Camphor: { classes: ['skin-irritant'], oralMgKg: 1310, source: notified },
  Vanillin: { classes: ['eye-irritant'], source: notified },
  Benzaldehyde: { classes: [], oralMgKg: 1300, source: harmonized },
};

/** A substance of a scent; every other one that a label names as an allergen is taken as a sensitizer. */
export function classedScent(name: string): Classed {
  return { name: name.toLowerCase(), ...(OF_SCENTS[name] ?? sensitizer()) };
}
