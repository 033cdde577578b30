import { USUAL_SETTINGS } from '../../src/core/workshop/settings/settings';
import { newId } from '../../src/core/basics/newId';
import type { Formula } from '../../src/core/formula/model/schema';
import { looseStock, wrappedStock } from '../../src/core/goods/products/stock';
import { newPackaging, newSaleUnit } from '../../src/core/goods/products/create';
import { packagingFor, packagingLeft } from '../../src/core/goods/products/packaging';
import { takeUnits } from '../../src/core/goods/products/take';
import { wrapCode, wrapFrom } from '../../src/core/goods/products/wrap';
import type { GoodsMove, NewMove, Packaging, SaleUnit } from '../../src/core/goods/products/schema';
import type { GoneWay, PackagingKind } from '../../src/core/goods/products/kinds';
import { SHEETS } from '../../src/core/goods/labels/design';
import type { LabelDesign } from '../../src/core/goods/labels/designSchema';
import type { Order } from '../../src/core/goods/orders/schema';
import type { OrderKind } from '../../src/core/goods/orders/kinds';
import { standing } from '../../src/core/batches/records/summary';
import type { Batch } from '../../src/core/batches/records/schema';
import type { Lot } from '../../src/core/workshop/shelf/lot';
import type { WorkshopFile } from '../../src/storage/file/schema';

const DAY_MS = 86_400_000;
const origin = 'sample' as const;

/** What the sample workshop sells, in what, to whom: a year of wrapping and selling, and two weeks of orders ahead. */
export function sampleGoods(workshop: WorkshopFile) {
  const named = new Map(workshop.formulas.map((formula) => [formula.name, formula]));
  const formula = (name: string): Formula => {
    const found = named.get(name);
    if (!found) throw new Error(`the sample has no formula ${name}`);
    return found;
  };
  const packaging = sampleWraps();
  const wrap = (name: string): string => {
    const found = packaging.find((one) => one.name === name);
    if (!found) throw new Error(`the sample has no wrap ${name}`);
    return found.id;
  };
  const units = sampleUnits(formula, wrap);
  const books = new Journal(workshop.batches, packaging, units);
  const orders = theYear(books, units, workshop);
  return {
    packaging,
    units,
    goods: books.moves,
    orders,
    lots: workshop.lots.map(withPapers),
    maker: {
      ...USUAL_SETTINGS.maker,
      name: 'Orrin Quay Fizz Loft',
      address: '4 Net Loft Lane, Orrin Quay',
      contact: 'hello@orrinquay.example',
      dataSheet: 'orrinquay.example/sheets',
    },
  };
}

function sampleWraps(): readonly Packaging[] {
  const rows: readonly (readonly [
    string,
    PackagingKind,
    Packaging['barrier'],
    number | null,
    readonly (readonly [string, string, number, number])[],
  ])[] = [
    [
      'Shrink film, 19 µm',
      'film',
      'polyolefin-shrink-19',
      100,
      [
        ['SF-1', '2025-10-06', 250, 20],
        ['SF-2', '2026-06-08', 250, 21.5],
      ],
    ],
    ['Clear bag, 40 µm', 'bag', 'polypropylene-25', 40, [['CB-1', '2025-10-20', 200, 12]]],
    ['Paper bag', 'bag', 'paper-bag', null, [['PB-1', '2025-10-06', 100, 7]]],
    ['Gift box for three', 'box', 'carton', 12, [['GB-1', '2026-02-02', 40, 34]]],
    ['Jar, 250 mL', 'jar', 'tight-jar', 12, [['J-1', '2025-12-15', 36, 32.4]]],
    ['Carton for cubes', 'box', 'carton', null, [['CC-1', '2026-01-12', 40, 14]]],
    ['Label, 64 × 64 mm', 'label', null, 60, [['L-1', '2026-01-05', 600, 30]]],
    ['Swing tag', 'tag', null, null, [['T-1', '2025-10-06', 200, 9]]],
  ];
  return rows.map(([name, kind, barrier, lowPieces, lots]) => ({
    ...newPackaging(name, kind, origin),
    barrier,
    lowPieces,
    lots: lots.map(([code, receivedOn, pieces, cost]) => ({
      id: newId(),
      code,
      supplier: 'Chandlery on the quay',
      receivedOn,
      pieces,
      cost,
    })),
  }));
}

