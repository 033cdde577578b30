import { defineAsyncComponent, type Component } from 'vue';
import { afterPaint } from '@/stores/afterPaint';

/** A component that is fetched once what stands around it is painted: its files come beside nothing that is waited for. */
export function deferred(load: () => Promise<Component>): Component {
  return defineAsyncComponent(() => afterPaint().then(load));
}
