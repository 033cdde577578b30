import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import 'vuetify/styles/core';
import './tokens.css';
import './vuetify.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { useSavingStore } from '@/stores/saving';
import { useUpdatesStore } from '@/stores/updates';
import { usePalette, vuetify } from './theme';

usePalette();
createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app');
void useUpdatesStore().start();
window.addEventListener('pagehide', () => useSavingStore().leave());
