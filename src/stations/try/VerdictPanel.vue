<script setup lang="ts">
import ToggleButton from '@/ui/kit/ToggleButton.vue';
import { computed, ref } from 'vue';
import { WHYS, type Verdict, type Why } from '@/core/batches/trials/kinds';
import { standingIn } from '@/core/batches/trials/write';
import type { Trial } from '@/core/batches/trials/schema';
import { useTrialsStore } from '@/stores/trials';
import { VERDICT_WORDS, WHY_WORDS } from '@/shared/tryMessages';

/** What comes of it, and why: the trial ends with it. */
const props = defineProps<{ trial: Trial }>();
const trialStore = useTrialsStore();

const said = computed(() => standingIn(props.trial, 'verdict').at(-1) ?? null);
const asking = ref<Verdict | null>(null);
const whys = ref<readonly Why[]>([]);
const note = ref('');

function press(verdict: Verdict): void {
  if (verdict === 'sell') keep(verdict, []);
  else asking.value = verdict;
}

function turn(why: Why): void {
  whys.value = whys.value.includes(why)
    ? whys.value.filter((one) => one !== why)
    : [...whys.value, why];
}

function keep(verdict: Verdict, because: readonly Why[]): void {
  trialStore.write({ kind: 'verdict', verdict, whys: [...because] });
  const text = note.value.trim();
  if (text) trialStore.write({ kind: 'note', text: text.slice(0, 500) });
  note.value = '';
  asking.value = null;
  whys.value = [];
  trialStore.finish();
}
</script>

<template>
  <section aria-label="Verdict" class="verdict">
    <p v-if="said" class="said">
      <b>{{ VERDICT_WORDS[said.verdict] }}</b><template v-if="said.whys.length"
        >: {{ said.whys.map((why) => WHY_WORDS[why]).join(', ') }}</template
      >
    </p>
    <template v-if="asking">
      <p>What is wrong?</p>
      <div class="whys" role="group" aria-label="What is wrong">
        <ToggleButton
          v-for="why in WHYS"
          :key="why"
          :pressed="whys.includes(why)"
          @press="turn(why)"
        >
          {{ WHY_WORDS[why] }}
        </ToggleButton>
      </div>
      <v-textarea v-model="note" label="Note" rows="2" maxlength="500" />
      <v-btn variant="flat" block @click="keep(asking, whys)"
        >Save: {{ VERDICT_WORDS[asking] }}</v-btn
      >
    </template>
    <template v-else>
      <v-btn variant="flat" block @click="press('sell')">Sell it</v-btn>
      <v-btn block @click="press('again')">Change it</v-btn>
      <v-btn variant="text" block @click="press('no')">Don’t sell it</v-btn>
    </template>
    <template v-if="!asking && said === null">
      <v-text-field
        v-model="note"
        label="Note"
        maxlength="500"
        autocomplete="off"
        @keydown.enter="
          note.trim() && (trialStore.write({ kind: 'note', text: note.trim() }), (note = ''))
        "
      />
    </template>
  </section>
</template>

<style scoped>
.verdict {
  display: grid;
  gap: 8px;
  margin-top: 14px;
}
p {
  margin: 0;
}
.whys {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
