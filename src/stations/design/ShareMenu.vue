<script setup lang="ts">
import { ref } from 'vue';
import type { Formula } from '@/core/formula';
import { writeRecipe } from '@/core/recipe-text';
import { writeRecipeJsonLd } from '@/core/sharing';
import { download } from '@/ui/download';

/** Takes a formula out as text or as a schema.org Recipe; both can be pasted back. */
const props = defineProps<{ formula: Formula }>();
const said = ref('');

function fileName(ending: string): string {
  const plain = props.formula.name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  return `${plain.replace(/^-|-$/g, '') || 'formula'}.${ending}`;
}

async function copy(): Promise<void> {
  const text = `# ${props.formula.name}\n${writeRecipe(props.formula.body)}`;
  try {
    await navigator.clipboard.writeText(text);
    said.value = 'Copied.';
  } catch {
    download(fileName('txt'), 'text/plain', text);
    said.value = 'Saved as a file: the clipboard is closed here.';
  }
}

function asText(): void {
  const text = `# ${props.formula.name}\n${writeRecipe(props.formula.body)}`;
  download(fileName('txt'), 'text/plain', text);
}

function asData(): void {
  const { name, body } = props.formula;
  download(fileName('recipe.json'), 'application/ld+json', writeRecipeJsonLd(name, body));
}
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu">Share</v-btn>
    </template>
    <v-list>
      <v-list-item title="Copy as recipe text" @click="copy" />
      <v-list-item title="Save as recipe text" @click="asText" />
      <v-list-item
        title="Save as recipe data"
        subtitle="schema.org Recipe, JSON-LD"
        @click="asData"
      />
    </v-list>
  </v-menu>
  <span role="status" class="visually-hidden">{{ said }}</span>
</template>
