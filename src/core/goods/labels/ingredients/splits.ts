interface Split {
  readonly name: string;
  readonly fraction: number;
}

/** What a material of several ingredients is made of, by mass. Source: usual supplier compositions, not looked up. */
export const SPLITS: Readonly<Record<string, readonly Split[]>> = {
  'lactic-acid-80': [part('Lactic Acid', 0.8), part('Aqua', 0.2)],
  'isopropyl-alcohol-99': [part('Isopropyl Alcohol', 0.987), part('Aqua', 0.013)],
  'isopropyl-alcohol-91': [part('Isopropyl Alcohol', 0.874), part('Aqua', 0.126)],
  'isopropyl-alcohol-70': [part('Isopropyl Alcohol', 0.627), part('Aqua', 0.373)],
  'ethanol-95': [part('Alcohol', 0.924), part('Aqua', 0.076)],
  vodka: [part('Aqua', 0.667), part('Alcohol', 0.333)],
  'castile-soap': [
    part('Aqua', 0.62),
    part('Potassium Olivate', 0.25),
    part('Potassium Cocoate', 0.13),
  ],
  'witch-hazel': [part('Hamamelis Virginiana Water', 0.89), part('Alcohol', 0.11)],
  'powdered-sugar': [part('Sucrose', 0.97), part('Zea Mays Starch', 0.03)],
  'meringue-powder': [part('Albumen', 0.7), part('Sucrose', 0.3)],
  sprinkles: [part('Sucrose', 0.75), part('Zea Mays Starch', 0.23), part('CI', 0.02)],
  'pink-clay': [part('Kaolin', 0.97), part('CI 77491', 0.03)],
  'red-clay': [part('Illite', 0.95), part('CI 77491', 0.05)],
  'emulsifying-wax': [part('Cetearyl Alcohol', 0.75), part('Polysorbate 60', 0.25)],
  'foaming-paste-70': [part('Sodium Laureth Sulfate', 0.72), part('Aqua', 0.28)],
  'decyl-glucoside': [part('Decyl Glucoside', 0.52), part('Aqua', 0.48)],
  'cocamidopropyl-betaine': [part('Cocamidopropyl Betaine', 0.36), part('Aqua', 0.64)],
  'coco-glucoside': [part('Coco-Glucoside', 0.52), part('Aqua', 0.48)],
  'taurate-paste': [part('Sodium Methyl Cocoyl Taurate', 0.35), part('Aqua', 0.65)],
  'vanilla-extract': [
    part('Aqua', 0.68),
    part('Alcohol', 0.29),
    part('Vanilla Planifolia Fruit Extract', 0.03),
  ],
  'calendula-water-extract': [
    part('Aqua', 0.99),
    part('Calendula Officinalis Flower Extract', 0.01),
  ],
  'calendula-oil-extract': [
    part('Helianthus Annuus Seed Oil', 0.95),
    part('Calendula Officinalis Flower Extract', 0.05),
  ],
  'eco-glitter': [part('Cellulose', 0.8), part('CI 77891', 0.12), part('Glycerin', 0.08)],
  'liquid-food-color': [part('Aqua', 0.95), part('CI', 0.05)],
  'green-liquid-color': [part('Aqua', 0.95), part('CI 19140', 0.03), part('CI 42090', 0.02)],
  'purple-liquid-color': [part('Aqua', 0.95), part('CI 16035', 0.03), part('CI 42090', 0.02)],
  'white-mica': [part('Mica', 0.6), part('CI 77891', 0.4)],
  'silver-mica': [part('Mica', 0.6), part('CI 77891', 0.37), part('CI 77499', 0.03)],
  'gold-mica': [part('Mica', 0.55), part('CI 77891', 0.35), part('CI 77491', 0.1)],
  'yellow-mica': [part('Mica', 0.55), part('CI 77891', 0.35), part('CI 77492', 0.1)],
  'orange-mica': [
    part('Mica', 0.5),
    part('CI 77891', 0.25),
    part('CI 77491', 0.15),
    part('CI 77492', 0.1),
  ],
  'rose-gold-mica': [part('Mica', 0.55), part('CI 77891', 0.3), part('CI 77491', 0.15)],
  'copper-mica': [part('Mica', 0.6), part('CI 77491', 0.4)],
  'bronze-mica': [part('Mica', 0.6), part('CI 77491', 0.4)],
  'black-mica': [part('Mica', 0.5), part('CI 77499', 0.5)],
  'red-mica': [part('Mica', 0.55), part('CI 77491', 0.45)],
  'blue-mica': [part('Mica', 0.55), part('CI 77891', 0.4), part('CI 77510', 0.05)],
  'teal-mica': [
    part('Mica', 0.55),
    part('CI 77891', 0.35),
    part('CI 77288', 0.06),
    part('CI 77510', 0.04),
  ],
  'green-mica': [part('Mica', 0.55), part('CI 77891', 0.38), part('CI 77288', 0.07)],
  'purple-mica': [part('Mica', 0.55), part('CI 77891', 0.35), part('CI 77742', 0.1)],
  'pink-mica': [part('Mica', 0.55), part('CI 77891', 0.42), part('CI 75470', 0.03)],
};

function part(name: string, fraction: number): Split {
  return { name, fraction };
}
