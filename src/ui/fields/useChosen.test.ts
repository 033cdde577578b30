import { expect, it } from 'vitest';
import { effectScope, shallowRef } from 'vue';
import { useChosen } from './useChosen';

it('the record that is shown stays shown when its new name sorts the list again', () => {
  effectScope().run(() => {
    const list = shallowRef([{ id: 'a' }, { id: 'b' }]);
    const { chosen, pickedId } = useChosen(
      () => list.value,
      ({ id }) => id,
    );
    expect(chosen.value?.id).toBe('a');
    list.value = [{ id: 'b' }, { id: 'a' }];
    expect(chosen.value?.id).toBe('a');
    pickedId.value = 'b';
    expect(chosen.value?.id).toBe('b');
    // Gone: the first of what is left, or none.
    list.value = [{ id: 'a' }];
    expect(chosen.value?.id).toBe('a');
    list.value = [];
    expect(chosen.value).toBeNull();
  });
});
