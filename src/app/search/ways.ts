import type { RouteLocationNormalized, RouteLocationRaw } from 'vue-router';
import { entry, type Entry } from '@/core/search/entry';
import { findBySlug, shortId, slugOf, toBatch, toFormula, toLot } from '@/shared/addresses';
import { CHAPTERS } from '@/shared/guide';
import { ROOMS, SIDES, STATIONS, placeOf } from '@/shared/places';
import type { useWorkshopStore } from '@/stores/workshop';

type Workshop = ReturnType<typeof useWorkshopStore>;

/** Where what the search found is opened. */
export function wayTo({ kind, key, title }: Entry, workshop: Workshop): RouteLocationRaw {
  const named = (list: readonly { readonly id: string; readonly name: string }[]) =>
    list.find(({ id }) => id === key) ?? { id: key, name: title };
  switch (kind) {
    case 'screen':
      return screenAt(key, workshop);
    case 'formula':
      return toFormula(named(workshop.formulas));
    case 'batch':
      return toBatch(title);
    case 'lot':
      return toLot(title);
    case 'material':
      return { name: 'shelf', params: { side: 'materials', item: key } };
    case 'product':
      return { name: 'pack', params: { product: slugOf(named(workshop.units)) } };
    case 'order':
      return { name: 'calendar', params: { view: 'orders', item: shortId(key) } };
    case 'mold':
      return {
        name: 'shelf',
        params: { side: 'molds', item: slugOf(named(workshop.molds)) },
      };
    case 'test':
      return { name: 'test', params: { test: shortId(key) } };
    case 'action':
    case 'guide':
      return { name: 'guide', params: { chapter: key } };
  }
}

/** Screens and their sides, as far as there is something to show on them. */
export function screenEntries(workshop: Workshop): readonly Entry[] {
  const places = [...STATIONS, ...ROOMS].map(({ route, label, purpose }) =>
    entry('screen', route, { title: label, words: purpose }),
  );
  const sides = Object.entries(SIDES).flatMap(([route, of]) => {
    const place = placeOf(route);
    return thingOf(route, workshop) === null
      ? []
      : of.map(({ value, word }) =>
          entry('screen', `${route}/${value}`, { title: word, detail: place?.label ?? '' }),
        );
  });
  const chapters = CHAPTERS.map(({ slug, title }) =>
    entry('guide', slug, { title, words: 'guide help' }),
  );
  return [...places, ...sides, ...chapters];
}

/** What stands before the side in an address; null where the side has nothing to show. */
function thingOf(route: string, workshop: Workshop): Readonly<Record<string, string>> | null {
  if (route === 'formula' || route === 'scale')
    return workshop.formulaInHand ? { formula: slugOf(workshop.formulaInHand) } : null;
  if (route !== 'pack') return {};
  const unit = workshop.units.find(({ isArchived }) => !isArchived);
  return unit ? { product: slugOf(unit) } : null;
}

function screenAt(key: string, workshop: Workshop): RouteLocationRaw {
  const [route = '', view] = key.split('/');
  if (view === undefined) return { name: route };
  const param = route === 'shelf' ? 'side' : 'view';
  return { name: route, params: { ...thingOf(route, workshop), [param]: view } };
}

/** The thing that an address opens, as the search knows it; null for a bare screen. */
export function entryAt(
  { name, params }: Pick<RouteLocationNormalized, 'name' | 'params'>,
  workshop: Workshop,
): string | null {
  const said = (param: string) => String(params[param] ?? '');
  const known = (kind: string, id: string | null | undefined) => (id ? `${kind}:${id}` : null);
  const short = (list: readonly { readonly id: string }[], key: string) =>
    list.find(({ id }) => shortId(id) === key)?.id;
  switch (name) {
    case 'formula':
    case 'scale':
      return known('formula', findBySlug(said('formula'), workshop.formulas)?.id);
    case 'batch':
    case 'step':
    case 'sheet':
      return known('batch', workshop.idOfBatch(said('code')));
    case 'pack':
      return known('product', findBySlug(said('product'), workshop.units)?.id);
    case 'test':
      return known('test', short(workshop.trials, said('test')));
    case 'calendar':
      return known('order', short(workshop.orders, said('item')));
    case 'shelf':
      return said('side') === 'lots'
        ? known('lot', workshop.lots.find(({ code }) => code === said('item'))?.id)
        : null;
    default:
      return null;
  }
}