function sampleUnits(
  formula: (name: string) => Formula,
  wrap: (name: string) => string,
): readonly SaleUnit[] {
  const design = (name: string, change: Partial<LabelDesign> = {}): LabelDesign => {
    const found = SHEETS.find((one) => one.name.startsWith(name));
    if (!found) throw new Error(`there is no sheet ${name}`);
    const { widthMm, heightMm, ...sheet } = found;
    return { ...newSaleUnit('', 'piece', []).label, widthMm, heightMm, sheet, ...change };
  };
  const words = (story: string) => ({ identity: '', directions: '', story, otherLanguages: '' });
  const film = { packagingId: wrap('Shrink film, 19 µm'), pieces: 1 };
  const label = { packagingId: wrap('Label, 64 × 64 mm'), pieces: 1 };
  const stall = { name: 'the quay stall', humidityPct: 72, tempC: 16 };
  const cabins = { name: 'the ferry’s store', humidityPct: 62, tempC: 20 };
  const unit = (
    name: string,
    kind: SaleUnit['kind'],
    of: readonly string[],
    rest: Partial<SaleUnit>,
  ): SaleUnit => ({ ...newSaleUnit(name, kind, of.map(formula), origin), place: stall, ...rest });
  return [
    unit('Quince Lantern', 'piece', ['Quince Lantern'], {
      packaging: [film, label],
      retail: 10.5,
      wholesale: 6.2,
      ruleMonths: 12,
      label: design('64', { own: words('A lamp lit over still water. Calms aching muscles.') }),
    }),
    unit('Ebb Glass', 'piece', ['Ebb Glass'], {
      packaging: [film, label],
      retail: 9.5,
      wholesale: 5.6,
      ruleMonths: 12,
      label: design('64', {
        markets: ['eu'],
        own: words('Lavender and rosemary, clear as low water.'),
      }),
    }),
    unit('Slipway at Dusk', 'piece', ['Slipway at Dusk'], {
      packaging: [film, label],
      retail: 9.8,
      wholesale: 5.8,
      label: design('64', { own: words('Two colors, one tide.') }),
    }),
    unit('Bow Wave, a pair', 'pair', ['Bow Wave'], {
      packaging: [{ packagingId: wrap('Clear bag, 40 µm'), pieces: 1 }, label],
      retail: 7.5,
      wholesale: 4.4,
      place: cabins,
      label: design('64', {
        soldAs: 'cosmetic',
        own: words('For the shower of a night ferry’s cabin.'),
      }),
    }),
    unit('Fog Signal, a pair', 'pair', ['Fog Signal'], {
      packaging: [{ packagingId: wrap('Clear bag, 40 µm'), pieces: 1 }, label],
      retail: 7.2,
      wholesale: 4.2,
      label: design('64', { markets: ['us'], soldAs: 'household' }),
    }),
    unit('Harbor Box', 'box', ['Quince Lantern', 'Ebb Glass', 'Slipway at Dusk'], {
      packaging: [film, { packagingId: wrap('Gift box for three'), pieces: 1 }, label].map((one) =>
        one === film ? { ...film, pieces: 3 } : one,
      ),
      retail: 32,
      wholesale: 19.5,
      label: design('100', { sides: 2, own: words('Three of the harbor, for three evenings.') }),
    }),
    unit('Slack Water', 'jar', ['Slack Water'], {
      packaging: [{ packagingId: wrap('Jar, 250 mL'), pieces: 1 }, label],
      retail: 12.5,
      wholesale: 7.4,
      ruleMonths: 9,
      label: design('64', { markets: ['eu'], shape: 'round' }),
    }),
    unit('Bilge Bright, twelve cubes', 'box', ['Bilge Bright'], {
      contents: [{ formulaId: formula('Bilge Bright').id, grade: 'good', pieces: 12 }],
      packaging: [{ packagingId: wrap('Carton for cubes'), pieces: 1 }],
      retail: 8.5,
      wholesale: 5,
      label: design('100', {
        markets: ['eu', 'uk'],
        hasPicture: false,
        own: words('Lifts tea from mugs and grease from bilges.'),
      }),
    }),
    unit('Ebb Glass mini', 'sampler', ['Ebb Glass'], {
      packaging: [
        { packagingId: wrap('Paper bag'), pieces: 1 },
        { packagingId: wrap('Swing tag'), pieces: 1 },
      ],
      retail: 2,
      label: design('50', { markets: ['eu'] }),
    }),
  ];
}

/** Moves one after the other, each off what is there at its time. */
class Journal {
  readonly moves: GoodsMove[] = [];
  constructor(
    private readonly batches: readonly Batch[],
    private readonly packaging: readonly Packaging[],
    private readonly units: readonly SaleUnit[],
  ) {}

  private add(move: NewMove, at: string): GoodsMove {
    const full: GoodsMove = { ...move, id: newId(), origin, at, who: 'Maud', voidedAt: null };
    this.moves.push(full);
    return full;
  }

