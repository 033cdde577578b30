<script setup lang="ts">
import { computed } from 'vue';
import type { Felt } from '@/core/results/binder/correction';
import { formatMass } from '@/core/basics/format/quantities';
import { capital } from '@/core/basics/format/phrases';
import { AIR_MIN } from '@/core/practice/bowl';
import { benchSays } from '@/core/practice/benchSays';
import type { LessonState } from '@/core/practice/lessonState';
import type { Lesson } from '@/core/practice/lessons';
import { benchSaid, doseSaid, namedSaid, roomSaid } from '@/core/practice/messages';
import type { Move } from '@/core/practice/play';
import { airOf, moveOf } from '@/core/practice/smallestWay';
import { usePracticeStore } from '@/stores/practice';
import { useActions, type Action } from '@/ui/actions/useActions';
import HandButton from '@/ui/kit/HandButton.vue';
import HandPicture from '@/ui/pictures/HandPicture.vue';
import PathLine from './PathLine.vue';
import TrayBoard from './TrayBoard.vue';

const props = defineProps<{
  now: Extract<LessonState, { kind: 'bowl' }>;
  next: Lesson | null;
}>();
const practice = usePracticeStore();

const bowl = computed(() => props.now.state);
const isLoose = computed(() => bowl.value.truth.method === 'loose');
const isBlind = computed(() => props.now.lesson.isBlind === true);

const NAMES: readonly { readonly felt: Felt; readonly word: string }[] = [
  { felt: 'too-dry', word: 'Too dry' },
  { felt: 'right', word: 'Right' },
  { felt: 'too-wet', word: 'Too wet' },
];
const NAME_KEYS = ['1', '2', '3'];
const DOSE_KEYS = ['a', 's', 'd', 'f', 'g'];

/** Loose salts are drawn by what they do: run, clump, hold. */
const picture = computed(() => {
  const { hand, acidIn } = bowl.value;
  if (!hand) return null;
  const { felt, isFar } = hand;
  if (!isLoose.value) return { felt, acidIn, isNear: felt !== 'right' && !isFar };
  if (felt === 'too-wet') return { felt: isFar ? felt : ('right' as const), acidIn: false };
  return { felt: 'too-dry' as const, acidIn: true };
});

const doses = computed<readonly Action[]>(() => [
  ...props.now.lesson.doses.map((dose, i) => {
    const move = moveOf(dose);
    return {
      name: `Add ${doseSaid(move)}`,
      key: DOSE_KEYS[i] ?? '',
      run: () => practice.move(move),
    };
  }),
  ...airOf(bowl.value).map((move) => ({
    name: `Turn it ${AIR_MIN} min in moving dry air`,
    key: 'v',
    run: () => practice.move(move),
  })),
]);
const isSprayed = computed(() => props.now.lesson.doses.some((dose) => 'squirts' in dose));
const squeeze: Action = {
  name: 'Squeeze',
  key: 'space',
  run: () => practice.move({ kind: 'squeeze' }),
};
const weigh = computed<Action>(() => ({
  name: 'Weigh ten squirts of water',
  key: 'w',
  run: () => practice.move({ kind: 'weigh-squirts' }),
  isOff: bowl.value.weighedSquirtG !== null,
}));
const acid: Action = { name: 'Add the acid', key: 'c', run: () => practice.move({ kind: 'acid' }) };
const press = computed<Action>(() => ({
  name: isLoose.value ? 'Fill the jar' : 'Press them all',
  key: 'p',
  run: () => practice.move({ kind: 'press' }),
}));
const named = computed(() => {
  const { hand, said } = bowl.value;
  return hand && said ? { felt: hand.felt, said } : null;
});
const hint = computed(() =>
  named.value && !isBlind.value && named.value.said !== 'right'
    ? benchSaid(benchSays(bowl.value, named.value.said)[0], named.value.said)
    : null,
);

