import { newId } from '../../src/core/basics/newId';
import { SHIPPED, materialById } from '../../src/core/matter/materials/catalog';
import { newOwnMaterial } from '../../src/core/matter/materials/newOwnMaterial';
import type { OwnMaterial } from '../../src/core/matter/materials/own';
import type { Lot } from '../../src/core/workshop/shelf/lot';
import type { ShelfMold, Tool } from '../../src/core/workshop/shelf/tool';

/** The shelf of the made-up workshop: what it pays, what came when, what it works with. */
const SALTWIFE = 'Saltwife & Daughters';
const LANTERN_ROW = 'Lantern Row Apothecary';
const NORTH_MOLE = 'North Mole Chandlery';

/** Material, supplier, price a kilogram, pack in grams, least to keep, grams received in the year's two deliveries. */
const STOCK: readonly (readonly [string, string, number, number, number, number, number])[] = [
  ['sodium-bicarbonate', SALTWIFE, 2.4, 10_000, 6000, 30_000, 10_000],
  ['citric-acid', SALTWIFE, 4.2, 5000, 4000, 15_000, 10_000],
  ['cornstarch', SALTWIFE, 3.1, 2500, 1000, 5000, 0],
  ['kaolin', SALTWIFE, 5.5, 1000, 500, 2000, 0],
  ['sea-salt', SALTWIFE, 2.9, 2500, 500, 2500, 0],
  ['dendritic-salt', SALTWIFE, 6.8, 1000, 1000, 2000, 0],
  ['magnesium-sulfate-heptahydrate', SALTWIFE, 2.7, 5000, 1000, 5000, 0],
  ['potassium-bitartrate', SALTWIFE, 11, 500, 100, 500, 0],
  ['goat-milk-powder', SALTWIFE, 21, 500, 100, 500, 0],
  ['sodium-carbonate', NORTH_MOLE, 3.2, 2000, 500, 2000, 0],
  ['borax', NORTH_MOLE, 4.6, 2000, 500, 2000, 0],
  ['sodium-citrate', NORTH_MOLE, 7.5, 1000, 250, 1000, 0],
  ['vinegar-5', NORTH_MOLE, 1.1, 5000, 0, 5000, 0],
  ['isopropyl-alcohol-99', NORTH_MOLE, 9.5, 1000, 250, 1000, 0],
  ['isopropyl-alcohol-91', NORTH_MOLE, 7, 1000, 100, 1000, 0],
  ['witch-hazel', LANTERN_ROW, 8, 1000, 100, 1000, 0],
  ['sweet-almond-oil', LANTERN_ROW, 14, 1000, 300, 2000, 0],
  ['coconut-oil', LANTERN_ROW, 9, 1000, 200, 1000, 0],
  ['fractionated-coconut-oil', LANTERN_ROW, 13, 500, 50, 500, 0],
  ['castor-oil', LANTERN_ROW, 12, 500, 50, 500, 0],
  ['shea-butter', LANTERN_ROW, 16, 500, 150, 1000, 0],
  ['polysorbate-80', LANTERN_ROW, 18, 500, 150, 1000, 0],
  ['fragrance-oil', LANTERN_ROW, 68, 250, 60, 500, 0],
  ['cardamom-essential-oil', LANTERN_ROW, 420, 50, 10, 100, 0],
  ['lavender-essential-oil', LANTERN_ROW, 130, 100, 50, 200, 0],
  ['rosemary-essential-oil', LANTERN_ROW, 95, 100, 20, 200, 0],
  ['eucalyptus-essential-oil', LANTERN_ROW, 60, 100, 30, 200, 0],
  ['peppermint-essential-oil', LANTERN_ROW, 85, 50, 20, 100, 0],
  ['lemon-essential-oil', LANTERN_ROW, 70, 50, 10, 50, 0],
  ['sweet-orange-essential-oil', LANTERN_ROW, 38, 100, 10, 100, 0],
  ['menthol', LANTERN_ROW, 75, 250, 50, 250, 0],
  ['blue-mica', LANTERN_ROW, 90, 50, 20, 100, 0],
  ['white-mica', LANTERN_ROW, 80, 50, 10, 50, 0],
  ['yellow-5-dye', LANTERN_ROW, 160, 25, 5, 50, 0],
  ['orange-4-dye', LANTERN_ROW, 160, 25, 5, 25, 0],
  ['red-33-dye', LANTERN_ROW, 190, 25, 5, 25, 0],
  ['calendula-petals', LANTERN_ROW, 44, 100, 20, 200, 0],
  ['lavender-flowers', LANTERN_ROW, 36, 100, 10, 100, 0],
];

const SAID = { by: 'price list', on: '2026-01-12' } as const;

export function sampleMaterials(): OwnMaterial[] {
  const known = STOCK.map(([id, , pricePerKg, packG, lowG]): OwnMaterial => ({
    ...newOwnMaterial(materialById(SHIPPED, id), 'sample'),
    pricePerKg: { value: pricePerKg, ...SAID },
    packG,
    lowG: lowG > 0 ? lowG : null,
    ...(id === 'cornstarch' && {
      levelDensityGMl: { value: 0.52, by: 'weighed at home, three cups', on: '2026-02-01' },
    }),
  }));
  return [
    ...known,
    {
      ...newOwnMaterial(materialById(SHIPPED, 'fragrance-oil'), 'sample'),
      id: newId(),
      name: 'Night Ferry fragrance',
      synonyms: ['ferry scent'],
      pricePerKg: { value: 74, ...SAID },
      packG: 250,
      note: 'For the cabins of the night ferry: tar, bergamot, wet rope.',
    },
  ];
}