  unit(name: string): SaleUnit {
    const found = this.units.find((one) => one.name === name);
    if (!found) throw new Error(`the sample has no product ${name}`);
    return found;
  }

  /** As many of a unit as its loose pieces of these batches make, at most so many. */
  wrap(name: string, count: number, at: string, firstId: string | null = null): void {
    const unit = this.unit(name);
    const stock = looseStock(this.batches, this.moves, []).filter(
      ({ batch }) => Date.parse(batch.startedAt) < Date.parse(at),
    );
    const plan = wrapFrom(unit, count, stock, firstId);
    if (!plan.ok) throw new Error(`${name}: ${plan.here} of ${plan.wanted} at ${at}`);
    this.add(
      {
        kind: 'wrapped',
        unitId: unit.id,
        code: wrapCode(
          unit.name,
          plan.from,
          this.batches,
          this.moves.flatMap((move) => (move.kind === 'wrapped' ? [move.code] : [])),
        ),
        count,
        from: [...plan.from],
        packaging: [
          ...packagingFor(unit, count, this.packaging, packagingLeft(this.packaging, this.moves)),
        ],
        bestBefore: null,
      },
      at,
    );
  }

  here(name: string): number {
    const { id } = this.unit(name);
    return wrappedStock(this.moves)
      .filter(({ run }) => run.unitId === id)
      .reduce((sum, { left }) => sum + left, 0);
  }

  /** Up to so many away; fewer where fewer are there. */
  away(
    name: string,
    most: number,
    to: string,
    at: string,
    orderId: string | null,
    how: GoneWay = 'sold',
  ) {
    const unit = this.unit(name);
    const count = Math.min(most, this.here(name));
    if (count === 0) return 0;
    const taken = takeUnits(unit.id, count, wrappedStock(this.moves));
    if (!taken.ok) throw new Error(`${name}: ${taken.here}`);
    this.add(
      {
        kind: 'gone',
        how,
        taken: [...taken.taken],
        loose: [],
        orderId,
        to,
        each: orderId ? unit.wholesale : how === 'sold' ? unit.retail : null,
        lotId: null,
      },
      at,
    );
    return count;
  }
}

interface Buyer {
  readonly who: string;
  readonly where: string;
  readonly kind: OrderKind;
}
const FERRY: Buyer = { who: 'Night ferry cabins', where: 'Berth 2', kind: 'order' };
const STALL: Buyer = { who: 'Quay stall', where: 'the Saturday quay', kind: 'stall' };
const CLUB: Buyer = { who: 'Rowing club boathouse', where: 'the boathouse kitchen', kind: 'shop' };

