import { defineStore } from 'pinia';
import { computed } from 'vue';
import { roomCurve, withReading } from '@/core/matter/air/roomDays';
import type { RoomPlace } from '@/core/matter/air/roomPlaces';
import type { RoomReading } from '@/core/matter/air/roomDaySchema';
import { nowIso } from './now';
import { useWorkshopStore } from './workshop';

/** What the rooms are like: the last word on each, and the curve of their readings. */
export const useRoomStore = defineStore('room', () => {
  const workshop = useWorkshopStore();
  const days = computed(() => workshop.records.rooms);
  const dryingCurve = computed(() => roomCurve(days.value, 'drying-room'));
  const dryingRoom = computed(() => dryingCurve.value.at(-1) ?? null);

  /** Takes a reading down; of a sensor only what is new. The workroom's goes into every damp window. */
  function read(
    place: RoomPlace,
    air: { readonly humidityPct: number; readonly tempC: number },
    by: RoomReading['by'],
  ): void {
    const at = nowIso();
    const day = withReading(days.value, place, { ...air, at, by });
    if (!day) return;
    workshop.put('rooms', [day]);
    if (place === 'workroom') workshop.changeSettings({ ...air, roomReadAt: at });
  }

  return { days, dryingCurve, dryingRoom, read };
});
