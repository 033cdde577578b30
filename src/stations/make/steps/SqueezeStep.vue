<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { computed, ref } from 'vue';
import type { Felt } from '@/core/results/binder/correction';
import { benchCures, type BenchCure } from '@/core/batches/cures/benchCures';
import { handSigns } from '@/core/work/bench-steps/handSigns';
import type { BenchStep } from '@/core/work/bench-steps/stepSchema';
import { isParted, type BowlNumber } from '@/core/batches/records/bowl';
import { openSqueeze } from '@/core/batches/records/summary';
import type { Batch } from '@/core/batches/records/schema';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatMassRange } from '@/core/basics/format/quantities';
import HandPicture from '@/ui/pictures/HandPicture.vue';
import { useActions } from '@/ui/actions/useActions';
import { useMaterials } from '@/ui/fields/materials';

const { sentenceNameOf } = useMaterials();

const props = defineProps<{ batch: Batch; step: Extract<BenchStep, { kind: 'squeeze' }> }>();
const bench = useBenchStore();
const workshop = useWorkshopStore();
/** Which bowl the hand is in, once there are two. */
const bowl = ref<BowlNumber>(1);
const parted = computed(() => isParted(props.batch));

const signs = computed(() => handSigns(props.step.acidIn));
/** A squeeze that was too dry or too wet and has not been answered yet. */
const open = computed(() => openSqueeze(props.batch, props.step.id));
const cures = computed(() =>
  open.value && bench.conditions
    ? benchCures(
        props.batch,
        {
          felt: open.value.felt,
          acidIn: props.step.acidIn,
          gramsPerSquirt: workshop.squirtG('water'),
        },
        bench.conditions,
        parted.value ? bowl.value : 1,
      )
    : [],
);

function choose(felt: Felt): void {
  const entry = { kind: 'squeezed', acidIn: props.step.acidIn, felt } as const;
  if (felt === 'right') bench.settle(entry);
  else bench.write(entry);
}

function added({ materialId, firstG, firstSquirts }: BenchCure): void {
  const why = open.value?.felt === 'too-wet' ? 'too-wet' : 'too-dry';
  bench.add(materialId, rounded(firstG), why, parted.value ? bowl.value : 1, {
    squirts: firstSquirts,
  });
}

/** As a 0.1 g scale weighs it. */
function rounded(massG: number): number {
  return Math.round(massG * 10) / 10;
}

function press(index: number): void {
  const sign = signs.value[index];
  const cure = cures.value[index];
  if (open.value && cure) added(cure);
  else if (!open.value && sign) choose(sign.felt);
}

/** What the digit does: names the sign, or adds the remedy. */
function wayOf(at: number): string {
  const cure = cures.value[at];
  if (!open.value) return signs.value[at]?.title ?? '';
  return cure
    ? `Add ${formatMass(rounded(cure.firstG))} of ${sentenceNameOf(cure.materialId)}`
    : '';
}

const turnBowl = () => (bowl.value = bowl.value === 1 ? 2 : 1);
useActions(() => [
  ...[0, 1, 2].map((at) => ({
    name: wayOf(at),
    key: String(at + 1),
    run: () => press(at),
    isOff: wayOf(at) === '',
  })),
  { name: 'Change the bowl', key: 'g', run: turnBowl, isOff: !parted.value },
]);
</script>

