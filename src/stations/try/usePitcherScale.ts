import { readonly, shallowRef } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import type { ScaleReading } from '@/devices/scale';
import { simulatedPitcher } from '@/devices/simulatedPitcher';
import { useListenedScale } from '@/shared/useListenedScale';

/** What a simulated pitcher has to know of what is dropped in. */
export type PitcherPlay = Parameters<typeof simulatedPitcher>[0];

/** The scale under the pitcher, whichever the workshop uses; when weights are typed there is no reading. */
export function usePitcherScale(
  play: PitcherPlay,
  batch: Batch | null,
  heard: (massG: number) => void,
) {
  const reading = shallowRef<ScaleReading | null>(null);
  const { source, simulated, state } = useListenedScale(batch, () => simulatedPitcher(play), {
    reading: (next) => {
      reading.value = next;
      heard(next.massG);
    },
  });
  return { source, reading: readonly(reading), state, dropIn: () => simulated?.dropIn() };
}
