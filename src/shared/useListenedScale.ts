import { onScopeDispose, readonly, ref, watch } from 'vue';
import type { Batch } from '@/core/batches/records/schema';
import { scaleFor } from '@/core/workshop/settings/scaleFor';
import type { ScaleReading, ScaleSource, ScaleState } from '@/devices/scale';
import { useDevicesStore } from '@/stores/devices';
import { useWorkshopStore } from '@/stores/workshop';

/**
 * Listens to the scale that the workshop uses for a batch, until the component that asked is gone: a simulated one, or the
 * one on the cable, which may be plugged in later. When weights are typed nothing is heard.
 * @param simulate makes the simulated scale, where that one is used
 */
export function useListenedScale<S extends ScaleSource>(
  batch: Batch | null,
  simulate: () => S,
  heard: {
    readonly reading: (next: ScaleReading) => void;
    readonly unread?: (line: string) => void;
  },
) {
  const workshop = useWorkshopStore();
  const devices = useDevicesStore();
  const source = scaleFor(workshop.settings, workshop.isOfSample(batch));
  const simulated = source === 'simulated' ? simulate() : null;
  const state = ref<ScaleState>('ready');
  let stopListening = () => {};

  const scale = (): ScaleSource | null =>
    simulated ?? (source === 'serial' ? (devices.device?.scale ?? null) : null);
  function listen(): void {
    stopListening();
    const found = scale();
    if (!found) state.value = 'unplugged';
    stopListening =
      found?.listen({ ...heard, state: (next) => (state.value = next) }) ?? (() => {});
  }
  if (source !== 'typed') watch(() => devices.device, listen, { immediate: true });
  onScopeDispose(() => {
    stopListening();
    simulated?.close();
  });
  return { source, simulated, scale, state: readonly(state) };
}
