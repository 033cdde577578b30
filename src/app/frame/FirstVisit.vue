<script setup lang="ts">
import ProblemLine from '@/ui/kit/ProblemLine.vue';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { reasonOf } from '@/core/basics/format/reason';
import { useWorkshopStore } from '@/stores/workshop';

const workshop = useWorkshopStore();
const router = useRouter();
const problem = ref('');

async function openSample(): Promise<void> {
  await workshop.openSample().catch((error: unknown) => {
    problem.value = `Couldn’t load the sample: ${reasonOf(error)}. Try again, or start empty.`;
  });
}

const canShare = 'showDirectoryPicker' in window;
async function openFolder(): Promise<void> {
  const folder = (await import('@/stores/folder')).useFolderStore();
  if (await folder.choose()) await startEmpty();
}

async function startEmpty(): Promise<void> {
  workshop.changeSettings({});
  await router.push({ name: 'design' });
}
</script>

<template>
  <main id="main" class="door" tabindex="-1">
    <svg viewBox="0 0 60 320" class="core" aria-hidden="true">
      <rect y="0" width="60" height="170" fill="#efe6d8" />
      <rect y="170" width="60" height="18" fill="#d9c09c" />
      <rect y="188" width="60" height="22" fill="#c3d5da" />
      <rect y="210" width="60" height="20" fill="#8fb89f" />
      <rect y="230" width="60" height="8" fill="#a98bc4" />
      <rect y="238" width="60" height="82" fill="#e8cd6b" />
      <rect x="0.5" y="0.5" width="59" height="319" fill="none" stroke="currentColor" />
    </svg>
    <div class="words">
      <h1>Rovack</h1>
      <p class="lead">
        Formulate and make bath bombs, shower steamers, fizzing salts and cleaning fizzies. Turn a
        recipe in cups into weights you can trust, and keep a record of what you really weighed.
      </p>
      <p class="quiet">
        Everything stays in this browser and in the files you export. Nothing is stored yet.
      </p>
      <div class="choices">
        <v-btn variant="flat" size="large" @click="startEmpty">Start empty</v-btn>
        <v-btn size="large" @click="openSample">Open the sample workshop</v-btn>
      </div>
      <p class="quiet">
        The sample is a made-up harbor workshop with formulas and batches. You can remove it later.
        It never touches your own work.
      </p>
      <p v-if="canShare" class="quiet">
        Does another browser of yours use a shared folder?
        <button type="button" class="link" @click="openFolder">Open the folder</button>
      </p>
      <ProblemLine :problem="problem" />
    </div>
  </main>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  grid-template-columns: auto minmax(0, 560px);
  justify-content: center;
  align-items: center;
  gap: 56px;
  padding: 32px;
}
.core {
  height: min(70vh, 480px);
}
.lead {
  font-size: var(--text-title);
  line-height: 1.4;
}
h1 {
  font-size: var(--text-figure);
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 24px 0;
}
@media (max-width: 820px) {
  .door {
    grid-template-columns: minmax(0, 1fr);
  }
  .core {
    display: none;
  }
}
</style>
