<script setup lang="ts">
import { useDebounceFn, useEyeDropper } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue';
import { exactly } from '@/core/basics/units/spread';
import { reasonOf } from '@/core/basics/format/reason';
import { addLine, totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { standingIn } from '@/core/batches/trials/write';
import { MARKET_WORDS } from '@/core/goods/labels/market';
import type { Colored } from '@/core/results/color/order/colorToOrder';
import { foundSentence, leftOutSentences } from '@/core/results/color/order/messages';
import { withoutColors } from '@/core/results/color/order/orderFor';
import { formatMass } from '@/core/basics/format/quantities';
import PhotoColor from '@/shared/PhotoColor.vue';
import { useDesignStore } from '@/stores/design';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import { typedIn } from '@/ui/fields/typedIn';
import { useMaterials } from '@/ui/fields/materials';
import ChoiceRow from '@/ui/kit/ChoiceRow.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import SeveralRow from '@/ui/kit/SeveralRow.vue';
import type { ColorAnswer } from '@/workers/colorApi';
import { startColor } from '@/workers/startColor';

/** A wanted color, of the dry section or of the water, and the colorants of the shelf that come nearest to it. */
const props = defineProps<{ body: FormulaBody }>();
const design = useDesignStore();
const workshop = useWorkshopStore();
const shelf = useShelfStore();
const { materialOf, nameOf } = useMaterials();

const KINDS: ReadonlyArray<{ readonly value: Colored['kind']; readonly word: string }> = [
  { value: 'tub', word: 'Water' },
  { value: 'dry', word: 'Dry piece' },
];
const FROM = [
  { value: 'shelf', word: 'On the shelf' },
  { value: 'all', word: 'All colors' },
] as const;
const LISTS = [
  { value: 'us', word: MARKET_WORDS.us },
  { value: 'eu', word: `${MARKET_WORDS.eu} and ${MARKET_WORDS.uk}` },
] as const;

const kind = ref<Colored['kind']>('tub');
const from = ref<(typeof FROM)[number]['value']>('shelf');
const markets = ref<('us' | 'eu')[]>(['us', 'eu']);
const wantedHex = ref('');
const partId = ref('');
const answer = shallowRef<ColorAnswer | null>(null);
const problem = ref('');

const sections = computed(() =>
  props.body.parts
    .filter(({ kind: of }) => of === 'main' || of === 'split' || of === 'embed')
    .map(({ id, name }) => ({ value: id, title: name })),
);
const section = computed(
  () => sections.value.find(({ value }) => value === partId.value) ?? sections.value[0],
);
const isColor = ({ materialId }: Line) => materialOf(materialId).role === 'color';
const materialIds = computed(() => {
  const offered = workshop.catalog.offered.filter(({ role }) => role === 'color');
  return offered
    .filter(({ id }) => from.value === 'all' || (shelf.usable.get(id) ?? 0) > 0)
    .map(({ id }) => id);
});

/** Colors of water that was tested, newest first: “like that piece of mine”. */
const tested = computed(() =>
  [...workshop.trials]
    .sort((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt))
    .flatMap((trial) => {
      const hex = standingIn(trial, 'color').at(-1)?.hex;
      const batch = workshop.batches.find(({ id }) => id === trial.batchId);
      return hex
        ? [{ value: hex, title: batch ? `${batch.code}, ${batch.formulaName}` : trial.name }]
        : [];
    })
    .slice(0, 20),
);
const { isSupported: canPick, open: pick } = useEyeDropper();

async function pickFromScreen(): Promise<void> {
  // Escape is no color.
  const picked = await pick().catch(() => undefined);
  if (picked) want(picked.sRGBHex);
}

function want(hex: string): void {
  wantedHex.value = hex.toLowerCase();
}

/** The section as it is without its colors, but for those that are locked. */
const bare = computed(() =>
  section.value ? withoutColors(props.body, section.value.value, isColor) : props.body,
);
let asked = 0;
async function find(): Promise<void> {
  const id = section.value?.value;
  if (!wantedHex.value || !id || !(totalMassG(bare.value) > 0)) return;
  const mine = ++asked;
  problem.value = '';
  try {
    const { result } = startColor(
      toRaw(bare.value),
      { ...design.conditions },
      {
        kind: kind.value,
        partId: id,
        wantedHex: wantedHex.value,
        materialIds: materialIds.value,
        markets: [...markets.value],
        piece:
          design.pieceG === null
            ? { share: 1 }
            : { grams: design.conditions.pieceG ?? design.pieceG },
      },
      [...workshop.materials],
    );
    const found = await result;
    if (mine !== asked) return;
    answer.value = found;
    design.setPreview(ordered.value);
  } catch (error) {
    if (mine === asked) problem.value = `${reasonOf(error)}.`;
  }
}
const findSoon = useDebounceFn(() => void find(), 120);
watch([wantedHex, kind, from, markets, section, () => props.body], () => {
  answer.value = null;
  design.setPreview(null);
  void findSoon();
});
onScopeDispose(() => {
  asked++;
  design.setPreview(null);
});

/** What is worth weighing of it; what is at its rate is never rounded over it. */
const lines = computed(() =>
  (answer.value?.lines ?? []).map(({ materialId, massG }) => {
    const rounded = Number(massG.toPrecision(3));
    const isOver = rounded > massG && answer.value?.atRate.includes(materialId);
    return { materialId, massG: isOver ? Number((massG * 0.995).toPrecision(3)) : rounded };
  }),
);
/** The formula with what was found in it. */
const ordered = computed<FormulaBody | null>(() => {
  const id = section.value?.value;
  if (!answer.value || !id) return null;
  return lines.value.reduce(
    (of, { materialId, massG }) => addLine(of, id, materialOf(materialId), exactly(massG)),
    bare.value,
  );
});
const replaces = computed(
  () =>
    props.body.parts
      .find(({ id }) => id === section.value?.value)
      ?.lines.filter((line) => !line.locked && isColor(line)) ?? [],
);
const sentence = computed(() =>
  answer.value
    ? foundSentence(
        kind.value,
        {
          ...answer.value,
          lines: answer.value.lines.map(({ materialId, massG }) => ({
            material: materialOf(materialId),
            massG,
          })),
          atRate: answer.value.atRate.map(materialOf),
        },
        answer.value.offered,
      )
    : '',
);
const leftOut = computed(() =>
  from.value === 'all' || !answer.value
    ? []
    : leftOutSentences(
        answer.value.leftOut.map(({ materialId, why }) => ({
          material: materialOf(materialId),
          why,
        })),
      ),
);

function apply(): void {
  const next = ordered.value;
  if (!next) return;
  wantedHex.value = '';
  design.change(next);
}
</script>

<template>
  <section class="order" aria-label="Color to order">
    <h3>Color to order</h3>
    <p class="quiet small">Choose the color you want. Rovack finds up to three colorants for it.</p>
    <ChoiceRow v-model="kind" :items="KINDS" />
    <v-select
      v-if="sections.length > 1"
      :model-value="section?.value"
      :items="sections"
      label="Colored section"
      @update:model-value="(id: string) => (partId = id)"
    />
    <div class="wanted">
      <label>
        <input type="color" :value="wantedHex || '#ffffff'" @input="want(typedIn($event))" />
        Wanted color
      </label>
      <v-btn v-if="canPick" size="small" @click="pickFromScreen">Pick from the screen</v-btn>
    </div>
    <PhotoColor :thing="kind === 'tub' ? 'water' : 'piece'" @color="want" />
    <v-select
      v-if="kind === 'tub' && tested.length > 0"
      :model-value="null"
      :items="tested"
      label="Like a tested piece"
      @update:model-value="(hex: string | null) => hex && want(hex)"
    />
    <p class="label">Choose from</p>
    <ChoiceRow v-model="from" :items="FROM" />
    <p class="label">On the lists of</p>
    <SeveralRow v-model="markets" :items="LISTS" />
    <div v-if="answer" class="found" role="status">
      <div class="pair">
        <span
          ><i
            :style="{ background: wantedHex }"
            role="img"
            :aria-label="`Wanted ${wantedHex}`"
          />wanted</span
        >
        <span
          ><i
            :style="{ background: answer.reachedHex }"
            role="img"
            :aria-label="`Reached ${answer.reachedHex}`"
          />reached</span
        >
      </div>
      <p>{{ sentence }}</p>
      <ul v-if="answer.lines.length">
        <li v-for="line in lines" :key="line.materialId">
          <span>{{ nameOf(line.materialId) }}</span>
          <b class="tabular">{{ formatMass(line.massG) }}</b>
        </li>
      </ul>
      <p v-for="text in leftOut" :key="text" class="quiet small">{{ text }}</p>
      <p v-if="answer.lines.length && replaces.length" class="quiet small">
        It replaces the colors of this section that are not locked.
      </p>
      <v-btn v-if="answer.lines.length" variant="flat" @click="apply">Apply</v-btn>
    </div>
    <ProblemLine :problem="problem" />
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: 8px;
  margin-top: 22px;
  padding-top: 14px;
  border-top: 1px solid var(--hairline);
}
h3 {
  margin: 0;
  font-size: var(--text-lead);
}
p {
  margin: 0;
}
.small,
.label {
  font-size: var(--text-plain);
}
.label {
  color: var(--mid);
}
.wanted,
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.wanted label {
  display: flex;
  gap: 8px;
  align-items: center;
}
input[type='color'] {
  width: 64px;
  height: 44px;
  padding: 0;
  border: 1px solid var(--ink);
  background: none;
  cursor: pointer;
}
.pair span {
  flex: 1;
  color: var(--mid);
  font-size: var(--text-small);
}
.pair i {
  display: block;
  height: 54px;
  border: 1px solid var(--ink);
}
.found {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.pair {
  width: 100%;
  gap: 0;
}
ul {
  width: 100%;
  padding: 0;
  margin: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
}
</style>
