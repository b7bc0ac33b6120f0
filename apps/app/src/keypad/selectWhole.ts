/**
 * Selects what stands in a field that was come to, so that the first key takes its place. A tap puts its caret only after
 * the focus came, so it waits for that; what was typed meanwhile is kept, or the first of its figures would be lost.
 */
export function selectWhole({ target }: { target: unknown }): void {
  if (!(target instanceof HTMLInputElement)) return;
  const { value } = target;
  setTimeout(() => {
    if (target.value === value && document.activeElement === target) target.select();
  }, 0);
}
