import { describe, expect, it } from 'vitest';
import { LANTERN, bodyFrom } from '../../../../tests/fixtures/bodies';
import { addPart, partMassG, setPartMass } from '@/core/formula/model/parts';
import { emptyBody } from '@/core/formula/model/create';
import { totalMassG } from '@/core/formula/model/edit';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { crossSectionOf, embedMassG } from './crossSection';
import { SHIPPED } from '@/core/matter/materials/catalog';

const SPHERE = { shape: 'sphere', diameterMm: 70 } as const;

describe('a piece cut open', () => {
  it('weighs what the mold holds, each part by its share', () => {
    const body = bodyFrom(LANTERN);
    const anatomy = crossSectionOf(body, SPHERE, SHIPPED);
    const { shell, embed, pieceG } = anatomy ?? {};
    // 179.6 mL at 1.10 g/mL.
    expect(pieceG).toBeCloseTo(197.6, 1);
    expect(embed?.massG).toBeCloseTo(((pieceG ?? 0) * 120) / totalMassG(body), 6);
    expect((shell?.[0]?.part.massG ?? 0) + (embed?.massG ?? 0)).toBeCloseTo(pieceG ?? 0, 6);
    expect(embedMassG(embed?.radiusMm ?? 0, 1.1)).toBeCloseTo(embed?.massG ?? 0, 6);
  });

  it('cuts a sphere of two equal halves at its middle, and a half sphere lower', () => {
    const body = addPart(bodyFrom('200 g baking soda\n100 g citric acid'), 'split');
    expect(crossSectionOf(body, SPHERE, SHIPPED)?.shell[0]?.toHeight).toBeCloseTo(0.5, 6);
    const half = crossSectionOf(body, { shape: 'half-sphere', diameterMm: 60 }, SHIPPED);
    // h (3 - h^2) = 1 has its zero at 0.3473.
    expect(half?.shell[0]?.toHeight).toBeCloseTo(0.3473, 4);
    expect(half?.shell[1]?.toHeight).toBe(1);
  });

  it('gives a second color that is written as its dye alone one half of the main mix', () => {
    const body = bodyFrom(
      '600 g baking soda\n300 g citric acid\n1 g blue lake\n\nSecond color:\n1.5 g red 40 lake',
    );
    const halves = crossSectionOf(body, SPHERE, SHIPPED)?.shell ?? [];
    expect(halves[0]?.toHeight).toBeCloseTo(0.5, 2);
    const red = halves[1]?.part.hex ?? '';
    // Pale, as so little dye in so much white is, and no blue in it.
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(red.slice(at, at + 2), 16));
    expect(r).toBeGreaterThan(200);
    expect(r - g).toBeGreaterThan(40);
    expect(b).toBeLessThan(r);
  });

  it('lays icing on a full piece: the mold holds none of it, and its cream of tartar balances nothing', () => {
    const plain = '600 g baking soda\n300 g citric acid';
    const iced = bodyFrom(
      `${plain}\n\nIcing:\n100 g powdered sugar\n2 g cream of tartar\n15 g water`,
    );
    const { shell = [], onTop = [], pieceG = 0 } = crossSectionOf(iced, SPHERE, SHIPPED) ?? {};
    expect(shell[0]?.part.massG).toBeCloseTo(pieceG, 6);
    expect(onTop[0]?.massG).toBeCloseTo((117 / 900) * pieceG, 6);
    const fizz = (body: typeof iced) => evaluate(body, USUAL_CONDITIONS).fizz;
    expect(fizz(iced).acidEquivalentsMol).toBe(fizz(bodyFrom(plain)).acidEquivalentsMol);
  });

  it('is nothing of nothing', () => {
    expect(crossSectionOf(emptyBody('bath-bomb'), SPHERE, SHIPPED)).toBeNull();
    expect(() => embedMassG(-1, 1)).toThrow(/radiusMm must be 0 or more/);
  });
});

describe('parts', () => {
  const plain = () => bodyFrom('200 g baking soda\n100 g citric acid\n1 g blue dye');

  it('carry the base color into a split, and keep the total', () => {
    const body = addPart(plain(), 'split');
    const [main, split] = body.parts;
    expect(totalMassG(body)).toBeCloseTo(301, 9);
    expect(split?.lines.map(({ materialId }) => materialId)).toEqual(
      main?.lines.map(({ materialId }) => materialId),
    );
    expect(split?.lines[0]?.id).not.toBe(main?.lines[0]?.id);
  });

  it('begin an embed acid-forward, and name a second one', () => {
    const body = addPart(addPart(plain(), 'embed'), 'embed');
    const [, embed, second] = body.parts;
    expect((embed?.lines[0]?.massG ?? 0) / (embed?.lines[1]?.massG ?? 1)).toBeCloseTo(1.4, 9);
    expect(second?.name).toBe('Embed 2');
  });

  it('grow at the cost of the main mix, locked lines aside', () => {
    const begun = addPart(plain(), 'embed');
    const embed = begun.parts[1];
    if (!embed) throw new Error('an embed was added');
    const grown = setPartMass(begun, embed.id, 60);
    expect(totalMassG(grown)).toBeCloseTo(totalMassG(begun), 9);
    expect(grown.parts[1] && partMassG(grown.parts[1])).toBeCloseTo(60, 9);
    const tooBig = setPartMass(begun, embed.id, 9000);
    expect(tooBig.parts[0] && partMassG(tooBig.parts[0])).toBeCloseTo(30.1, 6);
  });
});
