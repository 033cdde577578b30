<script setup lang="ts">
import { useBenchStore } from '@/stores/bench';
import { useBenchKeys } from '@/ui/fields/useBenchKeys';

defineOptions({ inheritAttrs: false });
const bench = useBenchStore();
const next = () => bench.settle({ kind: 'done' });
useBenchKeys({ space: next });
</script>

<template>
  <div class="hands">
    <button type="button" class="hand main" @click="next">Done, next <kbd>space</kbd></button>
  </div>
</template>
