import { onScopeDispose, readonly, ref, shallowRef, watch } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import type { ScaleReading, ScaleSource, ScaleState } from '@/devices/scale';
import type { SimulatedPitcher } from '@/devices/simulatedPitcher';
import { simulatedPitcher } from '@/devices/simulatedPitcher';
import { useDevicesStore } from '@/stores/devices';
import { useWorkshopStore } from '@/stores/workshop';

/** What a simulated jug has to know of what is dropped in. */
export interface PitcherPlay {
  readonly stepG: number;
  readonly jugG: number;
  readonly sampleG: number;
  readonly expectedG: number;
  readonly goneS: number;
  readonly chance: number;
  readonly droppedMs: number | null;
}

/** The scale under the jug, whichever the workshop uses; when weights are typed there is no reading. */
export function usePitcherScale(
  play: PitcherPlay,
  batch: Batch | null,
  heard: (massG: number) => void,
) {
  const workshop = useWorkshopStore();
  const devices = useDevicesStore();
  const source = scaleFor(workshop.settings, workshop.isOfSample(batch));
  const reading = shallowRef<ScaleReading | null>(null);
  const state = ref<ScaleState>('ready');
  const jug: SimulatedPitcher | null = source === 'simulated' ? simulatedPitcher(play) : null;
  let stopListening = () => {};

  function listenTo(scale: ScaleSource | null): void {
    stopListening();
    if (!scale) state.value = 'unplugged';
    stopListening =
      scale?.listen({
        reading: (next) => {
          reading.value = next;
          heard(next.massG);
        },
        state: (next) => (state.value = next),
      }) ?? (() => {});
  }
  if (source === 'typed') state.value = 'ready';
  else
    watch(
      () => devices.device,
      () => listenTo(jug ?? (source === 'serial' ? (devices.device?.scale ?? null) : null)),
      { immediate: true },
    );
  onScopeDispose(() => {
    stopListening();
    jug?.close();
  });
  return {
    source,
    reading: readonly(reading),
    state: readonly(state),
    dropIn: () => jug?.dropIn(),
  };
}
