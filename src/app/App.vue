<script setup lang="ts">
import { usePreferredDark } from '@vueuse/core';
import { computed, defineAsyncComponent, provide, ref, watch, watchEffect } from 'vue';
import { useRoute } from 'vue-router';
import { useTheme } from 'vuetify';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { reasonOf } from '@/core/basics/format/reason';
import { sayRefused } from '@/storage/validation/refused';
import { afterPaint } from '@/stores/afterPaint';
import { followHabits } from '@/stores/habits';
import { useSavingStore } from '@/stores/saving';
import { useWorkshopStore } from '@/stores/workshop';
import { useActions } from '@/ui/actions/useActions';
import { CATALOG } from '@/ui/fields/materials';
import { useEver } from '@/ui/kit/useEver';
import NoticeBar from '@/ui/kit/NoticeBar.vue';
import FirstVisit from './frame/FirstVisit.vue';
import InsecureNotice from './frame/InsecureNotice.vue';
import ErrorBoundary from './frame/ErrorBoundary.vue';
import { followRecent } from './search/useRecent';
import NavRail from './frame/NavRail.vue';
import UpdateOffer from './frame/UpdateOffer.vue';

const UndoBar = defineAsyncComponent(() => import('./frame/UndoBar.vue'));
const SearchDialog = defineAsyncComponent(() => import('./search/SearchDialog.vue'));
const KeysDialog = defineAsyncComponent(() => import('./search/KeysDialog.vue'));
/** Only where the browser can write into folders. */
const canShare = 'showDirectoryPicker' in window;
const FolderNotice = defineAsyncComponent(() => import('./frame/FolderNotice.vue'));

const workshop = useWorkshopStore();
followHabits();
followRecent();
/** Made when it is first asked for, and kept. */
const isSearching = ref(false);
const showsKeys = ref(false);
const hasSearched = useEver(isSearching);
const hasShownKeys = useEver(showsKeys);
const asksFirst = computed(() => workshop.isFirstVisit && !startsWithSample());
// On the first page there is nothing to find yet.
useActions(() =>
  asksFirst.value
    ? []
    : [
        { name: 'Search', key: 'mod+k', also: '/', run: () => (isSearching.value = true) },
        { name: 'Keys of this screen', key: '?', run: () => (showsKeys.value = true) },
      ],
);
const saving = useSavingStore();
provide(
  CATALOG,
  computed(() => workshop.catalog),
);
const refusedNames = computed(() => {
  const names = workshop.refused.slice(0, MOST_NAMED).map(sayRefused);
  const others = workshop.refused.length - names.length;
  return listed(others > 0 ? [...names, counted(others, 'other')] : names);
});
const route = useRoute();
const theme = useTheme();
const prefersDark = usePreferredDark();
const problem = ref('');
const MOST_NAMED = 8;
/** No screen is shown before all is there that it begins with, the sample too. */
const isReady = ref(false);
/** The first screen is there. */
const isPainted = ref(false);

/** The bench fills the screen: no rail beside it while a batch is made. */
const isBench = computed(
  () =>
    (route.name === 'make' || route.name === 'step') &&
    workshop.batchInHand?.outcome === 'at-the-bench',
);
const isDark = computed(() =>
  workshop.settings.look === 'system' ? prefersDark.value : workshop.settings.look === 'dark',
);

watchEffect(() => {
  void theme.change(isDark.value ? 'dark' : 'light');
  document.documentElement.dataset.look = isDark.value ? 'dark' : 'light';
});

/** What is plugged in is loaded when the workshop uses it. */
const usesDevices = computed(
  () =>
    workshop.isLoaded &&
    (workshop.settings.roomSource !== 'typed' || workshop.settings.scaleSource === 'serial'),
);
watch(
  usesDevices,
  async (uses) => {
    if (uses) (await import('@/stores/devices')).useDevicesStore().start();
  },
  { immediate: true },
);

// Another tab, another device or a file brought goods.
watch(
  () => workshop.goodsCame,
  async () => (await import('@/stores/overdrafts')).sayOverdrafts(),
);

// Asked for before anything is drawn: the database takes its time.
void begin();
/** A clock with a flat battery, or set a lifetime ahead: what it dates could not be read back. */
function clockProblem(): string {
  const year = new Date().getFullYear();
  return year >= 1971 && year <= 2099
    ? ''
    : `This device’s clock says ${year}. Set it right first. Records with that date can’t be read back from a file.`;
}
async function begin(): Promise<void> {
  problem.value = clockProblem();
  try {
    // A first visit fetches the sample while its database is made.
    await workshop.load(startsWithSample() ? workshop.fetchSample : undefined);
    if (workshop.isFirstVisit && startsWithSample())
      await workshop.openSample().catch((error: unknown) => {
        problem.value = `Couldn’t load the sample workshop (${reasonOf(error)}). Reload this page, or start without it.`;
      });
    isReady.value = true;
    await afterPaint();
    isPainted.value = true;
    void saving.guard();
  } catch (error) {
    sayNotOpen(error);
  }
}
function sayNotOpen(error: unknown): void {
  problem.value = `Couldn’t open this browser’s storage, so nothing would be saved. Private windows often refuse it. Open Rovack in a normal window, or in another browser. (${reasonOf(error)})`;
}

/** The demo server says so in the page it serves. */
function startsWithSample(): boolean {
  return document.querySelector<HTMLMetaElement>('meta[name="rovack-start"]')?.content === 'sample';
}
</script>

<template>
  <v-app>
    <a class="skip" href="#main">Skip to content</a>
    <InsecureNotice v-if="!isBench" />
    <UpdateOffer v-if="!isBench" />
    <FolderNotice v-if="canShare && isPainted" :is-quiet="isBench" />
    <NoticeBar v-if="problem" tone="stop">{{ problem }}</NoticeBar>
    <NoticeBar v-if="saving.said.length" tone="warning">
      <ul class="plain-list">
        <li v-for="sentence in saving.said" :key="sentence">{{ sentence }}</li>
      </ul>
      <template #act><v-btn @click="saving.putAway">Dismiss</v-btn></template>
    </NoticeBar>
    <SearchDialog v-if="hasSearched" v-model="isSearching" />
    <KeysDialog v-if="hasShownKeys" v-model="showsKeys" />
    <UndoBar v-if="isPainted" />
    <FirstVisit v-if="isReady && asksFirst" />
    <div v-else-if="isReady" class="frame" :class="{ bench: isBench }">
      <NavRail v-if="!isBench" @search="isSearching = true" />
      <main id="main" class="page" tabindex="-1">
        <NoticeBar v-if="workshop.refused.length" tone="stop">
          Couldn’t read {{ counted(workshop.refused.length, 'stored record') }}. They stay as they
          are: {{ refusedNames }}.
        </NoticeBar>
        <ErrorBoundary><router-view /></ErrorBoundary>
      </main>
    </div>
  </v-app>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  min-height: 100vh;
}
.frame.bench {
  grid-template-columns: minmax(0, 1fr);
}
.page {
  min-width: 0;
  outline: none;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 10;
  padding: 10px 14px;
  background: var(--paper);
  color: var(--ink);
}
.skip:focus {
  left: 8px;
  top: 8px;
}
/* On paper the rail is gone, and its column with it. */
@media print {
  .frame,
  .frame.bench {
    display: block;
  }
}
@media (max-width: 820px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
  }
  /* The bar along the bottom covers nothing. */
  .frame:not(.bench) {
    padding-bottom: calc(64px + env(safe-area-inset-bottom));
  }
}
</style>
