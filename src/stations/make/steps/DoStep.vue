<script setup lang="ts">
import HandButton from '@/ui/kit/HandButton.vue';
import { useBenchStore } from '@/stores/bench';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';

defineOptions({ inheritAttrs: false });
const bench = useBenchStore();
const next = () => bench.settle({ kind: 'done' });
useBenchKeys({ space: next });
</script>

<template>
  <div class="hands">
    <HandButton is-main is-big @click="next">Done, next <kbd>space</kbd></HandButton>
  </div>
</template>