<template>
  <div v-if="!open" class="signs">
    <button
      v-for="(sign, index) in signs"
      :key="sign.felt"
      type="button"
      class="sign"
      @click="choose(sign.felt)"
    >
      <HandPicture :felt="sign.felt" :acid-in="step.acidIn" />
      <span class="title"
        >{{ sign.title }} <kbd>{{ index + 1 }}</kbd></span
      >
      <span class="what">{{ sign.sign }}</span>
    </button>
  </div>
  <div v-else class="cures">
    <HandButton v-if="parted" class="bowl" @click="turnBowl">
      {{ bowl === 1 ? 'First bowl' : 'Second bowl' }} <kbd>G</kbd>
    </HandButton>
    <h2>
      {{
        open.felt === 'too-dry'
          ? 'Too dry. Add one of these, mix, and squeeze again.'
          : 'Too wet. Add one of these, mix, and squeeze again.'
      }}
    </h2>
    <p v-if="cures.length === 0" class="way-back">
      {{
        open.felt === 'too-dry'
          ? 'No small amount fixes it. Check the formula on Design.'
          : step.acidIn
            ? 'It needs so much powder that it would be another formula. Dry it, crumble it for embed powder or bath dust, and start over drier.'
            : 'It needs so much powder that it would be another formula. Wait and mix in moving dry air, or start over drier.'
      }}
    </p>
    <p v-if="open.felt === 'too-wet' && !step.acidIn && cures.length" class="way-back">
      Or add nothing. Spread it and turn it in moving dry air for 15 minutes. Then squeeze again,
      before the acid goes in.
    </p>
    <ul class="plain-list">
      <li v-for="(cure, index) in cures" :key="cure.materialId" class="cure">
        <div>
          <b class="figure"
            >{{ formatMass(rounded(cure.firstG)) }} of {{ sentenceNameOf(cure.materialId) }}</b
          ><template v-if="cure.firstSquirts"
            >, about {{ counted(cure.firstSquirts, 'squirt') }}</template
          >
          <p>
            {{ cure.note }} Then moisture is {{ formatFixed(cure.dampIndexAfterPct, 1) }}, loose
            water {{ formatPercent(cure.freeWaterAfterPct, 1) }} and scent
            {{ formatPercent(cure.scentLoadAfterPct, 2) }}. Mix for
            {{ formatMinutes(cure.testAgainMin) }} and squeeze again.
            <template v-if="cure.inAllG > cure.firstG * 1.05"
              >It may need {{ formatMassRange(cure.inAllSpread.low, cure.inAllSpread.high) }} in
              all.</template
            >
          </p>
        </div>
        <HandButton is-big @click="added(cure)">
          Added <kbd>{{ index + 1 }}</kbd>
        </HandButton>
      </li>
    </ul>
    <div class="hands">
      <HandButton is-big @click="bench.strike(open.id)">Squeeze again first</HandButton>
      <HandButton is-big @click="bench.settle({ kind: 'done' })"> Continue as it is </HandButton>
    </div>
  </div>
</template>

<style scoped>
.signs {
  flex: 1 1 auto;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 20px;
  margin-top: 26px;
}
.sign {
  display: grid;
  grid-template-rows: minmax(120px, 1fr) auto auto;
  justify-items: center;
  gap: 8px;
  padding: 18px;
  border: 2px solid #8f9f98;
  border-radius: var(--radius);
  background: none;
  color: #f4f1e8;
  font: inherit;
  cursor: pointer;
}
.sign:hover {
  border-color: #70c2ad;
}
.title {
  font: 650 var(--text-headline)/1.15 var(--font-heading);
}
.what {
  min-height: 50px;
  color: #c8d2cc;
  font-size: var(--text-lead);
}
kbd {
  margin-left: 8px;
  font: 500 var(--text-lead) var(--font-body);
  color: #c8d2cc;
}
.cures {
  flex: 1 1 auto;
  display: flex;
  flex-direction: column;
  margin-top: 22px;
}
h2 {
  margin-top: 0;
  font-size: var(--text-headline);
}
.cure {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 24px;
  padding: 14px 0;
  border-bottom: 1px solid #55645f;
  font-size: var(--text-lead);
}
.way-back {
  margin: 0 0 12px;
  font-size: var(--text-title);
}
.cure p {
  margin: 2px 0 0;
  color: #c8d2cc;
}
.figure {
  font-size: var(--text-headline);
}
@media (max-width: 820px) {
  .signs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
