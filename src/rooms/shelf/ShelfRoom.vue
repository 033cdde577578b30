<script setup lang="ts">
import { SIDES, valuesOf } from '@/shared/places';
import { defineAsyncComponent } from 'vue';
import { useAddressTab } from '@/shared/useAddress';
import { useGoodsStore } from '@/stores/goods';
import { useShelfStore } from '@/stores/shelf';
import { useWorkshopStore } from '@/stores/workshop';
import AppTabs from '@/ui/kit/AppTabs.vue';
import PageHeader from '@/shared/PageHeader.vue';
import { counted } from '@/core/basics/format/numbers';

const MaterialsSide = defineAsyncComponent(() => import('./MaterialsSide.vue'));
const LotsSide = defineAsyncComponent(() => import('./LotsSide.vue'));
const PackagingSide = defineAsyncComponent(() => import('./PackagingSide.vue'));
const MoldsSide = defineAsyncComponent(() => import('./MoldsSide.vue'));
const LogSide = defineAsyncComponent(() => import('./LogSide.vue'));
const ToolsSide = defineAsyncComponent(() => import('./ToolsSide.vue'));
const ShoppingFor = defineAsyncComponent(() => import('@/shared/ShoppingFor.vue'));

const workshop = useWorkshopStore();
const shelf = useShelfStore();
const goods = useGoodsStore();

const side = useAddressTab(['shelf'], valuesOf(SIDES.shelf), 'lots', 'side');
</script>

<template>
  <div>
    <PageHeader>
      <template #sub
        >{{ counted(workshop.lots.length, 'lot') }}, {{ counted(workshop.molds.length, 'mold') }},
        {{ counted(workshop.tools.length, 'tool')
        }}<template v-if="shelf.low.length">
          · {{ counted(shelf.low.length, 'material') }} to reorder</template
        ><template v-if="goods.low.length">
          · {{ counted(goods.low.length, 'packaging item') }} to reorder</template
        ></template
      >
    </PageHeader>
    <div class="room">
      <AppTabs v-model="side" label="Shelf" :items="SIDES.shelf" class="sides" />
      <LotsSide v-if="side === 'lots'" />
      <MaterialsSide v-else-if="side === 'materials'" />
      <PackagingSide v-else-if="side === 'packaging'" />
      <MoldsSide v-else-if="side === 'molds'" />
      <ToolsSide v-else-if="side === 'tools'" />
      <LogSide v-else-if="side === 'log'" />
      <ShoppingFor v-else />
    </div>
  </div>
</template>

<style scoped>
.room {
  padding: 8px 24px 24px;
}
.sides {
  margin-bottom: 12px;
}
</style>
