<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { METHOD_WORDS, describeVersion } from '@/core/formula';
import { USUAL_REQUEST, describeMold, planScale, type ScaleRequest } from '@/core/scaling';
import { useBenchStore } from '@/stores/bench';
import { useWorkshopStore } from '@/stores/workshop';
import PageHeader from '@/ui/PageHeader.vue';
import MoldPicture from './MoldPicture.vue';
import PlanTable from './PlanTable.vue';
import WantForm from './WantForm.vue';

const workshop = useWorkshopStore();
const bench = useBenchStore();
const router = useRouter();

const formula = computed(() => workshop.formulaInHand);
/** Shallow: it is stored as it stands, and a store takes no reactive proxies. */
const request = shallowRef<ScaleRequest>(usualRequest());
const result = computed(() =>
  formula.value ? planScale(formula.value.body, request.value) : null,
);
const plan = computed(() => (result.value?.ok ? result.value.plan : null));
const batchAtBench = computed(() =>
  workshop.batches.find(({ outcome }) => outcome === 'at the bench'),
);

watch(
  () => formula.value?.id,
  () => {
    request.value = usualRequest();
  },
);

function usualRequest(): ScaleRequest {
  const id = workshop.formulaInHand?.id ?? '';
  return (
    workshop.settings.requests[id] ?? {
      ...USUAL_REQUEST,
      scaleStepG: workshop.settings.scaleStepG,
    }
  );
}

function ask(next: ScaleRequest): void {
  request.value = next;
  if (!formula.value) return;
  workshop.changeSettings({
    requests: { ...workshop.settings.requests, [formula.value.id]: next },
    scaleStepG: next.scaleStepG,
  });
}

/** A second press before the bench is there must not open a second batch. */
let isStarting = false;

async function toBench(): Promise<void> {
  if (!plan.value || isStarting) return;
  isStarting = true;
  if (bench.start(request.value, plan.value)) await router.push({ name: 'make' });
  isStarting = false;
}
</script>

<template>
  <div>
    <PageHeader>
      <template #title
        ><h1>{{ formula?.name ?? 'Scale' }}</h1></template
      >
      <template #sub>
        <template v-if="formula"
          >{{ describeVersion(formula) }} · {{ METHOD_WORDS[formula.body.method] }},
          {{ describeMold(request.mold) }}</template
        >
        <template v-else>no formula in hand</template>
      </template>
      <template #actions>
        <v-btn v-if="formula" variant="flat" :disabled="!plan" @click="toBench"
          >Take it to the bench</v-btn
        >
      </template>
    </PageHeader>
    <p v-if="!formula" class="blank">
      Take a formula in hand first:
      <router-link :to="{ name: 'design' }">open one in Design</router-link>.
    </p>
    <div v-else class="bench">
      <section class="want" aria-label="What is wanted">
        <WantForm :key="formula.id" :request="request" @ask="ask" />
        <MoldPicture
          :mold="request.mold"
          :piece-g="plan?.pieceG ?? null"
          :low-g="plan?.pieceLowG ?? null"
          :high-g="plan?.pieceHighG ?? null"
        />
      </section>
      <section class="plan" aria-label="The weights">
        <p v-if="batchAtBench" class="quiet">
          {{ batchAtBench.code }} is still at the bench; it stays there when a new one begins.
        </p>
        <p v-if="formula.body.unread.length" class="caution">
          {{ formula.body.unread.length }} written lines are not read yet and are left out of these
          weights.
        </p>
        <p v-if="result && !result.ok" role="alert" class="problem">{{ result.problem.message }}</p>
        <PlanTable v-if="plan" :body="formula.body" :plan="plan" :request="request" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 380px minmax(0, 1fr);
}
.want {
  padding: 20px 24px;
}
.plan {
  padding: 20px 24px;
  border-left: 1px solid var(--hairline);
}
.blank {
  padding: 56px 24px;
  font-size: 16px;
}
.problem,
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--rust);
}
.caution {
  border-color: var(--ochre-mark);
}
a {
  color: var(--verdigris);
}
@media (max-width: 1000px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
  .plan {
    border: 0;
  }
}
</style>
