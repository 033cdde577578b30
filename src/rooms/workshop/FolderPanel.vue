<script setup lang="ts">
import { computed, ref } from 'vue';
import { counted } from '@/core/basics/format/numbers';
import { listed } from '@/core/basics/format/names';
import { deviceName, sayTrouble } from '@/storage/folder/messages';
import { useFolderStore } from '@/stores/folder';
import { longDate } from '@/ui/frame/format';

/** A folder of the maker’s own: what is in it, who else writes there, and what is not in order. */
const folder = useFolderStore();
const own = computed(() => folder.last?.own ?? null);
const called = ref<string | null>(null);
const copies = computed(() => {
  const written = folder.last?.written;
  return written && written.kind !== 'failed' ? [...written.copies].reverse() : [];
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
  if (folder.isNew) return `${folder.folderName} is gone through for the first time.`;
  if (!folder.lookedAt) return `${folder.folderName} is looked through.`;
  return `${folder.folderName} has everything, as of ${folder.lookedAt.slice(11, 16)}.`;
});

/** `14:05`, and the day where it is another one. */
function moment(iso: string): string {
  return `${longDate(iso)}, ${iso.slice(11, 16)}`;
}
</script>

<template>
  <section aria-label="Folder">
    <h2>Folder</h2>
    <p>
      A folder of your own holds everything too, as open files with dated copies, and another
      browser that uses the same folder takes in what is new: the tablet at the bench, the laptop at
      the desk.
    </p>
    <p v-if="folder.status.kind === 'unable'" class="quiet">
      This browser cannot write into folders: export a file now and then.
    </p>
    <template v-else-if="folder.status.kind === 'none'">
      <v-btn @click="folder.choose">Choose a folder</v-btn>
    </template>
    <template v-else>
      <p v-if="folder.status.kind === 'asks'" role="alert" class="old">
        {{ folder.folderName }} waits for your leave: nothing is written there, and nothing comes
        in.
        <v-btn class="way" @click="folder.allow">Use {{ folder.folderName }} again</v-btn>
      </p>
      <p v-else-if="folder.status.kind === 'gone'" role="alert" class="problem">
        {{ folder.folderName }} is not there any more: moved, renamed, or on a drive that is
        unplugged. Everything is still in this browser, and goes on.
      </p>
      <p v-else-if="folder.status.kind === 'failed'" role="alert" class="problem">
        {{ folder.folderName }} took nothing: {{ folder.status.reason }}. Everything is still in
        this browser; it is tried again.
      </p>
      <p v-else role="status">
        {{ standing }}
        <template v-if="folder.takenCount"
          >{{ counted(folder.takenCount, 'record') }} came in from other devices.</template
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
            aria-label="What this browser is called"
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
              <span class="quiet">wrote {{ moment(peer.wroteAt) }}, by its clock</span>
            </li>
          </ul>
        </dd>
        <dd v-else class="quiet">nobody yet: choose this folder in another browser too</dd>
        <dt>Dated copies</dt>
        <dd>
          {{ listed(copies.slice(0, MOST_COPIES).map((day) => longDate(day))) || 'none yet'
          }}{{ copies.length > MOST_COPIES ? ` and ${copies.length - MOST_COPIES} older` : '' }}
        </dd>
      </dl>
      <div class="ways">
        <v-btn @click="folder.look">Look now</v-btn>
        <v-btn @click="folder.choose">Choose another</v-btn>
        <v-btn variant="text" @click="folder.forget">Use no folder</v-btn>
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
