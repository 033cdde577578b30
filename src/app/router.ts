import { createRouter, createWebHistory } from 'vue-router';

const design = () => import('@/stations/design/DesignStation.vue');
const make = () => import('@/stations/make/MakeStation.vue');
const almanac = () => import('@/rooms/almanac/AlmanacRoom.vue');
const tests = () => import('@/stations/try/TryStation.vue');

/** Pages load when first walked to; Design is the door. What is open on a page stands in its address. */
export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: ({ hash }, _from, saved) => saved ?? (hash ? { el: hash } : false),
  routes: [
    { path: '/', redirect: '/design' },
    // Opens the formula in hand, and its address with it.
    { path: '/design', name: 'design', component: design },
    { path: '/formulas', name: 'formulas', component: design },
    { path: '/formulas/:formula/:view?/:section?', name: 'formula', component: design },
    {
      path: '/scale/:formula?/:view?',
      name: 'scale',
      component: () => import('@/stations/scale/ScaleStation.vue'),
    },
    { path: '/make', name: 'make', component: make },
    { path: '/batches/:code/steps/:step?', name: 'step', component: make },
    {
      path: '/batches/:code',
      name: 'batch',
      component: () => import('@/rooms/almanac/BatchRecord.vue'),
      props: true,
    },
    {
      path: '/batches/:code/sheet',
      name: 'sheet',
      component: () => import('@/rooms/almanac/SheetPage.vue'),
      props: true,
    },
    {
      path: '/dry/:code?',
      name: 'dry',
      component: () => import('@/stations/dry/DryStation.vue'),
    },
    { path: '/try/:view?/:item?', name: 'try', component: tests },
    { path: '/tests/:test', name: 'test', component: tests },
    {
      path: '/pack/:product?/:view?',
      name: 'pack',
      component: () => import('@/stations/pack/PackStation.vue'),
    },
    {
      path: '/calendar/:view?/:item?',
      name: 'calendar',
      component: () => import('@/rooms/calendar/CalendarRoom.vue'),
    },
    { path: '/almanac/:view(map|taught|season|compare)?', name: 'almanac', component: almanac },
    { path: '/almanac/:view(taught|season)/:item', name: 'taught', component: almanac },
    {
      path: '/shelf/:side?/:item?',
      name: 'shelf',
      component: () => import('@/rooms/shelf/ShelfRoom.vue'),
    },
    {
      path: '/workshop',
      name: 'workshop',
      component: () => import('@/rooms/workshop/WorkshopRoom.vue'),
    },
    {
      path: '/practice/:lesson?',
      name: 'practice',
      component: () => import('@/rooms/practice/PracticeRoom.vue'),
    },
    {
      path: '/guide/:chapter?',
      name: 'guide',
      component: () => import('@/rooms/guide/GuideRoom.vue'),
    },
    // As sheets printed before bear them.
    { path: '/almanac/:code', redirect: ({ params }) => ({ name: 'batch', params }) },
    { path: '/sheet/:code', redirect: ({ params }) => ({ name: 'sheet', params }) },
    {
      path: '/:lost(.*)*',
      name: 'lost',
      component: () => import('@/app/frame/LostPage.vue'),
    },
  ],
});
