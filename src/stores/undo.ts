import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { CollectionName } from '@/storage/records/names';
import { useWorkshopStore, type Write } from './workshop';

/** What was done at once, as it can be taken back. */
export interface Act {
  /** As it is named: “Removed BS-260601”. */
  readonly name: string;
  /** The screen it was done on. */
  readonly place: string;
  readonly isRemoval: boolean;
  readonly writes: readonly Write[];
}

/** Their own screens take these back, entry by entry; what is done to them is in nobody else's hands. */
const OWN_UNDO: ReadonlySet<CollectionName> = new Set(['goods', 'batches', 'trials']);
/** These go along with what they belong to, and are never named. */
const ALONG: ReadonlySet<CollectionName> = new Set(['rooms', 'photos', 'documentFiles']);
const MOST_ACTS = 50;

/** Undo for everything that has no undo of its own: lots, molds, orders, products and the like. */
export const useUndoStore = defineStore('undo', () => {
  const workshop = useWorkshopStore();
  const done = shallowRef<readonly Act[]>([]);
  const undone = shallowRef<readonly Act[]>([]);
  /** What was removed last, offered back for a moment. */
  const removed = shallowRef<Act | null>(null);
  const problem = shallowRef('');
  let place = '';
  let open: Write[] = [];
  let isTakingBack = false;

  workshop.onWrite((write) => {
    if (isTakingBack) return;
    // What is written in one go is one act.
    if (open.length === 0) queueMicrotask(close);
    open.push(write);
  });

  function close(): void {
    const writes = open;
    open = [];
    if (writes.some(({ of }) => OWN_UNDO.has(of))) {
      forget();
      return;
    }
    const [first] = writes.filter((one) => !ALONG.has(one.of) && isOurs(one));
    if (!first) return;
    const isRemoval = first.after === null;
    const act = { name: nameOf(first), place, isRemoval, writes };
    done.value = [...done.value, act].slice(-MOST_ACTS);
    undone.value = [];
    removed.value = isRemoval ? act : null;
  }

  /** Weighings and sales stand on what was done before them: it is no longer pulled away under them. */
  function forget(): void {
    done.value = [];
    undone.value = [];
    removed.value = null;
  }

  /** The screen that is in view: what is done is done there. */
  function at(now: string): void {
    place = now;
    here.value = now;
  }
  const here = shallowRef('');
  const lastOf = (acts: readonly Act[]) => {
    const last = acts.at(-1);
    return last?.place === here.value ? last : null;
  };
  /** What can be taken back on the screen in view. */
  const canUndo = computed(() => lastOf(done.value));
  const canRedo = computed(() => lastOf(undone.value));

  function undo(act = canUndo.value): void {
    if (!act || !apply(act, 'before')) return;
    done.value = done.value.filter((one) => one !== act);
    undone.value = [...undone.value, act];
    if (removed.value === act) removed.value = null;
  }
  function redo(act = canRedo.value): void {
    if (!act || !apply(act, 'after')) return;
    undone.value = undone.value.filter((one) => one !== act);
    done.value = [...done.value, act];
  }

  /** Puts every record as it was on one side of the act, or none of them where one was changed since. */
  function apply({ name, writes }: Act, side: 'before' | 'after'): boolean {
    const other = side === 'before' ? 'after' : 'before';
    const isAsLeft = writes.every((write) => workshop.find(write.of, write.id) === write[other]);
    problem.value = isAsLeft ? '' : `Couldn’t undo “${name}”. It was changed since.`;
    if (!isAsLeft) return false;
    isTakingBack = true;
    for (const write of side === 'before' ? [...writes].reverse() : writes) put(write, write[side]);
    isTakingBack = false;
    return true;
  }

  function put({ of, id }: Write, record: Write['before']): void {
    if (record === null) workshop.remove(of, [id]);
    else workshop.put(of, [record]);
  }

  function dismiss(): void {
    removed.value = null;
    problem.value = '';
  }
  return { canUndo, canRedo, removed, problem, at, undo, redo, dismiss };
});

/** A formula that comes or is changed is in hand on Design; one that goes is brought back from here. */
function isOurs({ of, after }: Write): boolean {
  return of !== 'formulas' || after === null;
}

function nameOf({ before, after }: Write): string {
  const record = (after ?? before ?? {}) as {
    readonly name?: string;
    readonly code?: string;
    readonly who?: string;
  };
  const called = record.code ?? record.name ?? record.who ?? '';
  const what = called === '' ? 'a record' : called;
  if (before === null) return `Added ${what}`;
  return after === null ? `Removed ${what}` : `Changed ${what}`;
}
