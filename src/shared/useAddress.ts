import { ref, shallowRef, watch, type Ref } from 'vue';
import { useRoute, useRouter, type RouteLocation, type RouteLocationRaw } from 'vue-router';

type Params = Readonly<Record<string, string>>;
type Place = Pick<RouteLocation, 'name' | 'params' | 'matched' | 'path'>;

/**
 * Where the page is on its way to. A screen is drawn before the browser has the new address: whoever asks meanwhile is told the
 * new one.
 */
const underWay = shallowRef<Place | null>(null);

/** What stands under a name in an address; empty where nothing does. */
function paramOf({ params }: Place, name: string): string {
  const value = params[name];
  return typeof value === 'string' ? value : '';
}

/** Names in an address that stand before one of them: what comes after belongs to what is left. */
function before(place: Place, param: string): Params {
  const path = place.matched.at(-1)?.path ?? '';
  const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);
  const kept = names.slice(0, Math.max(0, names.indexOf(param)));
  return Object.fromEntries(kept.map((name) => [name, paramOf(place, name)]));
}

/** The address of the page, and the ways to another. */
export function useWay() {
  const route = useRoute();
  const router = useRouter();
  /** Where the page is, or will be in a moment. */
  const here = (): Place => underWay.value ?? route;

  function go(to: RouteLocationRaw, how: 'push' | 'replace' = 'push'): void {
    const place = router.resolve(to);
    underWay.value = place;
    void router[how](to).finally(() => {
      if (underWay.value === place) underWay.value = null;
    });
  }

  /** There is nothing at this address: the page that says so is shown, and the address stays as it was typed. */
  function lose(): void {
    const lost = here().path.split('/').slice(1).map(decodeURIComponent);
    go({ name: 'lost', params: { lost } }, 'replace');
  }

  return { here, go, lose };
}

/**
 * The open side of a screen, as it stands in the address: back and forward go through the sides, a reload stays.
 * @param names route names of the screen, the one that bears its sides first; on any other the address says nothing of them
 * @param values sides there are
 * @param first the one that is open where the address names none
 * @param param where it stands in the address
 */
export function useAddressTab<T extends string>(
  names: readonly [string, ...string[]],
  values: readonly T[],
  first: T,
  param = 'view',
): Ref<T> {
  const { here, go, lose } = useWay();
  const isHere = () => names.includes(String(here().name ?? ''));
  const said = () => paramOf(here(), param);
  const valid = (text: string) => values.find((value) => value === text);
  const open = ref(valid(said()) ?? first) as Ref<T>;
  watch(
    [isHere, said],
    ([isShown, text]) => {
      if (!isShown) return;
      if (text !== '' && valid(text) === undefined) lose();
      else open.value = valid(text) ?? first;
    },
    { immediate: true },
  );
  watch(open, (next) => {
    if (!isHere() || (said() || first) === next) return;
    const view: Params = next === first ? {} : { [param]: next };
    go({ name: names[0], params: { ...before(here(), param), ...view } });
  });
  return open;
}

/** A thing that is open on a screen, and the way to its address and back. */
export interface Addressed {
  /** Route names of the screen, the one without the thing first. */
  readonly names: readonly [string, ...string[]];
  readonly param: string;
  /** Name of the route that bears the thing, where the bare one does not. */
  readonly to?: string;
  /** What else stands in its address. */
  readonly beside?: () => Params;
  /** Id of what is open; null for nothing. */
  readonly current: () => string | null;
  /** What it is called in an address; null for what has no address. */
  readonly keyOf: (id: string) => string | null;
  /** Id of what an address names; null where there is none. */
  readonly find: (key: string) => string | null;
  readonly choose: (id: string) => void;
  /** Moves on by itself, like the steps of the bench: back does not lead through it. */
  readonly isSilent?: boolean;
}

/** Holds a thing and its address together: what is opened stands in the address, and an address opens it. */
export function useAddress(thing: Addressed): void {
  const { here, go, lose } = useWay();
  const isHere = () => thing.names.includes(String(here().name ?? ''));
  const said = () => paramOf(here(), thing.param);

  watch(
    [isHere, said],
    ([isShown, key]) => {
      if (!isShown || key === '') return;
      const id = thing.find(key);
      if (id === null) {
        lose();
        return;
      }
      if (id !== thing.current()) thing.choose(id);
      settle(thing.current());
    },
    { immediate: true },
  );
  watch(
    [isHere, thing.current],
    ([isShown, id], [wasShown, was]) => {
      if (!isShown) return;
      if (id !== null) settle(id);
      // What was open is closed: its address goes with it.
      else if (wasShown && typeof was === 'string' && said() !== '')
        go({ name: thing.names[0], params: before(here(), thing.param) });
    },
    { immediate: true, flush: 'post' },
  );

  /** Writes the address of what is open, where it stands otherwise. */
  function settle(id: string | null): void {
    const was = said();
    const key = id === null ? null : thing.keyOf(id);
    if (key === null || key === was) return;
    // A bare address, a name that was changed and one typed by hand are the same place.
    const isSame = was === '' || thing.isSilent === true || thing.find(was) === id;
    // Another thing is opened on the same side of the screen, and at its own beginning.
    const view = paramOf(here(), 'view');
    const { params } = here();
    const kept = isSame ? params : { ...before(here(), thing.param), ...(view && { view }) };
    go(
      {
        name: thing.to ?? String(here().name),
        params: { ...kept, ...thing.beside?.(), [thing.param]: key },
      },
      isSame ? 'replace' : 'push',
    );
  }
}
