<script setup lang="ts">
import { computed, ref } from 'vue';
import { sayLabelRequirement } from '@/core/goods/labels/requirements/messages';
import { RULES_WRITTEN } from '@/core/goods/labels/requirements/rules';
import type { Must, MustState } from '@/core/goods/labels/requirements/labelRequirements';

/** What the label must say: each met, to look at, or missing, with its rule. */
const props = defineProps<{ musts: readonly Must[] }>();

const STATE: Readonly<Record<MustState, string>> = {
  met: 'OK',
  look: 'check',
  missing: 'missing',
};
const ORDER: Readonly<Record<MustState, number>> = { missing: 0, look: 1, met: 2 };
const rows = computed(() =>
  [...props.musts]
    .sort((a, b) => ORDER[a.state] - ORDER[b.state])
    .map((must, i) => ({ ...must, ...sayLabelRequirement(must), key: `${must.code}${i}` })),
);
const showsRules = ref(false);
const open = computed(() => props.musts.filter(({ state }) => state !== 'met').length);
</script>

<template>
  <section aria-labelledby="must-title">
    <h2 id="must-title">Label checks</h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.key" :class="row.state">
        <span class="head"
          ><b>{{ row.title }}</b> <span class="state">{{ STATE[row.state] }}</span></span
        >
        <span class="quiet">{{ row.detail }}</span>
        <span v-if="row.state !== 'met' || showsRules" class="quiet rule">{{ row.rule }}</span>
      </li>
    </ul>
    <p class="quiet foot">
      <button
        type="button"
        class="link"
        :aria-pressed="showsRules"
        @click="showsRules = !showsRules"
      >
        {{ showsRules ? 'Hide the rules' : 'Show all rules' }}</button><br />
      <template v-if="open === 0">Everything is OK. </template>Written in {{ RULES_WRITTEN }}, and
      not checked against the current rules. Where you sell, the authority and a qualified assessor
      decide.
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  padding: 4px 0 4px 12px;
  border-left: 6px solid var(--verdigris);
  border-bottom: 1px solid var(--hairline);
  font-size: var(--text-plain);
  line-height: 1.3;
  overflow-wrap: anywhere;
}
li.look {
  border-left-color: var(--ochre);
  border-left-style: double;
}
li.missing {
  border-left-color: var(--rust);
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.state {
  font-size: var(--text-small);
  white-space: nowrap;
}
.missing .state {
  color: var(--rust);
}
.rule {
  font-size: var(--text-small);
}
.foot {
  margin: 8px 0 18px;
  font-size: var(--text-small);
}
</style>
