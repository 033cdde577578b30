import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../tests/fixtures/bodies';
import { setPartPerPiece } from '@/core/formula/model/parts';
import type { FormulaBody } from '@/core/formula/model/schema';
import { USUAL_REQUEST, requestFor } from './request';
import { moldVolumeMl } from './molds';
import { planScale, type ScalePlan } from './plan';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { totalPieces } from './totalPieces';
import type { MoldSet, ScaleRequest } from './requestSchema';

const MIX = '600 g baking soda\n320 g citric acid\n40 g almond oil';
const ICED = `${MIX}\nIcing:\n100 g powdered sugar\n10 g meringue powder\n20 g water`;
const HEARTED = `${MIX}\nEmbed:\n20 g baking soda\n14 g citric acid`;
const SPHERE = { shape: 'sphere', diameterMm: 70 } as const;
const CUBE = { shape: 'box', lengthMm: 40, widthMm: 40, heightMm: 40 } as const;

const cubes: MoldSet = { mold: CUBE, moldId: null, fillG: null, count: 5, isSampler: false };

function plan(body: FormulaBody, request: Partial<ScaleRequest> = {}): ScalePlan {
  const result = planScale(body, { ...USUAL_REQUEST, mold: SPHERE, lossPct: 2, ...request });
  if (!result.ok) throw new Error(result.problem.message);
  return result.plan;
}

/** The part beside the main mix, in grams a piece. */
function each(text: string, perPieceG: number): FormulaBody {
  const body = bodyFrom(text);
  return setPartPerPiece(body, body.parts[1]?.id ?? '', perPieceG);
}

const partG = ({ lines }: ScalePlan, partId: string | undefined) =>
  lines.reduce((sum, line) => (line.partId === partId ? sum + line.weighG : sum), 0);

describe('what sits outside the mold', () => {
  it('takes no piece away: icing of 302 g leaves the batch of 13 at 13', () => {
    const bare = plan(bodyFrom(MIX), { want: { kind: 'times', times: 3 } });
    const iced = plan(bodyFrom(ICED), { want: { kind: 'times', times: 3 } });
    expect(iced.pieces).toBe(bare.pieces);
    expect(iced.outsideG).toBeCloseTo(390, 0);
    expect(iced.leftoverG).toBeCloseTo(bare.leftoverG, 0);
    expect(bare.outsideG).toBeCloseTo(0, 9);
  });

  it('goes by the pieces when it is in grams a piece, however the batch is asked for', () => {
    const body = each(ICED, 50);
    for (const want of [
      { kind: 'pieces', count: 8 },
      { kind: 'times', times: 2 },
      { kind: 'total', massG: 3000 },
    ] as const) {
      const made = plan(body, { want });
      expect(partG(made, body.parts[1]?.id), want.kind).toBeCloseTo(50 * made.pieces, 0);
    }
    expect(plan(body, { want: { kind: 'total', massG: 3000 } }).totalG).toBeCloseTo(3000, -2);
  });

  it('keeps what lies inside within the pressed weight', () => {
    const body = each(HEARTED, 12);
    const made = plan(body, { want: { kind: 'pieces', count: 10 }, fillG: 200 });
    expect(partG(made, body.parts[1]?.id)).toBeCloseTo(120, 1);
    expect(made.totalG).toBeCloseTo((10 * 200) / 0.98, 0);
    expect(() =>
      plan(each(HEARTED, 250), { want: { kind: 'pieces', count: 10 }, fillG: 200 }),
    ).toThrow(/heavier than the piece/);
  });
});

