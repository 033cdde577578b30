<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { counted, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import { monthName } from '@/core/basics/format/dates';
import { planScale } from '@/core/work/scaling/plan';
import { speaking } from '@/core/results/learning/exclusions';
import {
  CARD_HUMIDITIES,
  monthlyHumidity,
  seasonRows,
  type SeasonRow,
} from '@/core/workshop/taught/seasonCard';
import { toFormula } from '@/shared/addresses';
import { useAlmanacStore } from '@/stores/almanac';
import { useDesignStore } from '@/stores/design';
import { useBowlsStore } from '@/stores/bowls';
import { useRoomStore } from '@/stores/room';
import { useShelfStore } from '@/stores/shelf';
import { useTraysStore } from '@/stores/trays';
import { useWorkshopStore } from '@/stores/workshop';
import ActionButton from '@/ui/actions/ActionButton.vue';
import { useActions } from '@/ui/actions/useActions';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import EmptyState from '@/ui/kit/EmptyState.vue';
import SeasonTable, { type NamedRow } from './SeasonTable.vue';

/** What a formula wants in each season: a card for the wall, and any row of it as a version of the formula. */
const almanac = useAlmanacStore();
const design = useDesignStore();
const bowls = useBowlsStore();
const room = useRoomStore();
const shelf = useShelfStore();
const trays = useTraysStore();
const workshop = useWorkshopStore();
const router = useRouter();

const formula = computed(() => workshop.formulaInHand);
const formulas = computed(() =>
  workshop.formulas
    .filter(({ archivedAt }) => archivedAt === null)
    .map(({ id, name }) => ({ value: id, title: name })),
);
const BY = [
  { value: 'humidity', word: 'By humidity' },
  { value: 'month', word: 'By month of your room' },
] as const;
const by = ref<(typeof BY)[number]['value']>('humidity');

/** The room as batches and its own sensor read it. */
const months = computed(() =>
  monthlyHumidity([
    ...almanac.all.flatMap(({ digest }) =>
      digest.humidityPct === null
        ? []
        : [{ at: digest.startedAt, humidityPct: digest.humidityPct }],
    ),
    ...room.days.filter(({ place }) => place === 'workroom').flatMap(({ readings }) => readings),
  ]),
);
const asked = computed(() =>
  by.value === 'humidity'
    ? CARD_HUMIDITIES.map((humidityPct) => ({ humidityPct, name: '' }))
    : months.value.map(({ month, humidityPct }) => ({ humidityPct, name: monthName(month) })),
);
const mold = computed(() => (formula.value ? bowls.requestOf(formula.value).mold : null));
const rows = computed<readonly NamedRow[]>(() => {
  if (!formula.value || !mold.value) return [];
  const found = seasonRows(
    {
      body: formula.value.body,
      catalog: workshop.catalog,
      batches: speaking(workshop.batches, 'damp', workshop.exclusions),
      drying: trays.taught,
      mold: mold.value,
      tempC: room.dryingRoom?.tempC ?? workshop.settings.tempC,
      squirtG: workshop.squirtG,
    },
    asked.value.map(({ humidityPct }) => humidityPct),
  );
  return found.map((row, i) => ({ ...row, name: asked.value[i]?.name ?? '' }));
});
const fillG = computed(() => {
  if (!formula.value) return null;
  const { body } = formula.value;
  const planned = planScale(body, bowls.requestOf(formula.value), shelf.meansFor(body.method));
  return planned.ok ? planned.plan.pieceG : null;
});

/** A row becomes the formula, and is kept as a version that says why. */
function use(row: SeasonRow): void {
  if (!formula.value) return;
  design.change(row.body);
  design.keep(`For ${formatPercent(row.humidityPct, 0)} humidity, from the season card`);
  void router.push(toFormula(formula.value));
}
const acts = { print: { name: 'Print the card', run: () => window.print() } };
useActions(() => Object.values(acts));
</script>

<template>
  <section aria-label="Season card">
    <EmptyState
      v-if="!formula"
      picture="piece"
      :elsewhere="{ name: 'Open Design', to: { name: 'design' } }"
    >
      There is no formula open. Open one on Design, and its card is here.
    </EmptyState>
    <template v-else>
      <div class="head no-print">
        <v-autocomplete
          :model-value="formula.id"
          :items="formulas"
          label="Formula"
          hide-details
          @update:model-value="
            (id: string | null) => id && workshop.changeSettings({ formulaInHandId: id })
          "
        />
        <ChoiceRow v-model="by" :items="BY" />
        <ActionButton :action="acts.print" />
      </div>
      <h2>{{ formula.name }}</h2>
      <p v-if="formula.body.method === 'loose'" class="quiet">
        Loose salts are not pressed, so their moisture has no season. Keep them dry.
      </p>
      <p v-else-if="rows.length === 0" class="quiet">
        {{
          by === 'month'
            ? 'Your room has no readings yet. Read it at the start of each batch.'
            : 'There is nothing dry in the main mix yet.'
        }}
      </p>
      <template v-else>
        <p>
          For one bowl of this formula.
          <template v-if="fillG !== null"
            >Fill each piece to about {{ formatMass(fillG, 0) }}.</template
          >
        </p>
        <SeasonTable :rows="rows" :has-month="by === 'month'" @use="use" />
        <p class="quiet small">
          The spray changes first, then the oil. Source: common practice and
          {{ counted(workshop.batches.length, 'batch', 'batches') }} of yours. The amounts are a
          Rovack estimate: squeeze before you press.
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: center;
  margin-bottom: 12px;
}
.head > .v-input {
  flex: 0 1 280px;
}
h2 {
  font-size: var(--text-title);
}
.small {
  margin-top: 8px;
  font-size: var(--text-small);
}
</style>
