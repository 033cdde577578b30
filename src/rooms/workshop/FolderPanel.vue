<script setup lang="ts">
import { computed, ref } from 'vue';
import { clockTime, longDate, shortTime } from '@/core/basics/format/dates';
import { listed } from '@/core/basics/format/names';
import { counted } from '@/core/basics/format/numbers';
import { deviceName, sayTrouble } from '@/storage/folder/messages';
import { useFolderStore } from '@/stores/folder';

/** A folder of the maker’s own: what is in it, who else writes there, and what is not in order. */
const folder = useFolderStore();
const own = computed(() => folder.last?.own ?? null);
const called = ref<string | null>(null);
const copies = computed(() => {
  const written = folder.last?.written;
  return written && written.kind !== 'failed' ? [...written.copies].reverse() : [];
});
const copyNames = computed(() => {
  const names = copies.value.slice(0, MOST_COPIES).map((day) => longDate(day));
  const older = copies.value.length - names.length;
  return names.length === 0 ? 'none yet' : listed(older > 0 ? [...names, `${older} older`] : names);
});
const troubles = computed(() => (folder.last?.troubles ?? []).map(sayTrouble));
const LONGEST_NAME = 60;
const MOST_COPIES = 4;

function rename(): void {
  if (called.value === null) return;
  const name = called.value.trim().slice(0, LONGEST_NAME);
  called.value = null;
  if (own.value && name !== own.value.name) void folder.nameDevice(name);
}

const standing = computed(() => {
  if (folder.isNew) return `Reading ${folder.folderName} for the first time.`;
  if (!folder.lookedAt) return `Reading ${folder.folderName}.`;
  return `${folder.folderName} is up to date as of ${clockTime(folder.lookedAt)}.`;
});
</script>

<template>
  <section aria-label="Folder">
    <h2>Folder</h2>
    <p>
      A folder holds everything as open files, with dated copies. Use the same folder on a tablet
      and a laptop, and both stay up to date.
    </p>
    <p v-if="folder.status.kind === 'unable'" class="quiet">
      This browser can’t write into folders. Export a file now and then.
    </p>
    <template v-else-if="folder.status.kind === 'none'">
      <v-btn @click="folder.choose">Choose a folder</v-btn>
    </template>
    <template v-else>
      <p v-if="folder.status.kind === 'asks'" role="alert" class="old">
        {{ folder.folderName }} needs your permission. Until then, nothing is saved there and
        nothing arrives.
        <v-btn class="way" @click="folder.allow">Allow {{ folder.folderName }}</v-btn>
      </p>
      <p v-else-if="folder.status.kind === 'gone'" role="alert" class="problem">
        {{ folder.folderName }} was moved, renamed or unplugged. Everything is still in this
        browser. Plug it in, or choose another folder.
      </p>
      <p v-else-if="folder.status.kind === 'failed'" role="alert" class="problem">
        Couldn’t write to {{ folder.folderName }} ({{ folder.status.reason }}). Everything is still
        in this browser, and Rovack tries again.
      </p>
      <p v-else role="status">
        {{ standing }}
        <template v-if="folder.takenCount"
          >Got {{ counted(folder.takenCount, 'record') }} from other devices.</template
        >
      </p>
      <ul v-if="troubles.length" class="troubles">
        <li v-for="trouble in troubles" :key="trouble">{{ trouble }}</li>
      </ul>
      <dl v-if="own">
        <dt>This browser</dt>
        <dd>
          <v-text-field
            :model-value="called ?? own.name"
            :placeholder="deviceName(own)"
            persistent-placeholder
            :maxlength="LONGEST_NAME"
            aria-label="Name of this browser"
            hide-details
            @update:model-value="called = $event"
            @keydown.enter="rename"
            @blur="rename"
          />
        </dd>
        <dt>Others</dt>
        <dd v-if="folder.last?.peers.length">
          <ul class="plain-list">
            <li v-for="peer in folder.last.peers" :key="peer.device">
              {{ deviceName(peer) }}
              <span class="quiet">last saved {{ shortTime(peer.wroteAt) }} by its clock</span>
            </li>
          </ul>
        </dd>
        <dd v-else class="quiet">none yet. Choose this folder in another browser too.</dd>
        <dt>Dated copies</dt>
        <dd>
          {{ copyNames }}
        </dd>
      </dl>
      <div class="ways">
        <v-btn @click="folder.look">Sync now</v-btn>
        <v-btn @click="folder.choose">Choose another folder</v-btn>
        <v-btn variant="text" @click="folder.forget">Stop using the folder</v-btn>
      </div>
    </template>
  </section>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.way {
  margin-top: 8px;
}
dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 8px 16px;
  align-items: center;
}
dt {
  color: var(--muted);
}
dd {
  margin: 0;
  overflow-wrap: anywhere;
}
.old,
.problem,
.troubles {
  padding-left: 12px;
  border-left: 4px solid var(--ochre-mark);
  overflow-wrap: anywhere;
}
.troubles {
  margin: 12px 0;
  list-style: none;
}
.problem {
  border-color: var(--rust);
}
</style>
