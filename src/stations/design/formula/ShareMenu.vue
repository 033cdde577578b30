<script setup lang="ts">
import { ref } from 'vue';
import type { Formula } from '@/core/formula/model/schema';
import { useDesignStore } from '@/stores/design';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { download } from '@/ui/frame/download';
import { useMaterials } from '@/ui/fields/materials';

/** Takes a formula out as text or as a schema.org Recipe; both can be pasted back. */
const design = useDesignStore();
const { catalog } = useMaterials();
const said = ref('');

const WAYS = [
  { value: 'copy', title: 'Copy as recipe text' },
  { value: 'text', title: 'Save as recipe text' },
  { value: 'data', title: 'Save as recipe data', subtitle: 'schema.org Recipe, JSON-LD' },
] as const;

function share(way: string): void {
  const { formula } = design;
  if (!formula) return;
  if (way === 'copy') void copy(formula);
  else if (way === 'text') void asText(formula);
  else void asData(formula);
}

function fileName({ name }: Formula, ending: string): string {
  const plain = name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  return `${plain.replace(/^-|-$/g, '') || 'formula'}.${ending}`;
}

/** What writes recipes is loaded when one is. */
async function recipeText({ name, body }: Formula): Promise<string> {
  const { writeRecipe } = await import('@/core/formula/reading/writeRecipe');
  return `# ${name}\n${writeRecipe(body, catalog.value)}`;
}

async function copy(formula: Formula): Promise<void> {
  const text = await recipeText(formula);
  try {
    await navigator.clipboard.writeText(text);
    said.value = 'Copied.';
  } catch {
    download(fileName(formula, 'txt'), 'text/plain', text);
    said.value = 'Couldn’t use the clipboard, so it is saved as a file.';
  }
}

async function asText(formula: Formula): Promise<void> {
  download(fileName(formula, 'txt'), 'text/plain', await recipeText(formula));
}

async function asData(formula: Formula): Promise<void> {
  const { writeRecipeJsonLd } = await import('@/core/formula/sharing/recipeJsonLd');
  download(
    fileName(formula, 'recipe.json'),
    'application/ld+json',
    writeRecipeJsonLd(formula.name, formula.body, catalog.value),
  );
}
</script>

<template>
  <span class="share">
    <ActionMenu :items="WAYS" @choose="share">Share</ActionMenu>
    <span role="status" class="visually-hidden">{{ said }}</span>
  </span>
</template>

<style scoped>
.share :deep(button) {
  min-height: var(--target);
  padding: 0 11px;
  border: 1px solid var(--verdigris);
  border-radius: var(--radius-small);
  background: none;
  color: var(--verdigris);
  font: 700 var(--text-plain) var(--font-body);
  cursor: pointer;
}
</style>