export function sampleLots(): Lot[] {
  const lots = STOCK.flatMap(([materialId, supplier, pricePerKg, , , firstG, secondG], i) => {
    const first = lotOf(materialId, supplier, firstG, pricePerKg, i, '2025-10');
    if (secondG === 0) return [first];
    return [first, lotOf(materialId, supplier, secondG, pricePerKg * 1.06, i, '2026-06')];
  });
  const caked = lots.find(({ materialId }) => materialId === 'goat-milk-powder');
  const old: Lot = {
    ...lotOf('goat-milk-powder', SALTWIFE, 500, 19, 98, '2025-03'),
    expiresOn: '2026-03-31',
    isQuarantined: true,
    note: 'Smells of cardboard: kept to show the supplier.',
  };
  const dye = lots.find(({ materialId }) => materialId === 'yellow-5-dye');
  const starch = lots.find(({ materialId }) => materialId === 'cornstarch');
  if (!caked || !dye || !starch) throw new Error('the stock names them');
  const premix: Lot = {
    ...lotOf('yellow-5-dye', '', 100, 0, 97, '2026-09'),
    code: 'PX-001',
    cost: null,
    premix: {
      carrierId: 'cornstarch',
      strengthPct: 5,
      madeFrom: [
        { lotId: dye.id, massG: 5 },
        { lotId: starch.id, massG: 95 },
      ],
    },
    note: 'Shake before weighing.',
  };
  return [...lots, old, premix];
}

function lotOf(
  materialId: string,
  supplier: string,
  receivedG: number,
  pricePerKg: number,
  i: number,
  month: string,
): Lot {
  const day = String((i % 27) + 1).padStart(2, '0');
  const initials = materialById(SHIPPED, materialId)
    .name.replace(/[^A-Za-z ]/g, '')
    .split(' ')
    .filter(Boolean)
    .map((word) => word[0])
    .join('')
    .toUpperCase();
  const months = materialById(SHIPPED, materialId).shelfLifeMonths.value;
  return {
    id: newId(),
    origin: 'sample',
    code: `${initials}-${month.slice(2).replace('-', '')}${day}`,
    materialId,
    supplier,
    receivedOn: `${month}-${day}`,
    openedOn: month === '2025-10' ? '2025-11-03' : null,
    expiresOn: laterBy(`${month}-${day}`, months),
    isRetest: months >= 36,
    receivedG,
    cost: Number(((receivedG / 1000) * pricePerKg).toFixed(2)),
    isQuarantined: false,
    counts: [],
    premix: null,
    note: '',
  };
}

export function sampleMolds(): ShelfMold[] {
  const mold = (rest: Omit<ShelfMold, 'id' | 'origin'>): ShelfMold => ({
    id: newId(),
    origin: 'sample',
    ...rest,
  });
  return [
    mold({
      name: 'Steel shells 70',
      mold: { shape: 'sphere', diameterMm: 70 },
      method: 'press',
      cavities: 6,
      waterFillMl: 178,
      fillsG: [197, 201, 199, 203, 198],
    }),
    mold({
      name: 'Half spheres 50, tray of 12',
      mold: { shape: 'half-sphere', diameterMm: 50 },
      method: 'press',
      cavities: 12,
      waterFillMl: null,
      fillsG: [36.4, 37, 36.1],
    }),
    mold({
      name: 'Cube tray 30',
      mold: { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 },
      method: 'silicone',
      cavities: 15,
      waterFillMl: null,
      fillsG: [],
    }),
    mold({
      name: 'Plate of 32',
      mold: { shape: 'cylinder', diameterMm: 38, heightMm: 24 },
      method: 'press',
      cavities: 32,
      waterFillMl: 26.5,
      fillsG: [],
    }),
    mold({
      name: 'Limpet mini',
      mold: { shape: 'half-sphere', diameterMm: 34 },
      method: 'hand',
      cavities: 8,
      waterFillMl: null,
      fillsG: [],
    }),
    mold({
      name: 'Salt jar',
      mold: { shape: 'own-volume', volumeMl: 220, figure: 'jar' },
      method: 'loose',
      cavities: 1,
      waterFillMl: 220,
      fillsG: [],
    }),
    mold({
      name: 'Heart',
      mold: { shape: 'own-volume', volumeMl: 92, figure: 'heart' },
      method: 'detail',
      cavities: 1,
      waterFillMl: 92,
      fillsG: [],
    }),
  ];
}

export function sampleTools(): Tool[] {
  let rank = 0;
  const base = () => ({ id: newId(), origin: 'sample' as const, rank: rank++ });
  return [
    { ...base(), kind: 'scale', name: 'Bench scale', stepG: 1, capacityG: 10_000, minimumG: null },
    { ...base(), kind: 'scale', name: 'Small scale', stepG: 0.1, capacityG: 600, minimumG: 1 },
    { ...base(), kind: 'sprayer', name: 'Blue sprayer', tenSquirtsG: 6.8 },
    { ...base(), kind: 'dropper', name: 'Glass dropper', twentyDropsG: 0.66 },
    { ...base(), kind: 'mixer', name: 'Stand mixer', bowlL: 6.7, fillPct: 70 },
    {
      ...base(),
      kind: 'press',
      name: 'Lever press',
      piecesPerMinute: 1,
      note: '85 psi, ten seconds',
    },
    { ...base(), kind: 'tray', name: 'Seated trays', places: 24, seats: 'rounded' },
    { ...base(), kind: 'drying-room', name: 'Quay drying room', trays: 8 },
    { ...base(), kind: 'humidity-sensor', name: 'Drying room sensor', note: 'beside the door' },
  ];
}

function laterBy(day: string, months: number): string {
  const date = new Date(`${day}T00:00:00Z`);
  date.setUTCMonth(date.getUTCMonth() + months);
  return date.toISOString().slice(0, 10);
}
