<script setup lang="ts">
import { useIntersectionObserver } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue';
import { FAMILIES } from '@/core/formula/model/kinds';
import { METHOD_WORDS } from '@/core/formula/model/messages';
import { describeVersion } from '@/core/formula/model/versions';
import { matchesFormula } from '@/core/formula/model/search';
import { newFormula } from '@/core/formula/model/create';
import { totalMassG } from '@/core/formula/model/edit';
import type { Family, Formula } from '@/core/formula/model/schema';
import { usualRequest } from '@/core/work/scaling/request';
import type { Mold } from '@/core/work/scaling/moldSchema';
import { nowIso } from '@/stores/now';
import { useWorkshopStore } from '@/stores/workshop';
import { shortDate } from '@/core/basics/format/dates';
import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import MiniCore from '@/ui/pictures/MiniCore.vue';
import MiniPiece from '@/ui/pictures/MiniPiece.vue';

const emit = defineEmits<{ open: [id: string] }>();

/** Not in the first view: loaded when there is something to search, or to remove. */
const ShelfSearch = defineAsyncComponent(() => import('./ShelfSearch.vue'));
const RemoveFormula = defineAsyncComponent(() => import('./RemoveFormula.vue'));

const workshop = useWorkshopStore();
const removing = ref<Formula | null>(null);
const wasAsked = ref(false);
watch(removing, () => (wasAsked.value = true));
const query = ref('');
const showsArchive = ref(false);
const archivedCount = computed(
  () => workshop.formulas.filter(({ archivedAt }) => archivedAt !== null).length,
);
const found = computed(() => {
  const asked = query.value.trim();
  return workshop.formulas.filter(
    (formula) =>
      (formula.archivedAt !== null) === showsArchive.value &&
      (asked === '' || matchesFormula(formula, asked, workshop.catalog)),
  );
});
/** A workshop may have thousands: so many are drawn, and more when the end comes in sight. */
const DRAWN_AT_ONCE = 24;
const mostDrawn = ref(DRAWN_AT_ONCE);
watch([query, showsArchive], () => (mostDrawn.value = DRAWN_AT_ONCE));
const groups = computed(() => {
  let room = mostDrawn.value;
  return FAMILIES.map((family) => {
    const all = found.value
      .filter(({ body }) => body.family === family)
      .sort((a, b) => Date.parse(b.changedAt) - Date.parse(a.changedAt));
    const formulas = all.slice(0, room);
    room -= formulas.length;
    return { family, formulas };
  }).filter(({ formulas }) => formulas.length > 0);
});
const hiddenCount = computed(() => Math.max(0, found.value.length - mostDrawn.value));
const drawMore = () => (mostDrawn.value += DRAWN_AT_ONCE);
const end = useTemplateRef<HTMLElement>('end');
useIntersectionObserver(end, ([entry]) => {
  if (entry?.isIntersecting) drawMore();
});

/** How often each formula was made, and when last. */
const makings = computed(() => {
  const all = new Map<string, { count: number; last: string }>();
  for (const { formulaId, startedAt } of [...workshop.batches, ...workshop.past]) {
    const own = all.get(formulaId);
    const last = own && own.last > startedAt ? own.last : startedAt;
    all.set(formulaId, { count: (own?.count ?? 0) + 1, last });
  }
  return all;
});

function moldOf({ id, body }: Formula): Mold {
  return (workshop.settings.requests[id] ?? usualRequest(body)).mold;
}

function made({ id }: Formula): string {
  const own = makings.value.get(id);
  return own
    ? `${counted(own.count, 'batch', 'batches')}, last ${shortDate(own.last)}`
    : 'not made yet';
}

function changedWords({ changedAt, origin }: Formula): string {
  return origin === 'sample'
    ? `changed ${shortDate(changedAt)} · sample`
    : `changed ${shortDate(changedAt)}`;
}

function archive(formula: Formula): void {
  const archivedAt = formula.archivedAt === null ? nowIso() : null;
  workshop.putFormula({ ...formula, archivedAt });
  if (archivedCount.value === 0) showsArchive.value = false;
}

const FAMILY_HEADINGS: Readonly<Record<Family, string>> = {
  'bath-bomb': 'Bath bombs',
  'shower-steamer': 'Shower steamers',
  'fizzing-salts': 'Fizzing salts',
  'cleaning-fizzy': 'Cleaning fizzies',
};

function duplicate(formula: Formula): void {
  workshop.putFormula(newFormula(`${formula.name} (copy)`, formula.body, nowIso()));
}
</script>

<template>
  <div class="search">
    <ShelfSearch v-model="query" />
    <v-btn
      v-if="archivedCount > 0"
      variant="text"
      :aria-pressed="showsArchive"
      @click="showsArchive = !showsArchive"
    >
      {{ showsArchive ? 'Back to formulas' : `Archived (${archivedCount})` }}
    </v-btn>
  </div>
  <p v-if="groups.length === 0" class="none quiet">No formula matches.</p>
  <section
    v-for="{ family, formulas } in groups"
    :key="family"
    :aria-label="FAMILY_HEADINGS[family]"
  >
    <h2 class="family">{{ FAMILY_HEADINGS[family] }}</h2>
    <ul class="plain-list shelf">
      <li v-for="formula in formulas" :key="formula.id" class="formula">
        <button type="button" class="open" @click="emit('open', formula.id)">
          <MiniCore :body="formula.body" />
          <MiniPiece :body="formula.body" :mold="moldOf(formula)" class="piece" />
          <span class="words">
            <b class="figure name">{{ formula.name }}</b>
            <span class="quiet"
              >{{ METHOD_WORDS[formula.body.method] }} · {{ describeVersion(formula) }}</span
            >
            <span class="quiet"
              >{{ formatMass(totalMassG(formula.body)) }} · {{ made(formula) }}</span
            >
            <span class="quiet">{{ changedWords(formula) }}</span>
          </span>
        </button>
        <div class="more">
          <v-btn variant="text" size="small" @click="duplicate(formula)">Duplicate</v-btn>
          <v-btn variant="text" size="small" @click="archive(formula)">{{
            formula.archivedAt === null ? 'Archive' : 'Restore'
          }}</v-btn>
          <v-btn variant="text" size="small" color="error" @click="removing = formula"
            >Remove</v-btn
          >
        </div>
      </li>
    </ul>
  </section>
  <div v-if="hiddenCount > 0" ref="end" class="none">
    <v-btn variant="text" @click="drawMore">{{ formatCount(hiddenCount) }} more</v-btn>
  </div>
  <RemoveFormula v-if="wasAsked" v-model="removing" @remove="workshop.removeFormula" />
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(350px, 1fr));
  gap: 28px 32px;
  padding: 10px 24px 22px;
}
.search {
  display: grid;
  grid-template-columns: minmax(200px, 360px) auto;
  justify-content: start;
  gap: 12px;
  align-items: center;
  /* Its field comes a moment later. */
  min-height: 66px;
  padding: 20px 24px 6px;
}
.family {
  padding: 6px 24px 0;
}
.none {
  padding: 6px 24px;
}
.piece {
  align-self: center;
}
.open {
  display: grid;
  grid-template-columns: 44px 64px minmax(0, 1fr);
  gap: 16px;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.words {
  display: grid;
  align-content: start;
  font-size: var(--text-plain);
}
.name {
  font-size: var(--text-title);
  overflow-wrap: anywhere;
}
.open:hover .name {
  color: var(--verdigris);
}
.more {
  margin-left: 52px;
}
</style>
