import { proxy } from 'comlink';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { OwnMaterial } from '@/core/matter/materials/own';
import type { Conditions } from '@/core/results/conditions/types';
import type { Fineness } from '@/core/tub/frames';
import type { VesselKind } from '@/core/tub/vessel';
import type { FilmApi } from './filmApi';
import { runInWorker, type WorkerRun } from './runInWorker';
import { sentOf } from './sentConditions';

const start = () => new Worker(new URL('./film.worker.ts', import.meta.url), { type: 'module' });

/** Steps the water of a film in a worker of its own. @param onFrames told each packet of frames, first to last */
export function startFilm(
  body: FormulaBody,
  conditions: Conditions,
  own: readonly OwnMaterial[],
  vessel: VesselKind,
  fineness: Fineness,
  onFrames: (frames: readonly Uint8ClampedArray[]) => void,
): WorkerRun<number> {
  return runInWorker<FilmApi, number>(start, (api) =>
    api.film(body, sentOf(conditions), own, vessel, fineness, proxy(onFrames)),
  );
}