const say = (felt: Felt): Move => ({ kind: 'say', felt });
const canName = computed(() => bowl.value.hand !== null && bowl.value.said === null);
useActions(() =>
  bowl.value.isPressed
    ? []
    : [
        squeeze,
        ...NAMES.map(({ felt, word }, i) => ({
          name: `Say: ${word}`,
          key: NAME_KEYS[i] ?? '',
          run: () => practice.move(say(felt)),
          isOff: !canName.value,
        })),
        ...doses.value,
        ...(isSprayed.value ? [weigh.value] : []),
        ...(bowl.value.acidIn ? [press.value] : [acid]),
      ],
);
</script>

<template>
  <TrayBoard v-if="bowl.isPressed" :now="now" :next="next" />
  <template v-else>
    <p v-if="!isBlind" class="room">{{ roomSaid(bowl) }}</p>
    <div class="board">
      <div class="shown">
        <HandPicture v-if="picture" v-bind="picture" class="hand" />
        <p v-else class="closed">Squeeze a handful to see what the mix tells you.</p>
        <p v-if="bowl.hand" class="sign" role="status">
          {{ isBlind ? 'That is all you get.' : bowl.hand.said }}
        </p>
        <HandButton is-big :is-main="!bowl.hand" @click="squeeze.run">
          Squeeze <kbd>space</kbd>
        </HandButton>
        <HandButton v-if="!bowl.acidIn" is-main is-big @click="acid.run">
          Add the acid <kbd>C</kbd>
        </HandButton>
        <HandButton v-else :is-main="bowl.hand !== null" is-big @click="press.run">
          {{ press.name }} <kbd>P</kbd>
        </HandButton>
      </div>
      <div class="deeds">
        <section v-if="bowl.hand" aria-labelledby="name-heading">
          <h2 id="name-heading">What does the hand tell you?</h2>
          <div v-if="canName" class="row">
            <HandButton
              v-for="({ felt, word }, i) in NAMES"
              :key="felt"
              @click="practice.move(say(felt))"
            >
              {{ word }} <kbd>{{ NAME_KEYS[i] }}</kbd>
            </HandButton>
          </div>
          <div v-else-if="named" role="status" class="answer">
            <p>{{ isBlind ? 'You will see.' : namedSaid(named.felt, named.said) }}</p>
            <p v-if="hint">{{ hint }}</p>
          </div>
        </section>
        <section aria-labelledby="add-heading">
          <h2 id="add-heading">Correct the bowl</h2>
          <div class="row">
            <HandButton v-for="dose in doses" :key="dose.name" @click="dose.run">
              {{ dose.name }} <kbd>{{ capital(dose.key ?? '') }}</kbd>
            </HandButton>
          </div>
          <p v-if="isSprayed" class="squirts">
            <template v-if="bowl.weighedSquirtG !== null"
              >Ten squirts weigh {{ formatMass(10 * bowl.weighedSquirtG, 1) }}.</template
            >
            <button v-else type="button" class="link" @click="weigh.run">
              Weigh ten squirts of water
            </button>
          </p>
        </section>
      </div>
    </div>
    <PathLine v-if="!isBlind" :line="now.line" :is-over="false" />
  </template>
</template>

<style scoped>
.room {
  margin: 4px 0 0;
  font-size: var(--text-title);
}
.board {
  display: grid;
  grid-template-columns: minmax(220px, 380px) minmax(0, 1fr);
  gap: 36px;
  margin-top: 20px;
}
.shown {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.hand {
  min-height: 190px;
}
.closed,
.sign {
  margin: 0;
  color: #c8d2cc;
  font-size: var(--text-title);
}
.closed {
  display: grid;
  place-items: center;
  min-height: 190px;
  padding: 0 24px;
  border: 2px dashed #55645f;
  border-radius: var(--radius);
  text-align: center;
}
.sign {
  min-height: 56px;
  text-align: center;
}
.deeds {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
h2 {
  margin: 0 0 8px;
  font-size: var(--text-title);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.answer p,
.squirts {
  margin: 6px 0 0;
  font-size: var(--text-lead);
}
.answer p:first-child {
  margin-top: 0;
  font-weight: 600;
}
.squirts .link {
  color: var(--mint);
}
@media (max-width: 820px) {
  .board {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
  .hand,
  .closed {
    min-height: 140px;
  }
}
</style>
