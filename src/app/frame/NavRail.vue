<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { tipOf } from '@/ui/actions/useActions';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { useWay } from '@/shared/useAddress';
import { ROOMS, STATIONS, placeOf } from '@/shared/places';

const emit = defineEmits<{ search: [] }>();
const route = useRoute();
const here = computed(() => placeOf(String(route.name ?? ''))?.route);
const { go } = useWay();
/** On a phone the rooms and the search stand behind one word. */
const SEARCH = 'search';
const MORE = [
  ...ROOMS.map(({ route: value, label: title, purpose: subtitle }) => ({ value, title, subtitle })),
  { value: 'guide', title: 'Guide', subtitle: 'The work in twelve short chapters' },
  { value: SEARCH, title: 'Search', subtitle: 'Everything you keep, and all you can do here' },
];
const isRoom = computed(() => ROOMS.some((room) => room.route === here.value));
function openRoom(value: string): void {
  if (value === SEARCH) emit('search');
  else go({ name: value });
}
const searchTip = tipOf({ name: 'Search', key: 'mod+k' });
</script>

<template>
  <nav class="frame-rail" aria-label="Screens">
    <span class="mark">Rovack</span>
    <button type="button" class="room seek" :title="searchTip" @click="emit('search')">
      Search
    </button>
    <ol class="plain-list stations">
      <li v-for="place in STATIONS" :key="place.route">
        <router-link
          :to="{ name: place.route }"
          :title="place.purpose"
          class="station"
          :class="{ here: here === place.route }"
          :aria-current="here === place.route ? 'page' : undefined"
          >{{ place.label }}</router-link
        >
      </li>
    </ol>
    <ActionMenu class="more" :class="{ here: isRoom }" :items="MORE" @choose="openRoom"
      >More</ActionMenu
    >
    <ul class="plain-list rooms">
      <li v-for="place in ROOMS" :key="place.route">
        <router-link
          :to="{ name: place.route }"
          :title="place.purpose"
          class="room"
          :class="{ here: here === place.route }"
          :aria-current="here === place.route ? 'page' : undefined"
          >{{ place.label }}</router-link
        >
      </li>
    </ul>
  </nav>
</template>

<style scoped>
.frame-rail {
  position: sticky;
  top: 0;
  height: 100vh;
  display: flex;
  flex-direction: column;
  background: var(--rail);
  color: var(--rail-ink);
}
.mark {
  padding: 22px 0 34px 12px;
  font-family: var(--font-heading);
  font-weight: 650;
  font-size: var(--text-lead);
}
/* A sounding line: stations are the long marks, nine short ones between them. */
.stations {
  flex: none;
  margin-left: 19px;
  border-left: 2px solid var(--rail-mid);
}
.stations li {
  height: 64px;
  background: repeating-linear-gradient(to bottom, var(--rail-mid) 0 1px, transparent 1px 12.8px)
    left top / 6px 100% no-repeat;
}
.stations li:last-child {
  height: 24px;
  background: none;
}
.station {
  position: absolute;
  inset: -22px 0 auto;
  display: flex;
  align-items: center;
  height: 44px;
  padding-left: 20px;
  color: var(--rail-mid);
  text-decoration: none;
  font-size: var(--text-body);
}
.stations li {
  position: relative;
}
.station::before {
  content: '';
  position: absolute;
  left: 0;
  top: 21px;
  width: 12px;
  height: 2px;
  background: var(--rail-mid);
}
.station.here {
  color: var(--rail-ink);
  font-weight: 700;
}
.station.here::before {
  top: 20px;
  height: 4px;
  background: var(--rail-ink);
}
.station.here::after {
  content: '';
  position: absolute;
  left: -14px;
  top: 14px;
  border: 8px solid transparent;
  border-left-width: 0;
  border-right: 11px solid var(--mint);
}
.rooms {
  margin-top: auto;
  padding: 0 8px 20px;
  display: grid;
  gap: 8px;
}
.room {
  display: grid;
  place-items: center;
  min-height: 40px;
  border: 1px solid var(--rail-mid);
  border-radius: var(--radius-small);
  color: var(--rail-mid);
  text-decoration: none;
  font-size: var(--text-plain);
}
.seek {
  flex: none;
  margin: -12px 8px 44px;
  background: none;
  font-family: inherit;
  cursor: pointer;
}
.room.here {
  border-color: var(--rail-ink);
  color: var(--rail-ink);
  font-weight: 700;
}
.station:hover,
.room:hover {
  color: var(--rail-ink);
}
a:focus-visible {
  outline-color: var(--mint);
}
/* On a phone it lies along the bottom, where the thumb is: six marks of the sounding line, and the rest behind one word. */
.frame-rail :deep(.more) {
  display: none;
}
@media (max-width: 820px) {
  .frame-rail {
    position: fixed;
    inset: auto 0 0;
    z-index: 5;
    display: grid;
    grid-template-columns: 6fr 1fr;
    height: auto;
    padding-bottom: env(safe-area-inset-bottom);
  }
  .mark,
  .seek,
  .rooms {
    display: none;
  }
  .stations {
    display: grid;
    grid-template-columns: repeat(6, 1fr);
    margin: 0;
    border: 0;
  }
  .stations li,
  .stations li:last-child {
    position: static;
    height: auto;
    background: none;
  }
  .station,
  .frame-rail :deep(.more) {
    position: relative;
    inset: auto;
    display: grid;
    place-items: end center;
    width: 100%;
    height: 56px;
    padding: 0 0 8px;
    color: var(--rail-mid);
    font-size: var(--text-small);
  }
  .station::before,
  .station.here::before,
  .frame-rail :deep(.more)::before {
    content: '';
    position: absolute;
    top: 0;
    left: calc(50% - 1px);
    width: 2px;
    height: 14px;
    background: var(--rail-mid);
  }
  .station.here::before,
  .frame-rail :deep(.more).here::before {
    left: calc(50% - 2px);
    width: 4px;
    height: 22px;
    background: var(--mint);
  }
  .station.here::after {
    display: none;
  }
  .frame-rail :deep(.more).here {
    color: var(--rail-ink);
    font-weight: 700;
  }
}
</style>
