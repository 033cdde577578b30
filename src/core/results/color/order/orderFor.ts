import { useOf } from '@/core/formula/model/messages';
import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import { isStrained } from '@/core/formula/model/ways';
import { isListedColor } from '@/core/matter/materials/knowledge';
import type { Material } from '@/core/matter/materials/material';
import { portionsG, portionsOf, type Portion } from '@/core/matter/materials/portion';
import { dampReading } from '../../binder/damp';
import { freeWaterLimitsPct, gasShare } from '../../binder/freeWater';
import type { Conditions } from '../../conditions/types';
import { vetoOf } from '../../safety/mayHold';
import { mostColorG } from '../rate';
import { canColor, type Colored, type ColorOrder, type Offered } from './colorToOrder';
import { MOST_COLORANTS } from './search';

/** What a maker asks for. */
export interface ColorQuestion {
  readonly kind: Colored['kind'];
  /** The section that the colors go into. */
  readonly partId: string;
  /** `#rrggbb` */
  readonly wantedHex: string;
  /** What may be used: all that is on the shelf, or all that is known. */
  readonly materials: readonly Material[];
  /** Whose lists of colors must hold; none for nobody's. */
  readonly markets: readonly ('us' | 'eu')[];
  /** What of the formula goes into the water at once. */
  readonly piece: Extract<Colored, { kind: 'tub' }>['piece'];
}

/** Why a color may not be used here. */
export type LeftOut = 'unknown-hue' | 'does-not-tint' | 'unsafe' | 'not-listed' | 'no-room';

export interface OrderFor {
  readonly order: ColorOrder;
  readonly leftOut: readonly { readonly material: Material; readonly why: LeftOut }[];
}

/**
 * The order of a color for a section of a formula as it is: every colorant within the rate from which it may stain, on
 * every list that holds, and nothing that may not meet what is there. A liquid color has no more room than its water has
 * until free water is no longer easy.
 * @throws RangeError for a section that is not there
 */
export function orderFor(
  body: FormulaBody,
  conditions: Conditions,
  question: ColorQuestion,
): OrderFor {
  const part = body.parts.find(({ id }) => id === question.partId);
  if (!part)
    throw new RangeError(`partId must be a section of the formula, got ${question.partId}`);
  const weighed = (lines: readonly Line[]) =>
    portionsOf(
      conditions.catalog,
      lines.filter((line) => !isStrained(line)),
    );
  const section = weighed(part.lines);
  const whole = weighed(body.parts.flatMap(({ lines }) => lines));
  const isPressed = part === body.parts[0];
  const waterG = isPressed ? waterRoomG(section, conditions) : Infinity;
  const leftOut: OrderFor['leftOut'][number][] = [];
  const offered: Offered[] = [];
  for (const material of question.materials.filter(({ role }) => role === 'color')) {
    const mostG = roomG(material, section, waterG);
    const why = whyNot(material, question, whole, body, mostG);
    if (why) leftOut.push({ material, why });
    else offered.push({ material, mostG });
  }
  const { kind, wantedHex, piece } = question;
  const colored: Colored =
    kind === 'dry'
      ? { kind, base: section }
      : { kind, base: whole, piece, volumeL: conditions.tub.volumeL };
  return { order: { colored, wantedHex, offered }, leftOut };
}

/** Less than this of its rate is no room, grams a kilo. Rovack estimate. */
const LEAST_ROOM = 1e-6;

function whyNot(
  material: Material,
  { kind, markets }: ColorQuestion,
  whole: readonly Portion[],
  { family }: FormulaBody,
  mostG: number,
): LeftOut | null {
  if (!canColor('dry', material)) return 'unknown-hue';
  if (!canColor(kind, material)) return 'does-not-tint';
  if (vetoOf(whole, material, family)) return 'unsafe';
  if (!markets.every((market) => isListedColor(material.inci, useOf(family), market)))
    return 'not-listed';
  return mostG > LEAST_ROOM * portionsG(whole) ? null : 'no-room';
}

function roomG(material: Material, section: readonly Portion[], waterG: number): number {
  const there = section.reduce(
    (sum, one) => (one.material.id === material.id ? sum + one.massG : sum),
    0,
  );
  const byRate = mostColorG(material, portionsG(section)) - there;
  const water = material.waterFraction.value;
  return Math.max(0, Math.min(byRate, water > 0 ? waterG / MOST_COLORANTS / water : Infinity));
}

/** Grams of water that still go in before free water is no longer easy. */
function waterRoomG(section: readonly Portion[], { humidityPct }: Conditions): number {
  const gas = gasShare(section);
  if (gas === 0) return Infinity;
  const { easyPct } = freeWaterLimitsPct(humidityPct, gas);
  return (portionsG(section) * Math.max(0, easyPct - dampReading(section).freeWaterPct)) / 100;
}

/** The section without the colors that are not locked: what an order begins from on screen. */
export function withoutColors(
  body: FormulaBody,
  partId: string,
  isColor: (line: Line) => boolean,
): FormulaBody {
  const bare = (part: Part): Part =>
    part.id === partId
      ? { ...part, lines: part.lines.filter((line) => line.locked || !isColor(line)) }
      : part;
  return { ...body, parts: body.parts.map(bare) };
}