describe('more than one mold in a batch', () => {
  it('mixes for eight of this and five of that in one bowl', () => {
    const alone = plan(bodyFrom(MIX), { want: { kind: 'pieces', count: 8 } });
    const both = plan(bodyFrom(MIX), { want: { kind: 'pieces', count: 8 }, more: [cubes] });
    const [, five] = both.sets;
    expect(both.pieces).toBe(13);
    expect(five?.pieces).toBe(5);
    expect(both.totalG - alone.totalG).toBeCloseTo((5 * (five?.pieceG ?? 0)) / 0.98, 0);
  });

  it('gives each mold its own tops and net weight, and mixes just so much of them', () => {
    const body = each(ICED, 30);
    const iceId = body.parts[1]?.id ?? '';
    const ask = (tops: MoldSet['tops']) =>
      plan(body, { want: { kind: 'pieces', count: 8 }, more: [{ ...cubes, tops }] });
    const [usual, bare, heavy] = [ask(undefined), ask({ [iceId]: 0 }), ask({ [iceId]: 45 })];
    expect(partG(usual, iceId)).toBeCloseTo(30 * 13, 0);
    expect(partG(bare, iceId)).toBeCloseTo(30 * 8, 0);
    expect(partG(heavy, iceId)).toBeCloseTo(30 * 8 + 45 * 5, 0);
    for (const [made, top] of [
      [usual, 30],
      [bare, 0],
      [heavy, 45],
    ] as const) {
      const [first, second] = made.sets;
      expect((first?.netG ?? 0) - (first?.pieceG ?? 0)).toBeCloseTo(30, 9);
      expect((second?.netG ?? 0) - (second?.pieceG ?? 0)).toBeCloseTo(top, 9);
    }
    // Asked for by the total, the whole still comes to it.
    const total = plan(body, {
      want: { kind: 'total', massG: 3000 },
      more: [{ ...cubes, tops: { [iceId]: 45 } }],
    });
    expect(total.totalG).toBeCloseTo(3000, -2);
    expect(partG(total, iceId)).toBeCloseTo(30 * (total.pieces - 5) + 45 * 5, 0);
  });

  it('spreads an icing that is a share of the mix over the finished pieces', () => {
    const minis = { ...cubes, count: 2, isSampler: true };
    const made = plan(bodyFrom(ICED), { want: { kind: 'times', times: 3 }, more: [minis] });
    const [first, mini] = made.sets;
    expect((first?.netG ?? 0) - (first?.pieceG ?? 0)).toBeCloseTo(made.outsideG / made.pieces, 9);
    expect(mini?.netG).toBe(mini?.pieceG);
  });

  it('presses samplers from what is left, and mixes nothing more for them', () => {
    const minis = { ...cubes, count: 2, isSampler: true };
    const want = { kind: 'total', massG: 1500 } as const;
    const without = plan(bodyFrom(MIX), { want });
    const made = plan(bodyFrom(MIX), { want, more: [minis] });
    expect(made.totalG).toBe(without.totalG);
    expect(made.pieces).toBe(without.pieces);
    expect(made.leftoverG).toBeLessThan(without.leftoverG);
    // As many as the rest gives, and no more: what was asked for beside it is said.
    const cubeG = made.sets[1]?.pieceG ?? 0;
    const fits = Math.floor(without.leftoverG / cubeG);
    const [, few] = plan(bodyFrom(MIX), { want, more: [{ ...minis, count: fits }] }).sets;
    const [, many] = plan(bodyFrom(MIX), { want, more: [{ ...minis, count: fits + 1 }] }).sets;
    expect(few).toMatchObject({ pieces: fits });
    expect(few).not.toHaveProperty('askedPieces');
    expect(many).toMatchObject({ pieces: fits, askedPieces: fits + 1 });
  });

  it('balances: pieces, rest, loss and what is outside make the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 20 }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.constantFrom(ICED, HEARTED),
        (count, others, perPieceG, text) => {
          const made = plan(each(text, perPieceG), {
            want: { kind: 'pieces', count },
            more: [{ ...cubes, count: others }],
          });
          const pressedG = made.sets.reduce((sum, set) => sum + set.pieces * set.pieceG, 0);
          expect(pressedG + made.leftoverG + made.lostG + made.outsideG).toBeCloseTo(
            made.totalG,
            6,
          );
        },
      ),
      { seed: 41, numRuns: 100 },
    );
  });
});

describe('a fill that cannot be', () => {
  // A 70 mm sphere holds 179.6 mL.
  it.each([
    [340, true],
    [342, false],
    [54.5, true],
    [53, false],
  ])('%d g in a 70 mm sphere: %s', (fillG, isFine) => {
    const result = planScale(bodyFrom(MIX), { ...USUAL_REQUEST, mold: SPHERE, fillG });
    expect(result.ok).toBe(isFine);
    if (!result.ok) expect(result.problem).toMatchObject({ code: 'cannot-be-packed' });
  });
});

describe('what Scale opens with', () => {
  it('is the recipe’s own yield, each piece as heavy as it makes it; else the recipe once', () => {
    const body = { ...bodyFrom(ICED), yieldPieces: 8 };
    const request = requestFor(body);
    const made = plan(body, request);
    expect(made.pieces).toBe(8);
    expect(made.factor).toBeCloseTo(1, 3);
    expect(totalPieces(body, 100)).toBe(8);
    expect(requestFor(bodyFrom(MIX)).want).toEqual({ kind: 'times', times: 1 });
  });

  it('takes the size and the weight of a piece that the recipe says', () => {
    const body = bodyFrom(MIX);
    const of = (yieldPiece: FormulaBody['yieldPiece'], yieldPieces?: number) => {
      const { mold, fillG } = requestFor({
        ...body,
        ...(yieldPiece && { yieldPiece }),
        ...(yieldPieces && { yieldPieces }),
      });
      return { mold, fillG };
    };
    expect(of({ sizeMm: 60 })).toEqual({
      mold: { shape: 'sphere', diameterMm: 60 },
      fillG: null,
    });
    expect(of({ shape: 'half-sphere', sizeMm: 50, massG: 40 })).toEqual({
      mold: { shape: 'half-sphere', diameterMm: 50 },
      fillG: 40,
    });
    // Without a size: a mold that holds so much.
    const cube = of({ shape: 'cube', massG: 20 });
    const held = cube.mold.shape === 'box' ? moldVolumeMl(cube.mold) : NaN;
    expect(held * packedDensityGMl(body.method).best).toBeCloseTo(20, 6);
    expect(of({ massG: 20 }, 6).fillG).toBe(20);
    expect(totalPieces(bodyFrom(ICED), 100)).toBe(9);
  });
});
