<script setup lang="ts">
import { ref } from 'vue';
import type { Formula } from '@/core/formula';
import { writeRecipe } from '@/core/recipe-text';
import { writeRecipeJsonLd } from '@/core/sharing';
import ActionMenu from '@/ui/frame/ActionMenu.vue';
import { download } from '@/ui/frame/download';
import { useMaterials } from '@/ui/fields/materials';

/** Takes a formula out as text or as a schema.org Recipe; both can be pasted back. */
const props = defineProps<{ formula: Formula }>();
const { catalog } = useMaterials();
const said = ref('');

const WAYS = [
  { value: 'copy', title: 'Copy as recipe text' },
  { value: 'text', title: 'Save as recipe text' },
  { value: 'data', title: 'Save as recipe data', subtitle: 'schema.org Recipe, JSON-LD' },
] as const;

function share(way: string): void {
  if (way === 'copy') void copy();
  else if (way === 'text') asText();
  else asData();
}

function fileName(ending: string): string {
  const plain = props.formula.name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  return `${plain.replace(/^-|-$/g, '') || 'formula'}.${ending}`;
}

async function copy(): Promise<void> {
  const text = `# ${props.formula.name}\n${writeRecipe(props.formula.body, catalog.value)}`;
  try {
    await navigator.clipboard.writeText(text);
    said.value = 'Copied.';
  } catch {
    download(fileName('txt'), 'text/plain', text);
    said.value = 'Saved as a file: the clipboard is closed here.';
  }
}

function asText(): void {
  const text = `# ${props.formula.name}\n${writeRecipe(props.formula.body, catalog.value)}`;
  download(fileName('txt'), 'text/plain', text);
}

function asData(): void {
  const { name, body } = props.formula;
  download(
    fileName('recipe.json'),
    'application/ld+json',
    writeRecipeJsonLd(name, body, catalog.value),
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
  border-radius: 3px;
  background: none;
  color: var(--verdigris);
  font: 700 14px var(--font-body);
  cursor: pointer;
}
</style>
