import type { FormulaBody } from '@/core/formula/model/schema';
import { catalogWith } from '@/core/matter/materials/catalog';
import type { OwnMaterial } from '@/core/matter/materials/own';
import { evaluate } from '@/core/results/evaluation/evaluate';
import { gridSizeOf, waterFrames, type Fineness } from '@/core/tub/frames';
import { filmPlan } from '@/core/tub/plan';
import type { VesselKind } from '@/core/tub/vessel';
import type { SentConditions } from './sentConditions';

/** Frames go over in packets, so that the film begins before all of it is there. */
const PACKET = 8;

/** What the worker answers: the water of a film, packet by packet, and how many frames it had. */
export const filmApi = {
  async film(
    body: FormulaBody,
    conditions: SentConditions,
    own: readonly OwnMaterial[],
    vessel: VesselKind,
    fineness: Fineness,
    onFrames: (frames: readonly Uint8ClampedArray[]) => void | Promise<void>,
  ): Promise<number> {
    const known = { ...conditions, catalog: catalogWith(own) };
    const film = filmPlan(body, known, evaluate(body, known), vessel);
    if (!film.ok || film.value.vessel.kind === 'tray') return 0;
    let packet: Uint8ClampedArray[] = [];
    let count = 0;
    for (const frame of waterFrames(film.value, gridSizeOf(film.value.vessel, fineness))) {
      packet.push(frame);
      count++;
      if (packet.length < PACKET) continue;
      await onFrames(packet);
      packet = [];
    }
    await onFrames(packet);
    return count;
  },
};
export type FilmApi = typeof filmApi;
