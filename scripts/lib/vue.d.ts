/** For the lint alone, which cannot look into a component: what checks types can. */
declare module '*.vue' {
  import type { DefineComponent } from 'vue';
  const component: DefineComponent;
  export default component;
}
