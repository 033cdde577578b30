/** What stands in the field that an event comes from; empty where it comes from none. */
export function typedIn({ target }: Event): string {
  const isField =
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement;
  return isField ? target.value : '';
}
