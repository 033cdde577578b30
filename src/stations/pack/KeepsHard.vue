<script setup lang="ts">
import { computed, ref } from 'vue';
import { saleUnitSchema, type SaleUnit } from '@/core/goods/products/schema';
import { lineContents, unitStaysHard, wrapsOf } from '@/core/goods/products/labelOf';
import { barrierById, type BarrierId, leastTightFor } from '@/core/batches/shelf-life/barriers';
import { YEARS_DAYS, type StaysHard } from '@/core/batches/shelf-life/staysHard';
import { correctedBy } from '@/core/batches/shelf-life/corrected';
import { staysFresh } from '@/core/batches/shelf-life/staysFresh';
import { sayFresh, sayShelfLifeLimit, sayShelfLife } from '@/core/batches/shelf-life/messages';
import { monthOfYear } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import {
  counted,
  formatFixed,
  formatPercent,
  formatPercentRange,
  formatRange,
} from '@/core/basics/format/numbers';
import { capital } from '@/core/basics/format/phrases';
import { formatTemp } from '@/core/basics/format/quantities';
import { usePackStore } from '@/stores/pack';
import NumberField from '@/ui/fields/NumberField.vue';
import WhyDialog from '@/ui/charts/WhyDialog.vue';
import DraftField from '@/ui/fields/DraftField.vue';

/** How long it stays hard: each wrap compared for the air where it will lie, the unit’s own first. */
const props = defineProps<{ unit: SaleUnit }>();
const pack = usePackStore();
const isAsking = ref(false);
const isMoving = ref(false);

const SHOWN: readonly BarrierId[] = [
  'bare',
  'paper-bag',
  'pvc-shrink-19',
  'polyolefin-shrink-19',
  'polypropylene-25',
  'tight-jar',
];
/** Bars end at two years; what is longer is longer. */
const FULL_DAYS = 730;

interface Row {
  readonly name: string;
  readonly isOwn: boolean;
  readonly hard: StaysHard;
}
const own = computed(() => wrapsOf(props.unit, pack.labelBooks.packagings));
const rows = computed<readonly Row[]>(() => {
  const of = (name: string, wraps: readonly BarrierId[], isOwn: boolean): readonly Row[] => {
    const hard = unitStaysHard(props.unit, pack.lines, pack.labelBooks, wraps);
    return hard ? [{ name, isOwn, hard: correctedBy(hard, pack.keeps.own) }] : [];
  };
  const name = own.value.map((id) => barrierById(id).name).join(' in ') || 'bare';
  const isSingle = own.value.length <= 1;
  return [
    ...of(isSingle ? name : `as sold: ${name}`, own.value, true),
    ...SHOWN.filter((id) => !(isSingle && (own.value[0] ?? 'bare') === id)).flatMap((id) =>
      of(barrierById(id).name, [id], false),
    ),
  ];
});
/** A product is given a year on a shelf. Common practice. */
const A_YEAR_DAYS = 365;
/** Least tight that keeps a year at the careful end. */
const enough = computed(() => {
  const found = leastTightFor(A_YEAR_DAYS, (id) => {
    const hard = unitStaysHard(props.unit, pack.lines, pack.labelBooks, [id]);
    return hard ? correctedBy(hard, pack.keeps.own).lowDays : 0;
  });
  return found?.name ?? null;
});
/** Salts are never hard: they pour, or they cake. */
const heading = computed(() =>
  pack.lines.length > 0 && pack.lines.every(({ formula }) => formula?.body.method === 'loose')
    ? 'How long it stays loose'
    : 'How long it stays hard',
);
const fresh = computed(() => {
  const contents = pack.lines.flatMap((line) => lineContents(line, pack.labelBooks.catalog));
  return contents.length > 0 ? sayFresh(staysFresh(contents, own.value)) : '';
});
const width = (days: number | null) =>
  `${(100 * Math.min(days ?? YEARS_DAYS, FULL_DAYS)) / FULL_DAYS}%`;
