<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { tipOf } from '@/ui/actions/useActions';
import { ROOMS, STATIONS, placeOf } from '@/shared/places';

const emit = defineEmits<{ search: [] }>();
const route = useRoute();
const searchTip = tipOf({ name: 'Search', key: 'mod+k' });
const here = computed(() => placeOf(String(route.name ?? ''))?.route);
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
  height: 72px;
  background: repeating-linear-gradient(to bottom, var(--rail-mid) 0 1px, transparent 1px 14.4px)
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
  padding: 0 8px 28px;
  display: grid;
  gap: 10px;
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
@media (max-width: 820px) {
  .frame-rail {
    position: static;
    height: auto;
    flex-direction: row;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 12px;
    padding: 2px 14px 4px;
  }
  .mark {
    padding: 0;
  }
  .stations {
    display: flex;
    border: 0;
    margin: 0;
    gap: 12px;
  }
  .stations li,
  .stations li:last-child {
    height: auto;
    background: none;
  }
  .station {
    position: static;
    padding: 0 4px;
  }
  .station::before,
  .station.here::after {
    display: none;
  }
  .rooms {
    display: flex;
    gap: 14px;
    margin: 0;
    padding: 0;
  }
  .room {
    padding: 0;
    border: 0;
  }
}
</style>
