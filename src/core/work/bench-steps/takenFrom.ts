import type { LotUse } from './stepSchema';

/** What was weighed, taken off the lots planned for it: in their order, the last one takes what is over. */
export function takenFrom(planned: readonly LotUse[], massG: number): LotUse[] {
  let restG = massG;
  return planned.flatMap(({ lotId, massG: plannedG }, i) => {
    const takenG = i === planned.length - 1 ? restG : Math.min(restG, plannedG);
    restG -= takenG;
    return takenG > 0 ? [{ lotId, massG: takenG }] : [];
  });
}