const limit = computed(() => pack.label?.bestBefore ?? null);
const why = computed(() => {
  const { place } = props.unit;
  const { hard, own: looks } = pack.keeps;
  return [
    'Water gained = permeance of the packaging × its area × (vapor pressure of the air − of the mix). Once a piece gains 0.6% of its mass (0.3–1.2%), a thumb dents it.',
    `Air of ${place.name}: ${formatPercent(place.humidityPct, 0)}, ${formatTemp(place.tempC, 1)}.`,
    hard
      ? hard.limitedBy.length > 0
        ? `This mix draws water above ${formatPercentRange(hard.drawsFromPct.low, hard.drawsFromPct.high)} humidity, because of ${listed(hard.limitedBy)}.`
        : `This mix draws water above ${formatPercentRange(hard.drawsFromPct.low, hard.drawsFromPct.high)} humidity.`
      : 'There is nothing in it yet.',
    looks
      ? `Your retained samples (${counted(looks.looks, 'look')}) lasted ${formatFixed(looks.factor, 2)} times as long as estimated (${formatRange(looks.low, looks.high, 2)}).`
      : 'You have not checked a retained sample yet.',
    'Source: Rovack estimate, with usual test figures of films at 38°C and 90%. Your supplier’s document decides.',
  ];
});

function place(part: Partial<SaleUnit['place']>): void {
  const parsed = saleUnitSchema.safeParse({
    ...props.unit,
    place: { ...props.unit.place, ...part },
  });
  if (parsed.success) pack.putUnit(parsed.data);
}
/** The likely days; where these are years and the careful end is not, the careful end. */
function likely(hard: StaysHard): string {
  const { days, lowDays } = hard;
  if (days !== null || lowDays === null) return sayShelfLife(days);
  return lowDays < 1 ? range(hard) : `${sayShelfLife(lowDays)} or more`;
}
/** Both ends, to who hears it; the bar shows them. */
function range({ lowDays, highDays }: StaysHard): string {
  return `from ${sayShelfLife(lowDays)} to ${sayShelfLife(highDays)}`;
}
</script>

<template>
  <section aria-labelledby="keeps-title">
    <h2 id="keeps-title">{{ heading }}</h2>
    <p v-if="rows.length === 0" class="quiet">There is nothing in it yet.</p>
    <ul v-else class="plain-list">
      <li v-for="row in rows" :key="row.name" :class="{ own: row.isOwn }">
        <span>{{ row.name }}</span>
        <span class="bar" aria-hidden="true"
          ><i class="band" :style="{ width: width(row.hard.highDays) }" /><i
            :style="{ width: width(row.hard.lowDays) }"
        /></span>
        <span class="tabular">{{ likely(row.hard) }}</span>
        <span v-if="range(row.hard) !== likely(row.hard)" class="visually-hidden">
          ({{ range(row.hard) }})</span
        >
      </li>
    </ul>
    <p class="quiet small">
      At {{ unit.place.name }}: {{ formatPercent(unit.place.humidityPct, 0) }},
      {{ formatTemp(unit.place.tempC, 0) }}.
      <template v-if="enough">{{ capital(enough) }} is enough for a year.</template>
    </p>
    <p class="quiet small acts">
      <button type="button" class="link" @click="isMoving = !isMoving">Change place</button>
      <button type="button" class="link" @click="isAsking = true">Why?</button>
    </p>
    <p v-if="fresh" class="small">{{ fresh }}</p>
    <p v-if="limit" class="small">
      Best before <b>{{ monthOfYear(limit.atMs) }}</b>, set by {{ sayShelfLifeLimit(limit.limit) }}.
    </p>
    <div v-if="isMoving" class="place">
      <DraftField
        :model-value="unit.place.name"
        label="Place"
        maxlength="80"
        @update:model-value="(text: string) => place({ name: text.trim() })"
      />
      <NumberField
        :model-value="unit.place.humidityPct"
        label="Humidity"
        unit="%"
        :min="0"
        :max="100"
        :decimals="0"
        @update:model-value="(humidityPct) => place({ humidityPct })"
      />
      <NumberField
        :model-value="unit.place.tempC"
        label="Temperature"
        unit="°C"
        :min="-20"
        :max="60"
        :decimals="1"
        @update:model-value="(tempC) => place({ tempC })"
      />
    </div>
    <WhyDialog
      v-model="isAsking"
      :title="heading"
      :figure="sayShelfLife(pack.keeps.hard?.days ?? null)"
      unit=""
      :why="why"
    />
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(50px, 1fr) 116px;
  gap: 8px;
  align-items: center;
  min-height: 30px;
  font-size: var(--text-plain);
  line-height: 1.2;
}
li.own {
  font-weight: 700;
}
.bar {
  position: relative;
  height: 14px;
  border: 1px solid var(--hairline);
  background: var(--paper);
}
.bar i {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--verdigris);
  opacity: 0.55;
}
.bar .band {
  opacity: 0.22;
}
.own .bar i:last-child {
  opacity: 1;
}
.small {
  margin: 8px 0 0;
  font-size: var(--text-plain);
}
.acts {
  display: flex;
  gap: 16px;
}
.place {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 10px;
  margin-top: 10px;
}
</style>
