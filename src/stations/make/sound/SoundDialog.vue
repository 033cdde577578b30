<script setup lang="ts">
import { ref } from 'vue';
import { keyOf, isMac, shownKey, type Key } from '@/ui/actions/keys';
import { usePedals } from '@/ui/actions/pedal';
import NumberField from '@/ui/fields/NumberField.vue';
import AppDialog from '@/ui/kit/AppDialog.vue';
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { useSound } from './useSound';

/** Ears, voice and pedals of the bench. */
const isOpen = defineModel<boolean>({ required: true });
const { sound, problem, sayAgain } = useSound();
const pedals = usePedals();

/** What a pedal may be told to do, by the key that does it. */
const DEEDS: readonly { readonly key: Key; readonly name: string }[] = [
  { key: 'space', name: 'Next' },
  { key: 'b', name: 'Previous step' },
  { key: 'v', name: 'Say it again' },
  { key: '1', name: 'Squeeze: first hand' },
  { key: '2', name: 'Squeeze: second hand' },
  { key: '3', name: 'Squeeze: third hand' },
];
const waitsFor = ref<Key | null>(null);
const sentFor = (deed: Key) =>
  Object.entries(pedals.value).find(([, meant]) => meant === deed)?.[0] ?? null;

function heard(event: KeyboardEvent, deed: Key): void {
  if (waitsFor.value !== deed || event.key === 'Tab') return;
  event.preventDefault();
  event.stopPropagation();
  waitsFor.value = null;
  const key = keyOf(event);
  if (event.key === 'Escape' || key === null) return;
  const others = Object.entries(pedals.value).filter(
    ([sent, meant]) => meant !== deed && sent !== key,
  );
  pedals.value = Object.fromEntries(key === deed ? others : [...others, [key, deed]]);
}
</script>

<template>
  <AppDialog v-model="isOpen" title="Sound, voice and pedal">
    <v-switch
      :model-value="sound.tone"
      label="Tone while you pour"
      @update:model-value="(tone) => (sound = { ...sound, tone: tone === true })"
    />
    <p class="quiet">It rises toward the target. One tone means inside, a low one too much.</p>
    <v-switch
      :model-value="sound.voice"
      label="Read each step aloud"
      @update:model-value="(voice) => (sound = { ...sound, voice: voice === true })"
    />
    <p class="quiet">
      Only a voice of this device is used.
      <button type="button" class="link" @click="sayAgain">Try the voice</button>
    </p>
    <NumberField
      :model-value="Math.round(100 * sound.volume)"
      label="Volume"
      suffix="%"
      :min="0"
      :max="100"
      :decimals="0"
      @update:model-value="(pct: number) => (sound = { ...sound, volume: pct / 100 })"
    />
    <ProblemLine :problem="problem" />
    <h3>Pedal and remote</h3>
    <p class="quiet">Press Set, then the pedal. Esc keeps the key as it is.</p>
    <dl>
      <div v-for="{ key, name } in DEEDS" :key="key">
        <dt>{{ name }}</dt>
        <dd>
          <kbd>{{ shownKey(sentFor(key) ?? key, isMac()) }}</kbd>
          <v-btn
            size="small"
            :aria-label="`Set the key for ${name}`"
            @click="waitsFor = key"
            @keydown="(event: KeyboardEvent) => heard(event, key)"
            @blur="waitsFor = null"
            >{{ waitsFor === key ? 'Press it now' : 'Set' }}</v-btn
          >
        </dd>
      </div>
    </dl>
    <template #actions><v-btn @click="isOpen = false">Close</v-btn></template>
  </AppDialog>
</template>

<style scoped>
h3 {
  margin-top: 14px;
}
dl {
  margin: 0;
}
dl div {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 48px;
  border-bottom: 1px solid var(--hairline);
}
dd {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 0;
}
</style>
