<script setup lang="ts">
import { marked } from 'marked';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { reasonOf } from '@/core/basics/format/reason';
import PageHeader from '@/shared/PageHeader.vue';
import { CHAPTERS } from '@/shared/guide';
import { useWay } from '@/shared/useAddress';
import ProblemLine from '@/ui/kit/ProblemLine.vue';

/** The guide of docs/guide, read in the application: it ships with it, so it is there without a server too. */
const PAGES = import.meta.glob<string>('../../../docs/guide/*.md', {
  query: '?raw',
  import: 'default',
});
const PICTURES = import.meta.glob<string>('../../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
});

const route = useRoute();
const { lose } = useWay();
const slug = computed(() => String(route.params.chapter || CHAPTERS[0].slug));
const at = computed(() => CHAPTERS.findIndex((one) => one.slug === slug.value));
const chapter = computed(() => CHAPTERS[at.value]);
const next = computed(() => CHAPTERS[at.value + 1]);
const html = ref('');
const problem = ref('');

watch(
  slug,
  async (open) => {
    if (route.name !== 'guide') return;
    const page = Object.entries(PAGES).find(([path]) => path.endsWith(`-${open}.md`))?.[1];
    if (!page) {
      lose();
      return;
    }
    problem.value = '';
    try {
      const text = await page();
      if (open === slug.value) html.value = shown(text);
    } catch (error) {
      problem.value = `Couldn’t load this chapter: ${reasonOf(error)}. Try again.`;
    }
  },
  { immediate: true },
);

/** Its own heading stands in the page's header already; pictures and chapters are where the application has them. */
function shown(text: string): string {
  const body = text.replace(/^# .*\n/, '');
  return marked
    .parse(body, { async: false })
    .replace(/src="\.\.\/screenshots\/([\w-]+\.png)"/g, (_all, name: string) => {
      const url = PICTURES[`../../../docs/screenshots/${name}`] ?? '';
      return `src="${url}" loading="lazy"`;
    });
}
</script>

<template>
  <div>
    <PageHeader :thing="chapter?.title ?? ''">
      <template #title
        ><h1>{{ chapter?.title ?? 'Guide' }}</h1></template
      >
      <template #sub>Chapter {{ at + 1 }} of {{ CHAPTERS.length }} of the guide</template>
    </PageHeader>
    <div class="guide">
      <nav aria-label="Chapters" class="no-print">
        <ol>
          <li v-for="one in CHAPTERS" :key="one.slug">
            <router-link
              :to="{ name: 'guide', params: { chapter: one.slug } }"
              :aria-current="one.slug === slug ? 'page' : undefined"
              >{{ one.title }}</router-link
            >
          </li>
        </ol>
      </nav>
      <article>
        <ProblemLine :problem="problem" />
        <!-- eslint-disable-next-line vue/no-v-html -- our own chapters, shipped with the application -->
        <div v-html="html" />
        <p v-if="next">
          <router-link class="link" :to="{ name: 'guide', params: { chapter: next.slug } }"
            >Next: {{ next.title }}</router-link
          >
        </p>
      </article>
    </div>
  </div>
</template>

<style scoped>
.guide {
  display: grid;
  grid-template-columns: 220px minmax(0, 720px);
  gap: 40px;
  padding: 20px 24px 40px;
}
nav ol {
  margin: 0;
  padding-left: 22px;
}
nav a {
  display: grid;
  align-items: center;
  min-height: 44px;
  color: var(--verdigris);
}
nav a[aria-current] {
  color: var(--ink);
  font-weight: 700;
  text-decoration: none;
}
article {
  font-size: var(--text-lead);
  line-height: 1.55;
}
article :deep(img) {
  width: 100%;
  height: auto;
  border: 1px solid var(--hairline);
}
article :deep(h2) {
  margin-top: 26px;
}
article :deep(code) {
  padding: 0 4px;
  background: var(--paper);
}
@media (max-width: 820px) {
  .guide {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
    padding: 12px 14px 24px;
  }
}
</style>
