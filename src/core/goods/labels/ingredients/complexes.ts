interface Complex {
  /** What the label says. */
  readonly name: string;
  /** Names in the list of ingredients that it stands for. */
  readonly inci: readonly string[];
}

const SOURCE =
  'Regulation (EC) 1223/2009, annex III, as amended by (EU) 2023/1545; not checked against the current rule';

/** Whole plant oils and extracts that are allergens by themselves, with the name the label uses. */
export const COMPLEXES: readonly (Complex & { readonly source: string })[] = (
  [
    { name: 'Cananga Odorata Oil/Extract', inci: ['Cananga Odorata Flower Oil'] },
    { name: 'Cedrus Atlantica Oil/Extract', inci: ['Cedrus Atlantica Bark Oil'] },
    {
      name: 'Cinnamomum Cassia Leaf Oil',
      inci: ['Cinnamomum Cassia Leaf Oil', 'Cinnamomum Cassia Oil'],
    },
    { name: 'Cinnamomum Zeylanicum Bark Oil', inci: ['Cinnamomum Zeylanicum Bark Oil'] },
    {
      name: 'Citrus Aurantium Flower Oil',
      inci: ['Citrus Aurantium Amara Flower Oil', 'Citrus Aurantium Dulcis Flower Oil'],
    },
    {
      name: 'Citrus Aurantium Peel Oil',
      inci: [
        'Citrus Sinensis Peel Oil',
        'Citrus Aurantium Dulcis Peel Oil',
        'Citrus Aurantium Amara Peel Oil',
      ],
    },
    {
      name: 'Citrus Aurantium Bergamia Peel Oil',
      inci: ['Citrus Bergamia Peel Oil', 'Citrus Aurantium Bergamia Peel Oil'],
    },
    { name: 'Citrus Limon Peel Oil', inci: ['Citrus Limon Peel Oil'] },
    {
      name: 'Lemongrass Oil',
      inci: ['Cymbopogon Flexuosus Oil', 'Cymbopogon Citratus Oil', 'Cymbopogon Schoenanthus Oil'],
    },
    {
      name: 'Eucalyptus Globulus Oil',
      inci: ['Eucalyptus Globulus Leaf Oil', 'Eucalyptus Globulus Oil'],
    },
    {
      name: 'Eugenia Caryophyllus Oil',
      inci: [
        'Eugenia Caryophyllus Bud Oil',
        'Eugenia Caryophyllus Leaf Oil',
        'Eugenia Caryophyllus Flower Oil',
      ],
    },
    { name: 'Evernia Furfuracea Extract', inci: ['Evernia Furfuracea Extract'] },
    { name: 'Evernia Prunastri Extract', inci: ['Evernia Prunastri Extract'] },
    {
      name: 'Jasmine Oil/Extract',
      inci: ['Jasminum Officinale Flower Extract', 'Jasminum Grandiflorum Flower Extract'],
    },
    { name: 'Juniperus Virginiana Oil', inci: ['Juniperus Virginiana Oil'] },
    { name: 'Laurus Nobilis Leaf Oil', inci: ['Laurus Nobilis Leaf Oil'] },
    {
      name: 'Lavandula Oil/Extract',
      inci: ['Lavandula Angustifolia Oil', 'Lavandula Hybrida Oil', 'Lavandula Officinalis Oil'],
    },
    { name: 'Lippia Citriodora Absolute', inci: ['Lippia Citriodora Absolute'] },
    { name: 'Mentha Piperita Oil', inci: ['Mentha Piperita Oil'] },
    {
      name: 'Mentha Viridis Leaf Oil',
      inci: ['Mentha Spicata Oil', 'Mentha Viridis Leaf Oil', 'Mentha Spicata Herb Oil'],
    },
    { name: 'Myroxylon Pereirae Oil/Extract', inci: ['Myroxylon Pereirae Oil'] },
    { name: 'Narcissus Extract', inci: ['Narcissus Poeticus Flower Extract'] },
    {
      name: 'Pelargonium Graveolens Flower Oil',
      inci: ['Pelargonium Graveolens Oil', 'Pelargonium Graveolens Flower Oil'],
    },
    { name: 'Pinus Mugo Leaf Oil', inci: ['Pinus Mugo Leaf Oil'] },
    { name: 'Pinus Pumila Oil', inci: ['Pinus Pumila Oil'] },
    { name: 'Pogostemon Cablin Oil', inci: ['Pogostemon Cablin Oil'] },
    {
      name: 'Rose Flower Oil/Extract',
      inci: ['Rosa Damascena Flower Oil', 'Rosa Centifolia Flower Oil', 'Rosa Damascena Extract'],
    },
    { name: 'Santalum Album Oil', inci: ['Santalum Album Oil'] },
    { name: 'Turpentine', inci: ['Turpentine'] },
  ] as const satisfies readonly Complex[]
).map((row) => ({ ...row, source: SOURCE }));

const byInci = new Map(
  COMPLEXES.flatMap(({ name, inci }) => inci.map((one) => [one.toLowerCase(), name] as const)),
);

/** The label’s name of a whole plant oil that is an allergen by itself; null for every other ingredient. */
export function complexNameOf(inci: string): string | null {
  return byInci.get(inci.toLowerCase()) ?? null;
}
