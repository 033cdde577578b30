import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsOf, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';
import type { Role } from '@/core/matter/materials/types';
import { isOxidizer, mayHold, vetoOf } from '../safety/mayHold';
import type { WishId } from './wishes';

/** One amount that may change: a line of the formula, or a material that might come in. */
export interface Variable {
  /** Null for a material that is not in the formula yet. */
  readonly lineId: string | null;
  readonly material: Material;
  readonly massG: number;
  readonly isMain: boolean;
  readonly isLocked: boolean;
  /** What a change of it is measured by, grams. */
  readonly scaleG: number;
}

/** A trace weighs as much as this share of the mix when its change is measured. */
const LEAST_SCALE = 0.004;
/** What comes in is measured by what it usually is, this share of the mix, and not as the endless multiple of nothing. */
const NEW_SCALE: Readonly<Partial<Record<Role, number>>> = {
  base: 0.5,
  acid: 0.3,
  starch: 0.05,
  salt: 0.05,
  oil: 0.03,
};
const NEW_SCALE_ELSE = 0.02;
/** Scent and color are kept if at all possible: a change of theirs counts as so many times larger. */
const KEPT_FACTOR = 8;

/** Materials worth trying when the formula has none of their kind. */
const CANDIDATES: Readonly<Partial<Record<WishId, readonly string[]>>> = {
  'longer-fizz': ['cornstarch', 'kaolin', 'sea-salt'],
  harder: ['kaolin', 'potassium-bitartrate'],
  'more-foam': ['sodium-lauryl-sulfoacetate'],
};

const BINDERS: readonly Role[] = ['oil', 'butter', 'watery', 'alcohol'];

/** Every line, and what the wishes and windows may have to bring in. */
export function variablesOf(
  body: FormulaBody,
  totalG: number,
  wishIds: readonly WishId[],
  catalog: Catalog,
): readonly Variable[] {
  const contents = portionsOf(catalog, allLines(body));
  const lines = body.parts.flatMap((part, i) =>
    part.lines.map((line) => {
      const variable = variableOf(line, materialById(catalog, line.materialId), i === 0, totalG);
      // An oxidizer and what it may not meet are there by the maker's hand, and never become more.
      return { ...variable, isLocked: variable.isLocked || mayNotMeet(contents, variable, body) };
    }),
  );
  const present = new Set(lines.map(({ material }) => material.id));
  const hasRole = (role: string) => lines.some(({ material }) => material.role === role);
  const forSkinOil = body.family === 'bath-bomb' && body.method !== 'loose';
  const wanted = [
    ...(hasRole('base') ? [] : ['sodium-bicarbonate']),
    ...(hasRole('acid') ? [] : ['citric-acid']),
    ...(hasRole('starch') ? [] : ['cornstarch']),
    ...(forSkinOil && !hasRole('oil') ? ['sweet-almond-oil'] : []),
    ...(forSkinOil && !hasRole('emulsifier') ? ['polysorbate-80'] : []),
    // What is bound by nothing yet is bound by a spray.
    ...(forSkinOil && !BINDERS.some(hasRole) ? ['water'] : []),
    ...(!forSkinOil && body.method !== 'loose' && !hasRole('alcohol')
      ? ['isopropyl-alcohol-99']
      : []),
    ...wishIds.flatMap((id) => CANDIDATES[id] ?? []),
  ];
  const candidates = [...new Set(wanted)]
    .filter((id) => !present.has(id) && mayHold(contents, materialById(catalog, id), body.family))
    .map((id) => {
      const material = materialById(catalog, id);
      return {
        lineId: null,
        material,
        massG: 0,
        isMain: true,
        isLocked: false,
        scaleG: (NEW_SCALE[material.role] ?? NEW_SCALE_ELSE) * totalG,
      };
    });
  return [...lines, ...candidates];
}

function mayNotMeet(
  contents: readonly Portion[],
  { material }: Variable,
  { family }: FormulaBody,
): boolean {
  const code = vetoOf(contents, material, family)?.code;
  // The acid of a fizz is what balances it: it may move beside an oxidizer that may not.
  return (
    code?.startsWith('oxidizer-') === true && (material.role !== 'acid' || isOxidizer(material))
  );
}

function variableOf(line: Line, material: Material, isMain: boolean, totalG: number): Variable {
  const isKept = material.role === 'scent' || material.role === 'color';
  const scaleG = Math.max(line.massG, LEAST_SCALE * totalG);
  return {
    lineId: line.id,
    material,
    massG: line.massG,
    isMain,
    isLocked: line.locked,
    scaleG: isKept ? scaleG / KEPT_FACTOR : scaleG,
  };
}
