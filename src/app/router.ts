import { createRouter, createWebHistory } from 'vue-router';

/** Pages load when first walked to; Design is the door. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/design' },
    {
      path: '/design',
      name: 'design',
      component: () => import('@/stations/design/DesignStation.vue'),
    },
    {
      path: '/scale',
      name: 'scale',
      component: () => import('@/stations/scale/ScaleStation.vue'),
    },
    {
      path: '/make',
      name: 'make',
      component: () => import('@/stations/make/MakeStation.vue'),
    },
    {
      path: '/dry',
      name: 'dry',
      component: () => import('@/stations/dry/DryStation.vue'),
    },
    {
      path: '/try',
      name: 'try',
      component: () => import('@/stations/try/TryStation.vue'),
    },
    {
      path: '/pack',
      name: 'pack',
      component: () => import('@/stations/pack/PackStation.vue'),
    },
    {
      path: '/calendar',
      name: 'calendar',
      component: () => import('@/rooms/calendar/CalendarRoom.vue'),
    },
    {
      path: '/almanac',
      name: 'almanac',
      component: () => import('@/rooms/almanac/AlmanacRoom.vue'),
    },
    {
      path: '/almanac/:batchId',
      name: 'batch',
      component: () => import('@/rooms/almanac/BatchRecord.vue'),
      props: true,
    },
    {
      path: '/sheet/:batchId',
      name: 'sheet',
      component: () => import('@/rooms/almanac/SheetPage.vue'),
      props: true,
    },
    {
      path: '/shelf/:side?',
      name: 'shelf',
      component: () => import('@/rooms/shelf/ShelfRoom.vue'),
      props: true,
    },
    {
      path: '/workshop',
      name: 'workshop',
      component: () => import('@/rooms/workshop/WorkshopRoom.vue'),
    },
    { path: '/:lost(.*)*', redirect: '/design' },
  ],
});