function theYear(
  books: Journal,
  units: readonly SaleUnit[],
  { batches, exportedAt }: WorkshopFile,
): readonly Order[] {
  const orders: Order[] = [];
  const nowMs = Date.parse(exportedAt);
  const order = (
    { who, where, kind }: Buyer,
    dueMs: number,
    lines: readonly (readonly [string, number])[],
    repeatDays: number | null = null,
    note = '',
  ): Order => {
    const made: Order = {
      id: newId(),
      origin,
      kind,
      who,
      where,
      due: new Date(dueMs).toISOString(),
      lines: lines.map(([name, count]) => ({ unitId: books.unit(name).id, count })),
      repeatDays,
      isCalledOff: false,
      note,
    };
    orders.push(made);
    return made;
  };
  const wrapped = batches
    .flatMap((batch) => {
      const done = standing(batch, 'tended').find(({ what }) => what === 'wrap');
      return done ? [{ batch, atMs: Date.parse(done.at) }] : [];
    })
    .sort((a, b) => a.atMs - b.atMs);
  for (const { batch, atMs } of wrapped) {
    const unit = units.find(
      ({ contents, kind }) =>
        contents.length === 1 && contents[0]?.formulaId === batch.formulaId && kind !== 'sampler',
    );
    if (!unit) continue;
    const counted = looseStock([batch], books.moves, [])[0]?.left.good ?? 0;
    const each = unit.contents[0]?.pieces ?? 1;
    // A few bath pieces are left loose for the boxes.
    const forBoxes =
      unit.kind === 'piece' && atMs > nowMs - 100 * DAY_MS && batch.code !== 'QL-010' ? 4 : 0;
    const count = Math.floor((counted - forBoxes) / each);
    if (count < 1) continue;
    books.wrap(unit.name, count, new Date(atMs + 3_600_000).toISOString(), batch.id);
    const isOld = atMs < nowMs - 45 * DAY_MS;
    const days = (n: number) => atMs + n * DAY_MS;
    const toFerry = Math.floor(count * (isOld ? 0.5 : 0.3));
    if (days(6) > nowMs) continue;
    const ferry = order(FERRY, days(6), [[unit.name, Math.max(1, toFerry)]]);
    books.away(
      unit.name,
      Math.max(1, toFerry),
      FERRY.who,
      new Date(days(6)).toISOString(),
      ferry.id,
    );
    const toStall = Math.floor(count * (isOld ? 0.35 : 0.2));
    if (toStall > 0 && days(9) < nowMs)
      books.away(unit.name, toStall, STALL.who, new Date(days(9)).toISOString(), null);
    if (isOld) {
      const rest = books.here(unit.name);
      if (rest > 1) {
        const club = order(CLUB, days(20), [[unit.name, rest - 1]]);
        books.away(unit.name, rest - 1, CLUB.who, new Date(days(20)).toISOString(), club.id);
      }
      books.away(unit.name, 1, 'a neighbor', new Date(days(21)).toISOString(), null, 'given');
    }
  }
  const ago = (days: number, hour = 0) =>
    new Date(nowMs - days * DAY_MS + hour * 3_600_000).toISOString();
  books.wrap('Harbor Box', 4, ago(4));
  const boxes = order(
    FERRY,
    nowMs - 2 * DAY_MS,
    [['Harbor Box', 2]],
    null,
    'for the master’s table',
  );
  books.away('Harbor Box', 2, FERRY.who, ago(2), boxes.id);
  books.wrap('Ebb Glass mini', 4, ago(30));
  books.away('Ebb Glass mini', 1, 'a child at the stall', ago(11), null, 'given');
  // Two weeks ahead.
  const ahead = (days: number, hour: number) =>
    Math.floor(nowMs / DAY_MS) * DAY_MS + days * DAY_MS + hour * 3_600_000;
  order(
    FERRY,
    ahead(2, 16),
    [
      ['Quince Lantern', 24],
      ['Bow Wave, a pair', 6],
    ],
    14,
  );
  order(
    STALL,
    ahead(3, 7),
    [
      ['Quince Lantern', 9],
      ['Slipway at Dusk', 6],
      ['Fog Signal, a pair', 4],
    ],
    7,
  );
  order(CLUB, ahead(6, 10), [['Bilge Bright, twelve cubes', 2]]);
  order({ who: 'Harbor inn', where: 'Customs Row', kind: 'shop' }, ahead(8, 12), [
    ['Slack Water', 6],
    ['Harbor Box', 2],
  ]);
  order(
    STALL,
    ahead(10, 7),
    [
      ['Ebb Glass', 8],
      ['Harbor Box', 3],
    ],
    null,
    'autumn market',
  );
  order(FERRY, ahead(2, 18), [['Ebb Glass', 18]], null, 'changed cabins: blue');
  order({ who: 'Sail house', where: 'upstairs', kind: 'order' }, ahead(13, 15), [
    ['Slipway at Dusk', 12],
  ]);
  return orders;
}

/** The lot that a supplier called back, and allergen lists that came with deliveries. */
function withPapers(lot: Lot): Lot {
  // Its day is one to smell it again, not one to throw it out.
  if (lot.materialId === 'sweet-almond-oil') return { ...lot, isRetest: true };
  if (lot.materialId === 'rosemary-essential-oil')
    return {
      ...lot,
      isQuarantined: true,
      note: 'Called back by the supplier: camphor over the figure of its sheet. Nothing is weighed from it.',
    };
  if (lot.materialId === 'cardamom-essential-oil')
    return {
      ...lot,
      allergens: [
        { name: 'Linalool', pct: 4.1 },
        { name: 'Limonene', pct: 2.6 },
        { name: 'Terpineol', pct: 2.9 },
        { name: 'Linalyl Acetate', pct: 4.4 },
        { name: 'Pinene', pct: 1.8 },
      ],
    };
  if (lot.materialId === 'fragrance-oil')
    return {
      ...lot,
      allergens: [
        { name: 'Linalool', pct: 3.2 },
        { name: 'Hexyl Cinnamal', pct: 2.4 },
        { name: 'Citronellol', pct: 1.1 },
        { name: 'Coumarin', pct: 0.4 },
      ],
    };
  if (lot.materialId === 'lavender-essential-oil')
    return {
      ...lot,
      allergens: [
        { name: 'Linalyl Acetate', pct: 36 },
        { name: 'Linalool', pct: 33 },
        { name: 'Beta-Caryophyllene', pct: 4.2 },
        { name: 'Geraniol', pct: 0.7 },
        { name: 'Limonene', pct: 0.4 },
      ],
    };
  return lot;
}
